import type { Family } from '../formula/family.js';
import type { PointPrediction } from '../predict/prediction.js';
import { familyStretches } from './family.params.js';
import type { Brief } from './lit-stretch.js';
import { type RailId, railOf } from './rail.js';

/** What this kind of product usually has to be. */
export const briefOfFamily = (family: Family): Brief => familyStretches[family];

/** An empty pot has figures of zero, but they say nothing of a sauce. */
export const isEmpty = (prediction: PointPrediction): boolean => prediction.flags.includes('empty');

export type Standing = 'below' | 'inside' | 'above' | 'unlit';

/** Where the predicted middle stands against the lit stretch. */
export function standingOf(brief: Brief, rail: RailId, prediction: PointPrediction): Standing {
  const stretch = brief[rail];
  if (!stretch || isEmpty(prediction)) return 'unlit';
  const { mid } = railOf(rail).value(prediction);
  return mid < stretch.low ? 'below' : mid > stretch.high ? 'above' : 'inside';
}
