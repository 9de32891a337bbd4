import type { Mixture } from './mixture/mixture.js';
import type { Storage } from '../recipe/recipe.js';
import { flowAt } from './thickness/consistency.js';
import { settle } from './thickness/settle.js';
import { noOffsets } from './uncertainty/kitchen-offsets.params.js';

/** Firmness (kPa) between which a knife spreads it: softer runs, harder tears the bread. @source S-04, engine notes E-11 */
export const SPREADABLE_KPA = { softest: 5, hardest: 60 } as const;
/** From the fridge to a warm kitchen, °C. */
const SCAN = { from: 2, to: 34 } as const;

export interface SpreadableWindow {
  /** °C; both ends belong to it. */
  readonly from: number;
  readonly to: number;
}

/**
 * Temperatures between which a fat spread spreads, scanned in steps of 1 °C.
 * @returns undefined when water is the continuous phase, or when it never spreads between the fridge and a warm kitchen
 */
export function spreadableWindow(mix: Mixture, storage: Storage, days: number): SpreadableWindow | undefined {
  const settled = settle(mix, storage, days);
  if (settled.oilContinuous < 0.5) return undefined;
  let from: number | undefined, to: number | undefined;
  for (let t = SCAN.from; t <= SCAN.to; t++) {
    const kPa = flowAt(settled, t, noOffsets).yieldStress / 1000;
    if (kPa < SPREADABLE_KPA.softest || kPa > SPREADABLE_KPA.hardest) continue;
    from ??= t;
    to = t;
  }
  return from === undefined || to === undefined ? undefined : { from, to };
}
