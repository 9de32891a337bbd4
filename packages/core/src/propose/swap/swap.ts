import { type BalanceOptions, completeBalanceOptions } from '../balance/balance-request.js';
import { fewestChanges } from '../balance/few-changes.js';
import { searchSpace } from '../balance/search-space.js';
import { solve } from '../balance/solve.js';
import { helpersFor } from '../arrival/helper.js';
import { helperShare } from '../arrival/helper.params.js';
import { grams } from '../../quantity/quantity.js';
import { handfulOf } from './handful.js';
import { type SwapSearch, searchFor, type Looked } from './swap-search.js';
import { unlikeness } from './kinship.js';
import { linesToReplace, type TooMuch, tooMuchIn } from './lines-to-replace.js';
import { potRequest } from './pot-request.js';
import { byTurns, kindsAsked, replacedPots, type Search } from './replaced-pots.js';
import { arrivingOf } from '../../predict/assemble/weighed.js';
import { evenOut, type PotLine, sumOf } from './replace-line.js';
import { distanceBetween } from './shift.js';
import { lineFor } from './substitutes.js';
import { swapSearch } from './swap.params.js';
import { type BalancedPot, optionOf, type SwapOption } from './swap-option.js';
import type { SwapRequest } from './swap-request.js';

export type SwapOutcome =
  | {
      readonly kind: 'options';
      readonly options: readonly SwapOption[];
      /** Pots that were looked at. */ readonly tried: number;
      readonly stopped: boolean;
    }
  /** Nothing in the pot is in anybody’s way, but that somebody may have too much of what is added for its own sake. */
  | { readonly kind: 'nothing-to-swap'; readonly tooMuch: readonly TooMuch[] }
  /** The larder holds nothing that could stand there for these people and this school. */
  | { readonly kind: 'none-allowed'; readonly line: number };

interface Balanced extends Looked, BalancedPot {}

const quickly = { starts: 1, iterations: 6, passes: 1, explain: false } as const,
  carefully = { starts: 1, iterations: 12, passes: 1, explain: false } as const;

/** A pot with substitutes, balanced from where their first amounts put it. */
function* balanced(
  search: SwapSearch,
  { lines }: Pick<Looked, 'lines'>,
  options: BalanceOptions,
  few = false,
): Search<Balanced> {
  const space = searchSpace(potRequest(search.request, lines));
  const from = Float64Array.from(lines, ({ mass }) => mass);
  let solution = yield* solve(space, search.aims, options, { from, by: 1 });
  if (few && !solution.stopped) solution = yield* fewestChanges(space, search.aims, options, solution);
  search.tried += solution.evaluations;
  const badness = solution.misses.reduce(
    (all, { middle }, i) => all + (search.aims[i]?.weight ?? 1) * middle ** 2,
    0,
  );
  return { lines, space, solution, badness };
}

/** How a quickly balanced pot is expected to rank, lower is better: the brief first, then how near it is to the original in figures and in kind. */
function expectedRank({ original, request }: SwapSearch, { lines, solution, badness }: Balanced): number {
  const unlike = lines.map(({ ingredient, replaces }) =>
    replaces === undefined
      ? 0
      : unlikeness(request.recipe.lines[replaces]?.ingredient ?? ingredient, ingredient),
  );
  return (
    (solution.met ? 0 : MISSED) +
    badness +
    distanceBetween(original, solution.assessed) +
    2 * Math.max(0, ...unlike)
  );
}
const MISSED = 100;

