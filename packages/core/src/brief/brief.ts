import type { Family } from './family.js';
import type { PointPrediction } from '../predict/prediction.js';
import { familyRanges } from './family.params.js';
import type { Assessed } from '../property/assess.js';
import type { Brief, Wish } from './wish.js';
import { placeOnRail, railIds, railOf, valueOnRail } from '../property/rail.js';
import { type RailId } from '../property/properties.js';

/** What this kind of product usually has to be. */
export const briefOfFamily = (family: Family): Brief => familyRanges[family];

/** What this formula has to be: the cook's own brief, or what is usual for its kind. */
export const briefOf = ({ brief, family }: { readonly brief?: Brief; readonly family: Family }): Brief =>
  brief ?? briefOfFamily(family);

/** The wishes of a brief in the order of the rails. */
export const wishesOf = (brief: Brief): readonly { readonly rail: RailId; readonly wish: Wish }[] =>
  railIds.flatMap((rail) => {
    const wish = brief[rail];
    return wish ? [{ rail, wish }] : [];
  });

/** The brief with one wish put in place of what stood there, or taken out. */
export function withWish(brief: Brief, rail: RailId, wish: Wish | undefined): Brief {
  const { [rail]: _before, ...rest } = brief;
  return wish ? { ...rest, [rail]: wish } : rest;
}

/** Half the width of a pinned stretch, as a share of the rail. @source assumed: the smallest step a cook would notice */
const PIN_HALF_WIDTH = 0.015;

/** A wish that keeps a property where it stands now. */
export function pinnedWish(rail: RailId, assessed: Assessed): Wish {
  const { scale, value } = railOf(rail),
    place = placeOnRail(scale, value(assessed).mid);
  return {
    low: valueOnRail(scale, place - PIN_HALF_WIDTH),
    high: valueOnRail(scale, place + PIN_HALF_WIDTH),
    weight: 3,
    pinned: true,
  };
}

/** An empty pot has figures of zero, but they say nothing of a sauce. */
export const isEmpty = (prediction: PointPrediction): boolean => prediction.flags.includes('empty');

export type Standing = 'below' | 'inside' | 'above' | 'unlit';

/** Where the predicted middle stands against the lit range. */
export function standingOf(brief: Brief, rail: RailId, assessed: Assessed): Standing {
  const stretch = brief[rail];
  if (!stretch || isEmpty(assessed.prediction)) return 'unlit';
  const { mid } = railOf(rail).value(assessed);
  return mid < stretch.low ? 'below' : mid > stretch.high ? 'above' : 'inside';
}
