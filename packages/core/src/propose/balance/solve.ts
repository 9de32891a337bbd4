import { potAt } from '../../predict/pot-at.js';
import { spreadOfPot } from '../../predict/spread.js';
import { assess, type Assessed } from '../../property/assess.js';
import { seededChance } from '../../numeric/chance.js';
import { type Aim, askedMet, type Miss, missesOf } from './aim.js';
import { START_SPREAD } from './balance.params.js';
import type { BalanceOptions } from './balance-request.js';
import { type Found, type LeastSquares, leastSquares } from './bounded-least-squares.js';
import { portionOf } from './limits-of-people.js';
import { balanceProblem } from './objective.js';
import { withMasses } from '../../recipe/with-masses.js';
import { holdMass, massesAt, massOutOfReach, type SearchSpace, variablesOf } from './search-space.js';

/** How far a search has come, 0..1, and how far outside the brief the best found lies. */
export interface SearchProgress {
  readonly done: number;
  readonly objective: number;
  readonly evaluations: number;
}

/** Amounts, with what they make. */
export interface Solution {
  readonly masses: Float64Array;
  readonly assessed: Assessed;
  readonly misses: readonly Miss[];
  /** Everything asked for is met, everybody's limits are kept, and the mass is held. */
  readonly met: boolean;
  readonly objective: number;
  readonly evaluations: number;
  readonly stopped: boolean;
}

/** Amounts known to meet everything, and the factor on the middles. */
export interface Insisting {
  readonly from: Float64Array;
  readonly by: number;
}

/** Nothing above a limit: what brings too much is drawn back, and what brings none of it fills the batch again. */
function keepLimits(space: SearchSpace, masses: Float64Array): Float64Array {
  let kept = masses;
  for (const limit of space.people.portions) {
    const eaten = portionOf(limit, kept);
    if (!(eaten > limit.most)) continue;
    const brings = (i: number) => (limit.perGram[i] ?? 0) > 0;
    const movable = space.free.filter(brings);
    const least = kept.map((g, i) => (movable.includes(i) ? (space.low[i] ?? 0) : g));
    const floor = portionOf(limit, least);
    const share = Math.max(0, (limit.most * (1 - 1e-6) - floor) / Math.max(eaten - floor, 1e-12));
    const drawn = Float64Array.from(kept, (g, i) => (least[i] ?? g) + share * (g - (least[i] ?? g)));
    kept = holdMass(
      space,
      drawn,
      space.free.filter((i) => !brings(i)),
    );
  }
  return kept;
}

/** Nobody gets more than they may, and nothing that they must not have. */
export const withinLimits = (space: SearchSpace, masses: Float64Array): boolean =>
  space.people.portions.every((limit) => portionOf(limit, masses) <= limit.most) &&
  space.people.forbidden.every(({ line }) => (masses[line] ?? 0) === 0);

/**
 * Starting points: the present amounts, then seeded scatterings of them.
 * @param wider share by which each is scattered more widely than the one before
 */
export function* startsOf(
  space: SearchSpace,
  { seed, starts }: Pick<BalanceOptions, 'seed' | 'starts'>,
  wider = 0,
): Generator<Float64Array> {
  const present = variablesOf(space, space.present),
    chance = seededChance(seed);
  if (starts > 0) yield present;
  for (let i = 1; i < starts; i++)
    yield present.map(
      (value) =>
        value +
        START_SPREAD * (1 + i * wider) * (chance() + chance() + chance() + chance() - 2) * Math.sqrt(3),
    );
}

/** What the passes before have found, and what it took. */
interface Passed {
  readonly best: Found | undefined;
  readonly evaluations: number;
  readonly stopped: boolean;
}

/** One pass: several searches of the same problem, of which the best counts. */
function* searchPass(
  problem: LeastSquares,
  starts: Iterable<Float64Array>,
  options: BalanceOptions,
  pass: number,
  before: number,
): Generator<SearchProgress, Passed> {
  let best: Found | undefined,
    evaluations = before,
    k = 0;
  for (const start of starts) {
    const search = leastSquares(problem, start, options.iterations);
    let turn = search.next(),
      stopped = false;
    while (!turn.done) {
      stopped = options.stop();
      if (stopped) break;
      yield {
        done: (pass + (pass === 0 ? k / options.starts : 0)) / options.passes,
        objective: Math.min(best?.objective ?? Infinity, turn.value.objective),
        evaluations: evaluations + turn.value.evaluations,
      };
      turn = search.next();
    }
    evaluations += turn.value.evaluations;
    if (!best || turn.value.objective < best.objective) best = turn.value;
    if (stopped) return { best, evaluations, stopped };
    k++;
  }
  return { best, evaluations, stopped: false };
}

/**
 * The amounts within a space that come nearest to the aims. Deterministic: the same space, aims and seed give the same amounts.
 * @param insisting where amounts that meet everything are known: search on from them, and let no middle out again
 * @returns the best of several searches, with the bands worked out anew at the end
 */
export function* solve(
  space: SearchSpace,
  aims: readonly Aim[],
  options: BalanceOptions,
  insisting?: Insisting,
): Generator<SearchProgress, Solution> {
  const { recipe, portions } = space.request;
  let found: Passed = { best: undefined, evaluations: 0, stopped: false },
    from = space.present;
  for (let pass = 0; pass < options.passes && !found.stopped; pass++) {
    const problem = balanceProblem(space, aims, spreadOfPot(potAt(withMasses(recipe, from))), insisting?.by);
    // The width of the bands has changed: what was best is measured anew, and searched on from.
    const first = insisting ? [variablesOf(space, insisting.from)] : startsOf(space, options);
    const starts = found.best ? [found.best.at] : first;
    found = yield* searchPass(problem, starts, options, pass, found.evaluations);
    if (found.best) from = massesAt(space, found.best.at);
  }
  const masses = keepLimits(space, space.free.length > 0 ? from : massesAt(space, new Float64Array(0)));
  const assessed = assess(withMasses(recipe, masses), portions);
  const misses = missesOf(aims, assessed);
  return {
    masses,
    assessed,
    misses,
    evaluations: found.evaluations,
    stopped: found.stopped,
    objective: found.best?.objective ?? 0,
    met: askedMet(aims, misses) && withinLimits(space, masses) && !massOutOfReach(space),
  };
}

/** A search that is a part of a longer one: its progress runs from one share of the whole to another. */
export function* asPart<T>(
  search: Generator<SearchProgress, T>,
  from: number,
  to: number,
): Generator<SearchProgress, T> {
  let turn = search.next();
  while (!turn.done) {
    yield { ...turn.value, done: from + (to - from) * Math.min(1, turn.value.done) };
    turn = search.next();
  }
  return turn.value;
}
