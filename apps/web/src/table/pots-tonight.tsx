import type { EaterView, FormulaView, PotTonight } from '@alterum/contract';
import { eveningLimits } from '@alterum/contract/convert';
import { judgeEvening, judgePots, type Pot, strictestFirst, tools, whoCanEat } from '@alterum/core';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { MoreFormulas } from '../formula-list/more-formulas';
import { SearchFormulas } from '../formula-list/search-formulas';
import type { FoundFormulas } from '../formula-list/use-found-formulas';
import { Button } from '../ui/button';
import { useHousehold } from '../household/household-store';
import { portionOfView } from '../household/judged-evening';
import { useDishesTonight } from './dishes-tonight';
import { VerdictList } from './verdict-list';

interface PotsTonightProps {
  readonly found: FoundFormulas<FormulaView>;
  readonly eaters: readonly EaterView[];
}

const swapped = <T,>(list: readonly T[], at: number): readonly T[] => {
  const next = [...list];
  const [a, b] = [next[at - 1], next[at]];
  if (a === undefined || b === undefined) return list;
  next[at - 1] = b;
  next[at] = a;
  return next;
};

interface PotRowProps {
  readonly pot: Pot;
  readonly at: number;
  readonly last: boolean;
  readonly change: (to: Partial<PotTonight>) => void;
  /** Below 0 earlier. */
  readonly move: (by: -1 | 1) => void;
  /** What people say to it. */
  readonly children: React.ReactNode;
}

/** One pot in the order of work: when, washed before or not, and what it shares. */
function PotRow({ pot, at, last, change, move, children }: PotRowProps) {
  return (
    <li className="plate p-3" data-testid={`pot-${pot.name}`}>
      <div className="flex flex-wrap items-center gap-2">
        <b className="mr-auto font-display text-lg">
          {at + 1}. {pot.name}
        </b>
        {at > 0 && (
          <label className="flex items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="size-5 accent-(--rim)"
              checked={pot.washedBefore}
              onChange={(event) => change({ washedBefore: event.target.checked })}
            />
            everything washed before it
          </label>
        )}
        <Button look="bare" aria-label={`${pot.name} earlier`} disabled={at === 0} onClick={() => move(-1)}>
          <ArrowUp size={17} aria-hidden />
        </Button>
        <Button look="bare" aria-label={`${pot.name} later`} disabled={last} onClick={() => move(1)}>
          <ArrowDown size={17} aria-hidden />
        </Button>
      </div>
      <div className="flex flex-wrap gap-x-4 text-sm" role="group" aria-label={`Tools of ${pot.name}`}>
        {tools.map((tool) => (
          <label key={tool} className="flex min-h-8 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4.5 accent-(--rim)"
              checked={pot.tools.includes(tool)}
              onChange={(event) =>
                change({
                  tools: event.target.checked
                    ? [...pot.tools, tool]
                    : pot.tools.filter((used) => used !== tool),
                })
              }
            />
            shared {tool}
          </label>
        ))}
      </div>
      {children}
    </li>
  );
}

interface ChoosePotsProps {
  readonly found: FoundFormulas<FormulaView>;
}

/** What is cooked tonight, ticked among the formulas. */
function ChoosePots({ found }: ChoosePotsProps) {
  const { search, setSearch } = found;
  const { pots: chosen, named, know, cook } = useHousehold();
  const isChosen = (id: string) => chosen.some(({ formula }) => formula === id);
  const tick = (view: FormulaView, isCooked: boolean) => {
    know(view);
    cook(
      isCooked
        ? [...chosen, { formula: view.id, tools: ['spoon'], washedBefore: false }]
        : chosen.filter(({ formula }) => formula !== view.id),
    );
  };
  // What was ticked stays among the choices when a search leaves it out.
  const absent = chosen
    .flatMap(({ formula }) => named.get(formula) ?? [])
    .filter(({ id }) => !found.entries.some((view) => view.id === id));
  return (
    <>
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="font-semibold">Cooked tonight, in the order of work</legend>
        {(found.isMore || search !== '') && (
          <SearchFormulas label="Search formulas for tonight" search={search} setSearch={setSearch} />
        )}
        {[...absent, ...found.entries].map((view) => (
          <label key={view.id} className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-(--rim)"
              checked={isChosen(view.id)}
              disabled={chosen.length >= eveningLimits.pots && !isChosen(view.id)}
              onChange={(event) => tick(view, event.target.checked)}
            />
            {view.name}
          </label>
        ))}
      </fieldset>
      <MoreFormulas {...found} />
    </>
  );
}

/** What goes from one pot to the next by a shared jar, pot, spoon or frying fat, and the order that carries least. */
export function PotsTonight({ found, eaters }: PotsTonightProps) {
  const { pots: chosen, named, cook } = useHousehold();
  const pots = useMemo(
    () =>
      chosen.flatMap(({ formula, ...rest }): Pot[] => {
        const view = named.get(formula);
        return view ? [{ ...rest, id: formula, name: view.name, portion: portionOfView(view) }] : [];
      }),
    [chosen, named],
  );
  const dishes = useDishesTonight();
  const verdicts = judgePots(pots, eaters),
    evening = judgeEvening([...pots, ...dishes], eaters);
  const change = (id: string, to: Partial<PotTonight>) =>
    cook(chosen.map((pot) => (pot.formula === id ? { ...pot, ...to } : pot)));
  const reorder = () =>
    cook(
      strictestFirst(pots, eaters).flatMap(({ id, tools: shared, washedBefore }) =>
        chosen
          .filter(({ formula }) => formula === id)
          .map((pot) => ({ ...pot, tools: [...shared], washedBefore })),
      ),
    );
  return (
    <div className="space-y-3">
      <ChoosePots found={found} />
      <ol className="space-y-2" aria-label="Order of work">
        {pots.map((pot, at) => (
          <PotRow
            key={pot.id}
            pot={pot}
            at={at}
            last={at === pots.length - 1}
            change={(to) => change(pot.id, to)}
            move={(by) => cook(swapped(chosen, by < 0 ? at : at + 1))}
          >
            <VerdictList eaters={eaters} people={verdicts[at]?.people} />
          </PotRow>
        ))}
      </ol>
      {dishes.map((dish) => (
        <div key={dish.id} className="plate p-3" data-testid={`dish-${dish.name}`}>
          <Link
            to={`/plan/dishes/${dish.id}`}
            className="font-display text-lg font-bold underline-offset-4 hover:underline"
          >
            {dish.name}
          </Link>{' '}
          <span className="text-sm text-soft">a dish of several parts</span>
          <VerdictList
            eaters={eaters}
            people={eaters.map((eater) => whoCanEat(eater, dish.portionOf?.(eater.id) ?? dish.portion))}
          />
        </div>
      ))}
      {pots.length + dishes.length > 1 && (
        <div className="plate p-3" data-testid="evening">
          <b className="font-display text-lg">A portion of everything</b>
          <p className="text-sm text-soft">
            Salt, what is pungent and what is tolerated in small amounts add up over the evening.
          </p>
          <VerdictList eaters={eaters} people={evening} />
        </div>
      )}
      {pots.length > 1 && (
        <Button look="yolk" onClick={reorder}>
          Cook the strictest first, wash, then the rest
        </Button>
      )}
      {pots.length === 0 && (
        <p className="text-soft">Tick what is cooked tonight; then say what the pots share.</p>
      )}
    </div>
  );
}
