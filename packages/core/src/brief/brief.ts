import type { Family } from './family.js';
import { familyRanges } from './family.params.js';
import { type Assessed, isEmpty } from '../property/assess.js';
import { type Brief, isOpenAbove, type Wish } from './wish.js';
import { placeOnRail, railIds, railOf, valueOnRail } from '../property/rail.js';
import { type RailId } from '../property/properties.js';

/** What this kind of product usually has to be. */
export const briefOfFamily = (family: Family): Brief => familyRanges[family];

/** What the cook asks of this formula; nothing by itself, then it is to stay as it is. */
export const briefOf = ({ brief }: { readonly brief?: Brief | undefined }): Brief => brief ?? {};

/** Whether a brief is what is usual for a kind of product, as it was chosen. */
export const isUsualFor = (family: Family, brief: Brief | undefined): boolean =>
  brief !== undefined &&
  railIds.every((rail) => {
    const [asked, usual] = [brief[rail], familyRanges[family][rail]];
    return asked?.low === usual?.low && asked?.high === usual?.high && asked?.weight === usual?.weight;
  });

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

export type Standing = 'below' | 'inside' | 'above' | 'unlit';

/** Where the predicted middle stands against the lit range. */
export function standingOf(brief: Brief, rail: RailId, assessed: Assessed): Standing {
  const stretch = brief[rail];
  if (!stretch || isEmpty(assessed.prediction)) return 'unlit';
  const { mid } = railOf(rail).value(assessed);
  return mid < stretch.low
    ? 'below'
    : mid > stretch.high && !isOpenAbove(stretch, railOf(rail).scale)
      ? 'above'
      : 'inside';
}
