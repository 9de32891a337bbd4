import {
  acids,
  LEAST_WATER_ML,
  PH_SEARCH,
  phosphatePKa,
  proteinSites,
  WATER_ION_PRODUCT,
} from './acid.params.js';

/** Everything in the pot that takes up or gives off protons; mmol, protein in g. */
export interface BufferAmounts {
  citric: number;
  malic: number;
  acetic: number;
  lactic: number;
  phosphate: number;
  protein: number;
}

export const noBuffers = (): BufferAmounts => ({
  citric: 0,
  malic: 0,
  acetic: 0,
  lactic: 0,
  phosphate: 0,
  protein: 0,
});

const bufferKeys = Object.keys(noBuffers()) as (keyof BufferAmounts)[];

/** Puts some grams of something into what buffers a pot. */
export function addBuffers(into: BufferAmounts, perGram: BufferAmounts, g: number): void {
  for (const key of bufferKeys) into[key] += perGram[key] * g;
}

const K = (pKa: number): number => 10 ** -pKa;
const dissociation = {
  citric: acids.citric.pKa.map(K),
  malic: acids.malic.pKa.map(K),
  acetic: acids.acetic.pKa.map(K),
  lactic: acids.lactic.pKa.map(K),
  phosphate: phosphatePKa.map(K),
};
const dissociating = Object.keys(dissociation) as (keyof typeof dissociation)[];
const sites = proteinSites.map((site) => ({ mmolPerG: site.mmolPerG, K: K(site.pKa) }));

/** What one amount carries at a proton activity: negative charges, and how many more for each unit of pH. */
interface Charge {
  charge: number;
  perPH: number;
}

/**
 * Mean negative charges per molecule of an acid with the given stepwise constants, at proton activity h, and their slope over pH:
 * ln 10 times the variance of the charge.
 * @source Van Slyke 1922 (buffer value)
 */
function chargeOfMolecule(h: number, constants: readonly number[]): Charge {
  // Amount of each species against the uncharged one, built up one proton at a time.
  let species = 1,
    all = 1,
    charges = 0,
    squares = 0;
  for (const [lost, constant] of constants.entries()) {
    const charge = lost + 1;
    species *= constant / h;
    all += species;
    charges += charge * species;
    squares += charge * charge * species;
  }
  const mean = charges / all;
  return { charge: mean, perPH: Math.LN10 * (squares / all - mean * mean) };
}

/** Negative charge carried by the buffers at a proton activity, mmol, and their buffer value, mmol for each unit of pH. */
export function bufferCharge(h: number, amounts: BufferAmounts): Charge {
  let charge = 0,
    perPH = 0;
  for (const acid of dissociating) {
    const amount = amounts[acid];
    if (amount === 0) continue;
    const one = chargeOfMolecule(h, dissociation[acid]);
    charge += amount * one.charge;
    perPH += amount * one.perPH;
  }
  for (const site of sites) {
    const charged = site.K / (site.K + h),
      amount = amounts.protein * site.mmolPerG;
    charge += amount * charged;
    perPH += amount * Math.LN10 * charged * (1 - charged);
  }
  return { charge, perPH };
}

/**
 * Strong-ion difference that makes something have its known pH; it adds up when ingredients mix.
 * @param waterMl mL of water per the same amount   @returns mmol
 */
export function strongIonDifference(pH: number, amounts: BufferAmounts, waterMl: number): number {
  const h = K(pH);
  return bufferCharge(h, amounts).charge - (h - WATER_ION_PRODUCT / h) * waterMl;
}

/**
 * pH at which the charges cancel: strictly monotone, so always found within the range of the search. Halved until the curve is nearly
 * straight, then by Newton's rule with the buffer value, which converges there: the slope of every buffer changes by at most ln 10 of
 * itself for each unit of pH.
 * @source electroneutrality, S-06
 */
export function pHOfMixture(strongIons: number, amounts: BufferAmounts, waterMl: number): number {
  const water = Math.max(waterMl, LEAST_WATER_ML);
  const excess = (pH: number): Charge => {
    const h = K(pH),
      hydroxide = WATER_ION_PRODUCT / h,
      buffers = bufferCharge(h, amounts);
    return {
      charge: buffers.charge - strongIons - (h - hydroxide) * water,
      perPH: buffers.perPH + Math.LN10 * (h + hydroxide) * water,
    };
  };
  let pH: number = (PH_SEARCH.low + PH_SEARCH.high) / 2,
    reach = (PH_SEARCH.high - PH_SEARCH.low) / 4;
  for (let step = 0; step < PH_SEARCH.halvings; step++) {
    pH -= Math.sign(excess(pH).charge) * reach;
    reach /= 2;
  }
  for (let step = 0; step < PH_SEARCH.steps; step++) {
    const { charge, perPH } = excess(pH);
    pH = Math.min(PH_SEARCH.high, Math.max(PH_SEARCH.low, pH - charge / perPH));
  }
  return pH;
}

/** Titratable acid, mmol of protons. */
export const titratable = (a: BufferAmounts): number => a.citric * 3 + a.malic * 2 + a.acetic + a.lactic;

/** g of organic acid in mmol of each. */
export const organicAcidG = ({ citric, malic, acetic, lactic }: BufferAmounts): number =>
  (citric * acids.citric.molarMass +
    malic * acids.malic.molarMass +
    acetic * acids.acetic.molarMass +
    lactic * acids.lactic.molarMass) /
  1000;
