import { helperShare } from '../arrival/helper.params.js';
import { helperLine, helpersFor, type Lacks } from '../arrival/helper.js';
import { type Aim, type Miss } from './aim.js';
import { edges } from './balance.params.js';
import type { BalanceOptions } from './balance-request.js';
import { searchSpace, type SearchSpace } from './search-space.js';
import { type SearchProgress, solve, type Solution } from './solve.js';

/** What a pot has too little or too much of for what is asked. */
export const lacksOf = (aims: readonly Aim[], misses: readonly Miss[]): Lacks => {
  const off = (sign: 1 | -1) =>
    aims.flatMap(({ rail, wish }, i) =>
      !wish.kept && sign * (misses[i]?.middle ?? 0) > edges.met ? [rail] : [],
    );
  return { short: off(-1), over: off(1) };
};

/** The same pot with one thing more that brings what it lacks; the one that helps with least. */
export function* helped(
  { request }: SearchSpace,
  aims: readonly Aim[],
  lacks: Lacks,
  options: BalanceOptions,
): Generator<SearchProgress, { readonly space: SearchSpace; readonly solution: Solution } | undefined> {
  const at = request.recipe.lines.length;
  let best: { readonly space: SearchSpace; readonly solution: Solution } | undefined;
  for (const ingredient of helpersFor(lacks, request)) {
    if (options.stop()) break;
    const space = searchSpace({
      ...request,
      recipe: { ...request.recipe, lines: [...request.recipe.lines, helperLine(ingredient)] },
      arrivals: new Set([at]),
    });
    // From a first spoon of it: of nothing at all a little more says little.
    const from = Float64Array.from(space.present);
    from[at] = Math.min(helperShare[ingredient.role] * space.batchG, space.high[at] ?? 0);
    const solution = yield* solve(space, aims, { ...options, passes: 1, starts: 1 }, { from, by: 1 });
    if (solution.met && (!best || solution.objective < best.solution.objective)) best = { space, solution };
  }
  return best;
}
