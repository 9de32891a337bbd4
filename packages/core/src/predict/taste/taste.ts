import { SOUR_HALF_PH } from '../acidity/acid.params.js';
import { titratable } from '../acidity/charge-balance.js';
import type { Mixture } from '../mixture/mixture.js';
import { pungencyIndex } from './pungency.js';
import { sugarEvens } from './sugar.params.js';
import { umami } from './taste.params.js';

/** Free amino acids and nucleotides, g per 100 g of food. */
export interface UmamiCompounds {
  readonly glutamate: number;
  readonly aspartate: number;
  readonly imp: number;
  readonly gmp: number;
  readonly amp: number;
}

/** Equivalent umami concentration, g MSG per 100 g. @source Yamaguchi et al. 1971, S-06 */
export function equivalentUmami(c: UmamiCompounds): number {
  const amino = c.glutamate + c.aspartate * umami.aspartate;
  const nucleotide = c.imp * umami.imp + c.gmp * umami.gmp + c.amp * umami.amp;
  return amino + umami.synergy * amino * nucleotide;
}

/**
 * g of sucrose in 100 g that taste as sweet: the more sugar there is, the closer all kinds come to sucrose.
 * @param diluted sum of sugars by their sweetness when dilute, g per 100 g   @param sugars g per 100 g
 * @source S-06 (relative sweetness against concentration), as recalled
 */
export const sucroseEquivalents = (diluted: number, sugars: number): number =>
  diluted + ((sugars - diluted) * sugars) / (sugars + sugarEvens);

export interface Taste {
  /** g per 100 g. */
  readonly salt: number;
  /** g MSG equivalents per 100 g. */
  readonly umami: number;
  /** Titratable acid that tastes sour at this pH, mEq/kg. */
  readonly sour: number;
  /** Sucrose equivalents, g per 100 g. */
  readonly sweet: number;
  /** 0..10. */
  readonly bitter: number;
  readonly pungent: number;
}

export function tasteOf(mix: Mixture): Taste {
  const mass = Math.max(mix.mass, 1e-9);
  const per100 = (g: number) => (100 * g) / mass;
  return {
    salt: per100(mix.salt),
    umami: equivalentUmami({
      glutamate: per100(mix.glutamate),
      aspartate: per100(mix.aspartate),
      imp: per100(mix.imp),
      gmp: per100(mix.gmp),
      amp: per100(mix.amp),
    }),
    sour: ((titratable(mix.buffers) / mass) * 1000) / (1 + 10 ** (mix.pH - SOUR_HALF_PH)),
    sweet: sucroseEquivalents(per100(mix.sweetness), per100(mix.sugars)),
    bitter: per100(mix.bitter),
    pungent: pungencyIndex(mix.pungent / mass),
  };
}
