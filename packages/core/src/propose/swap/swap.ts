import { potAt } from '../../predict/pot-at.js';
import { spreadOfPot } from '../../predict/spread.js';
import { type Aim, aimsOf, met, missesOf } from '../balance/aim.js';
import { type BalanceOptions, completeBalanceOptions } from '../balance/balance-request.js';
import { limitsOfPeople } from '../balance/limits-of-people.js';
import { assess, type Assessed } from '../../property/assess.js';
import { searchSpace } from '../balance/search-space.js';
import { type SearchProgress, solve } from '../balance/solve.js';
import { withWish } from '../../brief/brief.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Recipe } from '../../recipe/recipe.js';
import { grams } from '../../quantity/quantity.js';
import { allowedFor, lineFor, type Substitute, substitutesFor } from './substitutes.js';
import { unlikeness } from './kinship.js';
import { potRequest } from './pot-request.js';
import { evenOut, type PotLine, replaceLine } from './replace-line.js';
import { schoolAllows } from './school.js';
import { helpers, helperShare, outclassed, swapSearch } from './swap.params.js';
import { type BalancedPot, optionOf, type SwapOption } from './swap-option.js';
import type { SwapRequest } from './swap-request.js';
import { distanceBetween } from './shift.js';

export type SwapOutcome =
  | {
      readonly kind: 'options';
      readonly options: readonly SwapOption[];
      /** Pots that were looked at. */ readonly tried: number;
      readonly stopped: boolean;
    }
  /** Nothing in the pot is in anybody’s way. */
  | { readonly kind: 'nothing-to-swap' }
  /** The larder holds nothing that could stand there for these people and this school. */
  | { readonly kind: 'none-allowed'; readonly line: number };

type Search<T> = Generator<SearchProgress, T>;

/** Lines that have to be replaced for what is asked. */
export function linesToReplace(request: SwapRequest): readonly number[] {
  const { ask, recipe, portions, eaters = [], labels, schools } = request;
  if (ask.kind === 'line') return [ask.line];
  const asked = ask.kind === 'person' ? eaters.filter(({ name }) => name === ask.eater) : eaters;
  const { forbidden } = limitsOfPeople(recipe, portions, asked, labels);
  const lines = new Set(
    forbidden.filter(({ line }) => (recipe.lines[line]?.mass ?? 0) > 0).map(({ line }) => line),
  );
  if (ask.kind === 'everybody')
    recipe.lines.forEach(({ ingredient }, i) => schoolAllows(schools, ingredient) || lines.add(i));
  return [...lines].sort((a, b) => a - b);
}

/** The brief as the school has it: a soft melt is not asked to pull, a stretchy one is. @source stretch of the family’s melt */
function briefForSchool({ brief, schools: { melt } }: SwapRequest): SwapRequest['brief'] {
  if (melt === 'soft-melt') return withWish(brief, 'stretch', undefined);
  return melt === 'starch-stretch' && !brief.stretch ? withWish(brief, 'stretch', STRETCHY) : brief;
}
const STRETCHY = { low: 7, high: 22 } as const;

/** Steps outside beyond which a first look does not tell worse from bad: balancing will change it anyway. */
const BAD_ENOUGH = 4;

interface Looked {
  readonly lines: readonly PotLine[];
  readonly badness: number;
}

/** Everything one search needs at hand. */
interface Kitchen {
  readonly request: SwapRequest;
  readonly aims: readonly Aim[];
  readonly original: Assessed;
  readonly look: (lines: readonly PotLine[]) => Looked;
  readonly allowed: (ingredient: Ingredient) => boolean;
  readonly held: (line: PotLine) => boolean;
  tried: number;
}

function kitchenFor(given: SwapRequest): Kitchen {
  const request = { ...given, brief: briefForSchool(given) };
  const { recipe, portions } = request,
    aims = aimsOf(request.brief),
    spread = spreadOfPot(potAt(recipe)),
    known = new Map<string, boolean>();
  const kitchen: Kitchen = {
    request,
    aims,
    tried: 0,
    original: assess(recipe, portions),
    look: (lines) => {
      kitchen.tried++;
      const assessed = assess({ ...recipe, lines }, portions, spread);
      const badness = missesOf(aims, assessed).reduce(
        (all, { middle }, i) => all + (aims[i]?.weight ?? 1) * Math.min(Math.abs(middle), BAD_ENOUGH) ** 2,
        0,
      );
      return { lines, badness };
    },
    allowed: (ingredient) => {
      let answer = known.get(ingredient.id);
      if (answer === undefined)
        known.set(
          ingredient.id,
          (answer = schoolAllows(request.schools, ingredient) && allowedFor(request, ingredient)),
        );
      return answer;
    },
    held: ({ origin }) => origin !== undefined && request.holds?.[origin]?.kind === 'pinned',
  };
  return kitchen;
}

