import type { Boiling } from '../../ingredient/handling.js';

type Columns = readonly [most: number, soakedRate: number, dryRate: number, soakedDone: number, dryDone: number, letOut: number, letOutMinutes: number, cv: number];

/**
 * Boiled soft in much water and drained, by larder id, dry forms only: g per g dry, rates in 1/min and min until soft (soaked before, not soaked), % of
 * the dry mass that the water takes and its time constant in min, CV of the yield.
 * @source kitchen physics 2, S-15, P/E
 */
const columns: Readonly<Record<string, Columns>> = {
  'red-lentil-dry': [3, 0.15, 0.13, 8, 14, 25, 12, 0.1],
  'split-pea-dry': [2.8, 0.05, 0.04, 30, 45, 18, 25, 0.1],
  'mung-dry': [2.9, 0.045, 0.035, 25, 40, 12, 30, 0.08],
  cashew: [1.5, 0.08, 0.08, 15, 15, 4, 20, 0.08],
  'cashew-roasted-salted': [1.4, 0.08, 0.08, 15, 15, 4, 20, 0.1],
  almond: [1.5, 0.07, 0.07, 18, 18, 4, 20, 0.08],
  hazelnut: [1.4, 0.07, 0.07, 18, 18, 4, 20, 0.1],
  walnut: [1.4, 0.08, 0.08, 15, 15, 4, 20, 0.1],
  peanut: [1.55, 0.06, 0.06, 40, 45, 4, 20, 0.1],
  'sunflower-seed': [1.6, 0.1, 0.1, 12, 12, 4, 20, 0.1],
  'pumpkin-seed': [1.55, 0.08, 0.08, 15, 15, 4, 20, 0.1],
};

export const boilRows: Readonly<Record<string, Boiling>> = Object.fromEntries(
  Object.entries(columns).map(([id, [most, soaked, dry, soakedDone, dryDone, letOut, letOutMinutes, cv]]) => [
    id,
    { most, cv, rates: [soaked, dry] as const, doneMinutes: [soakedDone, dryDone] as const, letOut, letOutMinutes, source: 'S-15' },
  ]),
);
