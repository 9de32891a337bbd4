import type { RecipeLine } from '../../recipe/recipe.js';
import { type Known, sumKnown } from '../nutrition/nutrition.js';
import { type Band, bandOf } from '../uncertainty/band.js';

/** How far a price in one shop differs from the table. @source S-13, assumed */
export const PRICE_CV = 0.35;
const G_PER_KG = 1000;

export interface Cost extends Known {
  /** Coins for the whole batch. */
  readonly coins: Band;
}

/** What the batch costs, from prices per kg; what has no price is left out and lowers `covered`. */
export function costOf(lines: readonly RecipeLine[]): Cost {
  const known = sumKnown(lines, ({ pricePerKg }) =>
    pricePerKg === undefined ? undefined : pricePerKg / G_PER_KG,
  );
  return { ...known, coins: bandOf(known.amount, PRICE_CV) };
}
