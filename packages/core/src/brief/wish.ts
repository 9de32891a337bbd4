import type { RailId } from '../property/properties.js';

/** A lit range of a rail: where the value should lie, in the property's unit. */
export interface WishRange {
  readonly low: number;
  readonly high: number;
}

/** The far end of a rail is open: what is asked up to just there may lie beyond it. */
export const isOpenAbove = ({ high }: WishRange, { high: end }: { readonly high: number }): boolean =>
  Math.abs(high / end - 1) < 1e-9;

/** How much a wish matters against the others. */
export const weights = [1, 2, 3] as const;
export type Weight = (typeof weights)[number];
export const weightNames: Readonly<Record<Weight, string>> = {
  1: 'would be nice',
  2: 'matters',
  3: 'must be so',
};

/** What a cook asks of one property. */
export interface Wish extends WishRange {
  /** Absent means "matters". */
  readonly weight?: Weight;
  /** The cook fixed the property where it stood; its stretch is narrow around that. */
  readonly pinned?: boolean;
  /** Nothing was asked of the property: it stays near where it stands, and gives way to what is asked. */
  readonly kept?: boolean;
}

export const DEFAULT_WEIGHT: Weight = 2;
export const weightOf = (wish: Wish): Weight => wish.weight ?? DEFAULT_WEIGHT;

/** What a product has to be: a wish for each rail that is lit. */
export type Brief = Readonly<Partial<Record<RailId, Wish>>>;
