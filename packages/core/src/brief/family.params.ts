import type { Family } from './family.js';
import type { Brief } from './wish.js';

/**
 * What each family spans, in the rail’s unit: from the leanest and thinnest to the richest and thickest that is cooked under its name. It is
 * shown as orientation and asked for only where a cook chooses it.
 * @source taste bands: engine notes E-10; the ends from everyday products of each kind as general cooking knowledge has them, assumed:
 * soups to lasagne sauces, melts of beans without oil, roux thin enough for soup, vinaigrettes of three quarters oil, light spreads of 40 % fat
 */
export const familyRanges: Readonly<Record<Family, Brief>> = {
  'pouring-sauce': { fat: { low: 0.5, high: 25 }, thickness: { low: 60, high: 6000 }, savoriness: { low: 0.05, high: 2.5 }, salt: { low: 0.4, high: 1.9 }, sourness: { low: 1, high: 45 }, sweetness: { low: 0, high: 7 }, graininess: { low: 0, high: 4.5 }, curdling: { low: 0, high: 40 } },
  'stretchy-melt': { fat: { low: 0.3, high: 28 }, thickness: { low: 700, high: 60_000 }, stretch: { low: 3, high: 28 }, savoriness: { low: 0.05, high: 2.5 }, salt: { low: 0.5, high: 2 }, sourness: { low: 1, high: 45 }, sweetness: { low: 0, high: 6 }, graininess: { low: 0, high: 5 }, curdling: { low: 0, high: 40 }, 'raw-thickness': { low: 1, high: 20_000, weight: 1 } },
  'cream-sauce': { fat: { low: 1, high: 38 }, thickness: { low: 40, high: 9000 }, savoriness: { low: 0, high: 1 }, salt: { low: 0.3, high: 1.4 }, sourness: { low: 0, high: 28 }, sweetness: { low: 0, high: 7 }, graininess: { low: 0, high: 4.5 }, curdling: { low: 0, high: 30 } },
  'crumbly-curd': { fat: { low: 2, high: 32 }, thickness: { low: 3000, high: 190_000 }, savoriness: { low: 0, high: 1.2 }, salt: { low: 0.4, high: 2.2 }, sourness: { low: 6, high: 90 }, sweetness: { low: 0, high: 4 } },
  'tangy-spread': { fat: { low: 3, high: 48 }, thickness: { low: 2500, high: 180_000 }, savoriness: { low: 0, high: 1.2 }, salt: { low: 0.3, high: 1.8 }, sourness: { low: 6, high: 100 }, sweetness: { low: 0, high: 5 }, graininess: { low: 0, high: 4.5 } },
  dip: { fat: { low: 0.5, high: 80 }, thickness: { low: 40, high: 60_000 }, savoriness: { low: 0, high: 2 }, salt: { low: 0.3, high: 2.4 }, sourness: { low: 3, high: 120 }, sweetness: { low: 0, high: 12 } },
  'butter-with-fat': { fat: { low: 38, high: 85 }, savoriness: { low: 0, high: 0.3 }, salt: { low: 0, high: 2.2 }, sourness: { low: 0, high: 25 }, sweetness: { low: 0, high: 2 } },
  'butter-without-fat': { fat: { low: 0, high: 10 }, thickness: { low: 2500, high: 190_000 }, savoriness: { low: 0, high: 0.6 }, salt: { low: 0.2, high: 1.8 }, sourness: { low: 0, high: 25 }, sweetness: { low: 0, high: 5 }, graininess: { low: 0, high: 4 } },
  'baked-topping': { fat: { low: 0.5, high: 30 }, thickness: { low: 300, high: 60_000 }, savoriness: { low: 0, high: 2 }, salt: { low: 0.3, high: 1.9 }, sourness: { low: 0, high: 40 }, sweetness: { low: 0, high: 7 }, curdling: { low: 0, high: 40 }, graininess: { low: 0, high: 5 } },
};
