import type { Ingredient } from '../ingredient/ingredient.js';
import type { Formula } from '../formula/formula.js';
import { type LarderLookup, type LineProblem, recipeOfFormula } from '../formula/recipe-of-formula.js';
import type { Mixture } from '../predict/mixture/mixture.js';
import { potAt } from '../predict/pot-at.js';
import { colourHexOf } from '../predict/predict-pot.js';
import { celsius, grams } from '../quantity/quantity.js';
import type { Method } from '../recipe/method/operation.js';
import { type Recipe, uncooked } from '../recipe/recipe.js';
import { componentOfIngredient, componentOfPot, type DishComponent } from './component.js';

/** A part of a dish with what it is made of. */
export interface ReadPart {
  readonly component: DishComponent;
  readonly recipe: Recipe;
  /** The recipe as a pot. */
  readonly mix: Mixture;
  /** g that the recipe comes to: of a sauce what the formula makes, of a thing what is left of it made ready. */
  readonly madeG: number;
  /** Its colour before it is baked, as #rrggbb. */
  readonly hex: string;
}

/** °C at which a part is looked at before it goes in: nothing of it depends on that. */
const COLD_C = 20;

/** A sauce by its recipe; undefined where nothing in it has a weight. @param g there are of it, all of it where that is not said */
export function partOfRecipe(id: string, name: string, recipe: Recipe, g?: number): ReadPart | undefined {
  if (!recipe.lines.some(({ mass }) => mass > 0)) return undefined;
  const { mix } = potAt(recipe);
  return {
    component: componentOfPot(id, name, mix, g),
    recipe,
    mix,
    madeG: mix.mass,
    hex: colourHexOf(mix),
  };
}

/** A kept formula as a part, and what of it is left out of the figures. */
export function partOfFormula(
  id: string,
  formula: Formula,
  larder: LarderLookup,
  g?: number,
): { readonly part: ReadPart | undefined; readonly problems: readonly LineProblem[] } {
  const { recipe, problems } = recipeOfFormula(formula, larder);
  return { part: partOfRecipe(id, formula.name, recipe, g), problems };
}

/** A bought or plain thing, so many g as it is bought. */
export function partOfThing(
  id: string,
  ingredient: Ingredient,
  weighedG: number,
  ready: Method,
  name?: string,
): ReadPart {
  const component = componentOfIngredient(id, ingredient, weighedG, ready, name);
  const line = {
    ingredient,
    mass: grams(weighedG),
    preparation: 'as-is',
    stage: 'start',
    ...(ready.length > 0 ? { ready } : {}),
  } as const;
  const recipe: Recipe = {
    lines: [line],
    process: uncooked,
    serving: { temperatureC: celsius(COLD_C), storage: 'cool', days: 0 },
  };
  const { mix } = potAt(recipe);
  return { component, recipe, mix, madeG: component.grams, hex: colourHexOf(mix) };
}
