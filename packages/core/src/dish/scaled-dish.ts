import type { Formula } from '../formula/formula.js';
import { partOfFormula } from './dish-part.js';
import { formulaOfPart, type KnownToDish } from './read-dish.js';
import type { WrittenDish } from './written-dish.js';

/** g that all of a formula makes; undefined where nothing in it has a weight. */
const madeBy = (id: string, formula: Formula | undefined, { larder }: KnownToDish): number | undefined =>
  formula && partOfFormula(id, formula, larder).part?.madeG;

/**
 * A dish so many times as large, in the same vessel: every part and every layer that was said by weight; layers by height stay, and the rest follows.
 * Who eats of it stands by name: a dish of another size is for portions.
 * @throws RangeError where the factor is no number above 0
 */
export function scaledDish(dish: WrittenDish, by: number, portions: number, known: KnownToDish): WrittenDish {
  if (!(by > 0) || !Number.isFinite(by)) throw new RangeError('a dish is scaled by a number above 0');
  if (by === 1) return dish;
  return {
    ...dish,
    portions,
    eaters: [],
    parts: dish.parts.map((part) => {
      const grams = part.grams ?? madeBy(part.id, formulaOfPart(part, known), known);
      return grams === undefined ? part : { ...part, grams: grams * by };
    }),
    layers: dish.layers.map((layer) =>
      layer.grams === undefined ? layer : { ...layer, grams: layer.grams * by },
    ),
  };
}
