import { measuredPot } from '../balance/proposal.js';
import { met, missedRails } from '../balance/aim.js';
import { changesOf, type LineChange } from '../balance/reasons.js';
import { isWorseRegard, type Regard, type Regarded, worstOf } from '../arrival/regard.js';
import { type Preparation, preparationOf } from '../../recipe/preparation.js';
import type { SwapSearch } from './swap-search.js';
import type { Measurable } from '../balance/kitchen-rounding.js';
import type { SearchSpace } from '../balance/search-space.js';
import type { Solution } from '../balance/solve.js';
import type { Assessed } from '../../property/assess.js';
import type { RailId } from '../../property/properties.js';
import { readyMinutes } from '../../larder/preparation/ready-minutes.js';
import { costOf } from '../../predict/cost/cost.js';
import type { PotLine } from './replace-line.js';
import { schoolOf } from './school.js';
import { rankWeights, unitOfRole } from './swap.params.js';
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

/** How unlike the substitutes are to what they replace, the most unlike of them. */
const unlikenessOf = ({ recipe }: SwapRequest, substitutes: readonly PotLine[]): number =>
  Math.max(
    substitutes.length === 0 ? LEFT_OUT : 0,
    ...substitutes.map(({ ingredient, replaces, sauce }) => {
      const was = replaces === undefined ? undefined : recipe.lines[replaces];
      return was && sauce === undefined ? unlikeness(was.ingredient, ingredient) : 0;
    }),
  );

/** A pot with substitutes, and the amounts that were found for it. */
export interface BalancedPot {
  readonly lines: readonly PotLine[];
  readonly space: SearchSpace;
  readonly solution: Solution;
}

/** A balanced pot as an option, or nothing when somebody still could not eat it. */
export function optionOf(
  { request, aims, original, regard: regardOf, verdictsOn, tooMuchBefore }: SwapSearch,
  { lines, space, solution }: BalancedPot,
): SwapOption | undefined {
  const { measuring, eaters = [], brief, inHouse } = request;
  const { amounts, masses, after, misses } = measuredPot(space, aims, solution, {
    rounding: measuring.rounding,
    units: lines.map(({ origin, ingredient }) =>
      origin === undefined ? unitOfRole[ingredient.role] : (measuring.units[origin] ?? 'g'),
    ),
    asWritten: lines.map(({ origin }) => origin !== undefined),
  });
  const verdicts = verdictsOn(after);
  const standing = after.recipe.lines.flatMap(({ mass }, i) => (mass > 0 ? [lines[i]] : []));
  // What somebody could not have before is another matter; nothing new may be in their way.
  const newlyInTheWay = verdicts.some(({ findings }, i) =>
    findings.some(
      ({ verdict, line }) =>
        verdict === 'does-not' &&
        (line === undefined ? !tooMuchBefore[i] : standing[Number(line)]?.origin === undefined),
    ),
  );
  if (newlyInTheWay) return undefined;
  const asks = eaters.flatMap(({ name }, i) => (verdicts[i]?.verdict === 'ask' ? [name] : []));
  const substitutes = lines.filter(({ origin }) => origin === undefined);
  // A sauce of the house is one thing to make, however many lines it has.
  const stays = new Set(lines.flatMap(({ origin }, i) => ((amounts[i]?.grams ?? 0) > 0 ? [origin] : [])));
  const out = request.recipe.lines.flatMap(({ ingredient }, i) => (stays.has(i) ? [] : [ingredient.name]));
  // Where the cook lives with a question already, another of the same weight is no worse.
  const gone = request.recipe.lines.filter((_line, i) => !stays.has(i));
  const replacedRegard = worstOf(gone.flatMap(({ ingredient }) => regardOf(ingredient)));
  const regarded = substitutes.flatMap(({ ingredient }) => regardOf(ingredient)),
    regard = noWorse(worstOf(regarded), replacedRegard),
    moves = changesOf(space, aims, masses).filter(({ line }) => lines[line]?.origin !== undefined);
  const newThings = new Set(substitutes.map(({ sauce, ingredient }) => sauce ?? ingredient.id)).size;
  const notInHouse = inHouse
    ? substitutes
        .filter(({ ingredient }) => !inHouse.has(ingredient.id))
        .map(({ ingredient }) => ingredient.name)
    : [];
  const coins = (assessed: Assessed) => costOf(assessed.recipe.lines).coins.mid;
  const distance = distanceBetween(original, after),
    coinsMore = coins(after) - coins(original),
    minutes = Math.max(0, ...substitutes.map(minutesOf));
  const fit = Math.sqrt(
    misses.reduce((all, miss, i) => all + (met([miss]) ? 0 : (aims[i]?.weight ?? 1) * miss.middle ** 2), 0),
  );
  const w = rankWeights;
  const rank =
    w.fit * fit +
    w.closeness * distance +
    w.cost * Math.log2(Math.max(coins(after), 0.01) / Math.max(coins(original), 0.01)) +
    (w.hour * minutes) / 60 +
    w.notInHouse * notInHouse.length +
    w.newLine * newThings +
    w.unlike * unlikenessOf(request, substitutes) +
    w.asks * new Set(regarded.map(({ eater }) => eater)).size +
    w.moved * moves.length;
  return {
    lines,
    amounts,
    after,
    asks,
    out,
    in: [...new Set(substitutes.map(({ sauce, ingredient }) => sauce ?? ingredient.name))],
    moves,
    regarded,
    regard,
    effort: substitutes.flatMap(({ ingredient: { name }, preparation, sauce }) =>
      sauce === undefined && preparationOf(preparation).ahead !== undefined ? [{ name, preparation }] : [],
    ),
    alike: [],
    outside: missedRails(aims, misses),
    distance,
    coinsMore,
    minutes,
    notInHouse,
    rank,
    shifts: shiftsBetween(brief, original, after),
    school: schoolOf(after.recipe.lines),
  };
}
