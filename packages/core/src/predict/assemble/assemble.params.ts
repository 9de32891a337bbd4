import { parameter, valuesOf } from '../../numeric/parameter.js';

/** @source engine notes E-2, E-10. */
export const assemblyParameters = {
  leastWater: parameter(0.02, 'share of the water', 0, 'E', 'a pot fried dry still holds this'),
  proteinVolume: parameter(1 / 1.42, 'mL/g', 0.02, 'P', 'partial specific volume of protein and fibre'),
  starchVolume: parameter(1 / 1.55, 'mL/g', 0.02, 'P', 'partial specific volume of starch'),
  gumVolume: parameter(0.62, 'mL/g', 0.03, 'P', 'partial specific volume of gums and sugars'),
  saltVolume: parameter(0.35, 'mL/g', 0.05, 'P', 'partial specific volume of NaCl'),
  unnamedVolume: parameter(0.6, 'mL/g', 0.1, 'E', 'ash and soluble fibre'),
  alcoholVolume: parameter(1.2, 'mL/g', 0.03, 'P', 'ethanol in water'),
  grainsSeen: parameter(0.0002, 'share of the mass', 0.5, 'E', 'fewer particles give the pot no size'),
  coarseSeen: parameter(0.002, 'share of the mass', 0.5, 'E', 'so much of what is coarse breaks half of the strands that it can'),
  dryParticleDensity: parameter(1.4, 'g/mL', 0.03, 'P', 'dry cell wall and protein'),
  amylaseMidpoint: parameter(68, '°C', 0.03, 'P/E', 'sweet-potato amylase meets gelatinizing starch'),
  amylaseWidth: parameter(2, '°C', 0.3, 'E', 'as above'),
  amylaseTime: parameter(4, 'min', 0.4, 'E', 'as above'),
} as const;

export const assembly = valuesOf(assemblyParameters);
