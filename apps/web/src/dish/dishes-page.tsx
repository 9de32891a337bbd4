import type { DishSummary } from '@alterum/contract';
import { BookOpen, Plus } from 'lucide-react';
import { useDeferredValue, useEffect, useState } from 'react';
import { Link, useLoaderData, useNavigate } from 'react-router';
import { queries, read } from '../server/queries';
import { Button } from '../ui/button';
import { newDish } from './dish-actions';

export const loader = (): Promise<readonly DishSummary[]> => read(queries.dishes);

const SHOWN = 50;
const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Dishes of several parts, last changed first. */
export function Component() {
  const all = useLoaderData<readonly DishSummary[]>();
  const navigate = useNavigate();
  const [search, setSearch] = useState(''),
    [shown, setShown] = useState(SHOWN);
  const asked = useDeferredValue(search.trim().toLowerCase());
  useEffect(() => {
    document.title = 'Dishes · Alterum';
  }, []);
  const found = all.filter(({ name }) => name.toLowerCase().includes(asked));
  return (
    <main className="mx-auto w-full max-w-3xl px-3 py-4 sm:px-5">
      <p className="text-sm">
        <Link to="/plan" className="font-semibold text-rim underline-offset-4 hover:underline">
          Tonight
        </Link>
      </p>
      <div className="flex flex-wrap items-center gap-3 pb-2">
        <h1 className="mr-auto text-2xl">Dishes</h1>
        <Button look="yolk" onClick={() => void newDish(navigate)}>
          <Plus size={17} aria-hidden /> New dish
        </Button>
      </div>
      {all.length > SHOWN / 10 && (
        <input
          type="search"
          aria-label="Search dishes"
          placeholder="search dishes"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          className="tap-coarse mb-2 h-10 w-full rounded-lg border-2 border-hair bg-glaze px-3"
        />
      )}
      <ul className="plate overflow-hidden">
        {found.slice(0, shown).map(({ id, name, parts, layers, updatedAt }) => (
          <li key={id} className="flex items-center border-t border-hair pr-2 first:border-t-0">
            <Link
              to={`/plan/dishes/${id}`}
              className="flex min-h-12 min-w-0 flex-1 flex-wrap items-center gap-x-4 px-4 py-1.5 hover:bg-dip"
            >
              <b className="min-w-0 flex-1 basis-48 wrap-anywhere">{name}</b>
              <span className="text-sm text-soft">
                {parts} parts, {layers} layers, changed {when.format(new Date(updatedAt))}
              </span>
            </Link>
            <Button
              look="bare"
              aria-label={`Recipe of ${name}`}
              onClick={() => void navigate(`/plan/dishes/${id}/recipe`)}
            >
              <BookOpen size={17} aria-hidden />
            </Button>
          </li>
        ))}
        {found.length === 0 && (
          <li className="p-4">
            {all.length === 0
              ? 'No dish is kept yet. A dish layers sauces with sheets, noodles, vegetables or bread, and says whether there is enough and how wet it will be.'
              : 'No dish of that name.'}
          </li>
        )}
      </ul>
      {found.length > shown && (
        <Button className="mt-2" onClick={() => setShown(shown + SHOWN)}>
          Show {Math.min(SHOWN, found.length - shown)} more of {found.length}
        </Button>
      )}
    </main>
  );
}
