import type { Assessed } from '../../property/assess.js';
import { type Brief, isOpenAbove, type Wish, weightOf } from '../../brief/wish.js';
import { wishesOf } from '../../brief/brief.js';
import { coordinateOn, NOTICEABLE, railOf } from '../../property/rail.js';
import { type RailId } from '../../property/properties.js';
import type { Band } from '../../predict/uncertainty/band.js';
import { balanceWeights, edges, wishWeights } from './balance.params.js';
import { outside } from './bounded-least-squares.js';

/** A wish in differences just noticed of its rail, ready for the arithmetic. */
export interface Aim {
  readonly rail: RailId;
  readonly wish: Wish;
  readonly low: number;
  readonly high: number;
  readonly weight: number;
}

/** How far a band lies outside an aim, in differences just noticed. */
export interface Miss {
  /** Of the middle; negative is below the stretch. */
  readonly middle: number;
  /** Of the end that sticks out furthest, less what no amount could bring inside. */
  readonly band: number;
}

const noticedFromZero = (rail: RailId, value: number): number =>
  coordinateOn(railOf(rail).scale, value) / NOTICEABLE;

export const aimOf = (rail: RailId, wish: Wish): Aim => ({
  rail,
  wish,
  low: noticedFromZero(rail, wish.low),
  high: isOpenAbove(wish, railOf(rail).scale) ? Infinity : noticedFromZero(rail, wish.high),
  weight: wishWeights[weightOf(wish)],
});

export const aimsOf = (brief: Brief): readonly Aim[] =>
  wishesOf(brief).map(({ rail, wish }) => aimOf(rail, wish));

/**
 * The distance of a band from a stretch. A band wider than its stretch cannot lie inside it: then it is to stand in the middle, and
 * only what sticks out further on one side than it must counts.
 * @param margin differences just noticed by which the middle is to stay inside the edges
 */
export function missOf(aim: Aim, band: Band, margin = 0): Miss {
  const [middle, bandLow, bandHigh] = figuresOf(aim, band);
  return {
    middle: outside(middle, ...keptInside(aim, margin)),
    band: Math.max(0, aim.low - bandLow, bandHigh - aim.high),
  };
}

/** The figures of an aim, in differences just noticed: the middle, and each end of the band less what no amount could bring inside. */
export function figuresOf(
  { rail, low, high }: Aim,
  { low: from, mid, high: to }: Band,
): readonly [middle: number, bandLow: number, bandHigh: number] {
  const bandLow = noticedFromZero(rail, from),
    bandHigh = noticedFromZero(rail, to);
  const unavoidable = Math.max(0, (bandHigh - bandLow - (high - low)) / 2);
  return [noticedFromZero(rail, mid), bandLow + unavoidable, bandHigh - unavoidable];
}

/** Where the middle is to lie: the stretch, less a margin at each edge. */
export function keptInside({ low, high }: Aim, margin: number): readonly [low: number, high: number] {
  const keep = Math.min(margin, (high - low) / 2);
  return [low + keep, high - keep];
}

export const missesOf = (aims: readonly Aim[], assessed: Assessed, margin = 0): readonly Miss[] =>
  aims.map((aim) => missOf(aim, railOf(aim.rail).value(assessed), margin));

/** Whether the middle of every prediction lies in its stretch, as near as a kitchen can tell. */
export const met = (misses: readonly Miss[]): boolean =>
  misses.every(({ middle }) => Math.abs(middle) <= edges.met);

/** Aims that the cook asked for; the others stay as they are where they can. */
export const askedOf = (aims: readonly Aim[]): readonly Aim[] => aims.filter(({ wish }) => !wish.kept);

/** Whether everything that was asked for is met; what only was to stay as it is may give way. */
export const askedMet = (aims: readonly Aim[], misses: readonly Miss[]): boolean =>
  met(misses.filter((_miss, i) => !aims[i]?.wish.kept));

/** Rails whose middle lies outside. */
export const missedRails = (aims: readonly Aim[], misses: readonly Miss[]): readonly RailId[] =>
  aims.flatMap(({ rail }, i) => (met(misses.slice(i, i + 1)) ? [] : [rail]));

/** What each miss weighs against the others. @param margin differences just noticed by which the middle is to stay inside the edges */
export const penaltiesOf = (aims: readonly Aim[], assessed: Assessed, margin: number): readonly number[] =>
  missesOf(aims, assessed, margin).map(
    ({ middle, band }, i) => (aims[i]?.weight ?? 1) * (middle ** 2 + balanceWeights.band * band ** 2),
  );
