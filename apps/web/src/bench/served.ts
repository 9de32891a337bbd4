import {
  type Formula,
  type Ingredient,
  type LineProblem,
  type PointPrediction,
  type Recipe,
  type Served,
  type ServedLine,
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
  const { saltPerPortion, pungent, ...served } = servedOfRecipe(
    computed,
    portions,
    packLabels(),
    computed.lineIds,
  );
  const missing = lines
    .filter((line) => computed.problems.some((problem) => problem.line === line.id))
    .map((line): ServedLine => {
      const label = packLabels().get(line.ingredient);
      return {
        id: line.id,
        ingredient: findIngredient(line.ingredient),
        named: line.ingredient,
        ...(label ? { label } : {}),
      };
    });
  // What a line without amount would bring is not known, so nothing is said of the whole.
  const brings = (per: (ingredient: Ingredient) => number) =>
    missing.some(({ ingredient }) => !ingredient || per(ingredient) > 0);
  const saltKnown = !brings(({ per100 }) => per100.salt ?? 0),
    pungencyKnown = !brings(({ behaviour }) => behaviour.pungent);
  return {
    ...served,
    ...(saltKnown && saltPerPortion ? { saltPerPortion } : {}),
    ...(pungencyKnown && pungent !== undefined ? { pungent } : {}),
    lines: [...served.lines, ...missing],
  };
}
