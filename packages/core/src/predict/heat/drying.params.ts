import { parameter, valuesOf } from '../../numeric/parameter.js';

/**
 * Water lost by a baked layer, by a pot kept warm, and to noodles; browning and setting of what was baked.
 * @source S-11 (heat and mass transfer in ovens and from open pots), mid-range values; anchors W12–W14
 */
export const dryingParameters = {
  heatTransfer: parameter(20, 'W/(m²·K)', 0.3, 'P', 'natural convection and radiation in a domestic oven'),
  surfaceC: parameter(85, '°C', 0.06, 'P/E', 'wet surface of a baking sauce'),
  evaporationHeat: parameter(2300, 'J/g', 0.02, 'P', 'latent heat of water near 85 °C'),
  warmUpBase: parameter(3, 'min', 0.4, 'E', 'until the surface of any dish steams'),
  warmUpPerThickness: parameter(1.2, 'min at 10 mm', 0.4, 'E', 'grows with the square of the thickness'),
  coreBase: parameter(4, 'min', 0.4, 'E', 'time constant of the middle of a thin layer'),
  corePerThickness: parameter(2.5, 'min at 10 mm', 0.4, 'P/E', 'conduction, square of the thickness'),
  coreHottest: parameter(98, '°C', 0.01, 'P', 'a wet layer does not pass the boil'),
  thicknessUnit: parameter(10, 'mm', 0, 'P', 'thickness at which the two above are given'),
  mostDried: parameter(0.85, 'share of the water', 0.1, 'E', 'falling-rate drying never takes the last of it'),
  coveredShare: parameter(0.12, '-', 0.4, 'E', 'loss of a covered dish or pot against an open one'),
  potDepth: parameter(60, 'mm', 0.3, 'E', 'depth of sauce in a pot'),
  warmLoss: parameter(30, 'g/(min·m²) at 65 °C', 0.4, 'P/E', 'evaporation from a still warm surface'),
  warmPerDegree: parameter(0.045, '1/°C', 0.2, 'P', 'vapour pressure of water'),
  warmReference: parameter(65, '°C', 0, 'P', 'temperature at which the loss is given'),
  noodleUptake: parameter(0.95, 'g/g dry noodles', 0.3, 'E', 'kitchen physics 9: drained al dente they drink 0.45 of their mass in a hot sauce'),
  noodleTime: parameter(33, 'min', 0.3, 'E', 'as above'),
  noodleStarch: parameter(0.015, 'g/g dry noodles', 0.4, 'E', 'starch on drained noodles that goes into the sauce'),
  noodleStarchTime: parameter(5, 'min', 0.4, 'E', 'as above'),
  noodleMost: parameter(0.5, 'share of the water', 0.3, 'E', 'what noodles can draw from a sauce'),
  brownFrom: parameter(200, '°C', 0.05, 'E', 'oven temperature at which the rate is given'),
  brownWidth: parameter(28, '°C', 0.3, 'P/E', 'browning about doubles every 20 °C'),
  brownRate: parameter(0.03, '1/min', 0.4, 'E', 'W14'),
  brownReactants: parameter(8, 'g/100 g', 0.4, 'E', 'sugars and protein at which it is half as fast as it gets'),
  setStress: parameter(9, 'Pa/(g/100 g)²', 0.6, 'E', 'W12: particle protein knit by heat and drying'),
  setFrom: parameter(2, 'g/100 g', 0.3, 'E', 'W12'),
  mucilageSoftens: parameter(0.15, 'g/100 g', 0.4, 'E', 'mucilage that halves the setting'),
} as const;

export const drying = valuesOf(dryingParameters);
