import { larderTable } from '../src/larder/catalog/larder-table.js';
import type { Ingredient } from '../src/ingredient/ingredient.js';
import { seededChance } from '../src/numeric/chance.js';
import { celsius, grams } from '../src/quantity/quantity.js';
import { type Preparation } from '../src/recipe/preparation.js';
import { type Process, type Recipe, type RecipeLine, type Stage, uncooked } from '../src/recipe/recipe.js';

const POTENT = new Set(['gums', 'salts and sweeteners', 'herbs and spices', 'savory']);
/** What a household adds by the pinch; a random amount of it would be no food. */
const BY_THE_PINCH = new Set([
  'salt',
  'sea-salt-flakes',
  'black-salt',
  'msg',
  'citric-acid',
  'lactic-acid',
  'stock-powder',
  'stock-powder-without-celery',
]);
const inKitchen = larderTable.filter(({ id, kinds }) => !kinds && !BY_THE_PINCH.has(id));

export const lineOf = (
  ingredient: Ingredient,
  mass: number,
  preparation: Preparation = 'as-is',
  stage: Stage = 'start',
): RecipeLine => ({ ingredient, mass: grams(mass), preparation, stage });

/** A random pot with water in it and two to seven things from the larder. */
export function randomRecipe(chance: () => number): Recipe {
  const water = larderTable.find((ingredient) => ingredient.id === 'water');
  if (!water) throw new Error('the larder has no water');
  const lines = [lineOf(water, 50 + chance() * 400)];
  const count = 2 + Math.floor(chance() * 6);
  for (let i = 0; i < count; i++) {
    const ingredient = inKitchen[Math.floor(chance() * inKitchen.length)] ?? water;
    const mass = POTENT.has(ingredient.shelf) ? chance() * 4 : 2 + chance() * 150;
    lines.push(
      lineOf(
        ingredient,
        mass,
        chance() < 0.4 ? 'soaked' : chance() < 0.3 ? 'boiled' : 'as-is',
        chance() < 0.15 ? 'end' : 'start',
      ),
    );
  }
  const process: Process = {
    ...uncooked,
    maxTemperatureC: 60 + chance() * 40,
    holdMin: chance() * 15,
    heatingRateCPerMin: 5,
    blenderPower: chance(),
    blendSeconds: chance() * 120,
    evaporatedG: chance() * 20,
    blendedAfterCooking: chance() < 0.5,
  };
  return { lines, process, serving: { temperatureC: celsius(5 + chance() * 85), storage: 'cool', days: 0 } };
}

export function randomRecipes(count: number, seed: number): readonly Recipe[] {
  const chance = seededChance(seed);
  return Array.from({ length: count }, () => randomRecipe(chance));
}
