import { createBrowserRouter, redirect } from 'react-router';
import { ApiProblem } from '../server/api';
import { queries, read, readList } from '../server/queries';
import { ErrorPage } from './error-page';
import { lastOpened } from '../open-formula/last-opened';
import { Shell } from './shell';

/** The first thing seen is the Bench with the formula last worked on, or else the one changed last. */
async function openBench() {
  const last = lastOpened();
  const isThere =
    last !== null &&
    (await read(queries.formula(last)).then(
      () => true,
      (error: unknown) => !(error instanceof ApiProblem),
    ));
  if (isThere) return redirect(`/bench/${last}`);
  const [first] = (await readList(queries.formulas(''))).pages.flatMap(({ entries }) => entries);
  return redirect(first ? `/bench/${first.id}` : '/formulas');
}

/** For addresses that always lead on to another one. */
const Nothing = () => null;

export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    ErrorBoundary: ErrorPage,
    HydrateFallback: () => <p className="p-8">Opening the kitchen …</p>,
    children: [
      {
        ErrorBoundary: ErrorPage,
        children: [
          { index: true, loader: openBench, Component: Nothing },
          { path: 'bench', loader: openBench, Component: Nothing },
          { path: 'bench/:id', lazy: () => import('../bench/bench-page') },
          { path: 'bench/:id/recipe', lazy: () => import('../bench/recipe-page') },
          { path: 'formulas', lazy: () => import('../formulas/formulas-page') },
          { path: 'compare', lazy: () => import('../compare/compare-page') },
          { path: 'plan', lazy: () => import('../plan/plan-page') },
          { path: 'plan/recipe', lazy: () => import('../plan/evening-recipe-page') },
          { path: 'plan/dishes', lazy: () => import('../dish/dishes-page') },
          { path: 'plan/dishes/:id', lazy: () => import('../dish/dish-page') },
          { path: 'plan/dishes/:id/recipe', lazy: () => import('../dish/dish-recipe-page') },
          { path: 'table', lazy: () => import('../table/table-page') },
          { path: 'card', lazy: () => import('../table/card-page') },
          { path: 'put-away', lazy: () => import('../put-away/put-away-page') },
          { path: 'read', lazy: () => import('../read/read-page') },
          { path: 'backup', lazy: () => import('../backup/backup-page') },
          { path: 'larder', lazy: () => import('../larder/larder-page') },
          {
            path: '*',
            Component: Nothing,
            loader: () => {
              throw new Response('', { status: 404 });
            },
          },
        ],
      },
    ],
  },
]);
