import type { RecipeLine } from '../../recipe/recipe.js';
import { sumKnown } from '../nutrition/nutrition.js';
import type { Band } from '../uncertainty/band.js';

const G_PER_KG = 1000;

export interface Climate {
  /** kg CO2 equivalents of the whole batch; low and high are the ends of published estimates, the middle their geometric mean. */
  readonly kgCO2e: Band;
  /** Share of the weighed mass with an estimate, 0..1. */
  readonly covered: number;
}

/** Greenhouse gas of the ingredients at the shop; cooking is not counted. @source S-14 */
export function climateOf(lines: readonly RecipeLine[]): Climate {
  const end = (i: 0 | 1) => sumKnown(lines, ({ climate }) => (climate ? climate[i] / G_PER_KG : undefined));
  const low = end(0),
    high = end(1);
  return {
    kgCO2e: { low: low.amount, mid: Math.sqrt(low.amount * high.amount), high: high.amount },
    covered: low.covered,
  };
}
