import type { RecipeLine } from '../../recipe/recipe.js';
import {
  type AdditiveName,
  additiveNames,
  additivePlace,
  type CompiledIngredient,
  compiledIngredient,
} from './compiled-ingredient.js';

/** A line on the scale. */
export interface Weighed {
  readonly line: RecipeLine;
  readonly c: CompiledIngredient;
  readonly g: number;
}

/** What simply adds up over the lines, all of it in one pass. */
export function addUp(lines: readonly Weighed[]): (name: AdditiveName) => number {
  const sums = new Float64Array(additiveNames.length);
  for (const { c, g } of lines) for (let k = 0; k < sums.length; k++) sums[k]! += c.additives[k]! * g;
  return (name) => sums[additivePlace[name]]!;
}

/** @throws RangeError when a mass is negative or not a number (a caller's bug) */
export function weigh(lines: readonly RecipeLine[]): readonly Weighed[] {
  for (const line of lines) {
    if (!(line.mass >= 0) || !Number.isFinite(line.mass))
      throw new RangeError(
        `mass of ${line.ingredient.id} must be a finite number of grams, 0 or more; it is ${line.mass}`,
      );
  }
  return lines
    .filter((line) => line.mass > 0)
    .map((line) => ({ line, c: compiledIngredient(line.ingredient), g: line.mass }));
}
