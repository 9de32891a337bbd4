import type { Family } from './family.js';
import type { Brief } from './wish.js';

/**
 * The usual stretch of each rail by family, in the rail's unit.
 * @source taste bands: engine notes E-10; everything else assessed from what each family must do (docs/words.md), assumed.
 */
export const familyRanges: Readonly<Record<Family, Brief>> = {
  'pouring-sauce': { fat: { low: 4, high: 14 }, thickness: { low: 500, high: 2500 }, savoriness: { low: 0.3, high: 2 }, salt: { low: 0.8, high: 1.5 }, sourness: { low: 5, high: 30 }, sweetness: { low: 0.5, high: 4 }, graininess: { low: 0, high: 3.5 }, curdling: { low: 0, high: 35 } },
  'stretchy-melt': { fat: { low: 4, high: 14 }, thickness: { low: 1500, high: 12_000 }, stretch: { low: 7, high: 22 }, savoriness: { low: 0.3, high: 2 }, salt: { low: 0.8, high: 1.5 }, sourness: { low: 5, high: 30 }, sweetness: { low: 0.3, high: 4 }, graininess: { low: 0, high: 4 }, curdling: { low: 0, high: 35 }, 'raw-thickness': { low: 1, high: 4000, weight: 1 } },
  'cream-sauce': { fat: { low: 4, high: 20 }, thickness: { low: 200, high: 1500 }, savoriness: { low: 0.05, high: 0.6 }, salt: { low: 0.5, high: 1 }, sourness: { low: 0, high: 8 }, sweetness: { low: 0.5, high: 4 }, graininess: { low: 0, high: 3.5 }, curdling: { low: 0, high: 25 } },
  'crumbly-curd': { fat: { low: 4, high: 18 }, thickness: { low: 8000, high: 120_000 }, savoriness: { low: 0.05, high: 0.8 }, salt: { low: 0.6, high: 1.3 }, sourness: { low: 15, high: 60 }, sweetness: { low: 0, high: 3 } },
  'tangy-spread': { fat: { low: 10, high: 35 }, thickness: { low: 6000, high: 90_000 }, savoriness: { low: 0.05, high: 0.8 }, salt: { low: 0.6, high: 1.3 }, sourness: { low: 15, high: 70 }, sweetness: { low: 0, high: 3 }, graininess: { low: 0, high: 3.5 } },
  dip: { fat: { low: 5, high: 25 }, thickness: { low: 900, high: 15_000 }, savoriness: { low: 0.05, high: 1.2 }, salt: { low: 0.6, high: 1.4 }, sourness: { low: 12, high: 60 }, sweetness: { low: 0, high: 4 } },
  'butter-with-fat': { fat: { low: 60, high: 84 }, savoriness: { low: 0, high: 0.1 }, salt: { low: 0.2, high: 1.8 }, sourness: { low: 0, high: 15 }, sweetness: { low: 0, high: 1 } },
  'butter-without-fat': { fat: { low: 0, high: 6 }, thickness: { low: 4000, high: 90_000 }, savoriness: { low: 0, high: 0.3 }, salt: { low: 0.5, high: 1.5 }, sourness: { low: 0, high: 15 }, sweetness: { low: 0, high: 3 }, graininess: { low: 0, high: 2.5 } },
  'baked-topping': { fat: { low: 4, high: 18 }, thickness: { low: 500, high: 6000 }, savoriness: { low: 0.1, high: 1.5 }, salt: { low: 0.6, high: 1.4 }, sourness: { low: 0, high: 25 }, sweetness: { low: 0.3, high: 4 }, curdling: { low: 0, high: 35 }, graininess: { low: 0, high: 4 } },
};
