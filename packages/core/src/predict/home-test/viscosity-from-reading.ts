import type { Flowing } from '../thickness/shear-thinning.js';

/**
 * Inverts a home test: the viscosity (mPa·s) at which it would give the reading, with the recipe's own flow index and its
 * yield stress growing in proportion. Bisection on the logarithm; the test must be monotone in viscosity.
 * @param rising whether a thicker sauce gives a larger reading
 */
export function viscosityFromReading(
  reading: number,
  like: Flowing,
  test: (flow: Flowing) => number,
  rising: boolean,
): number {
  let low = 0,
    high = Math.log(2e6);
  for (let step = 0; step < 44; step++) {
    const middle = (low + high) / 2,
      viscosity = Math.exp(middle);
    const at = test({ ...like, viscosity, yieldStress: (like.yieldStress / like.viscosity) * viscosity });
    if (at > reading === rising) high = middle;
    else low = middle;
  }
  return Math.exp((low + high) / 2);
}
