import type { Family } from '../brief/family.js';
import type { Serve } from './formula.js';

/** How a family is usually served. @source kitchen habit, assumed: dressings cold, spreads and butters out of the fridge, sauces warm */
export const usualServe: Readonly<Record<Family, Serve>> = {
  'pouring-sauce': { temperatureC: 60, storage: 'cool', days: 0 },
  'stretchy-melt': { temperatureC: 65, storage: 'cool', days: 0 },
  'cream-sauce': { temperatureC: 65, storage: 'cool', days: 0 },
  'crumbly-curd': { temperatureC: 8, storage: 'fridge', days: 1 },
  'tangy-spread': { temperatureC: 8, storage: 'fridge', days: 1 },
  dip: { temperatureC: 20, storage: 'cool', days: 0 },
  'butter-with-fat': { temperatureC: 8, storage: 'fridge', days: 1 },
  'butter-without-fat': { temperatureC: 8, storage: 'fridge', days: 1 },
  'baked-topping': { temperatureC: 60, storage: 'cool', days: 0 },
};
