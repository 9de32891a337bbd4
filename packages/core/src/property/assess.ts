import type { Mixture } from '../predict/mixture/mixture.js';
import { potAt } from '../predict/pot-at.js';
import { predictPot } from '../predict/predict-pot.js';
import type { PointPrediction } from '../predict/prediction.js';
import type { Spread } from '../predict/spread.js';
import type { Recipe } from '../recipe/recipe.js';

/** A recipe with its portions, as computed: what every property reads from. */
export interface Assessed {
  readonly recipe: Recipe;
  readonly portions: number;
  readonly mix: Mixture;
  readonly prediction: PointPrediction;
}

/**
 * Works out everything that a property may ask of a recipe.
 * @param spread width of the bands, where that is known well enough already
 * @throws RangeError for a negative or non-finite mass (callers validate first)
 */
export function assess(recipe: Recipe, portions: number, spread?: Spread): Assessed {
  const pot = potAt(recipe);
  return { recipe, portions, mix: pot.mix, prediction: predictPot(pot, undefined, spread) };
}

/** An empty pot has figures of zero, but they say nothing of a sauce. */
export const isEmpty = (prediction: PointPrediction): boolean => prediction.flags.includes('empty');
