import { ingredientById } from '../src/larder/catalog/larder-table.js';
import { assemble } from '../src/predict/assemble/assemble.js';
import { type Recipe, storages } from '../src/recipe/recipe.js';
import { predict } from '../src/predict/predict.js';
import { lineOf, randomRecipes } from './random-pots.js';
import { consistencyAt } from '../src/predict/thickness/consistency.js';

export interface Invariant {
  readonly name: string;
  readonly tried: number;
  readonly broken: number;
}

const RECIPES = 200,
  SEED = 2026;
/** Relative slack of a law that holds but for rounding. */
const SLACK = 1e-4;

function withLine(recipe: Recipe, id: string, g: number): Recipe {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new RangeError(`the larder has no "${id}"`);
  return { ...recipe, lines: [...recipe.lines, lineOf(ingredient, g)] };
}

const viscosityOf = (recipe: Recipe, temperature: number): number =>
  consistencyAt(assemble(recipe), { temperature, storage: 'cool', days: 0 }).viscosity;

const watery = (recipe: Recipe): boolean =>
  consistencyAt(assemble(recipe), { temperature: 60, storage: 'cool', days: 0 }).oilContinuous < 0.02;

/** What sets by heat and melts cold is the exception. */
const setsCold = ({ lines }: Recipe): boolean =>
  !lines.some(({ ingredient }) => ingredient.per100.gums?.methylcellulose);

/** The laws of the model over seeded random pots; the unit tests hold more of them. */
export function brokenInvariants(): readonly Invariant[] {
  const recipes = randomRecipes(RECIPES, SEED);
  const count = (name: string, list: readonly Recipe[], holds: (recipe: Recipe) => boolean): Invariant => ({
    name,
    tried: list.length,
    broken: list.filter((recipe) => !holds(recipe)).length,
  });
  const wet = recipes.filter(watery);
  return [
    count('mass in is mass out and water boiled off', recipes, (recipe) => {
      const mix = assemble(recipe);
      const all = recipe.lines.reduce((sum, line) => sum + line.mass, mix.broughtG);
      return Math.abs(mix.mass + mix.evaporated + mix.absorbed - all) < 1e-6;
    }),
    count('hotter is never thicker', recipes.filter(setsCold), (recipe) =>
      storages.every((storage) => {
        const mix = assemble(recipe);
        const at = (temperature: number) => consistencyAt(mix, { temperature, storage, days: 1 });
        return [10, 40, 70].every((t) => at(t + 20).viscosity <= at(t).viscosity * (1 + 1e-9));
      }),
    ),
    count('water never thickens a watery pot', wet, (recipe) => {
      const more = withLine(recipe, 'water', 30);
      return viscosityOf(more, 60) <= viscosityOf(recipe, 60) * (1 + SLACK);
    }),
    count('xanthan never thins a watery pot', wet, (recipe) => {
      const more = withLine(recipe, 'xanthan', 0.5);
      return !watery(more) || viscosityOf(more, 60) >= viscosityOf(recipe, 60) * (1 - SLACK);
    }),
    count('every figure is finite and inside its band', recipes, (recipe) => {
      const p = predict(recipe);
      return [
        p.viscosity,
        p.yieldStress,
        p.stretch,
        p.fat,
        p.salt,
        p.savoriness,
        p.sourness,
        p.sweetness,
        p.pH,
      ].every(
        ({ low, mid, high }) => Number.isFinite(low) && Number.isFinite(high) && low <= mid && mid <= high,
      );
    }),
  ];
}
