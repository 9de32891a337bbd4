import { parameter, valuesOf } from '../../numeric/parameter.js';
import type { StarchId } from '../../ingredient/substance.js';

/** @source S-02; forms of engine notes E-3. */
export const gelatinizationParameters = {
  waterDemand: parameter(0.25, 'g water/g starch', 0.3, 'P/E', 'half-gelatinized at a quarter of its mass of water'),
  sugarDelay: parameter(28, '°C per mass share in water', 0.3, 'P', 'sucrose raises the gelatinization peak'),
  saltDelay: parameter(16, '°C per mass share in water', 0.4, 'P/E', 'NaCl raises the peak at kitchen levels'),
  fastTime: parameter(0.35, 'min', 0.4, 'E', 'swelling once well above the peak'),
  slowTime: parameter(4, 'min', 0.4, 'E', 'swelling near the peak'),
  timeWidth: parameter(1.6, 'peak widths', 0.3, 'E', 'how soon heat shortens the swelling time'),
  hydrolysisRate: parameter(0.012, '1/min at pH 3.5 and 95 °C', 0.5, 'P/E', 'lemon filling thins on boiling'),
  hydrolysisPerPh: parameter(0.8, 'decades per pH', 0.2, 'P', 'acid hydrolysis follows the proton activity'),
  hydrolysisPerDegree: parameter(0.09, '1/°C', 0.2, 'P/E', 'rate about doubles every 8 °C'),
  breakdownTime: parameter(18, 'min', 0.3, 'E', 'granules fall apart on long boiling'),
  breakdownMidpoint: parameter(88, '°C', 0.02, 'E', 'below this swollen granules last'),
  breakdownWidth: parameter(4, '°C', 0.3, 'E', 'as above'),
  retrogradationDays: parameter(1.5, 'd', 0.4, 'E', 'starch gels stiffen over days in the fridge'),
  nutCells: parameter(0.6, 'share', 0.4, 'E', 'B21: nuts boiled whole part into cells that keep their starch'),
  setCold: parameter(0.9, 'share', 0.3, 'E', 'B02–B04: cooked pulses blended cold pour, and thicken when they are heated'),
  meltsAgain: parameter(62, '°C', 0.05, 'P/E', 'retrograded amylopectin melts at 50 to 65 °C'),
  meltsWidth: parameter(4, '°C', 0.3, 'E', 'as above'),
  preboiled: parameter(0.95, '-', 0.03, 'E', 'gelatinized share of a line boiled soft beforehand'),
  blendedCellLoss: parameter(0.12, '-', 0.4, 'E', 'share of enclosed starch that fine blending sets free'),
} as const;

export const gelatinization = valuesOf(gelatinizationParameters);

/** Starches that people eat raw: those of nuts and seeds. Flour, pulses and roots are not. @source S-19 */
export const eatenRaw: readonly StarchId[] = ['nut'];
