import type { FatType } from '../../ingredient/substance.js';
import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Temperatures of the table columns, °C. */
export const SFC_TEMPERATURES = [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70] as const;

/** Solid fat content, % of the fat: every fat melts in the end. @source rounded NMR literature, S-04; `plantButter`, `interesterified` estimated; CV 0.10. */
export const solidFatContent = {
  coconut: [86, 77, 58, 35, 4, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  palmKernel: [75, 68, 55, 40, 16, 1, 0, 0, 0, 0, 0, 0, 0, 0],
  palm: [62, 52, 37, 25, 15, 9, 5, 2, 0, 0, 0, 0, 0, 0],
  cocoa: [90, 88, 84, 77, 72, 43, 1, 0, 0, 0, 0, 0, 0, 0],
  shea: [58, 50, 42, 33, 22, 12, 4, 0, 0, 0, 0, 0, 0, 0],
  sheaStearin: [92, 90, 87, 82, 76, 62, 22, 1, 0, 0, 0, 0, 0, 0],
  butterfat: [53, 48, 35, 20, 12, 6, 1, 0, 0, 0, 0, 0, 0, 0],
  hydrogenatedRapeseed: [97, 97, 96, 95, 94, 93, 91, 88, 83, 74, 60, 38, 14, 0],
  olive: [4, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  liquid: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  plantButter: [34, 29, 23, 16, 9, 4, 1, 0, 0, 0, 0, 0, 0, 0],
  palmStearin: [82, 76, 70, 62, 49, 39, 30, 22, 14, 6, 1, 0, 0, 0],
  palmOlein: [52, 36, 16, 4, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  interesterified: [54, 45, 36, 27, 18, 11, 6, 3, 1, 0, 0, 0, 0, 0],
  polyunsaturated: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
} as const satisfies Record<FatType, readonly number[]>;

/**
 * Viscosity of each fat once melted, against an oil of long unsaturated chains at the same temperature: short chains flow more
 * easily, saturated long ones less, many double bonds more easily.
 * @source S-04 (viscosity of vegetable oils by chain and double bonds), as recalled
 */
export const meltedAgainstOil = {
  coconut: 0.78,
  palmKernel: 0.85,
  palm: 1.12,
  cocoa: 1.2,
  shea: 1.15,
  sheaStearin: 1.2,
  butterfat: 1.02,
  hydrogenatedRapeseed: 1.25,
  olive: 1.08,
  liquid: 0.88,
  plantButter: 0.95,
  palmStearin: 1.15,
  palmOlein: 1.1,
  interesterified: 1.05,
  polyunsaturated: 0.7,
} as const satisfies Record<FatType, number>;

/** Families of triglycerides that do not fit into each other's crystals. @source S-04 */
export const crystalFamily = {
  coconut: 'lauric',
  palmKernel: 'lauric',
  palm: 'palm',
  cocoa: 'symmetric',
  shea: 'symmetric',
  sheaStearin: 'symmetric',
  butterfat: 'mixed',
  hydrogenatedRapeseed: 'long',
  olive: 'none',
  liquid: 'none',
  plantButter: 'mixed',
  palmStearin: 'palm',
  palmOlein: 'palm',
  interesterified: 'mixed',
  polyunsaturated: 'none',
} as const satisfies Record<FatType, string>;
export type CrystalFamily = (typeof crystalFamily)[FatType];

/** Pairs of families that soften each other: the share of the solids that equal parts lose where the loss is full. @source S-04 (isosolid diagrams), as recalled; CV 0.3 */
export const eutectics: readonly (readonly [CrystalFamily, CrystalFamily, number])[] = [
  ['lauric', 'symmetric', 0.92],
  ['lauric', 'palm', 0.32],
  ['palm', 'symmetric', 0.3],
  ['mixed', 'symmetric', 0.4],
  ['mixed', 'lauric', 0.2],
];

/** @source S-04; anchors A39–A41. */
export const fatParameters = {
  oilViscosity: parameter(62, 'mPa·s at 25 °C', 0.1, 'P', 'oil viscosity'),
  oilEa: parameter(27, 'kJ/mol', 0.1, 'P', 'oil viscosity'),
  innerPhaseSwelling: parameter(2.95, '-', 0.12, 'E', 'A39 nut butter: cell fragments occlude oil'),
  innerPhaseSolids: parameter(1.15, '-', 0.1, 'E', 'A39'),
  solidDoubt: parameter(0.1, 'log sd', 0, 'P', 'lots of one fat'),
  littleSolid: parameter(12, '%', 0.4, 'E', 'near its end of melting a degree changes all'),
  solidDoubtMost: parameter(0.6, 'log sd', 0, 'E', 'as above'),
  eutecticDoubt: parameter(0.22, 'log sd', 0, 'E', 'isosolid diagrams differ'),
  eutecticMidpoint: parameter(19, '°C', 0.15, 'P/E', 'F24–F28: solids that do not fit melt sooner'),
  eutecticWidth: parameter(6.5, '°C', 0.3, 'E', 'as above'),
  networkK: parameter(1.15e-2, 'kPa/SFC^2.5', 0.35, 'P', 'A40 butter'),
  networkExponent: parameter(2.5, '-', 0.08, 'P', 'A40'),
  networkFrom: parameter(2.5, '% SFC', 0.4, 'P/E', 'a few per cent of crystals make oil cloudy, not firm'),
  networkOnset: parameter(1.2, '% SFC', 0.5, 'E', 'rounded corner of the network'),
  networkTrace: parameter(0.3, '% SFC', 0.5, 'E', 'F02: an oil without crystals has no network'),
  volumeExponent: parameter(1.5, '-', 0.2, 'P/E', 'network diluted by the inner phase'),
  pasteYield: parameter(900, 'Pa', 0.4, 'E', 'A39 packed oil-continuous paste'),
  innerPacking: parameter(0.66, '-', 0.08, 'E', 'A39'),
  crystalPacking: parameter(0.9, '-', 0.1, 'E', 'A40'),
  inversionRatio: parameter(0.42, 'g water/g fat', 0.2, 'P/E', 'below it oil is the continuous phase'),
  coverHoldsOut: parameter(1.8, 'ln', 0.3, 'P/E', 'U05–U15: mayonnaise of 82 % oil with egg, soya or mustard is still oil in water'),
  spreadRatio: parameter(1.3, 'g water/g fat', 0.3, 'P/E', 'F50, F53: a spread of 40 % fat is still water in oil'),
  spreadMelts: parameter(38, '°C', 0.05, 'P', 'melted, it is fat and water again'),
  spreadMeltsWidth: parameter(2, '°C', 0.3, 'E', 'as above'),
  churnSolid: parameter(12, '% SFC', 0.3, 'P/E', 'cream churns when a good part of its fat is solid and a part is not'),
  churnWidth: parameter(2, '% SFC', 0.3, 'E', 'as above'),
  coverResists: parameter(0.5, '-', 0.4, 'E', 'droplets that are well covered churn less'),
  knitFrom: parameter(0.68, 'fat share', 0.08, 'E', 'F47–F52: packed droplets of hard fat knit when chilled'),
  knitWidth: parameter(0.04, 'fat share', 0.4, 'E', 'as above'),
  solidsFrom: parameter(0.02, 'mass share', 0.3, 'E', 'A39: cell fragments occlude oil'),
  solidsWidth: parameter(0.005, 'mass share', 0.4, 'E', 'as above'),
  inversionWidth: parameter(0.16, 'ln ratio', 0.4, 'E', 'sharpness of the inversion'),
  chilledEmulsion: parameter(55000, 'Pa', 0.6, 'E', 'A41 chilled coconut cream'),
  chilledOnset: parameter(0.16, 'fat share of fat and water', 0.2, 'E', 'A41'),
  chilledWidth: parameter(0.02, 'fat share', 0.4, 'E', 'A41'),
  chilledExponent: parameter(1.6, '-', 0.2, 'E', 'A41'),
  chilledCrystalExponent: parameter(2.5, '-', 0.1, 'P', 'as the fat network'),
  chilledEmulsifierExponent: parameter(6, '-', 0.3, 'E', 'well-emulsified droplets do not knit'),
} as const;

export const fat = valuesOf(fatParameters);
