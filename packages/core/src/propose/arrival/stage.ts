import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Stage } from '../../recipe/recipe.js';

/** A dry thickener goes into the pot as a slurry, whatever went in before it; everything else as what it replaces. */
export const stageOf = (ingredient: Ingredient, like: Stage): Stage =>
  ingredient.role === 'thickener' && ingredient.shelf !== 'gums'
    ? like === 'roux' && ingredient.shelf === 'grains'
      ? 'roux'
      : 'slurry'
    : like === 'roux' || like === 'slurry'
      ? 'start'
      : like;
