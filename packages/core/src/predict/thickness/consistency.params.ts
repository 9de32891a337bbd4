import { parameter, valuesOf } from '../../numeric/parameter.js';

/** @source engine notes E-4 to E-6. */
export const consistencyParameters = {
  setBackMidpoint: parameter(42, '°C', 0.1, 'P/E', 'amylose network forms on cooling'),
  setBackWidth: parameter(9, '°C', 0.3, 'P/E', 'as above'),
  storedSetBack: parameter(0.35, '-', 0.4, 'E', 'further thickening of a chilled sauce'),
  starchGelMidpoint: parameter(33, '°C', 0.1, 'P/E', 'setting of a starch gel'),
  starchGelWidth: parameter(6, '°C', 0.3, 'P/E', 'as above'),
  starchGelCorner: parameter(0.5, 'g/100 g', 0.4, 'E', 'rounded onset'),
  starchGelPower: parameter(2, '-', 0.1, 'P', 'gel strength against concentration'),
  freshGelShare: parameter(0.45, '-', 0.3, 'E', 'strength on first cooling'),
  storedGelShare: parameter(0.6, '-', 0.3, 'E', 'strength at the start of storage'),
  gumGelCorner: parameter(0.04, 'of cRef', 0.4, 'E', 'rounded onset'),
  gumGelTrace: parameter(0.02, 'g/100 g', 0.4, 'E', 'no gel from traces'),
  heatGelCorner: parameter(0.6, 'g/100 g', 0.4, 'E', 'rounded onset'),
  packingCap: parameter(1.5, '-', 0.2, 'E', 'paste beyond which temperature softens no further'),
  jamReferenceK: parameter(298, 'K', 0, 'P', 'temperature of the paste anchors'),
  roomTemperatureK: parameter(298.15, 'K', 0, 'P', 'temperature of the oil viscosity'),
  waterAgainstFat: parameter(1.08, '-', 0.01, 'P', 'water weighed against fat by volume'),
  drySolidsDensity: parameter(1.4, 'g/mL', 0.03, 'P', 'solids of an oil-continuous paste'),
  shearTerm: parameter(20, 'mPa·s/Pa', 0, 'P', '1000 / 50 s⁻¹'),
  flowFloor: parameter(0.3, '-', 0.2, 'P/E', 'flow index of strong thickeners'),
  flowScale: parameter(60, 'mPa·s', 0.4, 'E', 'onset of shear thinning'),
  flowExponent: parameter(0.55, '-', 0.2, 'E', 'onset of shear thinning'),
  flowPaste: parameter(0.42, '-', 0.2, 'E', 'flow index of a paste'),
  flowYield: parameter(15, 'Pa', 0.4, 'E', 'yield stress at which a paste takes over'),
} as const;

export const consistency = valuesOf(consistencyParameters);
