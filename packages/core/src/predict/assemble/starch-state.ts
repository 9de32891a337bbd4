import { starchIds } from '../../ingredient/substance.js';
import { logistic } from '../../numeric/smooth-step.js';
import { preparationOf } from '../../recipe/preparation.js';
import { eatenRaw, gelatinization } from '../starch/gelatinization.params.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { assembly as a } from './assemble.params.js';
import type { Weighed } from './weighed.js';

const isEatenRaw = starchIds.map((id) => eatenRaw.includes(id));

/** Share of a line's starch that its own amylase turns to sugar. */
export function amylaseLoss({ line }: Weighed, heat: HeatHistory): number {
  const most = line.ingredient.behaviour.amylaseLoss;
  if (preparationOf(line.preparation).boiledSoft) return most;
  if (most === 0 || line.stage === 'end') return 0;
  return (
    most *
    logistic((heat.maxTemperature - a.amylaseMidpoint) / a.amylaseWidth) *
    (1 - Math.exp(-heat.hold / a.amylaseTime))
  );
}

/** g of the batch’s starch by what has become of it. */
export interface StarchState {
  readonly dispersed: Float64Array;
  inCells: number;
  raw: number;
  floury: number;
}

/** @param kept share that no amylase took   @param energy blender power times seconds */
export function addStarch(
  into: StarchState,
  { line, c, g }: Weighed,
  kept: number,
  gelatinized: Float64Array,
  fineness: number,
  energy: number,
): void {
  const b = c.ingredient.behaviour;
  const enclosed = b.cellEnclosed * (1 - gelatinization.blendedCellLoss * fineness * (energy > 0 ? 1 : 0));
  for (let i = 0; i < starchIds.length; i++) {
    const mass = (c.starch[i] ?? 0) * g * kept;
    if (mass === 0) continue;
    const own =
      line.stage === 'end'
        ? b.pregelatinized
        : b.pregelatinized + (1 - b.pregelatinized) * (gelatinized[i] ?? 0);
    const cooked = preparationOf(line.preparation).boiledSoft ? Math.max(own, gelatinization.preboiled) : own;
    into.dispersed[i] = (into.dispersed[i] ?? 0) + mass * cooked * (1 - enclosed);
    into.inCells += mass * cooked * enclosed;
    into.raw += mass * (1 - cooked);
    if (!isEatenRaw[i]) into.floury += mass * (1 - cooked);
  }
}

export const noStarch = (): StarchState => ({
  dispersed: new Float64Array(starchIds.length),
  inCells: 0,
  raw: 0,
  floury: 0,
});
