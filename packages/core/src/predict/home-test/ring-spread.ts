import { type Flowing, viscosityAtShear } from '../thickness/shear-thinning.js';
import { viscosityFromReading } from './viscosity-from-reading.js';
import { homeTest as p } from './home-test.params.js';

/** Shear rates that the law holds for, 1/s. */
const SLOWEST = 0.005,
  FASTEST = 300;
const STEPS = 40;
/** Sharpness with which the smallest of the limits wins. */
const LIMIT_NORM = -6,
  RING_NORM = 8;

/**
 * Radius of a puddle after the ring is lifted, cm. The least of: spreading by its weight against viscosity, stopping at
 * its yield stress, and the puddle that surface tension holds; never smaller than the ring.
 * @param seconds after lifting   @source viscous gravity current and slump with a yield stress, engine notes E-14
 */
export function ringSpread(flow: Flowing, seconds = 30): number {
  const ring = p.ringDiameter / 200,
    volume = Math.PI * ring * ring * (p.ringHeight / 100);
  let radius = ring * 1.5;
  for (let step = 0; step < STEPS; step++) {
    const height = volume / (Math.PI * radius * radius);
    const shear = Math.min(FASTEST, Math.max((3 * (radius / (8 * seconds))) / height, SLOWEST));
    const kinematic = viscosityAtShear(flow, shear) / p.density;
    const spread = p.viscousConstant * ((p.gravity * volume ** 3 * seconds) / (3 * kinematic)) ** (1 / 8);
    radius = Math.sqrt(radius * Math.max(spread, ring));
  }
  const byYield =
    flow.yieldStress > 0
      ? ((225 * p.density * p.gravity * volume * volume) / (128 * Math.PI ** 2 * flow.yieldStress)) ** (1 / 5)
      : 1;
  const byTension = Math.sqrt(volume / (Math.PI * p.puddle * 1e-3));
  const least =
    (Math.max(radius, ring) ** LIMIT_NORM +
      Math.max(byYield, ring * 0.2) ** LIMIT_NORM +
      byTension ** LIMIT_NORM) **
    (1 / LIMIT_NORM);
  return 100 * (ring ** RING_NORM + least ** RING_NORM) ** (1 / RING_NORM);
}

/** Viscosity at 50 1/s that a measured radius (cm) speaks for, mPa·s. */
export const viscosityFromRing = (radiusCm: number, like: Flowing, seconds = 30): number =>
  viscosityFromReading(radiusCm, like, (flow) => ringSpread(flow, seconds), false);
