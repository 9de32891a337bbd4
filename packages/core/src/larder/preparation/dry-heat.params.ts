import type { Drying } from '../../ingredient/handling.js';

type Columns = readonly [ids: readonly string[], loose: number, rate: number, cv: number];
const rowsOf = (columns: readonly Columns[]): Readonly<Record<string, Drying>> =>
  Object.fromEntries(
    columns.flatMap(([ids, loose, rate, cv]) => ids.map((id) => [id, { loose, rate, cv, source: 'S-15' }])),
  );

/** Water that leaves in a pan: g per g that can leave, 1/min for pieces of 5 mm. @source kitchen physics 5, P/E */
export const fryRows = rowsOf([
  [['onion', 'shallot'], 0.75, 0.12, 0.2],
  [['mushroom'], 0.62, 0.25, 0.2],
  [['leek'], 0.6, 0.1, 0.2],
  [['garlic'], 0.55, 0.25, 0.3],
  [['spinach', 'kale'], 0.75, 0.25, 0.25],
  [['courgette'], 0.65, 0.1, 0.2],
  [['aubergine'], 0.6, 0.1, 0.25],
  [['tomato-fresh', 'tomato-canned'], 0.8, 0.05, 0.25],
  [['red-pepper', 'celery', 'fennel'], 0.6, 0.06, 0.2],
  [['carrot', 'parsnip', 'celeriac', 'turnip', 'swede', 'beetroot', 'potato', 'sweet-potato', 'squash', 'jerusalem-artichoke', 'cauliflower', 'broccoli'], 0.45, 0.05, 0.25],
]);

/** Water that leaves in an oven of 200 °C: g per g that can leave, 1/min for pieces of 25 mm. @source kitchen physics 6, E */
export const roastRows = rowsOf([
  [['red-pepper'], 0.75, 0.016, 0.2],
  [['squash'], 0.7, 0.015, 0.2],
  [['cauliflower', 'broccoli'], 0.75, 0.016, 0.2],
  [['garlic'], 0.3, 0.01, 0.3],
  [['aubergine', 'courgette'], 0.8, 0.017, 0.2],
  [['mushroom'], 0.8, 0.05, 0.25],
  [['onion', 'shallot', 'leek', 'fennel'], 0.75, 0.019, 0.2],
  [['carrot', 'parsnip', 'celeriac', 'turnip', 'swede', 'beetroot', 'potato', 'sweet-potato', 'jerusalem-artichoke'], 0.7, 0.017, 0.2],
  [['tomato-fresh'], 0.85, 0.013, 0.25],
  [['cashew', 'almond', 'hazelnut', 'walnut', 'pecan', 'pistachio', 'pine-nut', 'peanut', 'macadamia', 'brazil-nut', 'sunflower-seed', 'pumpkin-seed', 'sesame-seed', 'hemp-seed', 'poppy-seed'], 0.045, 0.09, 0.3],
]);
