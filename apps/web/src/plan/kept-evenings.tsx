import type { EveningContent, KeptEveningView } from '@alterum/contract';
import { dishOfContent } from '@alterum/contract/convert';
import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useHousehold } from '../household/household-store';
import { knowParts } from '../household/known-to-dish';
import { sayFailure, useNotices } from '../notices/notices';
import { api, isRefused } from '../server/api';
import { queries, read } from '../server/queries';
import { Button } from '../ui/button';
import { PopoverOnDemand } from '../ui/on-demand';
import { changeTonight } from './tonight-undo';

const LONGEST_NAME = 120;

/** What stands on Plan now, without its day. */
function asItStands(): EveningContent {
  const {
    evening: { day: _, ...evening },
    pots,
    dishes,
  } = useHousehold.getState();
  return { evening, tonight: { pots, dishes } };
}

/** What was put away since is left out. */
const unlessGone = <T,>(one: Promise<T>): Promise<T | undefined> =>
  one.catch((error: unknown) => {
    if (!isRefused(error)) throw error;
    return undefined;
  });

/** Puts a kept evening on tonight’s table, on the day that was chosen. */
async function take({ name, evening, tonight }: KeptEveningView): Promise<void> {
  const { know, knowDish } = useHousehold.getState();
  const formulas = await Promise.all(
    tonight.pots.map(({ formula }) => unlessGone(read(queries.formula(formula)))),
  );
  const dishes = await Promise.all(tonight.dishes.map(({ dish }) => unlessGone(read(queries.dish(dish)))));
  const there = dishes.filter((view) => view !== undefined);
  await knowParts(there.map(dishOfContent));
  for (const view of formulas) if (view) know(view);
  there.forEach(knowDish);
  const gone = [...formulas, ...dishes].filter((view) => view === undefined).length;
  changeTonight(
    `“${name}” is on the plan${gone > 0 ? `, without ${gone} that ${gone === 1 ? 'is' : 'are'} put away` : ''}.`,
    () => {
      const { eatAt, cook, cookDishes, evening: before } = useHousehold.getState();
      eatAt({ ...evening, ...(before.day === undefined ? {} : { day: before.day }) });
      cook(tonight.pots.filter((_, i) => formulas[i]));
      cookDishes(tonight.dishes.filter((_, i) => dishes[i]));
    },
  );
}

function remove(view: KeptEveningView, again: () => void): void {
  api
    .deleteEvening(view.id)
    .then(() => {
      again();
      useNotices.getState().show(`The kept evening “${view.name}” is deleted.`, {
        label: 'Undo',
        undo: true,
        run: () => void api.restoreEvening(view.id).then(again).catch(sayFailure),
      });
    })
    .catch(sayFailure);
}

function Kept({ view, again }: { readonly view: KeptEveningView; readonly again: () => void }) {
  const pots = view.tonight.pots.length + view.tonight.dishes.length;
  const keepOver = () =>
    void api
      .updateEvening(view.id, { name: view.name, ...asItStands(), version: view.version })
      .then(() => useNotices.getState().show(`“${view.name}” is kept as the evening stands now.`))
      .catch(sayFailure)
      .finally(again);
  return (
    <li className="border-t border-hair py-1.5 first:border-t-0">
      <span className="flex items-center gap-2">
        <b className="mr-auto min-w-0 wrap-anywhere">{view.name}</b>
        <button
          type="button"
          aria-label={`Delete ${view.name}`}
          onClick={() => remove(view, again)}
          className="tap grid size-8 place-items-center rounded-lg text-soft hover:bg-dip"
        >
          <X size={15} aria-hidden />
        </button>
      </span>
      <span className="flex flex-wrap items-center gap-2">
        <span className="mr-auto text-sm text-soft">
          {pots} {pots === 1 ? 'pot' : 'pots'}
        </span>
        <Button
          className="text-sm"
          aria-label={`Cook ${view.name}`}
          onClick={() => void take(view).catch(sayFailure)}
        >
          Cook it
        </Button>
        <Button
          look="bare"
          className="text-sm"
          aria-label={`Keep this evening as ${view.name}`}
          onClick={keepOver}
        >
          Keep this as it
        </Button>
      </span>
    </li>
  );
}

/** Keeps what stands on Plan under a name. */
function KeepThis({ again }: { readonly again: () => void }) {
  const [name, setName] = useState('');
  const keep = () =>
    void api
      .createEvening({ name, ...asItStands() })
      .then(() => {
        setName('');
        useNotices.getState().show(`“${name.trim()}” is kept.`);
        again();
      })
      .catch(sayFailure);
  return (
    <form
      className="flex items-center gap-2 pb-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') keep();
      }}
    >
      <input
        aria-label="Name of this evening"
        placeholder="Keep this evening as …"
        value={name}
        maxLength={LONGEST_NAME}
        onChange={(event) => setName(event.target.value)}
        className="tap-coarse h-9 w-full min-w-0 rounded-lg border-2 border-hair bg-glaze px-2"
      />
      <Button type="submit" disabled={name.trim() === ''}>
        Keep
      </Button>
    </form>
  );
}

function Evenings({ canKeep }: { readonly canKeep: boolean }) {
  const [kept, setKept] = useState<readonly KeptEveningView[]>();
  const again = () => void read(queries.evenings).then(setKept).catch(sayFailure);
  useEffect(again, []);
  return (
    <>
      <h2 className="pb-1 text-lg">Kept evenings</h2>
      {canKeep && <KeepThis again={again} />}
      {kept?.length === 0 && (
        <p className="text-sm text-soft">
          None yet. An evening keeps its pots and dishes, who makes what, and what the kitchen has.
        </p>
      )}
      <ul>
        {kept?.map((view) => (
          <Kept key={view.id} view={view} again={again} />
        ))}
      </ul>
    </>
  );
}

/** Evenings that are cooked again and again. */
export const KeptEvenings = ({ canKeep }: { readonly canKeep: boolean }) => (
  <PopoverOnDemand
    label="Kept evenings"
    trigger={
      <Button look="bare" className="text-sm underline underline-offset-4">
        Kept evenings
      </Button>
    }
    content={() => <Evenings canKeep={canKeep} />}
  />
);
