import { eitherOf } from '../../numeric/either-of.js';
import { normalBelow } from '../../numeric/normal.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Mixture } from '../mixture/mixture.js';
import { spreadAt } from '../spread.js';
import { pullLength } from '../stretch/pull-length.js';
import { consistencyAt, flowAt } from '../thickness/consistency.js';
import type { Moment } from '../thickness/flow.js';
import { settle } from '../thickness/settle.js';
import { noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { block as p } from './keeping.params.js';

/** What a night in the fridge makes of it. */
export interface ChilledBlock {
  /** Yield stress at 5 °C, kPa. */
  readonly firmnessKPa: number;
  /** Probability that a knife cuts it clean, and that a grater takes it, 0..1. */
  readonly slices: number;
  readonly grates: number;
  /** °C at which a slice of it begins to flow when it is heated again; absent where it never set, or does not melt below the boil. */
  readonly meltsAtC?: number;
}

/** Highest temperature at which it still stands when it is heated again, °C; undefined for none, or all. */
function melting(mix: Mixture): number | undefined {
  const on = settle(mix, 'reheat', p.days);
  const stands = (tC: number): boolean => flowAt(on, tC, noOffsets).yieldStress > p.flows;
  if (!stands(p.chilledC) || stands(p.hottest)) return undefined;
  let low: number = p.chilledC,
    high: number = p.hottest;
  while (high - low > 0.1) {
    const middle = (low + high) / 2;
    if (stands(middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** @source engine notes E-6, E-19 */
export function chilledBlock(mix: Mixture): ChilledBlock {
  const at: Moment = { temperature: p.chilledC, storage: 'fridge', days: p.days };
  const flow = consistencyAt(mix, at);
  const sd = spreadAt(mix, at, flow, pullLength(mix, flow, at));
  const firmnessKPa = flow.yieldStress / 1000;
  const firmer = (kPa: number): number =>
    firmnessKPa > 0 ? normalBelow(Math.log(firmnessKPa / kPa) / Math.max(sd.yieldStress, 1e-3)) : 0;
  const set = logistic(((flow.gelStress + flow.fatStress) / (flow.yieldStress + 1e-9) - p.set) / p.setWidth);
  const slices =
    (1 - flow.oilContinuous) * eitherOf(set * firmer(p.slices), firmer(p.packedSlices)) +
    flow.oilContinuous * firmer(p.fatSlices);
  const meltsAtC = melting(mix);
  return {
    firmnessKPa,
    slices,
    grates: Math.min(firmer(p.grates), slices),
    ...(meltsAtC === undefined ? {} : { meltsAtC }),
  };
}
