import type { Recipe } from '../recipe/recipe.js';
import { sdOfAmounts } from './amounts-doubt.js';
import { potAt } from './pot-at.js';
import { predictPot } from './predict-pot.js';
import type { PointPrediction, Prediction } from './prediction.js';
import { temperatureCurve } from './temperature-curve.js';
import { K80 } from '../numeric/normal.js';
import { type KitchenOffsets, noOffsets } from './uncertainty/kitchen-offsets.params.js';

/**
 * What the model says of a recipe as it is served, without its curve: with the doubt of the kitchen and of amounts that were said
 * loosely.
 * @throws RangeError for a negative or non-finite mass (callers validate first)
 */
export function predictAt(recipe: Recipe, offsets: KitchenOffsets = noOffsets): PointPrediction {
  const pot = potAt(recipe, undefined, offsets);
  return predictPot(pot, offsets, undefined, sdOfAmounts(recipe, pot, offsets));
}

/**
 * Everything the model says of a recipe. Pure: the same recipe gives the same figures in the browser and on the server.
 * @throws RangeError for a negative or non-finite mass (callers validate first)
 */
export function predict(recipe: Recipe, offsets: KitchenOffsets = noOffsets): Prediction {
  const pot = potAt(recipe, undefined, offsets),
    { at, mix } = pot;
  const amounts = sdOfAmounts(recipe, pot, offsets);
  const point = predictPot(pot, offsets, undefined, amounts);
  const known = {
    temperature: at.temperature,
    viscosity: Math.log(point.viscosity.high / point.viscosity.mid) / K80,
  };
  return {
    ...point,
    curve: temperatureCurve(mix, at.storage, at.days, offsets, known, amounts?.viscosity),
  };
}
