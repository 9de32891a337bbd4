import type { Facts } from '../../ingredient/ingredient.js';
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
 * Adds a fact up over the lines.
 * @param per amount in one gram of the ingredient, or undefined where it is not known
 */
export function sumKnown(
  lines: readonly RecipeLine[],
  per: (facts: Facts, line: RecipeLine) => number | undefined,
): Known {
  let amount = 0,
    known = 0,
    all = 0;
  for (const line of lines) {
    const value = per(line.ingredient.facts, line);
    all += line.mass;
    if (value === undefined) continue;
    amount += value * line.mass;
    known += line.mass;
  }
  return { amount, covered: all > 0 ? known / all : 1 };
}

const per100 = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : value / 100;

/** What the batch feeds. Carbohydrate is sugars and starch, as labels in Europe count it; gums and oligosaccharides are fibre. */
export function nutritionOf(mix: Mixture, lines: readonly RecipeLine[]): Nutrition {
  const energyKcal = energyOf(mix);
  return {
    energyKcal,
    energyKJ: energyKcal * KJ_PER_KCAL,
    fat: mix.fat + mix.inPieces.fat,
    saturatedFat: sumKnown(lines, (facts) => per100(facts.saturatedFat)),
    carbohydrate: mix.sugars + starchIn(mix),
    sugars: mix.sugars,
    fibre: mix.fibre + mix.gums + mix.oligo,
    protein: mix.protein,
    salt: mix.salt,
    calciumMg: sumKnown(lines, (facts, line) => per100(facts.calciumMg ?? line.ingredient.per100.calciumMg)),
  };
}
