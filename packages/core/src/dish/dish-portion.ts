import { costOf } from '../predict/cost/cost.js';
import { nutritionOf } from '../predict/nutrition/nutrition.js';
import type { DishReport } from './dish.js';
import type { ReadPart } from './dish-part.js';
import { shareOfPart, type Sharing } from './sharing.js';

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

/**
 * Nutrition and cost of a usual portion, by what of each part is in the dish; water that dried is gone from its weight alone.
 * @param eater id of who eats it; absent is a portion without what only some eat of
 */
export function portionOfDish(
  report: DishReport,
  parts: readonly ReadPart[],
  sharing: Sharing,
  eater?: string,
): DishPortion {
  const sum = { energyKcal: 0, fatG: 0, proteinG: 0, saltG: 0, cost: 0 };
  let laid = 0;
  for (const { component, recipe, mix, madeG } of parts) {
    const { energyKcal, fat, protein, salt } = nutritionOf(mix);
    const grams = layeredG(report, component.id) * shareOfPart(sharing, component.id, eater);
    laid += grams;
    // Of a thing made ready, what is laid is that with the water it drank: all of it is all of what was bought.
    const share = madeG > 0 ? grams / madeG : 0;
    sum.energyKcal += energyKcal * share;
    sum.fatG += fat * share;
    sum.proteinG += protein * share;
    sum.saltG += salt * share;
    sum.cost += costOf(recipe.lines).amount * share;
  }
  const left = report.massG > 0 ? 1 - report.moisture.budget.evaporatedG / report.massG : 0;
  return { grams: laid * left, ...sum };
}
