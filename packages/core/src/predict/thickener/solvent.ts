import { waterViscosity } from '../../numeric/arrhenius.js';
import type { Mixture } from '../mixture/mixture.js';
import { solvent as p } from './solvent.params.js';

/** What is dissolved in the water of a pot and makes the water itself thicker, whatever the temperature. */
export interface Solvent {
  /** Mole share of sugars, as if sucrose, and the factor on the logarithm for the kinds there are. */
  readonly sugarMole: number;
  readonly sugarFactor: number;
  /** ln of what salt adds; mass share of alcohol in water and alcohol. */
  readonly salt: number;
  readonly alcohol: number;
}

/** °C at which the correlation for alcohol is given. */
const ALCOHOL_AT = 20;
const LN10 = Math.log(10);

/** @param water g in which it is all dissolved */
export function solventOf(mix: Mixture, water: number): Solvent {
  const sugars = mix.sugars + mix.oligo + mix.dextrin;
  const x = Math.min((100 * sugars) / Math.max(sugars + water, 1e-9), p.sugarMost);
  const salt = mix.salt / Math.max(mix.salt + water, 1e-9);
  return {
    sugarMole: x / (1900 - 18 * x),
    sugarFactor: sugars > 0 ? mix.sugarThickening / sugars : 0,
    salt: p.saltFirst * salt + p.saltSecond * salt * salt,
    alcohol: mix.alcohol / Math.max(mix.alcohol + water, 1e-9),
  };
}

/** lg of what sugars of this mole share make of water, 0 without any. */
function sugarDecades(mole: number, tC: number): number {
  const heat = (30 - tC) / (91 + tC);
  return p.sugarMole * mole + heat * p.sugarHeatMole * mole ** p.sugarHeatPower;
}

/**
 * Viscosity of water with what is dissolved in it, against water at the same temperature; 1 with nothing.
 * @source S-01: sucrose correlation, handbook points for brine and ethanol
 */
export function againstWater(on: Solvent, tC: number): number {
  const { alcohol: a } = on;
  const sugars = on.sugarMole > 0 ? on.sugarFactor * sugarDecades(on.sugarMole, tC) * LN10 : 0;
  const alcohol =
    a > 0
      ? (a * (1 - a) * (p.alcoholMixed + p.alcoholSkew * a) + p.alcoholPure * a) *
        Math.exp(-p.alcoholHeat * (tC - ALCOHOL_AT))
      : 0;
  return Math.exp(sugars + on.salt + alcohol);
}

/** mPa·s of the liquid without what thickens it, and the factor on what the thickeners add. */
export function solventAt(
  on: Solvent,
  tC: number,
): { readonly viscosity: number; readonly onThickeners: number } {
  const factor = againstWater(on, tC);
  return { viscosity: waterViscosity(tC) * factor, onThickeners: factor ** p.thickenerShare };
}
