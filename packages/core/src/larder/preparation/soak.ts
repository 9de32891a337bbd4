import { hoursToSoak, soaked, soakKeeps } from '../../predict/ready/soak.js';
import { K80 } from '../../numeric/normal.js';
import { soakRows } from './soak.params.js';

export interface SoakAnswer {
  /** g of water drunk by each g weighed dry, with its 80 % interval. */
  readonly uptake: { readonly low: number; readonly mid: number; readonly high: number };
  /** Longer than it keeps: slimy or fermenting. */
  readonly tooLong: boolean;
}

/** °C of a soak in the kitchen. */
const ROOM_C = 20;

/**
 * Water an ingredient drinks in a soak.
 * @param hours in water of the kitchen, or in water poured on boiling   @returns undefined for what is not soaked
 * @throws RangeError for a negative time
 * @source first-order hydration, S-15
 */
export function soak(id: string, hours: number, boiling: boolean): SoakAnswer | undefined {
  if (!(hours >= 0)) throw new RangeError(`a soak lasts 0 hours or more, not ${hours}`);
  const row = soakRows[id];
  if (!row) return undefined;
  const mid = soaked(row, { hours, temperatureC: ROOM_C, boiling }, 0, false).drunk;
  return {
    uptake: { low: mid * Math.exp(-K80 * row.cv), mid, high: mid * Math.exp(K80 * row.cv) },
    tooLong: !boiling && hours > soakKeeps(row, ROOM_C),
  };
}

/** Hours of soaking after which nine tenths of the water are in: in the fridge, or in water poured on boiling. */
export function soakHours(id: string, boiling: boolean): number | undefined {
  const row = soakRows[id];
  return row && hoursToSoak(row, boiling);
}
