import { potOf } from '../larder/pot-of.js';
import { processOfMethod } from '../recipe/method/flat-process.js';
import type { Method } from '../recipe/method/operation.js';
import type { Recipe } from '../recipe/recipe.js';

/** g by ingredient of the larder, cooked by a method and served at so many °C; what is made ready, by the id of its ingredient. */
export function cookedBy(
  lines: readonly (readonly [ingredient: string, g: number])[],
  method: Method,
  servedC: number,
  ready: (id: string) => Method | undefined = () => undefined,
): Recipe {
  const pot = potOf(lines, processOfMethod(method), { atC: servedC });
  return {
    ...pot,
    lines: pot.lines.map((line) => {
      const { id } = line.ingredient,
        ahead = ready(id);
      return { ...line, id, ...(ahead ? { ready: ahead } : {}) };
    }),
    method,
  };
}
