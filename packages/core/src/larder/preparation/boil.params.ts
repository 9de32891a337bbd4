import type { Boiling } from '../../ingredient/handling.js';

type Columns = readonly [most: number, soakedRate: number, dryRate: number, soakedDone: number, dryDone: number, letOut: number, letOutMinutes: number, cv: number, apart?: true];

/**
 * Boiled soft in much water and drained, by larder id, dry forms only: g per g dry, rates in 1/min and min until soft (soaked before, not soaked), % of
 * the dry mass that the water takes and its time constant in min, CV of the yield.
 * @source kitchen physics 2, S-15, P/E
 */
const columns: Readonly<Record<string, Columns>> = {
  'red-lentil-dry': [3, 0.15, 0.13, 8, 14, 25, 12, 0.1],
  'split-pea-dry': [2.8, 0.05, 0.04, 30, 45, 18, 25, 0.1],
  'chickpea-dry': [2.35, 0.03, 0.02, 70, 130, 9, 60, 0.06, true],
  'white-bean-dry': [2.55, 0.03, 0.018, 60, 110, 10, 50, 0.07, true],
  'kidney-bean-dry': [2.55, 0.03, 0.018, 60, 110, 10, 50, 0.07, true],
  'butter-bean-dry': [2.7, 0.04, 0.02, 50, 90, 10, 45, 0.08, true],
  'soya-bean-dry': [2.5, 0.015, 0.01, 120, 200, 9, 90, 0.06, true],
  'green-lentil-dry': [2.55, 0.09, 0.07, 16, 24, 10, 25, 0.07, true],
  'rice-dry': [3, 0.16, 0.14, 9, 13, 8, 12, 0.08, true],
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
  Object.entries(columns).map(([id, [most, soaked, dry, soakedDone, dryDone, letOut, letOutMinutes, cv, apart]]) => [
    id,
    { most, cv, rates: [soaked, dry] as const, doneMinutes: [soakedDone, dryDone] as const, letOut, letOutMinutes, ...(apart ? { apart } : {}), source: 'S-15' },
  ]),
);
