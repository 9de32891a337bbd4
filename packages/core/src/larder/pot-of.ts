import type { Ingredient } from '../ingredient/ingredient.js';
import { celsius, grams } from '../quantity/quantity.js';
import type { Preparation } from '../recipe/preparation.js';
import { type Process, type Recipe, type Stage, type Storage, uncooked } from '../recipe/recipe.js';
import { ingredientById, larderTable } from './catalog/larder-table.js';
import { searchIngredients } from './search.js';

/** An ingredient with its mass in g, and what differs from "as it is, from the start". */
export type PotOfLine = readonly [
  ingredient: string | Ingredient,
  massG: number,
  how?: { readonly preparation?: Preparation; readonly stage?: Stage; readonly blended?: boolean },
];

/** When it is looked at; at 20 °C on first cooling where nothing is said. */
export interface PotOfServing {
  readonly atC?: number;
  readonly storage?: Storage;
  /** In the fridge. */
  readonly days?: number;
}

const GUESSES = 3;

/** @throws RangeError that names what may have been meant */
function named(id: string): Ingredient {
  const found = ingredientById(id);
  if (found) return found;
  const near = searchIngredients(larderTable, id.replaceAll('-', ' '))
    .slice(0, GUESSES)
    .map((one) => one.id);
  throw new RangeError(
    `the larder has no ingredient "${id}"${near.length > 0 ? `; did you mean ${near.join(', ')}?` : ''}`,
  );
}

/**
 * A recipe from ids of the larder with grams; everything else has a default.
 * @param process what differs from a pot that is neither cooked nor blended
 * @throws RangeError for an ingredient that the larder does not have
 */
export function potOf(
  lines: readonly PotOfLine[],
  process: Partial<Process> = {},
  { atC = 20, storage = 'cool', days = 0 }: PotOfServing = {},
): Recipe {
  return {
    lines: lines.map(([ingredient, massG, how = {}]) => ({
      preparation: 'as-is',
      stage: 'start',
      ...how,
      ingredient: typeof ingredient === 'string' ? named(ingredient) : ingredient,
      mass: grams(massG),
    })),
    process: { ...uncooked, ...process },
    serving: { temperatureC: celsius(atC), storage, days },
  };
}
