import { logistic } from '../../numeric/smooth-step.js';
import type { AcidMoment } from '../mixture/acid-moment.js';
import { sourFlocs as p } from './sour-flocs.params.js';

/** How far acid has made flocs of protein, 0..1. */
const flocculated = (pH: number): number =>
  logistic((p.below - pH) / p.belowWidth) * logistic((pH - p.above) / p.aboveWidth);

/**
 * mL that dissolved drink protein takes up once acid has made flocs of it; less where they met heat, which shrinks them to curd.
 * @param protein g that can coagulate   @param pH of the finished pot
 * @source S-03 (acid gels), as recalled
 */
export function sourFlocs(protein: number, pH: number, moments: readonly AcidMoment[]): number {
  if (!(protein > 0)) return 0;
  const hottest = moments.reduce(
    (most, { pH: then, temperatureC, contact }) =>
      Math.max(
        most,
        flocculated(then) * contact * logistic((temperatureC - p.hotFrom) / p.hotWidth),
      ),
    0,
  );
  return protein * p.volume * flocculated(pH) * (1 - p.hotShrinks * hottest);
}
