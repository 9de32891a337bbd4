import { type MadeReady, madeReady, operationsFor, readyYield } from '../ready/made-ready.js';
import type { Method } from '../../recipe/method/operation.js';
import { type MadeBefore, madeBefore } from '../../recipe/made-before.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { grams } from '../../quantity/quantity.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import {
  type AdditiveName,
  additiveNames,
  additivePlace,
  type CompiledIngredient,
  compiledIngredient,
} from './compiled-ingredient.js';
import type { LineCourse } from './line-course.js';
import { type Shared, withAmounts } from './other-amounts.js';

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
  /** What it met when it was made before, as a part of something of one's own. */
  readonly earlier?: LineCourse;
  readonly gelatinizedBefore?: Float64Array;
}

/** What a thing made before is made of, as it came out of its own pot. */
export type PartsOf = (made: MadeBefore) => readonly Weighed[];

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

/**
 * @param partsOf what stands for a line that was made before
 * @throws RangeError when a mass is negative or not a number (a caller's bug)
 */
export function weigh(lines: readonly RecipeLine[], partsOf: PartsOf): readonly Weighed[] {
  for (const line of lines) {
    if (!(line.mass >= 0) || !Number.isFinite(line.mass))
      throw new RangeError(
        `mass of ${line.ingredient.id} must be a finite number of grams, 0 or more; it is ${line.mass}`,
      );
  }
  const weighed: Weighed[] = [];
  lines.forEach((line, place) => {
    if (!(line.mass > 0)) return;
    const made = madeBefore(line.ingredient);
    if (!made) weighed.push(weighedLine(line, place));
    else for (const part of partsOf(made)) weighed.push(asMuchOf(part, line.mass / made.massG, place));
  });
  return weighed;
}

/** A part of what was made before, as much of it as a line holds. */
const asMuchOf = (part: Weighed, share: number, place: number): Weighed => ({
  ...part,
  place,
  line: { ...part.line, mass: grams(part.line.mass * share) },
  g: part.g * share,
  broughtWater: part.broughtWater * share,
  lostSugars: part.lostSugars * share,
});

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

const salty = new WeakMap<MadeReady, Shared>();

/** A thing with the salt that it took up, or without what was rinsed off it. */
function saltedOrRinsed(ingredient: Ingredient, made: MadeReady): Shared {
  if (made.salt === 0 && made.saltRinsed === 0) return { ingredient, left: 1 };
  let shared = salty.get(made);
  if (!shared) {
    const own = (ingredient.per100.salt ?? 0) / 100;
    const salt = own * (1 - made.saltRinsed) + made.salt;
    shared = withAmounts(ingredient, (name, per100) => (name === 'salt' ? 100 * salt : per100));
    salty.set(made, shared);
  }
  return shared;
}

function weighedLine(line: RecipeLine, place: number): Weighed {
  const made = madeReady(line.ingredient, readyOperations(line), line.mass);
  const { ingredient, left } = saltedOrRinsed(line.ingredient, made);
  const c = compiledIngredient(ingredient);
  const taken = line.mass * made.kept * left;
  const dry = Math.max(1 - c.water, 1e-9);
  // What the water took is dry mass alone: the line shrinks by it, and its own water stays.
  const shrunk = made.letOut > 0 ? Math.min(made.letOut / dry, 1) : 0;
  const g = taken * (1 - shrunk);
  return {
    line,
    c,
    g,
    place,
    made,
    broughtWater: line.mass * made.kept * made.water + taken * shrunk * c.water,
    lostSugars: g * c.sugars * made.sugarsLost,
  };
}
