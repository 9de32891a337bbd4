import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Size of fat droplets and what covers them. @source S-03 (emulsion technology), as recalled; estimated where marked E. */
export const dropletParameters = {
  whiskedDroplet: parameter(40, 'µm', 0.5, 'E', 'oil whisked in'),
  blendedDroplet: parameter(6, 'µm', 0.5, 'E', 'oil blended long and hard'),
  blendEnergy: parameter(15, 'power·s', 0.5, 'E', 'blending that gets half-way'),
  nativeDroplet: parameter(2, 'µm', 0.4, 'P', 'fat bodies of nuts, seeds and plant milks'),
  stiffness: parameter(0.5, '-', 0.3, 'P/E', 'U03–U09: packed droplets are stiffer the smaller they are; surface tension over radius gives 1'),
  coverHalf: parameter(0.003, 'g/g fat', 0.4, 'P/E', 'protein that half covers blended droplets'),
  gumOutside: parameter(0.05, '-', 0.6, 'E', 'gums hold droplets apart: so much of them counts as protein'),
  surfactantOutside: parameter(0.35, '-', 0.4, 'E', 'lecithin serves water in oil as well: so much of it keeps water outside'),
} as const;
export const droplets = valuesOf(dropletParameters);
