import type { Formula } from '../../formula/formula.js';
import type { LineProblem } from '../../formula/recipe-of-formula.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Recipe } from '../../recipe/recipe.js';
import { mealOf } from './meal.js';
import type { PackLabel } from './pack-label.js';
import type { Portion, PortionLine } from './portion.js';
import { portionOfLines } from './portion-of-lines.js';
import { portionOfRecipe, type PredictedForPeople } from './portion-of-recipe.js';

/** What is known of a formula as computed. */
export interface ComputedFormula {
  readonly recipe: Recipe;
  readonly lineIds: readonly string[];
  readonly problems: readonly LineProblem[];
  readonly prediction: PredictedForPeople;
}

/** What the house knows beside the formula. */
export interface HouseKnowledge {
  readonly find: (id: string) => Ingredient | undefined;
  /** What an ingredient is called that cannot be found; its id when left out. */
  readonly nameOf?: (id: string) => string;
  readonly labels: ReadonlyMap<string, PackLabel>;
}

/** A formula as the people at the table meet it; a line that could not be computed is there too, so that it is asked about. */
export function portionOfFormula(
  { lines, portions }: Pick<Formula, 'lines' | 'portions'>,
  computed: ComputedFormula,
  { find, nameOf = (id) => id, labels }: HouseKnowledge,
): Portion {
  const predicted = portionOfRecipe(computed, portions, labels, computed.lineIds);
  const missing = lines
    .filter((line) => computed.problems.some((problem) => problem.line === line.id))
    .map((line): Portion => {
      const label = labels.get(line.ingredient),
        ingredient = find(line.ingredient);
      const asked: PortionLine = {
        id: line.id,
        ingredient,
        named: ingredient?.name ?? nameOf(line.ingredient),
        ...(label ? { label } : {}),
      };
      // What a line without amount would bring is not known, so neither is the whole.
      return portionOfLines([asked]);
    });
  return missing.length === 0 ? predicted : mealOf([predicted, ...missing], 'mixed');
}
