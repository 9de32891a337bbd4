import type { Mixture } from '../mixture/mixture.js';
import { type GumRow, soluteRows } from './gum.params.js';

/** What a gram of each dissolved thickener counts, in the order of `soluteIds`; for gums that behave alike. */
export type SoluteWeights = Float64Array;
export const soluteWeights = (of: (row: GumRow) => number): SoluteWeights =>
  Float64Array.from(soluteRows, of);

/** g of all dissolved thickeners in the pot, each counted by its weight. */
export function dissolved(mix: Mixture, weights: SoluteWeights): number {
  let grams = 0;
  for (let i = 0; i < weights.length; i++) grams += weights[i]! * (mix.solutes[i] ?? 0);
  return grams;
}
