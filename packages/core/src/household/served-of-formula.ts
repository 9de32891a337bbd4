import type { Formula } from '../formula/formula.js';
import type { LineProblem } from '../formula/recipe-of-formula.js';
import type { Ingredient } from '../larder/ingredient.js';
import type { Recipe } from '../predict/mixture/recipe.js';
import type { PointPrediction } from '../predict/prediction.js';
import { servedOfRecipe } from './served-of-recipe.js';
import type { PackLabel, Served, ServedLine } from './who-can-eat.js';

/** What is known of a formula as computed. */
export interface ComputedFormula {
  readonly recipe: Recipe;
  readonly lineIds: readonly string[];
  readonly problems: readonly LineProblem[];
  readonly prediction: Pick<PointPrediction, 'salt' | 'massG' | 'pungent'>;
}

/** What the house knows beside the formula. */
export interface HouseKnowledge {
  readonly find: (id: string) => Ingredient | undefined;
  /** What an ingredient is called that cannot be found; its id when left out. */
  readonly nameOf?: (id: string) => string;
  readonly labels: ReadonlyMap<string, PackLabel>;
}

/** A formula as the people at the table meet it; a line that could not be computed is there too, so that it is asked about. */
export function servedOfFormula(
  { lines, portions }: Pick<Formula, 'lines' | 'portions'>,
  computed: ComputedFormula,
  { find, nameOf = (id) => id, labels }: HouseKnowledge,
): Served {
  const { saltPerPortion, pungent, ...served } = servedOfRecipe(computed, portions, labels, computed.lineIds);
  const missing = lines
    .filter((line) => computed.problems.some((problem) => problem.line === line.id))
    .map((line): ServedLine => {
      const label = labels.get(line.ingredient),
        ingredient = find(line.ingredient);
      return {
        id: line.id,
        ingredient,
        named: ingredient?.name ?? nameOf(line.ingredient),
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