/** The same pot with something beside the substitute for what stays short. */
function helpedPots(search: SwapSearch, { lines, solution }: Balanced): readonly (readonly PotLine[])[] {
  const { request, aims, allowed, held } = search;
  const batchG = lines.reduce((all, { mass }) => all + mass, 0);
  const off = (sign: 1 | -1) =>
    aims.flatMap(({ rail }, i) => (sign * (solution.misses[i]?.middle ?? 0) > WORTH_HELP ? [rail] : []));
  // What is left out is left out: with a helper it would be a swap, and that is tried as one.
  if (!lines.some(({ replaces }) => replaces !== undefined)) return [];
  const lacks = { short: off(-1), over: off(1) };
  return helpersFor(lacks, { ...request, recipe: { ...request.recipe, lines } }).flatMap((helper) => {
    // What is being replaced does not come back as a help.
    if (!allowed(helper) || request.recipe.lines.some(({ ingredient }) => ingredient.id === helper.id))
      return [];
    const line = lineFor(
      helper,
      { preparation: 'as-is', stage: 'start', mass: grams(0) },
      request,
      helperShare[helper.role] * batchG,
    );
    return [evenOut([...lines, line], 0, 0, sumOf(lines, arrivingOf), held)];
  });
}
/** Noticeable differences from which being off is worth one thing more in the pot. @source assumed */
const WORTH_HELP = 0.6;

/** Pots looked at closely, those that stay short once more with a helper, the most promising first. */
function* closelyLooked(
  search: SwapSearch,
  pots: readonly Looked[],
  options: BalanceOptions,
): Search<Balanced[]> {
  const close: Balanced[] = [];
  const chosen = pots.slice(0, swapSearch.closely);
  for (const [i, pot] of chosen.entries()) {
    if (options.stop()) break;
    close.push(yield* balanced(search, pot, { ...options, ...quickly }));
    yield { done: 1 / 3 + i / chosen.length / 3, objective: 0, evaluations: search.tried };
  }
  const helped = close
    .flatMap((pot) => helpedPots(search, pot))
    .map(search.look)
    .sort((a, b) => a.badness - b.badness);
  for (const pot of byTurns(helped, (pot) => kindsAsked(search, pot), swapSearch.helped)) {
    if (options.stop()) break;
    close.push(yield* balanced(search, pot, { ...options, ...quickly }));
  }
  const expected = new Map(close.map((pot) => [pot, expectedRank(search, pot)]));
  return close.sort((a, b) => (expected.get(a) ?? 0) - (expected.get(b) ?? 0));
}

/**
 * What could stand where something cannot stay, from the whole larder, everything else moved as little as that needs; a handful of ways that
 * differ in kind. Never what somebody at the table cannot have. Deterministic given the seed; yields while it works.
 * @throws RangeError for a line that is not there (callers validate first)
 */
export function* swap(given: SwapRequest, options: Partial<BalanceOptions> = {}): Search<SwapOutcome> {
  const complete = completeBalanceOptions(options);
  const lines = linesToReplace(given);
  if (lines.length === 0) return { kind: 'nothing-to-swap', tooMuch: tooMuchIn(given) };
  let search = searchFor(given, false);
  let pots = yield* replacedPots(search, lines, complete.stop);
  if ('noneFor' in pots) {
    search = searchFor(given, true);
    pots = yield* replacedPots(search, lines, complete.stop);
  }
  if ('noneFor' in pots) return { kind: 'none-allowed', line: pots.noneFor };
  const close = yield* closelyLooked(search, pots, complete);
  const kindOf = (pot: Balanced) => kindsAsked(search, pot);
  const leading = byTurns(close, kindOf, new Set(close.map(kindOf)).size).slice(0, swapSearch.finished);
  const finished: SwapOption[] = [];
  const ofKind = new Map<string, number>();
  for (const [i, quick] of close.entries()) {
    const kind = kindOf(quick),
      before = ofKind.get(kind) ?? 0;
    ofKind.set(kind, before + 1);
    if (before > swapSearch.alike) continue;
    const leads = leading.includes(quick) && !complete.stop();
    const pot = leads ? yield* balanced(search, quick, { ...complete, ...carefully }, true) : quick;
    const option = optionOf(search, pot);
    if (option) finished.push(option);
    yield { done: 2 / 3 + (i + 1) / close.length / 3, objective: 0, evaluations: search.tried };
  }
  return {
    kind: 'options',
    options: handfulOf(finished),
    tried: search.tried,
    stopped: complete.stop(),
  };
}
