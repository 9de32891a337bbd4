import type { Ingredient } from '../ingredient/ingredient.js';
import type { Recipe, RecipeLine } from '../recipe/recipe.js';
import { gramsOf } from '../quantity/amount.js';
import { amountSd } from '../quantity/amount-doubt.js';
import { celsius, grams } from '../quantity/quantity.js';
import { readyYield } from '../predict/ready/made-ready.js';
import { type MethodOfFormula, methodOfFormula } from './method/method-of-formula.js';
import { formulaInLine } from './formula-line.js';
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

function resolveLine(
  line: Line,
  larder: LarderLookup,
  { readyOf, readySaid }: Pick<MethodOfFormula, 'readyOf' | 'readySaid'>,
): RecipeLine | LineProblem {
  const ingredient = larder(line.ingredient);
  if (!ingredient)
    return {
      line: line.id,
      kind: 'unknown-ingredient',
      message:
        formulaInLine(line.ingredient) === undefined
          ? `“${line.ingredient}” is not in the larder; it is left out of the figures.`
          : 'A sauce of your own stands here that is put away, is still empty, or holds this one itself; it is left out of the figures.',
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
  const yields = line.weighed === 'ready' ? readyYield(ingredient, readyOf(line), mass) : 1;
  const massSd = amountSd(line.amount, ingredient.measures) / yields;
  const ready = readySaid(line);
  return {
    id: line.id,
    ingredient,
    mass: grams(mass / yields),
    ...(massSd > 0 ? { massSd: grams(massSd) } : {}),
    preparation: line.preparation,
    stage: line.stage,
    ...(ready ? { ready } : {}),
  };
}

export function recipeOfFormula(
  formula: Pick<Formula, 'lines' | 'family' | 'process' | 'serve' | 'method' | 'writesItself'>,
  larder: LarderLookup,
): ResolvedFormula {
  const made = methodOfFormula(formula, larder),
    { source, method, process } = made;
  const lines: RecipeLine[] = [],
    lineIds: string[] = [],
    problems: LineProblem[] = [];
  for (const line of formula.lines) {
    const resolved = resolveLine(line, larder, made);
    if ('kind' in resolved) problems.push(resolved);
    else {
      lines.push(resolved);
      lineIds.push(line.id);
    }
  }
  return {
    recipe: {
      lines,
      process,
      ...(source === 'flat' ? {} : { method }),
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
