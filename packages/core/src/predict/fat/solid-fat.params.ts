import type { FatType } from '../../ingredient/substance.js';
import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Temperatures of the table columns, °C. */
export const SFC_TEMPERATURES = [5, 10, 15, 20, 25, 30, 35, 40] as const;

/** Solid fat content, % of the fat. @source rounded NMR literature, S-04; `plantButter` estimated; CV 0.10. */
export const solidFatContent = {
  coconut: [86, 77, 58, 35, 4, 0, 0, 0],
  palmKernel: [75, 68, 55, 40, 16, 1, 0, 0],
  palm: [62, 52, 37, 25, 15, 9, 5, 2],
  cocoa: [90, 88, 84, 77, 72, 43, 1, 0],
  shea: [58, 50, 42, 33, 22, 12, 4, 0],
  sheaStearin: [92, 90, 87, 82, 76, 62, 22, 1],
  butterfat: [53, 48, 35, 20, 12, 6, 1, 0],
  hydrogenatedRapeseed: [97, 97, 96, 95, 94, 93, 91, 88],
  olive: [4, 0, 0, 0, 0, 0, 0, 0],
  liquid: [0, 0, 0, 0, 0, 0, 0, 0],
  plantButter: [34, 29, 23, 16, 9, 4, 1, 0],
  palmStearin: [82, 76, 70, 62, 49, 39, 30, 22],
  palmOlein: [52, 36, 16, 4, 0, 0, 0, 0],
  interesterified: [54, 45, 36, 27, 18, 11, 6, 3],
} as const satisfies Record<FatType, readonly number[]>;

/** @source S-04; anchors A39–A41. */
export const fatParameters = {
  oilViscosity: parameter(62, 'mPa·s at 25 °C', 0.1, 'P', 'oil viscosity'),
  oilEa: parameter(27, 'kJ/mol', 0.1, 'P', 'oil viscosity'),
  innerPhaseSwelling: parameter(2.5, '-', 0.12, 'E', 'A39 nut butter: cell fragments occlude oil'),
  innerPhaseSolids: parameter(1.15, '-', 0.1, 'E', 'A39'),
  networkK: parameter(8.2e-3, 'kPa/SFC^2.5', 0.35, 'P', 'A40 butter'),
  networkExponent: parameter(2.5, '-', 0.08, 'P', 'A40'),
  networkOnset: parameter(1.2, '% SFC', 0.5, 'E', 'rounded corner of the network'),
  networkTrace: parameter(0.3, '% SFC', 0.5, 'E', 'F02: an oil without crystals has no network'),
  volumeExponent: parameter(1.5, '-', 0.2, 'P/E', 'network diluted by the inner phase'),
  pasteYield: parameter(900, 'Pa', 0.4, 'E', 'A39 packed oil-continuous paste'),
  innerPacking: parameter(0.66, '-', 0.08, 'E', 'A39'),
  crystalPacking: parameter(0.9, '-', 0.1, 'E', 'A40'),
  inversionRatio: parameter(0.42, 'g water/g fat', 0.2, 'P/E', 'below it oil is the continuous phase'),
  inversionWidth: parameter(0.16, 'ln ratio', 0.4, 'E', 'sharpness of the inversion'),
  chilledEmulsion: parameter(55000, 'Pa', 0.6, 'E', 'A41 chilled coconut cream'),
  chilledOnset: parameter(0.16, 'fat share of fat and water', 0.2, 'E', 'A41'),
  chilledWidth: parameter(0.02, 'fat share', 0.4, 'E', 'A41'),
  chilledExponent: parameter(1.6, '-', 0.2, 'E', 'A41'),
  chilledCrystalExponent: parameter(2.5, '-', 0.1, 'P', 'as the fat network'),
  chilledEmulsifierExponent: parameter(6, '-', 0.3, 'E', 'well-emulsified droplets do not knit'),
} as const;

export const fat = valuesOf(fatParameters);
