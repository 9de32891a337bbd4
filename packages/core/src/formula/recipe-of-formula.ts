import type { Ingredient } from '../ingredient/ingredient.js';
import type { Recipe, RecipeLine } from '../recipe/recipe.js';
import { gramsOf } from '../quantity/amount.js';
import { celsius } from '../quantity/quantity.js';
import type { Formula, Line } from './formula.js';

export interface LineProblem {
  readonly line: string;
  readonly kind: 'unknown-ingredient' | 'no-amount' | 'unknown-weight';
  readonly message: string;
}

/** The recipe the model computes, and the lines it had to leave out with the reason. */
export interface ResolvedFormula {
  readonly recipe: Recipe;
  /** Ids of the lines in the recipe, in its order. */
  readonly lineIds: readonly string[];
  readonly problems: readonly LineProblem[];
}

export type LarderLookup = (id: string) => Ingredient | undefined;

function resolveLine(line: Line, larder: LarderLookup): RecipeLine | LineProblem {
  const ingredient = larder(line.ingredient);
  if (!ingredient)
    return {
      line: line.id,
      kind: 'unknown-ingredient',
      message: `“${line.ingredient}” is not in the larder; it is left out of the figures.`,
    };
  if (!line.amount)
    return {
      line: line.id,
      kind: 'no-amount',
      message: `${ingredient.name} has no amount yet; it is left out of the figures.`,
    };
  const mass = gramsOf(line.amount, ingredient.measures);
  if (mass === undefined)
    return {
      line: line.id,
      kind: 'unknown-weight',
      message: `The weight of one ${line.amount.unit} of ${ingredient.name.toLowerCase()} is not known; it is left out of the figures.`,
    };
  return { ingredient, mass, preparation: line.preparation, stage: line.stage };
}

export function recipeOfFormula(
  formula: Pick<Formula, 'lines' | 'process' | 'serve'>,
  larder: LarderLookup,
): ResolvedFormula {
  const lines: RecipeLine[] = [],
    lineIds: string[] = [],
    problems: LineProblem[] = [];
  for (const line of formula.lines) {
    const resolved = resolveLine(line, larder);
    if ('kind' in resolved) problems.push(resolved);
    else {
      lines.push(resolved);
      lineIds.push(line.id);
    }
  }
  return {
    recipe: {
      lines,
      process: formula.process,
      serving: {
        temperatureC: celsius(formula.serve.temperatureC),
        storage: formula.serve.storage,
        days: formula.serve.days,
      },
    },
    lineIds,
    problems,
  };
}
