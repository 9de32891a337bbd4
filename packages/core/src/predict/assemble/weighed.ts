import { type MadeReady, madeReady, operationsFor, readyYield } from '../ready/made-ready.js';
import type { Method } from '../../recipe/method/operation.js';
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
  /** g of it that reach the pot, its water as it was. */
  readonly g: number;
  /** Place in the recipe. */
  readonly place: number;
  readonly made: MadeReady;
  /** g of water that it brings beyond its own (below 0: lost), and g of sugars that it left in water poured off. */
  readonly broughtWater: number;
  readonly lostSugars: number;
}

/** What simply adds up over the lines, all of it in one pass. */
export function addUp(lines: readonly Weighed[]): (name: AdditiveName) => number {
  const sums = new Float64Array(additiveNames.length);
  for (const { c, g, broughtWater, lostSugars } of lines) {
    for (let k = 0; k < sums.length; k++) sums[k]! += c.additives[k]! * g;
    sums[additivePlace.water]! += broughtWater;
    sums[additivePlace.sugars]! -= lostSugars;
  }
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
  const weighed: Weighed[] = [];
  lines.forEach((line, place) => {
    if (line.mass > 0) weighed.push(weighedLine(line, place));
  });
  return weighed;
}

/** What is done to a line before it meets the pot. */
export const readyOperations = ({
  ready,
  preparation,
  ingredient,
}: Pick<RecipeLine, 'ready' | 'preparation' | 'ingredient'>): Method =>
  ready ?? operationsFor(preparation, ingredient);

/** g that a g weighed comes to in the pot, with what it drank or lost before. */
export const arrivingOf = (line: RecipeLine): number =>
  readyYield(line.ingredient, readyOperations(line), line.mass);

function weighedLine(line: RecipeLine, place: number): Weighed {
  const c = compiledIngredient(line.ingredient);
  const made = madeReady(line.ingredient, readyOperations(line), line.mass);
  const dry = Math.max(1 - c.water, 1e-9);
  // What the water took is dry mass alone: the line shrinks by it, and its own water stays.
  const shrunk = made.letOut > 0 ? Math.min(made.letOut / dry, 1) : 0;
  const g = line.mass * (1 - shrunk);
  return {
    line,
    c,
    g,
    place,
    made,
    broughtWater: line.mass * (made.water + shrunk * c.water),
    lostSugars: g * c.sugars * made.sugarsLost,
  };
}
