import type { Storage } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { dropletStiffness } from '../particle/droplet.js';
import { suspension as s } from '../particle/suspension.params.js';
import { type KitchenOffsets, noOffsets, type OffsetName } from '../uncertainty/kitchen-offsets.params.js';
import { soluteConcentrations, starchConcentrations } from './concentrations.js';
import { oilContinuity } from './oil-continuous.js';
import { actingTogether, type GumGel, gumGels } from './gum-gels.js';
import { bakedStress, heatSetStress, starchGels } from './set-gels.js';
import { hydrodynamicFactor, jammed, suspensionStress } from './suspension-flow.js';
import { type Solvent, solventOf } from '../thickener/solvent.js';
import { shareWater, type Water } from './water-sharing.js';

/** Everything about the flow that does not depend on the temperature: worked out once for a whole curve. */
export interface Settled {
  readonly mix: Mixture;
  readonly storage: Storage;
  readonly days: number;
  readonly water: Water;
  readonly solvent: Solvent;
  readonly starch: readonly number[];
  readonly solutes: readonly number[];
  readonly starchGel: readonly number[];
  readonly gumGels: readonly GumGel[];
  readonly heatSet: number;
  readonly baked: number;
  readonly packing: number;
  readonly dispersedVolume: number;
  readonly dropletShare: number;
  readonly hydrodynamic: number;
  readonly jam: number;
  readonly particleStress: number;
  readonly oilContinuous: number;
}

/** What of the offsets changes the water and the particles; the others act on the flow alone. */
export const settlingOffsets: ReadonlySet<OffsetName> = new Set<OffsetName>(['seed', 'cellWall', 'water']);

/**
 * What the pot is whatever its temperature: water shared out, concentrations, set gels, packing.
 * @param offsets log-offsets of this kitchen; zero for the model as it stands
 */
export function settle(
  mix: Mixture,
  storage: Storage,
  days: number,
  offsets: KitchenOffsets = noOffsets,
): Settled {
  const z = offsets;
  const volume =
    mix.suspensionVolume * Math.exp((z.water * mix.water) / Math.max(mix.suspensionVolume, 1e-6));
  const water = shareWater(mix, { storage, days }, volume, z);
  const droplets = s.fatVolume * mix.fat;
  const packing = (water.solids / s.particlePacking + droplets / s.dropletPacking) / volume;
  const dropletShare = droplets / Math.max(droplets + water.solids, 1e-9);
  const jam = jammed(packing, dropletShare, Math.min(mix.nutVolume / Math.max(water.solids, 1e-9), 1));
  const starch = starchConcentrations(mix, water),
    dissolved = soluteConcentrations(mix, water),
    solutes = actingTogether(dissolved);
  return {
    mix,
    storage,
    days,
    water,
    solvent: solventOf(mix, water.all),
    starch,
    solutes,
    packing,
    dropletShare,
    jam,
    starchGel: starchGels(mix, starch),
    gumGels: gumGels(dissolved, mix),
    heatSet: heatSetStress(mix, water.free),
    baked: bakedStress(mix, water.all),
    dispersedVolume: (water.solids + droplets) / volume,
    hydrodynamic: hydrodynamicFactor(packing),
    particleStress: suspensionStress(jam, dropletShare, dropletStiffness(mix)),
    oilContinuous: oilContinuity(mix),
  };
}
