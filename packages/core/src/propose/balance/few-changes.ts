import { type Aim, penaltiesOf } from './aim.js';
import { edges, fewChanges } from './balance.params.js';
import type { BalanceOptions } from './balance-request.js';
import { mayBeTooMuch } from './limits-of-people.js';
import { batchScale, type SearchSpace, variableOf } from './search-space.js';
import { type SearchProgress, solve, type Solution } from './solve.js';

/** The same space with some lines left as they are. */
function withLinesLeft(space: SearchSpace, left: ReadonlySet<number>): SearchSpace {
  const stays = (bound: Float64Array) =>
    Float64Array.from(bound, (g, i) => (left.has(i) ? (space.present[i] ?? g) : g));
  return {
    ...space,
    low: stays(space.low),
    high: stays(space.high),
    free: space.free.filter((line) => !left.has(line)),
  };
}

/** What a cook fills up with, so that the batch weighs the same: the largest liquid, or else the largest line. */
function fillerOf({ free, present, request }: SearchSpace): number | undefined {
  const largest = (lines: readonly number[]) =>
    lines.reduce<number | undefined>(
      (most, line) => (most === undefined || (present[line] ?? 0) > (present[most] ?? 0) ? line : most),
      undefined,
    );
  return (
    largest(free.filter((line) => request.recipe.lines[line]?.ingredient.role === 'liquid')) ?? largest(free)
  );
}

/**
 * The same as a solution meets, with as few lines changed as that takes: the smallest changes are left out first, many at once, then one by
 * one, as long as what is asked stays met and what was to stay as it is stays about as near.
 */
export function* fewestChanges(
  space: SearchSpace,
  aims: readonly Aim[],
  options: BalanceOptions,
  whole: Solution,
): Generator<SearchProgress, Solution> {
  // Where the batch may grow or shrink, a line has moved that is another share of it: salt is added rather than half of the rest left out.
  const sharesOf = ({ masses }: Solution): Float64Array => {
    const scale = batchScale(space, masses);
    return masses.map((g) => g / scale);
  };
  const miss = ({ assessed }: Solution): number =>
    penaltiesOf(aims, assessed, edges.inside).reduce((all, penalty) => all + penalty, 0);
  const canStay = (line: number): boolean =>
    (space.present[line] ?? 0) >= (space.low[line] ?? 0) &&
    (space.present[line] ?? 0) <= (space.high[line] ?? 0);
  /** Nobody gets more than they may, or may have it seems, where the whole solution has kept to it. */
  const harmsNobody = ({ masses }: Solution): boolean =>
    space.people.portions.every((limit) => !mayBeTooMuch(limit, masses) || mayBeTooMuch(limit, whole.masses));
  let good = miss(whole) + fewChanges.mayMiss;
  let best = whole,
    left = new Set<number>();
  function* tryLeaving(more: readonly number[]): Generator<SearchProgress, boolean> {
    if (options.stop()) return false;
    const trial = new Set([...left, ...more]);
    const narrow = withLinesLeft(space, trial);
    if (narrow.free.length === 0) return false;
    const from = Float64Array.from(best.masses, (g, i) => (trial.has(i) ? (space.present[i] ?? g) : g));
    const found = yield* solve(
      narrow,
      aims,
      { ...options, passes: 1, starts: 1, iterations: fewChanges.iterations },
      { from, by: 1 },
    );
    if (!found.met || miss(found) > good || !harmsNobody(found)) return false;
    best = { ...found, evaluations: best.evaluations + found.evaluations };
    left = trial;
    return true;
  }
  const fills = fillerOf(space);
  const movedNow = () => space.free.filter((line) => !left.has(line) && line !== fills && canStay(line));
  for (let share = 0.75; share > 0.2; share /= 2) {
    const shares = sharesOf(best);
    const moveOf = (line: number): number =>
      Math.abs(
        variableOf(space, line, shares[line] ?? 0) - variableOf(space, line, space.present[line] ?? 0),
      );
    const moved = movedNow().sort((a, b) => moveOf(a) - moveOf(b));
    yield* tryLeaving(moved.slice(0, Math.ceil(share * moved.length)));
  }
  const leastFirst = () => {
    const shares = sharesOf(best);
    const gramsMoved = (line: number) => Math.abs((shares[line] ?? 0) - (space.present[line] ?? 0));
    return movedNow().sort((a, b) => gramsMoved(a) - gramsMoved(b));
  };
  for (const line of leastFirst()) yield* tryLeaving([line]);
  if (movedNow().length >= fewChanges.many) {
    good = miss(whole) + fewChanges.mayMissForMany;
    for (const line of leastFirst()) yield* tryLeaving([line]);
  }
  if (fills !== undefined && canStay(fills)) yield* tryLeaving([fills]);
  return best;
}
