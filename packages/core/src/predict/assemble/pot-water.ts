import type { Process } from '../../recipe/recipe.js';
import { bakeLoss, keepWarmLoss, noodleUptake } from '../heat/bake.js';
import { assembly as a } from './assemble.params.js';

/** Water of the pot, g. */
export interface PotWater {
  readonly before: number;
  /** While it cooks, and in the end. */
  readonly cooked: number;
  readonly left: number;
  /** Boiled off, baked off and lost while kept warm; drunk by noodles; and all that left the weighed mass. */
  readonly evaporated: number;
  readonly absorbed: number;
  readonly lost: number;
}

/** Water that leaves after cooking: in the oven, on the warm stove, into noodles; g. @param dryAndFat mL of all that is not water */
function laterWater(
  process: Process,
  servedAt: number,
  water: number,
  dryAndFat: number,
): { readonly evaporated: number; readonly absorbed: number } {
  if (!(process.bakeMin > 0 || process.keepWarmMin > 0)) return { evaporated: 0, absorbed: 0 };
  const volume = water + dryAndFat;
  const baked = bakeLoss(process, water, volume);
  const warm = keepWarmLoss(process, servedAt, water - baked, volume);
  return { evaporated: baked + warm, absorbed: noodleUptake(process, water - baked - warm) };
}

/** @param boilsOff g that are to leave while it cooks   @param dryAndFat mL of all that is not water */
export function potWater(
  process: Process,
  boilsOff: number,
  servedAt: number,
  before: number,
  dryAndFat: number,
): PotWater {
  const least = a.leastWater * before + 1e-9;
  const cooked = Math.max(before - boilsOff, least);
  const away = laterWater(process, servedAt, cooked, dryAndFat);
  const left = Math.max(cooked - away.evaporated - away.absorbed, least);
  const absorbed = Math.min(away.absorbed, cooked - left);
  // The trace of water that keeps the laws defined in a dry pot was never lost from it.
  const lost = before - left - absorbed;
  return { before, cooked, left, absorbed, lost, evaporated: Math.max(lost, 0) };
}
