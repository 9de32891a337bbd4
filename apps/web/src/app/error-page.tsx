import { isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { ApiProblem, Unreachable } from './api';

function messageOf(error: unknown): { readonly title: string; readonly text: string } {
  if (error instanceof Unreachable)
    return {
      title: 'The server does not answer',
      text: 'What you saved is safe on its disk, and what you typed is kept in this browser. Start it again with “npm start”, then reload this page.',
    };
  if (error instanceof ApiProblem) return { title: error.problem.title, text: error.problem.detail };
  if (isRouteErrorResponse(error) && error.status === 404)
    return { title: 'There is nothing at this address', text: 'Go to the Bench or to the list of formulas.' };
  return {
    title: 'Something broke on this page',
    text: 'What was saved is kept. Reload the page; if it breaks again, open another formula.',
  };
}

export function ErrorPage() {
  const { title, text } = messageOf(useRouteError());
  return (
    <main className="mx-auto max-w-xl p-8">
      <div className="plate p-6">
        <h1 className="text-2xl">{title}</h1>
        <p className="mt-2">{text}</p>
        <p className="mt-4 flex gap-4">
          <Link className="font-semibold text-rim underline" to="/bench">
            To the Bench
          </Link>
          <Link className="font-semibold text-rim underline" to="/formulas">
            All formulas
          </Link>
        </p>
      </div>
    </main>
  );
}
