import { logistic } from '../../numeric/smooth-step.js';
import type { AcidMoment } from '../mixture/acid-moment.js';
import type { Mixture } from '../mixture/mixture.js';
import { sourFlocs as p } from './sour-flocs.params.js';

/** How far acid has made flocs of protein, 0..1. */
const flocculated = (pH: number): number =>
  logistic((p.below - pH) / p.belowWidth) * logistic((pH - p.above) / p.aboveWidth);

/** How far flocs of sour protein met heat, which shrinks them to curd, 0..1. */
export const shrunkByHeat = (moments: readonly AcidMoment[]): number =>
  moments.reduce(
    (most, { pH, temperatureC, contact }) =>
      Math.max(most, flocculated(pH) * contact * logistic((temperatureC - p.hotFrom) / p.hotWidth)),
    0,
  );

/**
 * mL that dissolved drink protein takes up once acid has made flocs of it; less where they met heat.
 * @source S-03 (acid gels), as recalled
 */
export const flocVolume = (
  mix: Pick<Mixture, 'coagulatingProtein' | 'culturedProtein' | 'pH' | 'flocsShrunk'>,
): number =>
  Math.max(mix.coagulatingProtein - mix.culturedProtein, 0) *
  p.volume *
  flocculated(mix.pH) *
  (1 - p.hotShrinks * mix.flocsShrunk);
