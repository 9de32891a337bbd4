import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Flocs of drink protein that acid makes. @source S-03 (acid gels of soya and milk), as recalled */
export const sourFlocParameters = {
  volume: parameter(6, 'mL/g protein', 0.4, 'E', 'L22: soured cold, a drink thickens like buttermilk'),
  below: parameter(5.6, 'pH', 0.03, 'P/E', 'soya and pea protein flocculate from here down'),
  belowWidth: parameter(0.15, 'pH', 0.3, 'E', 'as above'),
  above: parameter(3.1, 'pH', 0.05, 'P/E', 'far below their isoelectric point they dissolve again'),
  aboveWidth: parameter(0.2, 'pH', 0.3, 'E', 'as above'),
  hotShrinks: parameter(0.55, '-', 0.3, 'E', 'heated sour, flocs shrink to curd and let whey go'),
  hotFrom: parameter(66, '°C', 0.05, 'P/E', 'as in curdling'),
  hotWidth: parameter(6, '°C', 0.3, 'E', 'as above'),
} as const;
export const sourFlocs = valuesOf(sourFlocParameters);
