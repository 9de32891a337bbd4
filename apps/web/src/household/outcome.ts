import { assess, type Assessed, type Formula, type LineProblem, recipeOfFormula } from '@alterum/core';
import { findIngredient } from './house-larder';

/** What the core says of a formula with this house's larder; the pot after cooking is in it, for whoever draws a curve. */
export interface Outcome extends Assessed {
  /** Lines of the recipe, in its order. */
  readonly lineIds: readonly string[];
  readonly problems: readonly LineProblem[];
}

export function outcomeOf(formula: Formula): Outcome {
  const { recipe, lineIds, problems } = recipeOfFormula(formula, findIngredient);
  return { ...assess(recipe, formula.portions), lineIds, problems };
}
