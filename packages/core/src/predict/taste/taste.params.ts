import { parameter, valuesOf } from '../../numeric/parameter.js';

/**
 * Equivalent umami concentration: weights of amino acids (against glutamate) and nucleotides (against IMP), and the
 * synergy constant. @source Yamaguchi et al. 1971, S-06.
 */
export const umamiParameters = {
  aspartate: parameter(0.077, 'per glutamate', 0.1, 'P', 'Yamaguchi'),
  imp: parameter(1, 'per IMP', 0, 'P', 'Yamaguchi'),
  gmp: parameter(2.3, 'per IMP', 0.1, 'P', 'Yamaguchi'),
  amp: parameter(0.18, 'per IMP', 0.2, 'P', 'Yamaguchi'),
  synergy: parameter(1218, '(g/100 g)⁻¹', 0.1, 'P', 'Yamaguchi; A44'),
} as const;
export const umami = valuesOf(umamiParameters);
