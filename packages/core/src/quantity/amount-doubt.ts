import { K80 } from '../numeric/normal.js';
import { type Amount, gramsOf } from './amount.js';
import type { Measures } from './measures.js';
import { type Grams, grams } from './quantity.js';
import { unitOf } from './unit.js';

/** Share by which one piece differs from the next of its kind, one standard deviation. @source kitchen physics 10, E: sizes of a shop lie within a fifth of their middle */
export const PIECE_CV = 0.14;
/** Standard deviations of a normal law between which four of five lie: what somebody says as a range is meant so. */
const FOUR_OF_FIVE = 2 * K80;

/**
 * How unsure the weight of a written amount is, one standard deviation in g: of what was said loosely, from its range; of pieces,
 * from how they differ (of several less than of one). Nothing for what was weighed or measured.
 */
export function amountSd(amount: Amount, measures: Measures): Grams {
  const mass = gramsOf(amount, measures) ?? 0;
  const { value, unit, range } = amount;
  if (!(value > 0)) return grams(0);
  const said = range ? ((range.high - range.low) / FOUR_OF_FIVE / value) * mass : 0;
  const counted = unitOf(unit).kind === 'count' ? (PIECE_CV * mass) / Math.sqrt(Math.max(value, 1)) : 0;
  return grams(Math.hypot(said, counted));
}
