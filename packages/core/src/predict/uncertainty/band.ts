import { K80 } from '../../numeric/normal.js';

/** An 80 % interval around the predicted value, all in the value's own unit. */
export interface Band {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** Band of a quantity whose logarithm has a standard deviation. */
export const bandOf = (mid: number, logSd: number): Band => ({
  low: mid * Math.exp(-K80 * logSd),
  mid,
  high: mid * Math.exp(K80 * logSd),
});
