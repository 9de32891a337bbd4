import type { Ingredient } from '../ingredient/ingredient.js';
import { grams } from '../quantity/quantity.js';
import type { Recipe, RecipeLine } from './recipe.js';

/** A line that figures leave out: it is still there for whoever eats. */
export interface LeftOut {
  readonly id: string;
  /** Absent where the larder does not know it. */
  readonly ingredient: Ingredient | undefined;
  readonly named: string;
}

/** What a thing is that was made before, of a recipe of its own. */
export interface MadeBefore {
  readonly recipe: Recipe;
  /** g that the recipe comes to; above 0. */
  readonly massG: number;
  /** Days that it stood in the fridge before it goes in. */
  readonly days: number;
  readonly leftOut: readonly LeftOut[];
}

/** A sauce of one's own as an ingredient: what it holds and costs, per 100 g of it, and how it was made. */
export interface MadeIngredient extends Ingredient {
  readonly made: MadeBefore;
}

export const isMade = (ingredient: Ingredient): ingredient is MadeIngredient => 'made' in ingredient;

/** How an ingredient was made; undefined for what was bought. */
export const madeBefore = (ingredient: Ingredient): MadeBefore | undefined =>
  isMade(ingredient) ? ingredient.made : undefined;

/** A line as what it was made from: the lines inside it, as much of each as is in it. One that was bought is itself. */
export function insideOf(line: RecipeLine): readonly RecipeLine[] {
  const made = madeBefore(line.ingredient);
  if (!made) return [line];
  const share = line.mass / made.massG;
  return weighedOut(made.recipe.lines.map((inner) => ({ ...inner, mass: grams(inner.mass * share) })));
}

/** All lines, those inside what was made before too; g as weighed. */
export const weighedOut = (lines: readonly RecipeLine[]): readonly RecipeLine[] =>
  lines.some(({ ingredient }) => madeBefore(ingredient)) ? lines.flatMap(insideOf) : lines;

/** Days of the oldest thing made before that is in a recipe, however deep; 0 where all is fresh. */
export const oldestIn = (lines: readonly RecipeLine[]): number =>
  lines.reduce((most, { ingredient }) => {
    const made = madeBefore(ingredient);
    return made ? Math.max(most, made.days + oldestIn(made.recipe.lines)) : most;
  }, 0);
