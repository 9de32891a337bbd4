import { acids, PH_SEARCH, phosphatePKa, proteinSites, WATER_ION_PRODUCT } from './acid.params.js';

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
const sites = proteinSites.map((site) => ({ mmolPerG: site.mmolPerG, K: K(site.pKa) }));

/** Mean negative charges per molecule of an acid with the given stepwise constants, at proton activity h. */
function meanCharge(h: number, constants: readonly number[]): number {
  // Amount of each species against the uncharged one, built up one proton at a time.
  let species = 1,
    all = 1,
    charges = 0;
  for (let charge = 1; charge <= constants.length; charge++) {
    species *= (constants[charge - 1] ?? 0) / h;
    all += species;
    charges += charge * species;
  }
  return charges / all;
}

/** Negative charge carried by the buffers at a proton activity, mmol. */
export function bufferCharge(h: number, amounts: BufferAmounts): number {
  let charge = 0;
  if (amounts.citric) charge += amounts.citric * meanCharge(h, dissociation.citric);
  if (amounts.malic) charge += amounts.malic * meanCharge(h, dissociation.malic);
  if (amounts.acetic) charge += amounts.acetic * meanCharge(h, dissociation.acetic);
  if (amounts.lactic) charge += amounts.lactic * meanCharge(h, dissociation.lactic);
  if (amounts.phosphate) charge += amounts.phosphate * meanCharge(h, dissociation.phosphate);
  for (const site of sites) charge += (amounts.protein * site.mmolPerG * site.K) / (site.K + h);
  return charge;
}

/**
 * Strong-ion difference that makes something have its known pH; it adds up when ingredients mix.
 * @param waterMl mL of water per the same amount   @returns mmol
 */
export function strongIonDifference(pH: number, amounts: BufferAmounts, waterMl: number): number {
  const h = K(pH);
  return bufferCharge(h, amounts) - (h - WATER_ION_PRODUCT / h) * waterMl;
}

/**
 * pH at which the charges cancel: strictly monotone, so always found within 1..12. Halved until the curve is nearly straight, then by
 * false position, which never leaves the bracket.
 * @source electroneutrality, S-06; the Illinois rule of Dowell & Jarratt 1971
 */
export function pHOfMixture(strongIons: number, amounts: BufferAmounts, waterMl: number): number {
  const water = Math.max(waterMl, 1e-6);
  const excess = (pH: number): number => {
    const h = K(pH);
    return strongIons + (h - WATER_ION_PRODUCT / h) * water - bufferCharge(h, amounts);
  };
  let low: number = PH_SEARCH.low,
    high: number = PH_SEARCH.high;
  for (let step = 0; step < PH_SEARCH.halvings; step++) {
    const middle = (low + high) / 2;
    if (excess(middle) > 0) low = middle;
    else high = middle;
  }
  let atLow = excess(low),
    atHigh = excess(high);
  if (!(atLow > 0) || !(atHigh < 0)) return (low + high) / 2;
  let pH = (low + high) / 2,
    side = 0;
  for (let step = 0; step < PH_SEARCH.steps; step++) {
    const next = high + (atHigh * (high - low)) / (atLow - atHigh);
    const moved = Math.abs(next - pH);
    pH = next;
    if (moved < PH_SEARCH.near) break;
    const there = excess(pH);
    if (there > 0) {
      [low, atLow] = [pH, there];
      if (side === 1) atHigh /= 2;
      side = 1;
    } else {
      [high, atHigh] = [pH, there];
      if (side === -1) atLow /= 2;
      side = -1;
    }
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
