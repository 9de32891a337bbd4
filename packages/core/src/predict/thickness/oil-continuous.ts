import { arrhenius } from '../../numeric/arrhenius.js';
import { logistic, softplus } from '../../numeric/smooth-step.js';
import { eitherOf } from '../../numeric/either-of.js';
import { meltedFactor, solidFatOfMix } from '../fat/solid-fat.js';
import { fat } from '../fat/solid-fat.params.js';
import type { Mixture } from '../mixture/mixture.js';
import { suspension as s } from '../particle/suspension.params.js';
import { dropletCover } from '../particle/droplet.js';
import type { KitchenOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { consistency as p } from './consistency.params.js';
import { hydrodynamicFactor, jammed } from './suspension-flow.js';

/** Yield stress of a network of fat crystals, Pa. @param share of the volume that is fat */
const fatNetwork = (solidFat: number, share: number): number =>
  1000 *
  (solidFat / (solidFat + fat.networkTrace)) *
  fat.networkK *
  softplus(solidFat - fat.networkFrom, fat.networkOnset) ** fat.networkExponent *
  share ** fat.volumeExponent;

/** Yield stress of chilled high-fat emulsions whose droplets hold hard fat, Pa. */
export function chilledEmulsionStress(mix: Mixture, solidFat: number): number {
  if (!(solidFat > 0)) return 0;
  const fatShare = mix.fat / Math.max(mix.fat + mix.water * p.waterAgainstFat, 1e-9);
  // Packed droplets with crystals in them pierce each other and knit as in butter, unless they are well covered.
  const knit = logistic((fatShare - fat.knitFrom) / fat.knitWidth) * (1 - dropletCover(mix));
  return (
    knit * fatNetwork(solidFat, fatShare) +
    fat.chilledEmulsion *
      softplus(fatShare - fat.chilledOnset, fat.chilledWidth) ** fat.chilledExponent *
      (solidFat / 100) ** fat.chilledCrystalExponent *
      (1 - Math.min(mix.emulsifiedFat, 1)) ** fat.chilledEmulsifierExponent
  );
}

/** How far fat stayed unmelted since it was like that, 0..1. */
const unmelted = (hottestC: number): number => logistic((fat.spreadMelts - hottestC) / fat.spreadMeltsWidth);

/** How far a blade churned it: fat with crystals in it, worked cold, lets the water go inside; what covers its droplets resists. */
function churned({ worked, fatByType }: Mixture, cover: number): number {
  if (!worked) return 0;
  const crystals = logistic((solidFatOfMix(fatByType, worked.atC) - fat.churnSolid) / fat.churnWidth);
  return crystals * unmelted(worked.thenC) * (1 - fat.coverResists * cover);
}

/**
 * ln of the water per fat below which oil is the continuous phase: less where droplets are well covered, so that oil can be packed
 * into water; more where the fat came with water in it, or was chilled and worked, and was not melted since.
 */
function inversion(mix: Mixture): number {
  const cover = dropletCover(mix);
  const kept = eitherOf((mix.spreadFat / mix.fat) * unmelted(mix.maxTemperature), churned(mix, cover));
  return (
    Math.log(fat.inversionRatio) -
    fat.coverHoldsOut * cover * (1 - kept) +
    kept * Math.log(fat.spreadRatio / fat.inversionRatio)
  );
}

/** Weight of the oil-continuous branch, 0..1, from water over the fat that can invert. */
export function oilContinuity(mix: Mixture): number {
  if (!(mix.fat > 0)) return 0;
  const ratio = mix.water / Math.max(mix.fat - mix.stableEmulsionFat, 1e-9);
  return logistic((inversion(mix) - Math.log(Math.max(ratio, 1e-4))) / fat.inversionWidth);
}

/** What one continuous phase would do alone: mPa·s and Pa. */
export interface Branch {
  readonly viscosity: number;
  readonly yieldStress: number;
  readonly fatStress: number;
}

/** The flow of a pot whose continuous phase is oil. @source engine notes E-6, E-11 */
export function oilContinuousBranch(mix: Mixture, tC: number, solidFat: number, z: KitchenOffsets): Branch {
  const oil = fat.oilViscosity * meltedFactor(mix.fatByType) * arrhenius(fat.oilEa, tC, p.roomTemperatureK);
  const dry = (mix.protein + mix.fibre) / Math.max(mix.mass, 1e-9);
  const solids = 1 + (fat.innerPhaseSolids - 1) * logistic((dry - fat.solidsFrom) / fat.solidsWidth);
  const inner =
    mix.water + ((mix.mass - mix.water - mix.fat) / p.drySolidsDensity) * fat.innerPhaseSwelling * solids;
  const liquid = Math.max(1 - solidFat / 100, 0.03);
  const oilVolume = mix.fat * s.fatVolume,
    volume = inner + oilVolume;
  const packing = (inner / fat.innerPacking + (oilVolume * (1 - liquid)) / fat.crystalPacking) / volume;
  const jam = jammed(packing, 1, 0);
  const network = fatNetwork(solidFat, oilVolume / volume) * Math.exp(z.fat);
  return {
    viscosity: oil * hydrodynamicFactor(Math.min(packing, 3)),
    yieldStress: network + Math.exp(z.jamming) * fat.pasteYield * jam ** s.jammingExponent,
    fatStress: network,
  };
}
