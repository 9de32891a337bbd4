import { parameter, valuesOf } from '../../numeric/parameter.js';
import type { SugarKind } from '../../ingredient/substance.js';

/**
 * Logarithm of the viscosity that each kind of dissolved carbohydrate gives to water, against sucrose of the same mass share.
 * @source S-01 (handbooks of sugar technology); glucose and fructose of 60 %, honey of 82 %, glucose syrup of 80 % as recalled
 */
export const sugarThickeningParameters = {
  sucrose: parameter(1, '-', 0.01, 'P', 'L01–L04'),
  invert: parameter(0.87, '-', 0.03, 'P', 'honey and glucose of 60 %'),
  fructose: parameter(0.86, '-', 0.03, 'P', 'L06'),
  glucose: parameter(0.88, '-', 0.03, 'P', 'glucose of 60 %'),
  maltose: parameter(1.05, '-', 0.04, 'P/E', 'L07'),
  lactose: parameter(1, '-', 0.04, 'P', 'as sucrose'),
  mixed: parameter(0.95, '-', 0.04, 'P/E', 'between the two'),
  /** Dextrin and other sugars of three units and more. */
  glucans: parameter(1.25, '-', 0.1, 'P/E', 'glucose syrups of 42 dextrose equivalents'),
} as const;
export const sugarThickening: Readonly<Record<SugarKind | 'glucans', number>> = valuesOf(sugarThickeningParameters);

/**
 * Water with sugars, salt and alcohol in it.
 * Sugars: lg η = a·N − b + Φ·(c + d·N^e), N = x/(1900 − 18x) the mole share at x per cent, Φ = (30 − t)/(91 + t).
 * @source S-01: the published correlation for sucrose of 0–75 % and 0–80 °C; salt and alcohol fitted to handbook points
 */
export const solventParameters = {
  sugarMole: parameter(22.46, 'lg mPa·s per mole share', 0.01, 'P', 'published correlation'),
  sugarWater: parameter(0.114, 'lg mPa·s', 0, 'P', 'as above: water at 30 °C'),
  sugarHeat: parameter(1.1, 'lg mPa·s', 0.01, 'P', 'as above'),
  sugarHeatMole: parameter(43.1, 'lg mPa·s', 0.01, 'P', 'as above'),
  sugarHeatPower: parameter(1.25, '-', 0.01, 'P', 'as above'),
  sugarMost: parameter(85, '% of water and sugars', 0, 'P/E', 'a syrup beyond it is candy'),
  dissolvedVolume: parameter(0.62, 'mL/g', 0.03, 'P', 'partial specific volume of dissolved sugars'),
  saltFirst: parameter(1.5, 'ln per mass share', 0.1, 'P', 'brine of 5, 10 and 20 %'),
  saltSecond: parameter(3.5, 'ln per mass share²', 0.2, 'P', 'as above'),
  alcoholMixed: parameter(4.4, 'ln per a·(1 − a)', 0.05, 'P', 'ethanol of 10, 30 and 46 % at 20 °C'),
  alcoholSkew: parameter(-0.5, 'ln per a²·(1 − a)', 0.3, 'P', 'as above'),
  alcoholPure: parameter(0.18, 'ln', 0.05, 'P', 'pure ethanol at 20 °C'),
  alcoholHeat: parameter(0.012, '1/°C', 0.15, 'P', 'the maximum flattens when warm'),
  thickenerShare: parameter(0.5, '-', 0.4, 'E', 'how far what thickens follows the liquid that it swims in'),
} as const;
export const solvent = valuesOf(solventParameters);
