import type { Facts, Ingredient } from '../../ingredient/ingredient.js';
import { weighedOut } from '../../recipe/made-before.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { energyOf, starchIn } from './energy.js';

/** kJ per kcal. @source definition of the thermochemical calorie, as labels round it (S-10). */
export const KJ_PER_KCAL = 4.184;

/** A sum over the lines that says how much of the mass it knows. */
export interface Known {
  readonly amount: number;
  /** Share of the weighed mass for which the figure is known, 0..1; below 1 the true sum is larger. */
  readonly covered: number;
}

/** Of the whole batch: g unless the name says otherwise. */
export interface Nutrition {
  readonly energyKcal: number;
  readonly energyKJ: number;
  readonly fat: number;
  readonly saturatedFat: Known;
  readonly carbohydrate: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly protein: number;
  readonly salt: number;
  readonly calciumMg: Known;
}

/**
 * Adds a fact up over the lines, as they are bought; of what was made before, over what is inside.
 * @param per amount in one gram of the ingredient, or undefined where it is not known
 */
export const sumKnown = (lines: readonly RecipeLine[], per: (facts: Facts) => number | undefined): Known =>
  knownOf(weighedOut(lines).map(({ ingredient, mass }) => ({ g: mass, per: per(ingredient.facts) })));

/** Sum of what is known per gram, and the share of the mass of which it is. */
function knownOf(parts: readonly { readonly g: number; readonly per: number | undefined }[]): Known {
  let amount = 0,
    known = 0,
    all = 0;
  for (const { g, per } of parts) {
    all += g;
    if (per === undefined) continue;
    amount += per * g;
    known += g;
  }
  return { amount, covered: all > 0 ? known / all : 1 };
}

/** The same of what came into the pot: what was peeled off or poured away feeds nobody. */
const sumEaten = (mix: Mixture, per: (ingredient: Ingredient) => number | undefined): Known =>
  knownOf(
    mix.fates.flatMap(({ ingredient, arrived, weighedG }) =>
      ingredient ? [{ g: arrived * weighedG, per: per(ingredient) }] : [],
    ),
  );

const per100 = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : value / 100;

/** What the batch feeds. Carbohydrate is sugars and starch, as labels in Europe count it; gums and oligosaccharides are fibre. */
export function nutritionOf(mix: Mixture): Nutrition {
  const energyKcal = energyOf(mix);
  return {
    energyKcal,
    energyKJ: energyKcal * KJ_PER_KCAL,
    fat: mix.fat + mix.inPieces.fat,
    saturatedFat: sumEaten(mix, ({ facts }) => per100(facts.saturatedFat)),
    carbohydrate: mix.sugars + starchIn(mix) + mix.dextrin,
    sugars: mix.sugars,
    fibre: mix.fibre + mix.gums + mix.oligo,
    protein: mix.protein,
    salt: mix.salt,
    calciumMg: sumEaten(mix, ({ facts, per100: c }) => per100(facts.calciumMg ?? c.calciumMg)),
  };
}
