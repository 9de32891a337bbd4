import type { Recipe } from '../recipe/recipe.js';
import { assemble } from './assemble/assemble.js';
import type { Mixture } from './mixture/mixture.js';
import { modelDomain } from './prediction.params.js';
import { consistencyAt } from './thickness/consistency.js';
import type { Consistency, Moment } from './thickness/flow.js';
import { type KitchenOffsets, noOffsets } from './uncertainty/kitchen-offsets.params.js';

/** A recipe as it stands in the pot at one moment: what every law reads from. */
export interface PotAt {
  readonly mix: Mixture;
  readonly at: Moment;
  readonly flow: Consistency;
}

/** Serving temperature held inside what the model knows. @source engine notes E-16 */
export const momentOf = (recipe: Pick<Recipe, 'serving'>): Moment => ({
  temperature: Math.min(modelDomain.hottest, Math.max(modelDomain.coldest, recipe.serving.temperatureC)),
  storage: recipe.serving.storage,
  days: recipe.serving.days,
});

/**
 * Puts a recipe together and looks at it.
 * @param at when it is looked at; as it is served where nothing is said
 * @param offsets log-offsets of this kitchen; zero for the model as it stands
 * @throws RangeError for a negative or non-finite mass (callers validate first)
 */
export function potAt(
  recipe: Recipe,
  at: Moment = momentOf(recipe),
  offsets: KitchenOffsets = noOffsets,
): PotAt {
  const mix = assemble(recipe);
  return { mix, at, flow: consistencyAt(mix, at, offsets) };
}
