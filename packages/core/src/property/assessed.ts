import type { Mixture } from '../predict/mixture/mixture.js';
import type { Recipe } from '../recipe/recipe.js';
import type { PointPrediction } from '../predict/prediction.js';

/** A formula as computed: what every rail reads from. */
export interface Judged {
  readonly recipe: Recipe;
  readonly portions: number;
  readonly mix: Mixture;
  readonly prediction: PointPrediction;
}