/** Of each shelf its best, then of each its second best, and so on. */
function byTurns<T>(list: readonly T[], kindOf: (item: T) => string, count: number): readonly T[] {
  const kinds = new Map<string, T[]>();
  for (const item of list) kinds.set(kindOf(item), [...(kinds.get(kindOf(item)) ?? []), item]);
  const out: T[] = [];
  for (let round = 0; out.length < Math.min(count, list.length); round++)
    for (const items of kinds.values()) {
      const item = items[round];
      if (item && out.length < count) out.push(item);
    }
  return out;
}

const potOf = (
  { recipe }: SwapRequest,
  lines: readonly PotLine[],
): Recipe & { readonly lines: readonly PotLine[] } => ({ ...recipe, lines });

/** Roles whose work the rest of the pot can often take over. */
const spare: readonly string[] = ['savory', 'seasoning', 'sour'];
/** Of a substitute wholly unlike what it replaces, in a first look; squared steps. @source assumed */
const UNLIKE = 4;

/** Substitutes for one line, the most promising of every shelf first. */
function* promising(
  kitchen: Kitchen,
  line: number,
  lines: readonly PotLine[],
  count: number,
): Search<readonly Substitute[]> {
  const { request, original, held } = kitchen;
  const at = lines.findIndex(({ origin }) => origin === line);
  const replaced = request.recipe.lines[line]?.ingredient;
  const canGo =
    lines.length > 1 &&
    replaced !== undefined &&
    (spare.includes(replaced.role) || !schoolAllows(request.schools, replaced));
  const substitutes = [...substitutesFor(request, line, kitchen.allowed), ...(canGo ? [{ lines: [] }] : [])];
  const looked: { readonly substitute: Substitute; readonly badness: number }[] = [];
  for (const substitute of substitutes) {
    const { badness } = kitchen.look(replaceLine(original, potOf(request, lines), at, substitute, held));
    const [first] = substitute.lines;
    const unlike =
      first && replaced && substitute.sauce === undefined ? unlikeness(replaced, first.ingredient) : 0;
    looked.push({ substitute, badness: badness + UNLIKE * unlike });
    if (looked.length % 8 === 0)
      yield { done: looked.length / substitutes.length / 3, objective: 0, evaluations: kitchen.tried };
  }
  looked.sort((a, b) => a.badness - b.badness);
  const shelf = ({
    substitute: {
      lines: [first],
      sauce,
    },
  }: (typeof looked)[number]) => sauce ?? first?.ingredient.shelf ?? 'nothing';
  return byTurns(looked, shelf, count).map(({ substitute }) => substitute);
}

/** Whole pots with all lines replaced: all of one line’s substitutes, or a beam over several lines. */
function* replacedPots(
  kitchen: Kitchen,
  lines: readonly number[],
  stop: () => boolean,
): Search<readonly Looked[] | { readonly noneFor: number }> {
  const start: readonly PotLine[] = kitchen.request.recipe.lines.map((line, origin) => ({ ...line, origin }));
  const count = lines.length === 1 ? swapSearch.closely : swapSearch.closelyOfSeveral;
  let pots: readonly Looked[] = [{ lines: start, badness: 0 }];
  for (const line of lines) {
    const substitutes = yield* promising(kitchen, line, start, count);
    if (substitutes.length === 0) return { noneFor: line };
    const next: Looked[] = [];
    for (const pot of pots)
      for (const substitute of substitutes) {
        const at = pot.lines.findIndex(({ origin }) => origin === line);
        if (
          substitute.lines.some(
            ({ ingredient }) =>
              substitute.sauce === undefined &&
              pot.lines.some((other) => other.ingredient.id === ingredient.id),
          )
        )
          continue;
        next.push(
          kitchen.look(
            replaceLine(kitchen.original, potOf(kitchen.request, pot.lines), at, substitute, kitchen.held),
          ),
        );
      }
    next.sort((a, b) => a.badness - b.badness);
    pots = lines.length === 1 ? next : byTurns(next, substitutesIn, swapSearch.beam);
    yield { done: 1 / 3, objective: pots[0]?.badness ?? 0, evaluations: kitchen.tried };
    if (stop()) break;
  }
  return pots;
}

/** What is new in a pot, by shelf: two pots of one kind are near-twins. */
const substitutesIn = ({ lines }: { readonly lines: readonly PotLine[] }): string =>
  [
    ...new Set(
      lines
        .filter(({ origin }) => origin === undefined)
        .map(({ ingredient: { shelf, role }, sauce }) => sauce ?? `${role} ${shelf}`),
    ),
  ]
    .sort()
    .join(' + ') || 'left out';

interface Balanced extends Looked, BalancedPot {}

const quickly = { starts: 1, iterations: 6, passes: 1, explain: false } as const,
  carefully = { starts: 1, iterations: 12, passes: 1, explain: false } as const;

function* balanced(kitchen: Kitchen, lines: readonly PotLine[], options: BalanceOptions): Search<Balanced> {
  const space = searchSpace(potRequest(kitchen.request, lines));
  const solution = yield* solve(space, kitchen.aims, options);
  kitchen.tried += solution.evaluations;
  const badness = solution.misses.reduce(
    (all, { middle }, i) => all + (kitchen.aims[i]?.weight ?? 1) * middle ** 2,
    0,
  );
  return { lines, space, solution, badness };
}

