import type { PutAwayView } from '@alterum/contract';
import { RotateCcw } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useLoaderData, useRevalidator } from 'react-router';
import { api } from '../server/api';
import { queries, read } from '../server/queries';
import { focusSoon } from '../ui/focus-net';
import { sayFailure, useNotices } from '../notices/notices';
import { Button } from '../ui/button';

export const loader = (): Promise<readonly PutAwayView[]> => read(queries.putAway);

const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

const kinds: Readonly<
  Record<PutAwayView['kind'], { readonly name: string; readonly heading: string; readonly to: string }>
> = {
  formula: { name: 'formula', heading: 'Formulas', to: '/formulas' },
  version: { name: 'version', heading: 'Versions of formulas', to: '/formulas' },
  dish: { name: 'dish', heading: 'Dishes', to: '/plan/dishes' },
  evening: { name: 'evening', heading: 'Kept evenings', to: '/plan' },
  vessel: { name: 'vessel', heading: 'Vessels', to: '/plan/dishes' },
  person: { name: 'person', heading: 'People', to: '/table' },
  'own-ingredient': { name: 'own ingredient', heading: 'Own ingredients', to: '/larder' },
};
const order = ['formula', 'version', 'dish', 'evening', 'vessel', 'person', 'own-ingredient'] as const;

function restore({ kind, id, formula }: PutAwayView): Promise<unknown> {
  switch (kind) {
    case 'formula':
      return api.restoreFormula(id);
    case 'version':
      return api.restoreVersion(formula?.id ?? '', id);
    case 'dish':
      return api.restoreDish(id);
    case 'evening':
      return api.restoreEvening(id);
    case 'vessel':
      return api.restoreVessel(id);
    case 'person':
      return api.restoreEater(id);
    case 'own-ingredient':
      return api.restoreOwnIngredient(id);
  }
}

/** Shown at once of each kind; more on demand. */
const SHOWN = 50;

function Kind({ kind, all }: { readonly kind: PutAwayView['kind']; readonly all: readonly PutAwayView[] }) {
  const { revalidate } = useRevalidator();
  const [shown, setShown] = useState(SHOWN);
  const bringBack = (view: PutAwayView) =>
    void restore(view)
      .then(() => {
        useNotices.getState().show(`“${view.name}” is back.`);
        return revalidate();
      })
      .then(() => focusSoon('[data-testid="put-away"] button, main h1'))
      .catch(sayFailure);
  return (
    <section aria-label={kinds[kind].heading}>
      <h2 className="pt-3 pb-1 text-lg">
        <Link to={kinds[kind].to} className="underline-offset-4 hover:underline">
          {kinds[kind].heading}
        </Link>
      </h2>
      <ul className="plate overflow-hidden" data-testid="put-away">
        {all.slice(0, shown).map((view) => (
          <li
            key={view.id}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair px-4 py-2 first:border-t-0"
          >
            <span className="min-w-0 flex-1 basis-56">
              <b className="wrap-anywhere">{view.name}</b>
              <span className="block text-sm text-soft">
                {view.formula && `of ${view.formula.name}, `}put away {when.format(new Date(view.putAwayAt))}
              </span>
            </span>
            <Button onClick={() => bringBack(view)} aria-label={`Bring back ${view.name}`}>
              <RotateCcw size={16} aria-hidden /> Bring back
            </Button>
          </li>
        ))}
      </ul>
      {all.length > shown && (
        <Button className="mt-2" onClick={() => setShown(shown + SHOWN)}>
          Show {Math.min(SHOWN, all.length - shown)} more of {all.length}
        </Button>
      )}
    </section>
  );
}

/** What was deleted, newest first, and the way back; nothing is thrown away for good. */
export function Component() {
  const away = useLoaderData<readonly PutAwayView[]>();
  useEffect(() => {
    document.title = 'Put away · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-3xl px-3 py-4 sm:px-5">
      <h1 className="text-2xl">Put away</h1>
      <p className="text-soft">What was taken out of sight. It can be brought back at any time, as it was.</p>
      {order.map((kind) => {
        const all = away.filter((view) => view.kind === kind);
        return all.length > 0 && <Kind key={kind} kind={kind} all={all} />;
      })}
      {away.length === 0 && <p className="plate mt-3 p-4">Nothing was put away so far.</p>}
    </main>
  );
}
