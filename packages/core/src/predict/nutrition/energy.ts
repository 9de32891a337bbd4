import type { Mixture } from '../mixture/mixture.js';
import { titratable } from '../acidity/charge-balance.js';

/** Energy per gram, kcal/g. @source Regulation (EU) 1169/2011, Annex XIV, S-10. */
export const energyFactors = {
  fat: 9,
  protein: 4,
  carbohydrate: 4,
  fibre: 2,
  organicAcid: 3,
  alcohol: 7,
} as const;
/** Mean mass of organic acid per mmol of titratable protons, g; citric and acetic are within 10 %. @source S-06 */
const ACID_G_PER_MMOL = 0.063;

/** Energy of the whole batch, kcal. Gums and oligosaccharides count as fibre; the unnamed remainder as none. */
export function energyOf(mix: Mixture): number {
  const starch = mix.dispersedStarch.reduce((all, g) => all + g, 0) + mix.cellStarch + mix.rawStarch;
  return (
    energyFactors.fat * mix.fat + energyFactors.protein * mix.protein + energyFactors.carbohydrate * (mix.sugars + starch) + energyFactors.fibre * (mix.fibre + mix.gums + mix.oligo) +
    energyFactors.organicAcid * titratable(mix.buffers) * ACID_G_PER_MMOL + energyFactors.alcohol * mix.alcohol
  ); // prettier-ignore
}
