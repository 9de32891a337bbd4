import type { Lab } from './colour/pigment.js';
import type { ThicknessClass, WordChance } from './thickness/thickness-class.js';
import type { CurvePoint } from './temperature-curve.js';
import type { Band } from './uncertainty/band.js';

/** Something about the recipe that takes the model to its edge or beyond; shown in words. */
export type PredictionFlag =
  | 'empty'
  | 'no-water'
  | 'boiled-dry'
  | 'dough'
  | 'raw-starch'
  | 'dry-starch-in-hot-liquid'
  | 'gum-never-heated';

/** What the model says of one recipe at its serving moment. Bands are 80 % intervals. */
export interface PointPrediction {
  /** g and mL of the finished batch. */
  readonly massG: number;
  readonly volumeMl: number;
  /** g really boiled off, never more than the water there was. */
  readonly evaporatedG: number;
  /** g per 100 g. */
  readonly fat: Band;
  readonly salt: Band;
  readonly protein: Band;
  /** Sucrose equivalents, g per 100 g. */
  readonly sweetness: Band;
  /** g MSG equivalents per 100 g. */
  readonly savoriness: Band;
  /** mEq/kg. */
  readonly sourness: Band;
  readonly pH: Band;
  /** kcal of the whole batch. */
  readonly energyKcal: Band;
  /** mPa·s at 50 s⁻¹. */
  readonly viscosity: Band;
  /** Pa. */
  readonly yieldStress: Band;
  readonly thicknessClass: ThicknessClass;
  /** The words that span four fifths of the chances, thinnest first; and how likely each word is. */
  readonly thicknessRange: readonly [ThicknessClass, ThicknessClass];
  readonly thicknessWords: readonly WordChance[];
  /** Length of the strand a fork lifts, cm. */
  readonly stretch: Band;
  /** 0..1. */
  readonly curdling: number;
  /** 0..10. */
  readonly graininess: number;
  readonly lumps: number;
  readonly bitter: number;
  readonly pungent: number;
  /** % of the mass. */
  readonly weeping: number;
  /** Rising of a fat layer, 0 (stays) .. 10 (within the hour); probability that oil shows on top. */
  readonly creaming: number;
  readonly oilingOff: number;
  /** Browning of the baked surface, 0..10. */
  readonly browning: number;
  /** µm; 0 where nothing has particles. */
  readonly particleSizeUm: number;
  /** % of the fat that is solid at serving temperature. */
  readonly solidFat: Band;
  readonly colour: { readonly hex: string; readonly lab: Lab };
  /** g drunk by noodles. */
  readonly absorbedG: number;
  /** g that soaking and boiling brought in beyond what was weighed; below 0: roasting or frying took. */
  readonly broughtG: number;
  readonly flags: readonly PredictionFlag[];
}

/** The same with the curve, which costs most of the time. */
export interface Prediction extends PointPrediction {
  /** Thickness over temperature on the branch served from. */
  readonly curve: readonly CurvePoint[];
}
