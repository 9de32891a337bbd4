import type { EaterView, FormulaView } from '@alterum/contract';
import { judgePots, type Pot, strictestFirst, type Tool, tools } from '@alterum/core';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useState } from 'react';
import { MoreFormulas } from '../formulas/more-formulas';
import { SearchFormulas } from '../formulas/search-formulas';
import type { FoundFormulas } from '../formulas/use-found-formulas';
import { Button } from '../ui/button';
import { portionOfView } from './judged';
import { VerdictCell } from './verdict-cell';

interface PotsTonightProps {
  readonly found: FoundFormulas<FormulaView>;
  readonly eaters: readonly EaterView[];
}

interface Chosen {
  /** Kept with it, so that a search does not lose it. */
  readonly view: FormulaView;
  readonly tools: readonly Tool[];
  readonly washedBefore: boolean;
}

const swapped = <T,>(list: readonly T[], at: number): readonly T[] => {
  const next = [...list];
  const [a, b] = [next[at - 1], next[at]];
  if (a === undefined || b === undefined) return list;
  next[at - 1] = b;
  next[at] = a;
  return next;
};

/** What goes from one pot to the next by a shared jar, pot, spoon or frying fat, and the order that carries least. */
export function PotsTonight({ found, eaters }: PotsTonightProps) {
  const { entries: views, search, setSearch } = found;
  const [chosen, setChosen] = useState<readonly Chosen[]>([]);
  const pots = chosen.map(({ view, ...rest }): Pot => ({
    id: view.id,
    name: view.name,
    portion: portionOfView(view),
    ...rest,
  }));
  const verdicts = judgePots(pots, eaters);
  const change = (id: string, to: Partial<Chosen>) =>
    setChosen((all) => all.map((pot) => (pot.view.id === id ? { ...pot, ...to } : pot)));
  const reorder = () =>
    setChosen((all) =>
      strictestFirst(pots, eaters).flatMap(({ id, washedBefore }) =>
        all.filter(({ view }) => view.id === id).map((pot) => ({ ...pot, washedBefore })),
      ),
    );
  return (
    <div className="space-y-3">
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="font-semibold">Cooked tonight, in the order of work</legend>
        {(found.isMore || search !== '') && (
          <SearchFormulas label="Search formulas for tonight" search={search} setSearch={setSearch} />
        )}
        {views.map((view) => (
          <label key={view.id} className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-(--rim)"
              checked={chosen.some((pot) => pot.view.id === view.id)}
              onChange={(event) =>
                setChosen((all) =>
                  event.target.checked
                    ? [...all, { view, tools: ['spoon'], washedBefore: false }]
                    : all.filter((pot) => pot.view.id !== view.id),
                )
              }
            />
            {view.name}
          </label>
        ))}
      </fieldset>
      <MoreFormulas {...found} />
      <ol className="space-y-2" aria-label="Order of work">
        {pots.map((pot, at) => (
          <li key={pot.id} className="plate p-3" data-testid={`pot-${pot.name}`}>
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
                    onChange={(event) => change(pot.id, { washedBefore: event.target.checked })}
                  />
                  everything washed before it
                </label>
              )}
              <Button
                look="bare"
                aria-label={`${pot.name} earlier`}
                disabled={at === 0}
                onClick={() => setChosen(swapped(chosen, at))}
              >
                <ArrowUp size={17} aria-hidden />
              </Button>
              <Button
                look="bare"
                aria-label={`${pot.name} later`}
                disabled={at === pots.length - 1}
                onClick={() => setChosen(swapped(chosen, at + 1))}
              >
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
                      change(pot.id, {
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
            <ul className="mt-1 flex flex-wrap gap-x-3">
              {eaters.map((eater, i) => {
                const result = verdicts[at]?.people[i];
                return (
                  result && (
                    <li key={eater.id} className="flex items-center text-sm">
                      {eater.name} <VerdictCell eater={eater} result={result} />
                    </li>
                  )
                );
              })}
            </ul>
          </li>
        ))}
      </ol>
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
