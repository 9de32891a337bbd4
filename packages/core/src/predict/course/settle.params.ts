import { parameter, valuesOf } from '../../numeric/parameter.js';

/** What settles out of a milk that stands. @source kitchen physics 11 */
export const settleParameters = {
  minutes: parameter(50, 'min', 0.4, 'E', 'time constant: granules of 18 µm fall a centimetre in about six minutes, a bowl is some 8 cm deep'),
  solids: parameter(0.42, 'g/g', 0.15, 'E', 'dry mass of what has settled'),
  bottomCv: parameter(0.15, 'ln', 0, 'E', 'water that what has settled holds on to'),
  topCv: parameter(0.04, 'ln', 0, 'E', 'what runs off over it'),
  leftBehind: parameter(0.08, '-', 0.5, 'E', 'of what stands over it, what stays when it is poured off'),
  stirredUp: parameter(0.04, '-', 0.5, 'E', 'of what has settled, what goes over with it'),
  cookedFrom: parameter(65, '°C', 0.04, 'P/E', 'starch that has swollen does not settle'),
  cookedWidth: parameter(2.5, '°C', 0.3, 'E', 'as above'),
  floatsBelow: parameter(4, 'µm', 0.3, 'E', 'finer particles stay afloat'),
  floatsWidth: parameter(0.4, 'ln µm', 0.3, 'E', 'as above'),
  stillBelow: parameter(0.25, 'g per 100 g of water', 0.5, 'E', 'gums that hold particles up'),
} as const;
export const settling = valuesOf(settleParameters);
