import type { Recipe } from '../recipe/recipe.js';
import { cautionRows } from './cautions.params.js';

export interface Caution {
  readonly id: string;
  readonly text: string;
}

/** The standing cautions that apply to a recipe, in the order of the table. */
export const cautionsOf = (recipe: Recipe): readonly Caution[] =>
  cautionRows.filter(({ applies }) => applies(recipe)).map(({ id, text }) => ({ id, text }));
