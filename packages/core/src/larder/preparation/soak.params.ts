import type { Soaking } from '../../ingredient/handling.js';

type Columns = readonly [most: number, k5: number, k20: number, k60: number, k75: number, letOut: number, slimyAfter: number, cv: number, lagHours?: number];

/**
 * Uptake in a soak, by larder id, dry forms only: g/g in the end, rates in 1/h at 5, 20, 60 and 75 °C, % of the dry mass let out, h at 20 °C until
 * it turns, CV of the uptake. Kernels drink by their protein and starch, skins and thickness slow them.
 * @source kitchen physics 1, S-15; P/E; what is not named there by the rule for nuts (1.1 times the mass that is neither fat nor water)
 */
const columns: Readonly<Record<string, Columns>> = {
  cashew: [0.45, 0.25, 0.45, 1.6, 3, 2.5, 12, 0.15],
  'cashew-roasted-salted': [0.35, 0.3, 0.5, 1.8, 3.2, 2.5, 12, 0.25],
  almond: [0.5, 0.25, 0.45, 1.8, 3.6, 2.5, 12, 0.15],
  hazelnut: [0.36, 0.2, 0.36, 1.4, 2.8, 2.5, 12, 0.25],
  walnut: [0.4, 0.35, 0.6, 1.8, 3.5, 2.5, 12, 0.25],
  pecan: [0.3, 0.3, 0.55, 1.7, 3.3, 2.5, 12, 0.3],
  macadamia: [0.12, 0.08, 0.15, 0.5, 1, 2.5, 12, 0.4],
  'brazil-nut': [0.3, 0.12, 0.22, 0.8, 1.6, 2.5, 12, 0.3],
  pistachio: [0.48, 0.25, 0.45, 1.6, 3, 2.5, 12, 0.25],
  'pine-nut': [0.32, 0.4, 0.7, 2.2, 4, 2.5, 8, 0.3],
  peanut: [0.5, 0.16, 0.3, 1.1, 2.1, 2.5, 12, 0.2],
  'sunflower-seed': [0.65, 0.4, 0.7, 2.2, 4, 2.5, 12, 0.15],
  'pumpkin-seed': [0.55, 0.26, 0.45, 1.5, 3, 2.5, 12, 0.2],
  'sesame-seed': [0.7, 0.45, 0.8, 2.5, 4.5, 2.5, 10, 0.25],
  'poppy-seed': [0.55, 0.4, 0.7, 2.2, 4, 2.5, 10, 0.3],
  'hemp-seed': [0.45, 0.7, 1.2, 3, 5, 2.5, 2, 0.3],
  'flax-seed-ground': [6, 8, 14, 30, 45, 0, 12, 0.3],
  'chia-seed': [10, 3, 5.5, 14, 22, 0, 24, 0.25],
  'psyllium-husk': [25, 7, 11.5, 25, 38, 0, 24, 0.3],
  'red-lentil-dry': [1, 0.9, 1.8, 6, 9, 7, 6, 0.1],
  'split-pea-dry': [1.05, 0.3, 0.65, 2.4, 4, 7, 6, 0.12],
  'mung-dry': [1.15, 0.09, 0.22, 1.1, 2, 4, 16, 0.1],
  'chickpea-dry': [1.05, 0.12, 0.28, 1, 1.8, 4, 16, 0.07],
  'white-bean-dry': [1.05, 0.12, 0.3, 1.1, 1.7, 4, 16, 0.08, 0.3],
  'kidney-bean-dry': [1.05, 0.12, 0.3, 1.1, 1.7, 4, 16, 0.08, 0.3],
  'butter-bean-dry': [1.1, 0.12, 0.3, 1.1, 1.7, 4, 16, 0.1, 0.3],
  'soya-bean-dry': [1.35, 0.14, 0.35, 1.3, 2.2, 4.5, 16, 0.06],
  'green-lentil-dry': [0.95, 0.2, 0.45, 1.8, 3, 4, 16, 0.1],
  'rice-dry': [0.3, 2.2, 3.5, 9, 14, 1.5, 8, 0.1],
  'oat-flakes': [1.6, 2.5, 4, 10, 12, 12, 2, 0.2],
  'oat-flakes-gluten-free': [1.6, 2.5, 4, 10, 12, 12, 2, 0.2],
  'tomato-dried': [1.3, 0.35, 0.65, 2.4, 4, 8, 24, 0.25],
  'shiitake-dried': [3.5, 0.8, 1.5, 5, 7.5, 10, 24, 0.25],
  'porcini-dried': [3.5, 0.9, 1.7, 5.5, 7.5, 10, 24, 0.25],
};

export const soakRows: Readonly<Record<string, Soaking>> = Object.fromEntries(
  Object.entries(columns).map(([id, [most, k5, k20, k60, k75, letOut, slimyAfter, cv, lagHours = 0]]) => [
    id,
    { most, cv, rates: [k5, k20, k60, k75] as const, lagHours, letOut, slimyAfter, source: 'S-15' },
  ]),
);
