import type { PotAt } from '../pot-at.js';
import { type ChilledBlock, chilledBlock } from './chilled-block.js';
import { freezingRisk } from './freezing.js';
import { type Keeping, keepingOf } from './keeps-days.js';
import { mouthCoating, saltAsTasted } from './mouth.js';

/** What cooks ask of a pot once it is made: cold, frozen, kept, in the mouth. */
export interface Kept {
  readonly block: ChilledBlock;
  /** Probability that it is seen to separate when it thaws, 0..1. */
  readonly freezing: number;
  readonly keeping: Keeping;
  /** 0..10. */
  readonly mouthCoating: number;
  /** % NaCl in water that tastes as salty. */
  readonly saltAsTasted: number;
}

/** @source engine notes E-19 */
export function keptOf({ mix, flow }: PotAt): Kept {
  const per100 = (g: number): number => (100 * g) / Math.max(mix.mass, 1e-9);
  const fat = per100(mix.fat + mix.inPieces.fat);
  return {
    block: chilledBlock(mix),
    freezing: freezingRisk(mix, flow),
    keeping: keepingOf(mix, flow.oilContinuous),
    mouthCoating: mouthCoating(flow.viscosity, fat),
    saltAsTasted: saltAsTasted(per100(mix.salt), fat, flow.viscosity),
  };
}
