import type { Ingredient } from '../../ingredient/ingredient.js';
import { measuredPot } from '../balance/proposal.js';
import { missedRails } from '../balance/aim.js';
import { changesOf, type LineChange } from '../balance/reasons.js';
import { isWorseRegard, type Regard, type Regarded, worstOf } from '../arrival/regard.js';
import { type Preparation, preparationOf } from '../../recipe/preparation.js';
import type { SwapSearch } from './swap-search.js';
import type { Measurable } from '../balance/kitchen-rounding.js';
import type { SearchSpace } from '../balance/search-space.js';
import type { Solution } from '../balance/solve.js';
import type { Assessed } from '../../property/assess.js';
import type { EaterVerdict } from '../../household/verdict.js';
import type { Recipe } from '../../recipe/recipe.js';
import type { RailId } from '../../property/properties.js';
import { readyMinutes } from '../../larder/preparation/ready-minutes.js';
import { costOf } from '../../predict/cost/cost.js';
import { arrivingOf } from '../../predict/assemble/weighed.js';
import { type PotLine, sumOf } from './replace-line.js';
import { rankOf, unmet } from './rank.js';
import { schoolOf } from './school.js';
import { unitOfRole } from './swap.params.js';
import type { SwapRequest } from './swap-request.js';
import { unlikeness } from './kinship.js';
import { distanceBetween, type Shift, shiftsBetween } from './shift.js';

/** One way to replace what was asked for, everything else put right around it. */
export interface SwapOption {
  readonly lines: readonly PotLine[];
  /** By line, as a kitchen measures them. */
  readonly amounts: readonly Measurable[];
  readonly after: Assessed;
  readonly outside: readonly RailId[];
  readonly shifts: readonly Shift[];
  /** Names of what leaves and of what comes; a sauce of the house is one thing. */
  readonly out: readonly string[];
  readonly in: readonly string[];
  /** What else moves and why, largest first; places in `lines`. */
  readonly moves: readonly LineChange[];
  /** Who has something to say to what comes, and how much it weighs for the worst of them. */
  readonly regarded: readonly Regarded[];
  readonly regard: Regard;
  /** People who would have to ask or read a label first, whatever the reason. */
  readonly asks: readonly string[];
  /** What has to be done with the substitutes before they go in. */
  readonly effort: readonly { readonly name: string; readonly preparation: Preparation }[];
  /** Others of one kind that would do as well. */
  readonly alike: readonly SwapOption[];
  /** Just noticeable differences away from the original, root mean square. */
  readonly distance: number;
  /** Coins of the batch against the original. */
  readonly coinsMore: number;
  /** min that making the substitutes ready adds. */
  readonly minutes: number;
  /** Substitutes that are not in the house, where that is known. */
  readonly notInHouse: readonly string[];
  readonly school: string;
  /** Lower is better. */
  readonly rank: number;
}

const minutesOf = ({ ingredient, preparation }: PotLine): number => readyMinutes(ingredient.id, preparation);

/** What something new weighs against what stood there before. */
const noWorse = (regard: Regard, before: Regard): Regard =>
  before !== 'cannot' && isWorseRegard(regard, 'asks') && !isWorseRegard(regard, before) ? 'asks' : regard;

/** How unlike leaving something out is to having it: what no figure sees of it is gone. @source assumed */
const LEFT_OUT = 1.3;

/** g of water in 100 g from which something is nothing but water. */
const ONLY_WATER = 99.5;
const isWater = ({ per100 }: Ingredient): boolean => (per100.water ?? 0) >= ONLY_WATER;

/** How unlike the substitutes are to what they replace, the most unlike of them. */
const unlikenessOf = ({ recipe }: SwapRequest, substitutes: readonly PotLine[]): number =>
  Math.max(
    substitutes.length === 0 ? LEFT_OUT : 0,
    ...substitutes.map(({ ingredient, replaces, sauce }) => {
      const was = replaces === undefined ? undefined : recipe.lines[replaces];
      if (!was || sauce !== undefined) return 0;
      // Water in its place is nothing in its place.
      return Math.max(
        isWater(ingredient) && !isWater(was.ingredient) ? LEFT_OUT : 0,
        unlikeness(was.ingredient, ingredient),
      );
    }),
  );

/** A pot with substitutes, and the amounts that were found for it. */
export interface BalancedPot {
  readonly lines: readonly PotLine[];
  readonly space: SearchSpace;
  readonly solution: Solution;
}

/** Whether something that is new in the pot is in somebody's way; what somebody could not have before is another matter. */
function newlyInTheWay(
  lines: readonly PotLine[],
  after: Assessed,
  verdicts: readonly EaterVerdict[],
  tooMuchBefore: readonly boolean[],
): boolean {
  const standing = after.recipe.lines.flatMap(({ mass }, i) => (mass > 0 ? [lines[i]] : []));
  return verdicts.some(({ findings }, i) =>
    findings.some(
      ({ verdict, line }) =>
        verdict === 'does-not' &&
        (line === undefined ? !tooMuchBefore[i] : standing[Number(line)]?.origin === undefined),
    ),
  );
}

