import { type Aim, met, type Miss } from '../balance/aim.js';
import { rankWeights as w } from './swap.params.js';

/** How far the aims are missed, weighted, root of the sum of squares; 0 where all are met. */
export const unmet = (aims: readonly Aim[], misses: readonly Miss[]): number =>
  Math.sqrt(
    misses.reduce((all, miss, i) => all + (met([miss]) ? 0 : (aims[i]?.weight ?? 1) * miss.middle ** 2), 0),
  );

/** What an option is ranked by. */
export interface Ranked {
  readonly unmet: number;
  readonly distance: number;
  /** Coins after over coins before. */
  readonly costRatio: number;
  readonly minutes: number;
  readonly notInHouse: number;
  readonly newThings: number;
  readonly unlike: number;
  readonly asking: number;
  readonly moved: number;
}

/** One figure for what an option costs the cook; lower is better. */
export const rankOf = (option: Ranked): number =>
  w.fit * option.unmet +
  w.closeness * option.distance +
  w.cost * Math.log2(option.costRatio) +
  (w.hour * option.minutes) / 60 +
  w.notInHouse * option.notInHouse +
  w.newLine * option.newThings +
  w.unlike * option.unlike +
  w.asks * option.asking +
  w.moved * option.moved;
