import { assemble, grams, predict, type Recipe } from '@alterum/core';
import { randomRecipes } from '../packages/core/src/science/random-pots';
import type { Result } from './result';

const RECIPES = 300;
const ROUNDS = 8;

/** The barest thing a table could do with the same lines: add up mass, water, fat and salt. */
function bareMassBalance(recipe: Recipe): number {
  let mass = 0,
    water = 0,
    fat = 0,
    salt = 0;
  for (const line of recipe.lines) {
    const c = line.ingredient.per100;
    mass += line.mass;
    water += ((c.water ?? 0) * line.mass) / 100;
    fat += ((c.fat ?? 0) * line.mass) / 100;
    salt += ((c.salt ?? 0) * line.mass) / 100;
  }
  return mass + water + fat + salt;
}

/** ms per call of the quietest of several rounds. */
function timePerCall(recipes: readonly Recipe[], work: (recipe: Recipe) => unknown, repeat = 1): number {
  let best = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    for (let k = 0; k < repeat; k++) for (const recipe of recipes) work(recipe);
    best = Math.min(best, (performance.now() - start) / recipes.length / repeat);
  }
  return best;
}

export function benchPredictions(): readonly Result[] {
  const recipes = randomRecipes(RECIPES, 42);
  const doubled = recipes.map((recipe) => ({
    ...recipe,
    lines: [...recipe.lines, ...recipe.lines.map((line) => ({ ...line, mass: grams(line.mass / 2) }))],
  }));
  const full = timePerCall(recipes, predict),
    twice = timePerCall(doubled, predict),
    mix = timePerCall(recipes, assemble),
    bare = timePerCall(recipes, bareMassBalance, 200);
  return [
    {
      name: 'predictions per second (all figures, bands and curve)',
      value: 1000 / full,
      unit: '1/s',
      goal: 1000,
      sense: 'least',
    },
    {
      name: 'one prediction against the bare mass balance',
      value: full / bare,
      unit: 'times',
      goal: 20_000,
      sense: 'most',
    },
    {
      name: 'one prediction against assembling the pot alone',
      value: full / mix,
      unit: 'times',
      goal: 60,
      sense: 'most',
    },
    { name: 'twice the lines against once', value: twice / full, unit: 'times', goal: 1.6, sense: 'most' },
  ];
}
