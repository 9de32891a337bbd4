import { starchIds } from '../../ingredient/substance.js';
import { eitherOf } from '../../numeric/either-of.js';
import { logistic } from '../../numeric/smooth-step.js';
import { eatenRaw, gelatinization } from '../starch/gelatinization.params.js';
import { starchRows } from '../starch/starch.params.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { assembly as a } from './assemble.params.js';
import type { Weighed } from './weighed.js';

const isEatenRaw = starchIds.map((id) => eatenRaw.includes(id));

/** Share of a line's starch that its own amylase turns to sugar. */
export function amylaseLoss({ line, made }: Weighed, heat: HeatHistory): number {
  const most = line.ingredient.behaviour.amylaseLoss;
  if (most === 0) return 0;
  const inPot =
    logistic((heat.maxTemperature - a.amylaseMidpoint) / a.amylaseWidth) *
    (1 - Math.exp(-heat.hold / a.amylaseTime));
  return most * eitherOf(inPot, made.softened);
}

/** g of the batch’s starch by what has become of it. */
export interface StarchState {
  readonly dispersed: Float64Array;
  inCells: number;
  raw: number;
  floury: number;
}

/** Blade work (strong jug seconds) that opens most of the cells it will open. @source assumed */
const OPENING_WORK = 0.5;

/**
 * Share of the starch of something boiled before and gone cold that has set to specks: until it is heated again it thickens little.
 * @param i place of the starch
 */
const setWhenCold = (i: number, { maxTemperature }: Pick<HeatHistory, 'maxTemperature'>): number =>
  gelatinization.setCold *
  starchRows[i]!.retrogradation *
  logistic((gelatinization.meltsAgain - maxTemperature) / gelatinization.meltsWidth);

/**
 * @param g of it that are paste; what stays in pieces keeps its starch to itself   @param kept share that no amylase took
 * @param gelatinized share of each starch that the heat since it went in gelatinizes   @param work strong jug seconds it met
 */
export function addStarch(
  into: StarchState,
  { line, c, made }: Weighed,
  g: number,
  kept: number,
  gelatinized: Float64Array,
  fineness: number,
  work: number,
  heat: Pick<HeatHistory, 'maxTemperature'>,
): void {
  const b = line.ingredient.behaviour;
  const opened = 1 - Math.exp(-work / OPENING_WORK);
  const cells =
    b.particles === 'nut'
      ? eitherOf(b.cellEnclosed, gelatinization.nutCells * made.softened)
      : b.cellEnclosed;
  const enclosed = cells * (1 - gelatinization.blendedCellLoss * fineness * opened);
  for (let i = 0; i < starchIds.length; i++) {
    const mass = (c.starch[i] ?? 0) * g * kept;
    if (mass === 0) continue;
    const own = b.pregelatinized + (1 - b.pregelatinized) * (gelatinized[i] ?? 0);
    const cooked = Math.max(own, own + (gelatinization.preboiled - own) * made.softened);
    const free = mass * cooked * (1 - enclosed),
      set = b.cellEnclosed > 0 ? free * b.pregelatinized * setWhenCold(i, heat) : 0;
    into.dispersed[i] = (into.dispersed[i] ?? 0) + free - set;
    into.inCells += mass * cooked * enclosed + set;
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
