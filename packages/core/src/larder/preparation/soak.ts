import { K80 } from '../../predict/uncertainty/kitchen-offsets.params.js';
import { soakRows } from './soak.params.js';

export interface Soaked {
  /** g of water drunk by each g weighed dry, with its 80 % interval. */
  readonly uptake: { readonly low: number; readonly mid: number; readonly high: number };
  /** Longer than it keeps: slimy or fermenting. */
  readonly tooLong: boolean;
}

/**
 * Water an ingredient drinks in a soak.
 * @param hours in cold water, or in water poured on boiling   @returns undefined for what is not soaked
 * @throws RangeError for a negative time
 * @source S-15, first-order hydration
 */
export function soak(id: string, hours: number, hot: boolean): Soaked | undefined {
  if (!(hours >= 0)) throw new RangeError(`a soak lasts 0 hours or more, not ${hours}`);
  const row = soakRows[id];
  if (!row) return undefined;
  const mid = row.most * (1 - Math.exp(-hours / (hot ? row.hotHours : row.coldHours)));
  return {
    uptake: { low: mid * Math.exp(-K80 * row.cv), mid, high: mid * Math.exp(K80 * row.cv) },
    tooLong: !hot && hours > row.slimyAfter,
  };
}

/** Hours of soaking after which nine tenths of the water are in. */
export function soakHours(id: string, hot: boolean): number | undefined {
  const row = soakRows[id];
  return row && -Math.log(0.1) * (hot ? row.hotHours : row.coldHours);
}
