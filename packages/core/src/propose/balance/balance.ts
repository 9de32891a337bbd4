import { wishesOf } from '../../brief/brief.js';
import { assess } from '../../property/assess.js';
import { type Aim, aimsOf, askedMet, missedRails, missesOf } from './aim.js';
import { balanceWeights } from './balance.params.js';
import { type BalanceOptions, type BalanceRequest, completeBalanceOptions } from './balance-request.js';
import { type Conflict, conflictIn } from './conflict.js';
import { feasiblePoint } from './feasibility.js';
import { fewestChanges } from './few-changes.js';
import { helped, lacksOf } from './helped.js';
import { type Forbidden, mayBeTooMuch } from './limits-of-people.js';
import { leftAlone, type Measuring, type Proposal, proposalOf } from './proposal.js';
import { searchSpace, type SearchSpace } from './search-space.js';
import { asPart, type SearchProgress, solve, type Solution, withinLimits } from './solve.js';

/** What came of what was asked. */
type Answer =
  | { readonly kind: 'balanced'; readonly proposal: Proposal }
  /** The demands exclude each other; the proposal comes as near as it can. */
  | { readonly kind: 'infeasible'; readonly proposal: Proposal; readonly conflict: Conflict }
  | { readonly kind: 'closest'; readonly why: 'stopped' | 'not-found'; readonly proposal: Proposal };

export type BalanceOutcome =
  /** Somebody who cannot have a line cannot have it with other amounts either: it stays as it is, and is told beside. */
  | (Answer & { readonly forbidden?: readonly Forbidden[] })
  /** Somebody cannot have a line, and nothing else is asked: it is to be swapped, nothing is solved around it. */
  | { readonly kind: 'swap-first'; readonly proposal: Proposal; readonly forbidden: readonly Forbidden[] };

/** Whether everything asked for is met as it is, for everybody, with room for doubt. */
function isGoodAsItIs(space: SearchSpace, aims: readonly Aim[]): boolean {
  const { present, low, high, request, people } = space;
  return (
    present.every((g, i) => g >= (low[i] ?? 0) - WEIGHED && g <= (high[i] ?? Infinity) + WEIGHED) &&
    withinLimits(space, present) &&
    !people.portions.some((limit) => mayBeTooMuch(limit, present)) &&
    askedMet(aims, missesOf(aims, assess(request.recipe, request.portions)))
  );
}
/** g that no scale tells apart. */
const WEIGHED = 1e-6;

/** How far a balance is when it has searched, when it has looked whether all can be met at all, and when it has tried what could help. */
const SHARES = { solve: 0.3, feasible: 0.4, helped: 0.5 } as const;

type Search<T> = Generator<SearchProgress, T>;

/** What comes instead where nothing in the pot reaches what is asked: something beside it, or what excludes what. */
function* instead(
  space: SearchSpace,
  aims: readonly Aim[],
  solution: Solution,
  measuring: Measuring,
  options: BalanceOptions,
): Search<BalanceOutcome | undefined> {
  const withHelper = yield* asPart(
    helped(space, aims, lacksOf(aims, solution.misses), options),
    SHARES.feasible,
    SHARES.helped,
  );
  if (withHelper) {
    const few = yield* fewestChanges(withHelper.space, aims, options, withHelper.solution);
    return { kind: 'balanced', proposal: proposalOf(withHelper.space, aims, few, measuring) };
  }
  if (!options.explain || options.stop()) return undefined;
  const missed = new Set(missedRails(aims, solution.misses));
  const conflict = yield* asPart(conflictIn(space.request, missed, options), SHARES.helped, 1);
  if (conflict.conflicting.length === 0) return undefined;
  return { kind: 'infeasible', proposal: proposalOf(space, aims, solution, measuring), conflict };
}

/** With the lines that somebody cannot have held where they are: the wish is answered, and the swap stands beside it. */
const asTheyStand = (request: BalanceRequest, forbidden: readonly Forbidden[]): BalanceRequest => ({
  ...request,
  asTheyStand: new Set(forbidden.map(({ line }) => line)),
  holds: request.recipe.lines.map((_line, i) =>
    forbidden.some(({ line }) => line === i) ? { kind: 'pinned' } : request.holds?.[i],
  ),
});

/**
 * The amounts that meet what is asked for these people, few lines changed and the dish still the dish; or which demands exclude each other; or
 * what has to be swapped, where nothing else is asked. What is good as it is is left alone. Yields while it works, so that whoever runs it can show how far it is
 * and stop it.
 * @throws RangeError for a negative mass or a hold that is upside down (callers validate first)
 */
export function* balance(
  request: BalanceRequest,
  measuring: Measuring,
  given: Partial<BalanceOptions> = {},
): Search<BalanceOutcome> {
  const options = completeBalanceOptions(given);
  const space = searchSpace(request),
    aims = aimsOf(request.brief);
  const forbidden = space.people.forbidden.filter(
    ({ line }) => (space.present[line] ?? 0) > 0 && request.holds?.[line] === undefined,
  );
  if (forbidden.length > 0) {
    if (!wishesOf(request.brief).some(({ wish }) => !wish.kept))
      return { kind: 'swap-first', proposal: leftAlone(space, aims), forbidden };
    const answer = yield* balance(asTheyStand(request, forbidden), measuring, given);
    return answer.kind === 'swap-first' ? answer : { ...answer, forbidden };
  }
  if (isGoodAsItIs(space, aims)) return { kind: 'balanced', proposal: leftAlone(space, aims) };
  let solution = yield* asPart(solve(space, aims, options), 0, SHARES.solve);
  if (!solution.met && !solution.stopped) {
    const search = feasiblePoint(space, aims, options, solution.masses);
    const from = yield* asPart(search, SHARES.solve, SHARES.feasible);
    if (from) solution = yield* solve(space, aims, options, { from, by: balanceWeights.insist });
    else {
      const other = yield* instead(space, aims, solution, measuring, options);
      if (other) return other;
    }
  }
  if (solution.met && !solution.stopped) solution = yield* fewestChanges(space, aims, options, solution);
  const proposal = proposalOf(space, aims, solution, measuring);
  // What is said to be met is met by the amounts that are taken.
  if (solution.met && proposal.outside.length === 0) return { kind: 'balanced', proposal };
  return { kind: 'closest', why: solution.stopped || options.stop() ? 'stopped' : 'not-found', proposal };
}
