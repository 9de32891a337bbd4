import {
  type Formula,
  type LineProblem,
  type PointPrediction,
  type Recipe,
  type Served,
  servedOfRecipe,
} from '@alterum/core';
import { findIngredient, packLabels } from '../app/house-larder';

/** What is known of a formula as computed. */
export interface ComputedFormula {
  readonly recipe: Recipe;
  readonly lineIds: readonly string[];
  readonly problems: readonly LineProblem[];
  readonly prediction: PointPrediction;
}

/** A formula as the people at the table meet it; a line that could not be computed is there too, so that it is asked about. */
export function servedOf(
  { lines, portions }: Pick<Formula, 'lines' | 'portions'>,
  computed: ComputedFormula,
): Served {
  const served = servedOfRecipe(computed, portions, packLabels(), computed.lineIds);
  const missing = lines.filter((line) => computed.problems.some((problem) => problem.line === line.id));
  return {
    ...served,
    lines: [
      ...served.lines,
      ...missing.map((line) => ({
        id: line.id,
        ingredient: findIngredient(line.ingredient),
        named: line.ingredient,
      })),
    ],
  };
}
