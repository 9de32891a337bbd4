import { dishOfContent } from '@alterum/contract/convert';
import { X } from 'lucide-react';
import { Link } from 'react-router';
import type { DishSummary } from '@alterum/contract';
import { useFoundFormulas } from '../formula-list/use-found-formulas';
import { useHousehold } from '../household/household-store';
import { knowParts } from '../household/known-to-dish';
import { sayFailure } from '../notices/notices';
import { queries, read } from '../server/queries';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { cooksShown } from './cooks-named';
import { DAY } from './evening-day';
import { clockText, type PotTonightPlanned } from './evening-plan';
import { KeptEvenings } from './kept-evenings';
import { readClock } from './read-clock';
import { changeTonight } from './tonight-undo';

const NONE = '';
/** Before the id of a dish, so that it is told from a formula. */
const DISH = 'dish:';

type Said = { readonly serveAt?: number; readonly cook?: string };

/** With what was said of it now; what is undefined is left out. */
const withSaid = <T extends Said>(
  { serveAt, cook, ...one }: T,
  next: { readonly serveAt?: number | undefined; readonly cook?: string | undefined },
) => {
  const said = { serveAt, cook, ...next };
  return {
    ...one,
    ...(said.serveAt === undefined ? {} : { serveAt: said.serveAt }),
    ...(said.cook === undefined ? {} : { cook: said.cook }),
  };
};

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
          className="tap-coarse h-8 max-w-36 px-1 text-sm"
        />
      )}
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
export function PotsChosen({ pots, kept }: PotsChosenProps) {
  const { entries } = useFoundFormulas(queries.wholeFormulas);
  const { pots: chosen, dishes: chosenDishes, know, knowDish, cook, cookDishes } = useHousehold();
  const dishes = kept.filter(({ id }) => !chosenDishes.some(({ dish }) => dish === id));
  const others = entries.filter(({ id }) => !chosen.some(({ formula }) => formula === id));
  const takeDish = async (id: string) => {
    const view = await read(queries.dish(id));
    await knowParts([dishOfContent(view)]);
    knowDish(view);
    cookDishes([...useHousehold.getState().dishes, { dish: id }]);
  };
  const take = (value: string) => {
    if (value.startsWith(DISH)) return void takeDish(value.slice(DISH.length)).catch(sayFailure);
    const view = entries.find(({ id }) => id === value);
    if (!view) return;
    know(view);
    cook([...chosen, { formula: view.id, tools: ['spoon'], washedBefore: false }]);
  };
  const option = (value: string, name: string) => (
    <option key={value} value={value} className="bg-glaze text-ink">
      {name}
    </option>
  );
  return (
    <div className="flex flex-wrap items-center gap-2 py-2 print:hidden">
      <ul aria-label="Pots of tonight" className="contents">
        {pots.map((pot, i) => (
          <Chosen key={pot.id} pot={pot} at={i} />
        ))}
      </ul>
      <select
        aria-label="Cook tonight"
        value={NONE}
        onChange={(event) => take(event.target.value)}
        className="tap-coarse h-10 max-w-60 rounded-lg border-2 border-hair bg-transparent px-2"
      >
        {option(NONE, '+ cook tonight …')}
        {dishes.length > 0 && (
          <optgroup label="Dishes" className="bg-glaze text-ink">
            {dishes.map(({ id, name }) => option(`${DISH}${id}`, name))}
          </optgroup>
        )}
        <optgroup label="Formulas" className="bg-glaze text-ink">
          {others.map(({ id, name }) => option(id, name))}
        </optgroup>
      </select>
      <KeptEvenings canKeep={pots.length > 0} />
      <Link
        to="/plan/dishes"
        className="tap-coarse px-2 py-1.5 font-semibold text-rim underline-offset-4 hover:underline"
      >
        Dishes
      </Link>
    </div>
  );
}
