import type { Wish } from '../../brief/wish.js';
import { coordinateOn, NOTICEABLE, railOf, valueOnRail } from '../../property/rail.js';
import { type RailId } from '../../property/properties.js';
import { type Aim, aimOf, aimsOf, met, missOf } from './aim.js';
import type { BalanceOptions, BalanceRequest } from './balance-request.js';
import { type Demand, demandsOf, type LineAtLimit, onlyWith, withChangedWish } from './demand.js';
import { feasiblePoint } from './feasibility.js';
import { massOutOfReach, searchSpace } from './search-space.js';
import { asPart, type SearchProgress, solve, type Solution } from './solve.js';

/** The smallest change of what is asked that would let everything else be met. */
export type Relaxation =
  | {
      readonly kind: 'widen';
      readonly rail: RailId;
      readonly to: Wish;
      /** Steps of the rail. */ readonly by: number;
    }
  | { readonly kind: 'free-line'; readonly line: number }
  | { readonly kind: 'free-mass'; /** g that would have to be weighed in. */ readonly massG: number }
  /** Somebody cannot have a line that the rest depends on. */
  | { readonly kind: 'swap-line'; readonly line: number };

export interface Conflict {
  /** Demands that cannot all be met; without any one of them the others can. */
  readonly conflicting: readonly Demand[];
  /** Smallest first. */
  readonly relaxations: readonly Relaxation[];
}

type Search<T> = Generator<SearchProgress, T>;

/**
 * Amounts that meet a request, or undefined when none are found: looked for straight, and once more from where a plain balance ends.
 */
export function* feasible(
  request: BalanceRequest,
  options: BalanceOptions,
  hint?: Float64Array,
): Search<Float64Array | undefined> {
  const space = searchSpace(request),
    aims = aimsOf(request.brief);
  const found = yield* feasiblePoint(space, aims, options, hint);
  if (found || massOutOfReach(space)) return found;
  const { masses } = yield* solve(space, aims, { ...options, passes: 1, starts: 2 });
  return yield* feasiblePoint(space, aims, { ...options, starts: 0 }, masses);
}

/** What can be left out first: wishes that are met, then people, holds, mass; those that are missed stay longest. */
function leastSuspectFirst(demands: readonly Demand[], missed: ReadonlySet<RailId>): readonly Demand[] {
  const suspicion = (demand: Demand): number => {
    switch (demand.kind) {
      case 'wish':
        return missed.has(demand.rail) ? 5 : 0;
      case 'stock':
        return 1;
      case 'mass':
        return 2;
      case 'same-dish':
        return 2.5;
      case 'person':
        return 3;
      case 'hold':
        return 4;
    }
  };
  return [...demands].sort((a, b) => suspicion(a) - suspicion(b));
}

/** Steps added to a widened edge, so that it can be met with a little room; the first that helps is taken. @source assumed */
const ROOMS = [0.3, 1.2] as const;
/** Weight of a wish that is to give way, against the others. */
const GIVES_WAY = 0.003;

/** How far one wish would have to be widened for the other demands of the conflict to hold. */
function* widening(
  whole: BalanceRequest,
  request: BalanceRequest,
  rail: RailId,
  options: BalanceOptions,
): Search<Relaxation | undefined> {
  const wish = whole.brief[rail];
  if (!wish) return undefined;
  // Measured with everything else met where that can be; otherwise with the other demands of the conflict.
  let nearest: Solution | undefined;
  for (const asked of [whole, request]) {
    const aims = aimsOf(asked.brief).map((aim): Aim =>
      aim.rail === rail ? { ...aim, weight: aim.weight * GIVES_WAY } : aim,
    );
    const found = yield* solve(searchSpace(asked), aims, { ...options, passes: 1, starts: 2 });
    nearest = found;
    if (met(found.misses.filter((_miss, i) => aims[i]?.rail !== rail))) break;
    if (asked === request) return undefined;
  }
  if (!nearest) return undefined;
  const { assessed, masses } = nearest;
  const off = missOf(aimOf(rail, wish), railOf(rail).value(assessed)).middle;
  if (off === 0) return undefined;
  const { scale, value } = railOf(rail);
  const place = coordinateOn(scale, value(assessed).mid);
  for (const room of ROOMS) {
    const edge = valueOnRail(scale, place + Math.sign(off) * room * NOTICEABLE);
    const to: Wish = off < 0 ? { ...wish, low: edge } : { ...wish, high: edge };
    // Offered only when it truly helps the whole request.
    if (yield* feasible(withChangedWish(whole, rail, to), { ...options, starts: 1 }, masses))
      return { kind: 'widen', rail, to, by: Math.abs(off) + room };
  }
  return undefined;
}

/** Lines of the conflict that somebody cannot have. */
function linesToSwap(
  request: BalanceRequest,
  conflicting: readonly Demand[],
  eater: string,
): readonly number[] {
  const { people, present } = searchSpace(onlyWith(request, conflicting));
  return [
    ...new Set(
      people.forbidden
        .filter((one) => one.eater === eater && (present[one.line] ?? 0) > 0)
        .map(({ line }) => line),
    ),
  ];
}