/** What leaves the pot and what comes into it. */
function exchanged(
  request: SwapRequest,
  lines: readonly PotLine[],
  amounts: readonly Measurable[],
): {
  readonly gone: Recipe['lines'];
  readonly substitutes: readonly PotLine[];
} {
  const stays = new Set(lines.flatMap(({ origin }, i) => ((amounts[i]?.grams ?? 0) > 0 ? [origin] : [])));
  return {
    gone: request.recipe.lines.filter((_line, i) => !stays.has(i)),
    substitutes: lines.filter(({ origin }) => origin === undefined),
  };
}

/** Share of a batch that has to come out of a way to swap: less is no dinner. @source assumed */
const STILL_THE_BATCH = 0.75;
/** Whether a person's limit was kept by leaving the batch out. */
const isHardlyThere = (before: Assessed, after: Assessed): boolean =>
  sumOf(after.recipe.lines, arrivingOf) < STILL_THE_BATCH * sumOf(before.recipe.lines, arrivingOf);

const coinsOf = ({ recipe }: Assessed): number => costOf(recipe.lines).coins.mid;

/** Coins below which a pot counts as having cost that much. */
const LEAST_COINS = 0.01;

/** A pot as it stands with its substitutes, and what they take. */
interface SwappedPot {
  readonly after: Assessed;
  readonly distance: number;
  readonly minutes: number;
  readonly substitutes: readonly PotLine[];
  readonly notInHouse: readonly PotLine[];
  readonly regarded: readonly Regarded[];
  readonly moves: readonly LineChange[];
}

/** What counts against an option. */
function rankAgainst(
  { request, aims, original }: SwapSearch,
  misses: Parameters<typeof unmet>[1],
  { after, distance, minutes, substitutes, notInHouse, regarded, moves }: SwappedPot,
): number {
  return rankOf({
    unmet: unmet(aims, misses),
    distance,
    costRatio: Math.max(coinsOf(after), LEAST_COINS) / Math.max(coinsOf(original), LEAST_COINS),
    minutes,
    notInHouse: notInHouse.length,
    // A sauce of the house is one thing to make, however many lines it has.
    newThings: new Set(substitutes.map(({ sauce, ingredient }) => sauce ?? ingredient.id)).size,
    unlike: unlikenessOf(request, substitutes),
    asking: new Set(regarded.map(({ eater }) => eater)).size,
    moved: moves.length,
  });
}

/** What has to be done with the substitutes before they go in; a sauce of the house comes made. */
const effortOf = (substitutes: readonly PotLine[]): SwapOption['effort'] =>
  substitutes.flatMap(({ ingredient: { name }, preparation, sauce }) =>
    sauce === undefined && preparationOf(preparation).ahead !== undefined ? [{ name, preparation }] : [],
  );

/** A balanced pot as an option, or nothing when somebody still could not eat it. */
export function optionOf(
  search: SwapSearch,
  { lines, space, solution }: BalancedPot,
): SwapOption | undefined {
  const { request, aims, original, regard: regardOf, verdictsOn, tooMuchBefore } = search,
    { measuring, eaters = [], brief, inHouse } = request;
  const { amounts, masses, after, misses } = measuredPot(space, aims, solution, {
    rounding: measuring.rounding,
    units: lines.map(({ origin, ingredient }) =>
      origin === undefined ? unitOfRole[ingredient.role] : (measuring.units[origin] ?? 'g'),
    ),
    asWritten: lines.map(({ origin }) => origin !== undefined),
  });
  const verdicts = verdictsOn(after);
  if (newlyInTheWay(lines, after, verdicts, tooMuchBefore)) return undefined;
  const { gone, substitutes } = exchanged(request, lines, amounts);
  if (substitutes.length > 0 && request.holdMass !== false && isHardlyThere(original, after))
    return undefined;
  const regarded = substitutes.flatMap(({ ingredient }) => regardOf(ingredient)),
    moves = changesOf(space, aims, masses).filter(({ line }) => lines[line]?.origin !== undefined),
    notInHouse = substitutes.filter(({ ingredient }) => inHouse && !inHouse.has(ingredient.id)),
    distance = distanceBetween(original, after),
    minutes = Math.max(0, ...substitutes.map(minutesOf));
  return {
    lines,
    amounts,
    after,
    asks: eaters.flatMap(({ name }, i) => (verdicts[i]?.verdict === 'ask' ? [name] : [])),
    out: gone.map(({ ingredient }) => ingredient.name),
    in: [...new Set(substitutes.map(({ sauce, ingredient }) => sauce ?? ingredient.name))],
    moves,
    regarded,
    // Where the cook lives with a question already, another of the same weight is no worse.
    regard: noWorse(worstOf(regarded), worstOf(gone.flatMap(({ ingredient }) => regardOf(ingredient)))),
    effort: effortOf(substitutes),
    alike: [],
    outside: missedRails(aims, misses),
    distance,
    coinsMore: coinsOf(after) - coinsOf(original),
    minutes,
    notInHouse: notInHouse.map(({ ingredient }) => ingredient.name),
    rank: rankAgainst(search, misses, {
      after,
      distance,
      minutes,
      substitutes,
      notInHouse,
      regarded,
      moves,
    }),
    shifts: shiftsBetween(brief, original, after),
    school: schoolOf(after.recipe.lines),
  };
}