/** How a quickly balanced pot is expected to rank, lower is better: the brief first, then how near it is to the original in figures and in kind. */
function expectedRank({ original, request }: Kitchen, { lines, solution, badness }: Balanced): number {
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
function helpedPots(kitchen: Kitchen, { lines, solution }: Balanced): readonly (readonly PotLine[])[] {
  const { request, aims, allowed, held } = kitchen;
  const batchG = lines.reduce((all, { mass }) => all + mass, 0);
  const short = aims.filter((_aim, i) => {
    const miss = solution.misses[i];
    return miss !== undefined && !met([miss]) && miss.middle < 0;
  });
  return short.flatMap(({ rail }) =>
    (helpers[rail] ?? []).flatMap((id) => {
      const helper = request.larder.find((ingredient) => ingredient.id === id);
      if (!helper || !allowed(helper) || lines.some(({ ingredient }) => ingredient.id === id)) return [];
      const line = lineFor(
        helper,
        { preparation: 'as-is', stage: 'start', mass: grams(0) },
        request,
        helperShare[helper.role] * batchG,
      );
      return [evenOut([...lines, line], 0, 0, batchG, held)];
    }),
  );
}

/** The best first, then only what is clearly different: another kind of substitute or another school. */
export function clearlyDifferent<T extends { readonly lines: readonly PotLine[] }>(
  sorted: readonly T[],
  schoolIn: (item: T) => string,
  count: number,
): readonly T[] {
  const out: T[] = [],
    kinds = new Set<string>();
  const first = ({ lines }: T) =>
    lines
      .filter(({ replaces }) => replaces !== undefined)
      .map(({ ingredient }) => ingredient.id)
      .join(' ');
  for (const test of [
    (item: T) => substitutesIn(item),
    (item: T) => `${substitutesIn(item)} ${schoolIn(item)}`,
  ])
    for (const item of sorted) {
      if (out.length >= count) return out;
      const kind = test(item);
      if (out.includes(item) || kinds.has(kind) || out.some((other) => first(other) === first(item)))
        continue;
      kinds.add(kind);
      kinds.add(substitutesIn(item));
      out.push(item);
    }
  return out;
}

/**
 * What could stand where something cannot stay, from the whole larder, each balanced anew, a handful of clearly different ones. Never
 * what somebody at the table cannot have. Deterministic given the seed; yields while it works.
 * @throws RangeError for a line that is not there (callers validate first)
 */
export function* swap(given: SwapRequest, options: Partial<BalanceOptions> = {}): Search<SwapOutcome> {
  const complete = completeBalanceOptions(options);
  const lines = linesToReplace(given);
  if (lines.length === 0) return { kind: 'nothing-to-swap' };
  const kitchen = kitchenFor(given);
  const pots = yield* replacedPots(kitchen, lines, complete.stop);
  if ('noneFor' in pots) return { kind: 'none-allowed', line: pots.noneFor };
  const close: Balanced[] = [];
  const chosen = pots.slice(0, swapSearch.closely);
  for (const [i, pot] of chosen.entries()) {
    if (complete.stop()) break;
    close.push(yield* balanced(kitchen, pot.lines, { ...complete, ...quickly }));
    yield { done: 1 / 3 + i / chosen.length / 3, objective: 0, evaluations: kitchen.tried };
  }
  close.sort((a, b) => a.badness - b.badness);
  const helped = close
    .filter(({ solution }) => !solution.met)
    .flatMap((pot) => helpedPots(kitchen, pot))
    .map(kitchen.look)
    .sort((a, b) => a.badness - b.badness);
  for (const { lines: pot } of byTurns(helped, substitutesIn, swapSearch.helped)) {
    if (complete.stop()) break;
    close.push(yield* balanced(kitchen, pot, { ...complete, ...quickly }));
  }
  const expectedOf = new Map(close.map((pot) => [pot, expectedRank(kitchen, pot)]));
  close.sort((a, b) => (expectedOf.get(a) ?? 0) - (expectedOf.get(b) ?? 0));
  const finished: SwapOption[] = [];
  const finishing = [...clearlyDifferent(close, () => '', swapSearch.finished)];
  for (const [i, quick] of finishing.entries()) {
    const pot = complete.stop()
      ? quick
      : yield* balanced(kitchen, quick.lines, { ...complete, ...carefully });
    const option = optionOf(kitchen.request, kitchen.aims, kitchen.original, pot);
    if (option) finished.push(option);
    yield { done: 2 / 3 + (i + 1) / finishing.length / 3, objective: 0, evaluations: kitchen.tried };
  }
  finished.sort((a, b) => a.rank - b.rank);
  const best = finished[0]?.rank ?? 0;
  const worthwhile = finished.filter(({ rank }, i) => i < outclassed.fewAre || rank <= best + outclassed.by);
  return {
    kind: 'options',
    options: [...clearlyDifferent(worthwhile, ({ school }) => school, swapSearch.shown)].sort(
      (a, b) => a.rank - b.rank,
    ),
    tried: kitchen.tried,
    stopped: complete.stop(),
  };
}
