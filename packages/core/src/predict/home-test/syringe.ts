import { type Flowing, REPORTED_SHEAR } from '../thickness/shear-thinning.js';
import { viscosityFromReading } from './viscosity-from-reading.js';
import { homeTest as p } from './home-test.params.js';

const STEP_S = 0.05;

/**
 * mL left in a 10 mL syringe after some seconds of running out: power-law flow in the nozzle under the falling head, with
 * inertia in series. Nothing runs while the wall stress is below the felt yield stress.
 * @source pipe flow of a power-law fluid, engine notes E-14
 */
export function syringeLeft(flow: Flowing, seconds = 10): number {
  const radius = p.nozzleRadius * 1e-3,
    length = p.nozzleLength * 1e-3,
    n = flow.flowIndex;
  const consistency = flow.viscosity * 1e-3 * REPORTED_SHEAR ** (1 - n);
  const held = p.yieldFelt * flow.yieldStress;
  let left = p.syringeMl;
  for (let t = 0; t < seconds && left > 0; t += STEP_S) {
    const head = (left * p.syringeMmPerMl + p.nozzleHead) * 1e-3;
    const wall = (p.density * p.gravity * head * radius) / (2 * length);
    if (wall <= held) break;
    const shear = ((wall - held) / consistency) ** (1 / n);
    const viscous = (Math.PI * radius ** 3 * shear) / (3 + 1 / n);
    const inertial = p.discharge * Math.PI * radius * radius * Math.sqrt(2 * p.gravity * head);
    left -= (1e6 * Math.min(STEP_S, seconds - t)) / (1 / viscous + 1 / inertial);
  }
  return Math.max(0, left);
}

/** Viscosity at 50 1/s that a measured rest (mL) speaks for, mPa·s. */
export const viscosityFromSyringe = (leftMl: number, like: Flowing, seconds = 10): number =>
  viscosityFromReading(leftMl, like, (flow) => syringeLeft(flow, seconds), true);
