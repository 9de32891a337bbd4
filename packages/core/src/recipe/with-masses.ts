import { grams } from '../quantity/quantity.js';
import type { Recipe } from './recipe.js';

/** The recipe with other masses, g by line; a line without one weighs nothing. */
export const withMasses = (recipe: Recipe, masses: ArrayLike<number>): Recipe => ({
  ...recipe,
  lines: recipe.lines.map((line, i) => ({ ...line, mass: grams(masses[i] ?? 0) })),
});
