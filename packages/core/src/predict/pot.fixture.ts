import { ingredientById } from '../larder/catalog/larder-table.js';
import { celsius } from '../quantity/quantity.js';
import { lineOf } from '../../science/random-pots.js';
import { type Process, type Recipe, uncooked } from '../recipe/recipe.js';

/** A pot for a test: larder ids with grams, what differs from an uncooked one, and how it is served. */
export function potOf(
  lines: readonly (readonly [id: string, grams: number])[],
  process: Partial<Process> = {},
  serving: {
    readonly at?: number;
    readonly storage?: Recipe['serving']['storage'];
    readonly days?: number;
  } = {},
): Recipe {
  return {
    lines: lines.map(([id, g]) => {
      const found = ingredientById(id);
      if (!found) throw new Error(`the larder has no ${id}`);
      return lineOf(found, g);
    }),
    process: { ...uncooked, ...process },
    serving: {
      temperatureC: celsius(serving.at ?? 20),
      storage: serving.storage ?? 'cool',
      days: serving.days ?? 0,
    },
  };
}
