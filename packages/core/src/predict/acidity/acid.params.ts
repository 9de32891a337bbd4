/** Molar masses, g/mol, and stepwise pKa at 25 °C. @source S-06 (standard tables). */
export const acids = {
  citric: { molarMass: 192.1, pKa: [3.13, 4.76, 6.4] },
  malic: { molarMass: 134.1, pKa: [3.4, 5.11] },
  acetic: { molarMass: 60.05, pKa: [4.76] },
  lactic: { molarMass: 90.08, pKa: [3.86] },
} as const;
export type AcidId = keyof typeof acids;
export const acidIds = Object.keys(acids) as AcidId[];

/** Phosphate and phytate lumped into one dibasic buffer. @source S-06, lumping assumed. */
export const phosphatePKa = [2.15, 6.9] as const;

/** Titratable side chains of food proteins, mmol per g at a pKa. @source S-06, averaged over plant proteins, estimated. */
export const proteinSites = [
  { mmolPerG: 0.55, pKa: 4.0 },
  { mmolPerG: 0.55, pKa: 5.0 },
  { mmolPerG: 0.15, pKa: 6.4 },
] as const;

/** Ionic product of water at 25 °C. @source S-06. */
export const WATER_ION_PRODUCT = 1e-14;
/** Range of the pH search; 6 halvings of 11 units leave less than a tenth to either side, from where 4 steps of Newton's rule leave less than 1e-12. */
export const PH_SEARCH = { low: 1, high: 12, halvings: 6, steps: 4 } as const;
/** mL of water that acids are dissolved in at the least, so that a dry pot has a pH as well. @source estimated. */
export const LEAST_WATER_ML = 1e-6;
/** pH at which half of the titratable acid counts as sour. @source engine notes E-10, estimated. */
export const SOUR_HALF_PH = 4.6;
