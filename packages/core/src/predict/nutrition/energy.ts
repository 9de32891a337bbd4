import { organicAcidG } from '../acidity/charge-balance.js';
import type { CompiledIngredient } from '../assemble/compiled-ingredient.js';
import type { Mixture } from '../mixture/mixture.js';

/** Energy per gram, kcal/g. @source Regulation (EU) 1169/2011, Annex XIV, S-10. */
export const energyFactors = {
  fat: 9,
  protein: 4,
  carbohydrate: 4,
  fibre: 2,
  organicAcid: 3,
  alcohol: 7,
} as const;
/** What burns in a batch or in a gram of an ingredient, g. */
export interface Burning {
  readonly fat: number;
  readonly protein: number;
  /** Sugars and starch. */
  readonly carbohydrate: number;
  /** Gums and oligosaccharides too. */
  readonly fibre: number;
  readonly organicAcid: number;
  readonly alcohol: number;
}

/** kcal of what burns; the unnamed remainder counts as none. The one formula for a batch, a line and a row of the larder. */
export const energyOfParts = (parts: Burning): number =>
  burningKeys.reduce((all, key) => all + energyFactors[key] * parts[key], 0);

const burningKeys = Object.keys(energyFactors) as (keyof Burning)[];

/** g of starch in a batch, in whatever state. */
export const starchIn = (mix: Mixture): number =>
  mix.dispersedStarch.reduce((all, g) => all + g, 0) + mix.cellStarch + mix.rawStarch + mix.inPieces.starch;

/** Energy of the whole batch, kcal. */
export const energyOf = (mix: Mixture): number =>
  energyOfParts({
    fat: mix.fat + mix.inPieces.fat,
    protein: mix.protein,
    carbohydrate: mix.sugars + starchIn(mix) + mix.dextrin,
    fibre: mix.fibre + mix.gums + mix.oligo,
    organicAcid: organicAcidG(mix.buffers) + mix.inPieces.organicAcid,
    alcohol: mix.alcohol,
  });

/** Energy of one gram of an ingredient in a pot, kcal/g. @param alcoholLeft share of the alcohol that cooking leaves */
export function energyOfIngredient(c: CompiledIngredient, alcoholLeft = 1): number {
  return energyOfParts({
    fat: c.fat,
    protein: c.protein,
    carbohydrate: c.sugars + c.starchTotal + (c.ingredient.per100.dextrin ?? 0) / 100,
    fibre: c.fibre + c.gums + (c.ingredient.per100.oligo ?? 0) / 100,
    organicAcid: organicAcidG(c.buffers),
    alcohol: c.alcohol * alcoholLeft,
  });
}
