import type { Mixture } from '../mixture/mixture.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Consistency } from '../thickness/flow.js';
import { dropletDiameter } from '../particle/droplet.js';
import { viscosityAtShear } from '../thickness/shear-thinning.js';
import { creaming as p } from './creaming.params.js';

const GRAVITY = 9.81;
const SECONDS_PER_DAY = 86_400;

/**
 * How soon a layer of fat rises, 0 (stays) .. 10 (within the hour): Stokes velocity in the liquid
 * as thick as it is when hardly sheared, which is far thicker than when stirred where a gum thins under shear.
 * @source Stokes law, engine notes E-8
 */
export function creamingIndex(mix: Mixture, flow: Consistency): number {
  if (!(mix.fat > 0)) return 0;
  const fat = (100 * mix.fat) / Math.max(mix.mass, 1e-9),
    seen = fat / (fat + p.fatSeen);
  const metres = dropletDiameter(mix) * 1e-6;
  const mmPerDay =
    ((p.densityDifference * 1000 * GRAVITY * metres * metres) /
      (18 * viscosityAtShear(flow, p.risingShear))) *
    1000 *
    SECONDS_PER_DAY;
  return (
    (seen * (1 - flow.oilContinuous) * ((10 * mmPerDay) / (mmPerDay + p.risingScale))) /
    (1 + flow.yieldStress / p.yieldHolds)
  );
}

/** Probability that fat shows as oil on top, 0..1: too little emulsifying protein, and nothing thick to hold it. */
export function oilingOffRisk(mix: Mixture, flow: Consistency): number {
  if (!(mix.fat > 0) || !(mix.mass > 0)) return 0;
  const cover = (mix.emulsifyingProtein + mix.surfactant) / mix.fat;
  const bare = logistic((p.emulsifierNeeded - cover) / p.emulsifierWidth);
  const enough = 1 / (1 + (p.fatFrom / Math.max((100 * mix.fat) / mix.mass, 1e-9)) ** p.fatPower);
  return ((1 - flow.oilContinuous) * bare * enough) / (1 + flow.viscosity / p.thicknessHolds);
}
