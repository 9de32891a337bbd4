import { parameter, valuesOf } from '../../numeric/parameter.js';

/** What does not grow in proportion. @source kitchen physics 19 */
export const scaleParameters = {
  vesselWidth: parameter(1 / 3, 'exponent', 0, 'P', 'a vessel of the same shape grows in width with the cube root of its mass'),
  areaMinutes: parameter(1 / 3, 'exponent', 0, 'P', 'mass over area: what a larger pan of the same shape takes longer to lose'),
  simmerLoss: parameter(2 / 3, 'exponent', 0, 'P', 'water that leaves in the same minutes follows the area of a vessel grown with it'),
  exactCost: parameter(1.5, 'noticeable differences squared', 0.5, 'E', 'a line that has to be weighed, against one that moves a rail'),
  proportion: parameter(0.1, 'ln', 0.3, 'E', 'an amount off its proportion by so much counts as a noticeable difference'),
  pinchProportion: parameter(0.2, 'ln', 0.3, 'E', 'as above, the more of a pinch'),
  pinch: parameter(2, 'g', 0.5, 'E', 'amounts that nobody measures finely'),
} as const;
export const scaling = valuesOf(scaleParameters);
