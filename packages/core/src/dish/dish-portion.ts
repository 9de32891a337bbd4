import { costOf } from '../predict/cost/cost.js';
import { nutritionOf } from '../predict/nutrition/nutrition.js';
import type { DishReport } from './dish.js';
import type { ReadPart } from './dish-part.js';

/** One usual portion of a whole dish. */
export interface DishPortion {
  readonly grams: number;
  readonly energyKcal: number;
  readonly fatG: number;
  readonly proteinG: number;
  readonly saltG: number;
  /** Coins, from the table of usual prices. */
  readonly cost: number;
}

/** g of a part in all its layers. */
export const layeredG = ({ layers }: Pick<DishReport, 'layers'>, part: string): number =>
  layers.reduce((all, { component, grams }) => (component === part ? all + grams : all), 0);

/** Nutrition and cost of a portion, by what of each part is in the dish; water that dried is gone from its weight alone. */
export function portionOfDish(report: DishReport, parts: readonly ReadPart[], portions: number): DishPortion {
  const sum = { energyKcal: 0, fatG: 0, proteinG: 0, saltG: 0, cost: 0 };
  for (const { component, recipe, mix } of parts) {
    const { energyKcal, fat, protein, salt } = nutritionOf(mix);
    const share = mix.mass > 0 ? layeredG(report, component.id) / mix.mass / portions : 0;
    sum.energyKcal += energyKcal * share;
    sum.fatG += fat * share;
    sum.proteinG += protein * share;
    sum.saltG += salt * share;
    sum.cost += costOf(recipe.lines).amount * share;
  }
  return { grams: (report.massG - report.moisture.budget.evaporatedG) / portions, ...sum };
}
