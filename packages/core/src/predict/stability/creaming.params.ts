import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Rising of fat and its coming loose. @source S-03, S-06 (Stokes, emulsifier load), engine notes E-8; estimated where marked E. */
export const creamingParameters = {
  densityDifference: parameter(0.1, 'g/mL', 0.15, 'P', 'water phase against oil'),
  risingScale: parameter(12, 'mm/day', 0.5, 'E', 'Stokes velocity at the middle of the scale'),
  risingShear: parameter(0.05, '1/s', 0.7, 'P/E', 'shear in the liquid round a rising droplet, its velocity over its diameter'),
  yieldHolds: parameter(0.4, 'Pa', 0.5, 'P/E', 'yield stress that carries droplets'),
  emulsifierNeeded: parameter(0.012, 'g/g fat', 0.4, 'P/E', 'emulsifying protein that just covers the fat'),
  emulsifierWidth: parameter(0.005, 'g/g fat', 0.4, 'E', 'as above'),
  fatFrom: parameter(4, 'g/100 g', 0.4, 'E', 'less fat than this hides in the sauce'),
  fatPower: parameter(3, '-', 0.3, 'E', 'as above'),
  fatSeen: parameter(0.1, 'g/100 g', 0.5, 'E', 'less fat makes no layer that is seen'),
  thicknessHolds: parameter(900, 'mPa·s', 0.5, 'E', 'thickness of the liquid that keeps loose fat in'),
} as const;
export const creaming = valuesOf(creamingParameters);
