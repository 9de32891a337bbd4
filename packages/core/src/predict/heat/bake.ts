import type { Process } from '../../recipe/recipe.js';
import { drying as p } from './drying.params.js';

const squareOf = (layerMm: number): number => (layerMm / p.thicknessUnit) ** 2;
const SECONDS = 60;

/** Heat that the middle of the dish has seen, baking included: °C, min. @param pot what it had met before the oven */
export function heatWithBaking(
  process: Process,
  pot: { readonly maxTemperature: number; readonly hold: number } = {
    maxTemperature: process.maxTemperatureC,
    hold: process.holdMin,
  },
): { readonly maxTemperature: number; readonly hold: number } {
  if (!(process.bakeMin > 0)) return pot;
  const lag = p.coreBase + p.corePerThickness * squareOf(process.layerMm);
  const start = Math.min(pot.maxTemperature, 60);
  const core = p.coreHottest - (p.coreHottest - start) * Math.exp(-process.bakeMin / lag);
  if (core <= pot.maxTemperature) return pot;
  return { maxTemperature: core, hold: pot.hold + Math.max(process.bakeMin - lag, 0) };
}

/** Minutes in which the surface of the baking layer steams. */
export const steamingMinutes = ({ bakeMin, layerMm }: Process): number => steamsFor(bakeMin, layerMm);

/** Minutes of so many in an oven in which the surface of something so thick steams: not while it warms. */
export function steamsFor(minutes: number, layerMm: number): number {
  if (!(minutes > 0)) return 0;
  const lag = p.warmUpBase + p.warmUpPerThickness * squareOf(layerMm);
  return minutes - lag * (1 - Math.exp(-minutes / lag));
}

/**
 * Water that leaves a layer in the oven, g: convective and radiant heat spent on evaporation, slowed as it dries.
 * @param water g before baking   @param volume mL, spread `layerMm` thick
 */
export function bakeLoss(process: Process, water: number, volume: number): number {
  const minutes = steamingMinutes(process);
  if (minutes <= 0 || water <= 0) return 0;
  const flux = (p.heatTransfer * Math.max(process.ovenC - p.surfaceC, 0) * SECONDS) / p.evaporationHeat;
  const area = (volume * 1e-6) / (process.layerMm * 1e-3);
  const driven = flux * area * minutes * (process.covered ? p.coveredShare : 1);
  const most = p.mostDried * water;
  return most * (1 - Math.exp(-driven / most));
}

/** Water that leaves a pot kept warm at serving temperature, g. */
export function keepWarmLoss(process: Process, temperatureC: number, water: number, volume: number): number {
  if (!(process.keepWarmMin > 0) || water <= 0) return 0;
  const flux = p.warmLoss * Math.exp(p.warmPerDegree * (temperatureC - p.warmReference));
  const area = (volume * 1e-6) / (p.potDepth * 1e-3);
  const driven = flux * area * process.keepWarmMin * (process.covered ? p.coveredShare : 1);
  const most = p.mostDried * water;
  return most * (1 - Math.exp(-driven / most));
}

/** Water that noodles stirred into the sauce drink until it is served, g. */
export function noodleUptake(process: Process, water: number): number {
  if (!(process.noodlesG > 0) || water <= 0) return 0;
  const wanted = process.noodlesG * p.noodleUptake * (1 - Math.exp(-process.keepWarmMin / p.noodleTime));
  const most = p.noodleMost * water;
  return most * (1 - Math.exp(-wanted / most));
}

/** g of cooked wheat starch that noodles give to the sauce they wait in. */
export const noodleStarchGiven = ({ noodlesG, keepWarmMin }: Process): number =>
  noodlesG > 0 ? noodlesG * p.noodleStarch * (1 - Math.exp(-keepWarmMin / p.noodleStarchTime)) : 0;

/**
 * Browning of the open surface, 0 (white) .. 10 (dark): grows with time steaming, oven heat and what can react.
 * @param reactants sugars and protein, g per 100 g
 */
export function browningIndex(process: Process, reactants: number): number {
  const minutes = steamingMinutes(process) * (process.covered ? p.coveredShare : 1);
  return brownedTo(browningPace(process.ovenC) * minutes, reactants);
}

/** How fast a steaming surface browns in an open oven, 1/min. */
export const browningPace = (ovenC: number): number =>
  p.brownRate * Math.exp((ovenC - p.brownFrom) / p.brownWidth);

/** Browning, 0..10, after so much of it: pace times min. @param reactants sugars and protein, g per 100 g */
export const brownedTo = (exposure: number, reactants: number): number =>
  10 * (1 - Math.exp((-exposure * reactants) / (reactants + p.brownReactants)));

/** Yield stress that baking leaves in a nut or curd cream, Pa; mucilage keeps it soft. */
export function bakedSet(process: Process, proteinPer100Water: number, mucilagePer100Water: number): number {
  const done = 1 - Math.exp(-steamingMinutes(process) / p.coreBase);
  const over = Math.max(proteinPer100Water - p.setFrom, 0);
  return (p.setStress * over * over * done) / (1 + mucilagePer100Water / p.mucilageSoftens);
}
