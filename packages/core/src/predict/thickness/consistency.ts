import { arrhenius, inverseKelvin } from '../../numeric/arrhenius.js';
import { solidFatOfMix } from '../fat/solid-fat.js';
import type { Mixture } from '../mixture/mixture.js';
import { suspension as s } from '../particle/suspension.params.js';
import { type KitchenOffsets, noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { consistency as p } from './consistency.params.js';
import type { Consistency, Moment } from './flow.js';
import { type Branch, chilledEmulsionStress, oilContinuousBranch } from './oil-continuous.js';
import { settle, type Settled } from './settle.js';
import { flowIndexOf, stirredYield } from './stirred.js';
import { inThinningLiquid } from './suspension-flow.js';
import { type ContinuousPhase, continuousPhase } from './thickening.js';

const logBlend = (a: number, b: number, weightOfB: number, floor = 0): number =>
  Math.exp((1 - weightOfB) * Math.log(a + floor) + weightOfB * Math.log(b + floor));

/**
 * The flow at one temperature of what was settled before.
 * @param phase the liquid between the particles at that temperature, where it is known already
 */
export function flowAt(
  on: Settled,
  tC: number,
  z: KitchenOffsets,
  phase: ContinuousPhase = continuousPhase(on, tC, z),
): Consistency {
  const { mix, packing, jam, oilContinuous } = on;
  const stiffness = Math.exp(z.jamming),
    gelStress = phase.gelStress * Math.exp(z.gel);
  const softening = Math.exp(
    s.suspensionEa * Math.exp(z.temperature) * inverseKelvin(tC) * Math.min(packing, p.packingCap),
  );
  const thinning = flowIndexOf(phase.increment, 1, 0);
  const factor = inThinningLiquid(on.hydrodynamic, thinning) * softening;
  const solidFat = solidFatOfMix(mix.fatByType, tC);
  const chilled = chilledEmulsionStress(mix, solidFat) * Math.exp(z.fat);
  let flow: Branch = {
    viscosity:
      phase.viscosity * factor + s.networkK * stiffness * jam * jam * phase.viscosity ** s.networkEta,
    yieldStress:
      gelStress + stiffness * on.particleStress * arrhenius(s.jammingEa, tC, p.jamReferenceK) + chilled,
    fatStress: chilled,
  };
  if (oilContinuous > 1e-4) {
    const oil = oilContinuousBranch(mix, tC, solidFat, z);
    flow = {
      viscosity: logBlend(flow.viscosity, oil.viscosity, oilContinuous),
      yieldStress: logBlend(flow.yieldStress, oil.yieldStress, oilContinuous, 1e-3),
      fatStress: (1 - oilContinuous) * chilled + oilContinuous * oil.fatStress,
    };
  }
  const stirred = flow.viscosity + stirredYield(flow.yieldStress, gelStress);
  return {
    viscosity: stirred / (1 + stirred / s.viscosityCap),
    yieldStress: flow.yieldStress / (1 + flow.yieldStress / s.yieldCap),
    gelStress,
    fatStress: flow.fatStress,
    continuous: phase.viscosity,
    packing,
    dispersedVolume: on.dispersedVolume,
    dropletShare: on.dropletShare,
    freeWater: on.water.free,
    excludedWater: on.water.excluded,
    solidFat,
    oilContinuous,
    flowIndex: flowIndexOf(phase.increment, factor, flow.yieldStress),
  };
}

/**
 * The flow of a mixture at one moment.
 * @param offsets log-offsets of this kitchen; zero for the model as it stands
 * @source engine notes E-4 to E-6: Loewe additivity, Krieger–Dougherty with a soft-glassy network, oil-continuous blend
 */
export const consistencyAt = (mix: Mixture, at: Moment, offsets: KitchenOffsets = noOffsets): Consistency =>
  flowAt(settle(mix, at.storage, at.days, offsets), at.temperature, offsets);