/** What to do about one demand of the conflict; people’s needs are never weakened. */
function* relaxationsFor(
  request: BalanceRequest,
  conflicting: readonly Demand[],
  demand: Demand,
  options: BalanceOptions,
): Search<readonly Relaxation[]> {
  switch (demand.kind) {
    case 'wish': {
      const wider = yield* widening(request, onlyWith(request, conflicting), demand.rail, options);
      return wider ? [wider] : [];
    }
    case 'hold': {
      const holds = (request.holds ?? []).map((hold, line) => (line === demand.line ? undefined : hold));
      const helps = yield* feasible({ ...request, holds }, options);
      return helps ? [{ kind: 'free-line', line: demand.line }] : [];
    }
    case 'mass': {
      const masses = yield* feasible({ ...request, holdMass: false }, options);
      return masses ? [{ kind: 'free-mass', massG: masses.reduce((all, g) => all + g, 0) }] : [];
    }
    case 'person':
      return linesToSwap(request, conflicting, demand.eater).map((line) => ({ kind: 'swap-line', line }));
    case 'stock':
    case 'same-dish':
      return [];
  }
}

/** How much a relaxation asks of the cook, in steps of a rail. */
function sizeOf(relaxation: Relaxation, batchG: number): number {
  switch (relaxation.kind) {
    case 'widen':
      return relaxation.by;
    case 'free-mass':
      return Math.abs(Math.log(relaxation.massG / batchG)) / NOTICEABLE;
    case 'free-line':
      return 1;
    case 'swap-line':
      return 0;
  }
}

/** What to do about the conflict, smallest first. */
function* relaxationsOf(
  request: BalanceRequest,
  conflicting: readonly Demand[],
  options: BalanceOptions,
): Search<readonly Relaxation[]> {
  const found: Relaxation[] = [],
    batchG = request.recipe.lines.reduce((all, line) => all + line.mass, 0);
  for (const demand of conflicting)
    found.push(...(yield* relaxationsFor(request, conflicting, demand, options)));
  return found.sort((a, b) => sizeOf(a, batchG) - sizeOf(b, batchG));
}

/** Share of a limit within which a line counts as standing at it. @source assumed: less than a kitchen weighs */
const AT_LIMIT = 0.01;

/** Which lines stand in the way: those that a search comes to rest at, because beyond it would be another dish. */
function* linesInTheWay(request: BalanceRequest, options: BalanceOptions): Search<Demand> {
  const space = searchSpace(request);
  const { masses } = yield* solve(space, aimsOf(request.brief), { ...options, passes: 1, starts: 1 });
  const lines = space.limits.flatMap(({ low, high }, line): LineAtLimit[] => {
    const g = masses[line] ?? 0;
    if (request.holds?.[line] !== undefined || !(high > low)) return [];
    if (g >= high * (1 - AT_LIMIT)) return [{ line, side: 'most', atG: high }];
    return g <= low * (1 + AT_LIMIT) ? [{ line, side: 'least', atG: low }] : [];
  });
  return { kind: 'same-dish', lines };
}

/** Starts of each search of the filter; `npm run bench` looks whether they find what there is. @source assumed */
const FILTER_STARTS = 3;

/** Share of the work that is done when the conflicting set is known. */
const FILTERED = 0.8;

/**
 * Which demands exclude each other: each is left out in turn, and stays out when the rest still cannot be met. What is left is
 * irreducible: every demand in it is needed for the conflict.
 * @returns nothing conflicting when the search is stopped
 * @source deletion filter for irreducible infeasible sets, Chinneck & Dravnieks 1991
 */
export function* conflictIn(
  request: BalanceRequest,
  missed: ReadonlySet<RailId>,
  given: BalanceOptions,
): Search<Conflict> {
  const options = { ...given, starts: Math.min(given.starts, FILTER_STARTS) };
  let kept = demandsOf(request);
  // Wishes that are met are mostly no part of it: if they can all go at once, they need not be tried one by one.
  const missedOnly = kept.filter((demand) => demand.kind !== 'wish' || missed.has(demand.rail));
  if (
    missedOnly.length < kept.length - 1 &&
    !(yield* asPart(feasible(onlyWith(request, missedOnly), options), 0, 0))
  )
    kept = missedOnly;
  const asked = leastSuspectFirst(kept, missed);
  for (const [i, demand] of asked.entries()) {
    if (options.stop()) return { conflicting: [], relaxations: [] };
    const rest = kept.filter((other) => other !== demand);
    const part = [(i / asked.length) * FILTERED, ((i + 1) / asked.length) * FILTERED] as const;
    if (!(yield* asPart(feasible(onlyWith(request, rest), options), ...part))) kept = rest;
  }
  const named: Demand[] = [];
  for (const demand of kept)
    named.push(demand.kind === 'same-dish' ? yield* linesInTheWay(onlyWith(request, kept), options) : demand);
  return {
    conflicting: named,
    relaxations: yield* asPart(relaxationsOf(request, kept, options), FILTERED, 1),
  };
}
