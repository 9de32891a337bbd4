import { brownedTo, browningPace, steamsFor } from '../predict/heat/bake.js';
import { dryingParameters } from '../predict/heat/drying.params.js';
import type { Band } from '../predict/uncertainty/band.js';
import { K80 } from '../numeric/normal.js';
import { wordFor } from '../property/rail.js';
import { browning } from '../property/browning.js';
import { baking, top as p } from './moisture.params.js';
import type { OvenStage } from './oven.js';

/** How the top of a dish looks when it comes out. */
export interface BrownedTop {
  /** 0 (white) .. 10 (dark), 80 % band. */
  readonly browning: Band;
  /** "golden"; words between which it lies, four times of five. */
  readonly word: string;
  readonly range: readonly [string, string];
}

/** mm whose warming the surface waits for: all of a thin dish, no more than the skin of a high one. */
const warmed = (heightMm: number): number =>
  heightMm / (1 + (heightMm / p.warmsMm) ** p.sharpness) ** (1 / p.sharpness);

/**
 * Browning of the top layer over the stretches in the oven, by the same law as a baked sauce: what it steamed under a cover counts little.
 * @param reactants sugars and protein of the top, g per 100 g
 */
export function brownedTop(reactants: number, heightMm: number, oven: readonly OvenStage[]): BrownedTop {
  const mm = warmed(heightMm);
  let minutes = 0,
    exposure = 0;
  for (const { temperatureC, minutes: more, cover, fan } of oven) {
    const steams = steamsFor(minutes + more, mm) - steamsFor(minutes, mm);
    minutes += more;
    exposure += browningPace(temperatureC + (fan ? p.fanAsC : 0)) * steams * baking.covers[cover];
  }
  const spread = Math.exp(K80 * dryingParameters.brownRate.cv);
  const at = (factor: number) => brownedTo(exposure * factor, reactants);
  const band = { low: at(1 / spread), mid: at(1), high: at(spread) };
  // What was in the oven is pale at least.
  const least = minutes > 0 ? browning.words[1].from : 0;
  const word = (value: number) => wordFor(browning, Math.max(value, least));
  return { browning: band, word: word(band.mid), range: [word(band.low), word(band.high)] };
}
