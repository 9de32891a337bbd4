import { consistencyAt, type Consistency, type Moment } from '../thickness/consistency.js';
import type { Mixture } from '../mixture/mixture.js';
import { pullLength } from '../stretch/pull-length.js';
import {
  K80,
  kitchenOffsets,
  type KitchenOffsets,
  noOffsets,
  type OffsetName,
  offsetNames,
  residualSd,
} from './kitchen-offsets.params.js';

/** An 80 % interval around the predicted value, all in the value's own unit. */
export interface Band {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** Band of a quantity whose logarithm has a standard deviation. */
export const bandOf = (mid: number, logSd: number): Band => ({
  low: mid * Math.exp(-K80 * logSd),
  mid,
  high: mid * Math.exp(K80 * logSd),
});

/** Log standard deviations of viscosity, yield stress and pull length at one moment. */
export interface Spread {
  readonly viscosity: number;
  readonly yieldStress: number;
  readonly pull: number;
}

/** Small amounts added before taking logarithms, so that nothing counts as a ratio to zero: Pa and cm. */
const YIELD_FLOOR = 0.01,
  PULL_FLOOR = 0.2;

/**
 * How unsure the model is at one moment: forward differences of the outputs at one prior standard deviation of each
 * kitchen offset, with the residual added.
 * @source engine notes E-13 (first-order error propagation)
 */
export function spreadAt(
  mix: Mixture,
  at: Moment,
  flow: Consistency,
  pull: number,
  offsets: KitchenOffsets = noOffsets,
): Spread {
  let viscosity = residualSd.viscosity ** 2,
    yieldStress = residualSd.yield ** 2,
    pulled = residualSd.pull ** 2;
  const moved: Record<OffsetName, number> = { ...offsets };
  for (const name of offsetNames) {
    moved[name] = offsets[name] + kitchenOffsets[name].sd;
    const there = consistencyAt(mix, at, moved);
    viscosity += Math.log(there.viscosity / flow.viscosity) ** 2;
    yieldStress += Math.log((there.yieldStress + YIELD_FLOOR) / (flow.yieldStress + YIELD_FLOOR)) ** 2;
    pulled += Math.log((pullLength(mix, there, at, moved) + PULL_FLOOR) / (pull + PULL_FLOOR)) ** 2;
    moved[name] = offsets[name];
  }
  return { viscosity: Math.sqrt(viscosity), yieldStress: Math.sqrt(yieldStress), pull: Math.sqrt(pulled) };
}
