import { wishesOf } from '../../brief/brief.js';
import { contributionsOf, linedIds } from '../../property/contributions.js';
import { railOf } from '../../property/rail.js';
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

/** Whether a line brings more than its part of something that is asked for: filling up with it would undo what is asked. */
function bringsWhatIsAsked({ request: { recipe, brief } }: SearchSpace): (line: number) => boolean {
  const asked = wishesOf(brief).flatMap(({ rail, wish }) =>
    wish.kept || railOf(rail).lines?.by !== 'share' ? [] : linedIds.filter((id) => id === rail),
  );
  const batchG = recipe.lines.reduce((all, { mass }) => all + mass, 0);
  const parts = asked.length > 0 ? contributionsOf(recipe, asked) : [];
  return (line) =>
    parts.some(({ lines }) => {
      const whole = lines.reduce((all, { amount }) => all + amount, 0);
      return (lines[line]?.amount ?? 0) * batchG > whole * (recipe.lines[line]?.mass ?? 0) * NOTABLY;
    });
}
/** Times the batch’s own share from which a line is rich in something. @source assumed */
const NOTABLY = 1.5;

/**
 * What a cook fills up with, so that the batch weighs the same: the largest liquid, or else the largest line; not one that brings what is
 * asked for, where another liquid or body is there.
 */
function fillerOf(space: SearchSpace): number | undefined {
  const { present, request } = space,
    brings = bringsWhatIsAsked(space);
  const fills = (line: number) =>
    ['liquid', 'body'].includes(request.recipe.lines[line]?.ingredient.role ?? '');
  const plain = space.free.filter((line) => fills(line) && !brings(line)),
    free = plain.length > 0 ? plain : space.free;
  const largest = (lines: readonly number[]) =>
    lines.reduce<number | undefined>(
      (most, line) => (most === undefined || (present[line] ?? 0) > (present[most] ?? 0) ? line : most),
      undefined,
    );
  return (
    largest(free.filter((line) => request.recipe.lines[line]?.ingredient.role === 'liquid')) ?? largest(free)
  );
}

const missOf = (aims: readonly Aim[], { assessed }: Solution): number =>
  penaltiesOf(aims, assessed, edges.inside).reduce((all, penalty) => all + penalty, 0);

/** The search for what may be left as it is: the best so far, and the lines that it leaves. */
class Leaving {
  private left: ReadonlySet<number> = new Set<number>();
  private readonly fills: number | undefined;
  /** What the whole solution misses by. */
  private readonly missed: number;

  constructor(
    private readonly space: SearchSpace,
    private readonly aims: readonly Aim[],
    private readonly options: BalanceOptions,
    private readonly whole: Solution,
    public best: Solution = whole,
  ) {
    this.fills = fillerOf(space);
    this.missed = missOf(aims, whole);
  }

  private canStay(line: number): boolean {
    const present = this.space.present[line] ?? 0;
    return present >= (this.space.low[line] ?? 0) && present <= (this.space.high[line] ?? 0);
  }

  /** Nobody gets more than they may, or may have it seems, where the whole solution has kept to it. */
  private harmsNobody({ masses }: Solution): boolean {
    return this.space.people.portions.every(
      (limit) => !mayBeTooMuch(limit, masses) || mayBeTooMuch(limit, this.whole.masses),
    );
  }

  /** Where the batch may grow or shrink, a line has moved that is another share of it: salt is added rather than half of the rest left out. */
  private shares(): Float64Array {
    const scale = batchScale(this.space, this.best.masses);
    return this.best.masses.map((g) => g / scale);
  }

  /** Lines that are not left yet and could be, but for what fills up. */
  movedNow(): readonly number[] {
    return this.space.free.filter(
      (line) => !this.left.has(line) && line !== this.fills && this.canStay(line),
    );
  }

  /** By how far each has moved on its own scale. */
  leastMovedFirst(): readonly number[] {
    const shares = this.shares();
    const moveOf = (line: number): number =>
      Math.abs(
        variableOf(this.space, line, shares[line] ?? 0) -
          variableOf(this.space, line, this.space.present[line] ?? 0),
      );
    return [...this.movedNow()].sort((a, b) => moveOf(a) - moveOf(b));
  }

  /** By grams. */
  fewestGramsFirst(): readonly number[] {
    const shares = this.shares();
    const gramsMoved = (line: number) => Math.abs((shares[line] ?? 0) - (this.space.present[line] ?? 0));
    return [...this.movedNow()].sort((a, b) => gramsMoved(a) - gramsMoved(b));
  }

  /** What fills up, where it can be left too. */
  filler(): readonly number[] {
    return this.fills !== undefined && this.canStay(this.fills) ? [this.fills] : [];
  }

  /** Leaves more lines as they are, if what is asked stays met and nothing is missed by more than `mayMiss` beyond the whole solution. */
  *leave(more: readonly number[], mayMiss: number): Generator<SearchProgress> {
    if (this.options.stop()) return;
    const trial = new Set([...this.left, ...more]);
    const narrow = withLinesLeft(this.space, trial);
    if (narrow.free.length === 0) return;
    const from = Float64Array.from(this.best.masses, (g, i) =>
      trial.has(i) ? (this.space.present[i] ?? g) : g,
    );
    const found = yield* solve(
      narrow,
      this.aims,
      { ...this.options, passes: 1, starts: 1, iterations: fewChanges.iterations },
      { from, by: 1 },
    );
    if (!found.met || missOf(this.aims, found) > this.missed + mayMiss || !this.harmsNobody(found)) return;
    this.best = { ...found, evaluations: this.best.evaluations + found.evaluations };
    this.left = trial;
  }
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
  const leaving = new Leaving(space, aims, options, whole);
  for (const share of fewChanges.shares) {
    const moved = leaving.leastMovedFirst();
    yield* leaving.leave(moved.slice(0, Math.ceil(share * moved.length)), fewChanges.mayMiss);
  }
  let mayMiss: number = fewChanges.mayMiss;
  for (const line of leaving.fewestGramsFirst()) yield* leaving.leave([line], mayMiss);
  if (leaving.movedNow().length >= fewChanges.many) {
    mayMiss = fewChanges.mayMissForMany;
    for (const line of leaving.fewestGramsFirst()) yield* leaving.leave([line], mayMiss);
  }
  if (leaving.filler().length > 0) yield* leaving.leave(leaving.filler(), mayMiss);
  return leaving.best;
}
