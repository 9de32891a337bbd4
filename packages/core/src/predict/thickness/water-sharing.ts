import type { Storage } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { flocVolume } from '../particle/sour-flocs.js';
import { suspension as s } from '../particle/suspension.params.js';
import type { KitchenOffsets } from '../uncertainty/kitchen-offsets.params.js';
import type { Moment } from './flow.js';

/** How the water of the pot is shared between particles and thickeners. */
export interface Water {
  readonly all: number;
  readonly free: number;
  /** mL of all hydrated solids. */
  readonly solids: number;
  /** g that dissolved starch cannot enter. */
  readonly excluded: number;
}

/** Nut and seed particles go on drinking in the fridge. */
const fridgeSwelling = (storage: Storage, days: number): number =>
  storage === 'cool' ? 0 : s.fridgeSwelling * (1 - Math.exp(-days / s.fridgeSwellingDays));

/** Factor on the volume of curd flocs: open when dilute, pressed together when packed. */
const curdOpening = (share: number): number =>
  1 + s.curdOpens / (1 + (share / s.curdPacked) ** s.curdExponent);

/** Factor on the volume of soft cell walls: crowding presses water out of them. */
const crowding = (packing: number): number =>
  (1 + (packing / s.cellWallYields) ** s.cellWallExponent) ** (-1 / s.cellWallExponent);

/** @param volume mL in which the particles crowd   @source engine notes E-5 */
export function shareWater(
  mix: Mixture,
  { storage, days }: Pick<Moment, 'storage' | 'days'>,
  volume: number,
  z: KitchenOffsets,
): Water {
  const all = mix.water * Math.exp(z.water);
  const seed = Math.exp(z.seed);
  const loose = mix.curdVolume + flocVolume(mix),
    curd = loose > 0 ? loose * curdOpening(loose / volume) : 0;
  const firm =
    (mix.particleVolume +
      mix.nutVolume * fridgeSwelling(storage, days) +
      curd +
      s.cellStarchVolume * mix.cellStarch) *
      seed +
    s.rawStarchVolume * mix.rawStarch;
  const soft = mix.cellWallVolume * Math.exp(z.cellWall);
  const solids = firm + (soft > 0 ? soft * crowding((firm + soft) / (s.particlePacking * volume)) : 0);
  const demand = Math.max(
    solids - mix.dryParticleVolume - s.starchSorption * (mix.rawStarch + mix.cellStarch),
    0,
  );
  const ratio = demand / (s.boundWaterLimit * all);
  const bound = demand / Math.cbrt(1 + ratio * ratio * ratio);
  return {
    all,
    free: Math.max(all - bound, 1e-6),
    solids,
    excluded: Math.min(s.strandExcluded * demand, s.strandExcludedMost * all),
  };
}
