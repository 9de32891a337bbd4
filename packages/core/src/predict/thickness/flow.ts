import type { Storage } from '../../recipe/recipe.js';

/** When and how warm somebody looks at the pot. */
export interface Moment {
  /** °C. */
  readonly temperature: number;
  readonly storage: Storage;
  readonly days: number;
}

/** The flow of the pot at one moment. */
export interface Consistency {
  /** Apparent viscosity at 50 s⁻¹ with the stirred share of the yield stress, mPa·s. */
  readonly viscosity: number;
  /** Pa. */
  readonly yieldStress: number;
  /** Parts of the yield stress that come from set gels and from fat crystals, Pa. */
  readonly gelStress: number;
  readonly fatStress: number;
  /** Viscosity of the liquid between the particles, mPa·s. */
  readonly continuous: number;
  /** Dispersed volume over what can be packed; above about 1 the pot is a paste. */
  readonly packing: number;
  readonly dispersedVolume: number;
  /** Share of the dispersed volume that is fat. */
  readonly dropletShare: number;
  /** g of water left to the thickeners. */
  readonly freeWater: number;
  /** g of water inside swollen particles, which the strands of root starch cannot enter. */
  readonly excludedWater: number;
  /** % of the fat. */
  readonly solidFat: number;
  /** 0 water-continuous .. 1 oil-continuous. */
  readonly oilContinuous: number;
  /** Flow index of the power law near 50 s⁻¹. */
  readonly flowIndex: number;
}
