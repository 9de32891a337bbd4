import type { BufferAmounts } from '../acidity/charge-balance.js';
import type { Process } from './recipe.js';

/**
 * Everything extensive in the pot after cooking: independent of the temperature at which it is looked at.
 * Masses in g, volumes in mL, amounts of substance in mmol, sizes in µm.
 */
export interface Mixture {
  readonly process: Process;
  readonly mass: number;
  readonly water: number;
  readonly evaporated: number;
  readonly fat: number;
  readonly protein: number;
  readonly fibre: number;
  readonly sugars: number;
  readonly salt: number;
  readonly alcohol: number;
  readonly unnamed: number;
  readonly calciumMg: number;
  /** Starch by kind: gelatinized and dispersed; then totals enclosed in cells, and raw. */
  readonly dispersedStarch: Float64Array;
  readonly cellStarch: number;
  readonly rawStarch: number;
  readonly allStarch: number;
  readonly gelatinizedShares: Float64Array;
  /** Gums, soluble protein and sugars, in the order of `soluteIds`. */
  readonly solutes: Float64Array;
  readonly fatByType: Float64Array;
  readonly buffers: BufferAmounts;
  readonly strongIons: number;
  readonly pH: number;
  readonly hydrolysis: number;
  readonly breakdown: number;
  /** Hydrated volume of nut, seed, pulse, curd and flour particles; of vegetable cell walls; dry volume of both. */
  readonly particleVolume: number;
  readonly cellWallVolume: number;
  readonly dryParticleVolume: number;
  /** All but dissolved thickeners, so that adding one never dilutes the particles. */
  readonly suspensionVolume: number;
  readonly volume: number;
  readonly emulsifyingProtein: number;
  /** 0..1. */
  readonly emulsifiedFat: number;
  readonly stableEmulsionFat: number;
  readonly heatSetProtein: number;
  readonly coagulatingProtein: number;
  readonly isoelectricPh: number;
  readonly grains: number;
  readonly dryHotStarch: number;
  readonly meanDiameter: number;
  readonly largestDiameter: number;
  readonly glutamate: number;
  readonly aspartate: number;
  readonly imp: number;
  readonly gmp: number;
  readonly amp: number;
  /** Mass-weighted indices: sum of g × index / 100. */
  readonly bitter: number;
  readonly pungent: number;
  /** Mean absorption over scattering per colour channel. */
  readonly absorption: readonly [number, number, number];
}
