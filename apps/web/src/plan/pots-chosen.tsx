import type { DishSummary } from '@alterum/contract';
import { type Formula, keepingOfFormula, keepsOvernight } from '@alterum/core';
import { Refrigerator, X } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { findIngredient } from '../household/house-larder';
import { useHousehold } from '../household/household-store';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { AddTonight } from './add-tonight';
import { cooksShown } from './cooks-named';
import { DAY } from './evening-day';
import { clockText, type PotTonightPlanned } from './evening-plan';
import { KeptEvenings } from './kept-evenings';
import { readClock } from './read-clock';
import { changeTonight } from './tonight-undo';

/** Nobody in particular makes it. */
const NONE = '';

type Said = { readonly serveAt?: number; readonly cook?: string; readonly dayBefore?: boolean };

/** With what was said of it now; what is undefined is left out. */
const withSaid = <T extends Said>(
  { serveAt, cook, dayBefore, ...one }: T,
  next: { readonly [K in keyof Said]?: Said[K] | undefined },
) => {
  const said = { serveAt, cook, dayBefore, ...next };
  return {
    ...one,
    ...(said.serveAt === undefined ? {} : { serveAt: said.serveAt }),
    ...(said.cook === undefined ? {} : { cook: said.cook }),
    ...(said.dayBefore ? { dayBefore: true } : {}),
  };
};

/** A pot can be made the day before and warmed tonight, where its kind is kept so long. */
function MadeBefore({
  pot: { name, dayBefore = false },
  formula,
  say,
}: {
  readonly pot: PotTonightPlanned;
  readonly formula: Formula;
  readonly say: (dayBefore: boolean) => void;
}) {
  const keeps = useMemo(() => keepingOfFormula(formula, findIngredient), [formula]);
  return (
    <>
      <button
        type="button"
        aria-pressed={dayBefore}
        aria-label={`${name} is made the day before`}
        title="Made the day before"
        onClick={() => say(!dayBefore)}
        className="tap-coarse flex h-8 items-center gap-1 rounded-md px-1.5 text-sm text-soft hover:bg-dip aria-pressed:bg-dip aria-pressed:text-ink"
      >
        <Refrigerator size={16} aria-hidden />
        {dayBefore ? 'made the day before' : 'day before'}
      </button>
      {dayBefore && !keepsOvernight(keeps) && (
        <span role="status" className="text-sm font-normal text-ask">
          usually kept less than a day
        </span>
      )}
    </>
  );
}

function Chosen({ pot, at }: { readonly pot: PotTonightPlanned; readonly at: number }) {
  const { pots, dishes, cook, cookDishes, evening } = useHousehold();
  const { id, name, dish, serveAt } = pot;
  const leave = () =>
    changeTonight(`${name} is not cooked tonight.`, () =>
      dish
        ? cookDishes(dishes.filter((one) => one.dish !== id))
        : cook(pots.filter(({ formula }) => formula !== id)),
    );
  const say = (next: Parameters<typeof withSaid>[1]) =>
    dish
      ? cookDishes(dishes.map((one) => (one.dish === id ? withSaid(one, next) : one)))
      : cook(pots.map((one) => (one.formula === id ? withSaid(one, next) : one)));
  const cooks = evening.named?.length ? cooksShown(evening).map((one) => one.name) : [];
  return (
    <li className="flex flex-wrap items-center rounded-lg border-2 border-hair bg-glaze pl-2.5 font-semibold">
      <span className="pr-1.5 text-soft">{at + 1}</span>
      {dish ? (
        <Link
          to={`/plan/dishes/${id}`}
          className="flex min-h-9 items-center underline-offset-4 hover:underline pointer-coarse:min-h-11"
        >
          {name}
        </Link>
      ) : (
        name
      )}
      <label className="flex items-center pl-2 text-sm font-normal text-soft">
        at
        <NumberField
          label={`${name} is eaten at`}
          value={serveAt}
          write={(minute) => clockText(DAY + minute)}
          placeholder={clockText(DAY + evening.serveAt)}
          unit=""
          optional
          read={readClock}
          onValue={(minute) => say({ serveAt: minute })}
          className="tap-coarse ml-1 h-8 w-14 rounded-md border border-transparent bg-transparent px-1 font-semibold text-ink placeholder:font-normal placeholder:text-soft placeholder:opacity-100 hover:border-hair focus:bg-glaze"
        />
      </label>
      {cooks.length > 1 && (
        <Choice
          label={`Who makes ${name}`}
          value={pot.cook !== undefined && cooks.includes(pot.cook) ? pot.cook : NONE}
          options={[
            { value: NONE, label: 'by anybody' },
            ...cooks.map((value) => ({ value, label: `by ${value}` })),
          ]}
          onChange={(by) => say({ cook: by === NONE ? undefined : by })}
          className="tap-coarse h-8 max-w-36 px-1 text-sm pointer-coarse:text-base"
        />
      )}
      {pot.formula && <MadeBefore pot={pot} formula={pot.formula} say={(dayBefore) => say({ dayBefore })} />}
      <button
        type="button"
        aria-label={`Not tonight: ${name}`}
        onClick={leave}
        className="tap grid size-9 place-items-center rounded-lg text-soft hover:bg-dip"
      >
        <X size={15} aria-hidden />
      </button>
    </li>
  );
}

interface PotsChosenProps {
  readonly pots: readonly PotTonightPlanned[];
  /** The dishes of this kitchen, by name. */
  readonly kept: readonly DishSummary[];
}

/** What is cooked tonight: the same as at the Table, where tools and the order of work are said. */
export const PotsChosen = ({ pots, kept }: PotsChosenProps) => (
  <div className="flex flex-wrap items-center gap-2 py-2 print:hidden">
    <ul aria-label="Pots of tonight" className="contents">
      {pots.map((pot, i) => (
        <Chosen key={pot.id} pot={pot} at={i} />
      ))}
    </ul>
    <AddTonight kept={kept} />
    <KeptEvenings canKeep={pots.length > 0} />
    <Link
      to="/plan/dishes"
      className="tap-coarse px-2 py-1.5 font-semibold text-rim underline-offset-4 hover:underline"
    >
      Dishes
    </Link>
  </div>
);
