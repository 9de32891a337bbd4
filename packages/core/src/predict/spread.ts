import type { Mixture } from './mixture/mixture.js';
import type { PotAt } from './pot-at.js';
import { starchRows } from './starch/starch.params.js';
import { pullLength } from './stretch/pull-length.js';
import { soluteRows } from './thickener/gum.params.js';
import { flowAt } from './thickness/consistency.js';
import type { Consistency, Moment } from './thickness/flow.js';
import { settle, type Settled, settlingOffsets } from './thickness/settle.js';
import { type ContinuousPhase, continuousPhase } from './thickness/thickening.js';
import {
  kitchenOffsets,
  type KitchenOffsets,
  noOffsets,
  type OffsetName,
  offsetNames,
  residualSd,
  guessedSd,
} from './uncertainty/kitchen-offsets.params.js';

/** Log standard deviations of viscosity, yield stress and pull length at one moment. */
export interface Spread {
  readonly viscosity: number;
  readonly yieldStress: number;
  readonly stretch: number;
}

/** Whether a kitchen offset can move this pot at all; what it cannot move need not be tried. */
const moves: Readonly<Record<OffsetName, (mix: Mixture, flow: Consistency) => boolean>> = {
  cerealStarch: (mix) =>
    starchRows.some((row, i) => row.group === 'cerealStarch' && (mix.dispersedStarch[i] ?? 0) > 0),
  rootStarch: (mix) =>
    starchRows.some((row, i) => row.group === 'rootStarch' && (mix.dispersedStarch[i] ?? 0) > 0),
  gum: (mix) => soluteRows.some((row, i) => row.group === 'gum' && (mix.solutes[i] ?? 0) > 0),
  protein: (mix) => soluteRows.some((row, i) => row.group === 'protein' && (mix.solutes[i] ?? 0) > 0),
  seed: (mix) => mix.particleVolume + mix.curdVolume + mix.coagulatingProtein + mix.cellStarch > 0,
  cellWall: (mix) => mix.cellWallVolume > 0,
  jamming: (_mix, flow) => flow.packing > LEAST_PACKING,
  gel: (_mix, flow) => flow.gelStress > LEAST_STRESS,
  water: (mix) => mix.water > 0,
  stretch: () => false,
  fat: (_mix, flow) => flow.fatStress > LEAST_STRESS,
  temperature: () => true,
};

/** The same pot in a kitchen that differs by one offset, at one temperature. */
function flowMoved(
  on: Settled,
  tC: number,
  name: OffsetName,
  moved: KitchenOffsets,
  phase: ContinuousPhase,
): Consistency {
  if (settlingOffsets.has(name)) return flowAt(settle(on.mix, on.storage, on.days, moved), tC, moved);
  return flowAt(on, tC, moved, changesPhase.has(name) ? undefined : phase);
}

/** Offsets that reach into the liquid between the particles. */
const changesPhase: ReadonlySet<OffsetName> = new Set<OffsetName>([
  'cerealStarch',
  'rootStarch',
  'gum',
  'protein',
  'temperature',
]);

/** How wide the bands of a pot are. */
export const spreadOfPot = ({ mix, at, flow }: PotAt): Spread =>
  spreadAt(mix, at, flow, pullLength(mix, flow, at));

/**
 * How unsure the model is at one moment: forward differences of the outputs at one prior standard deviation of each
 * kitchen offset, with the residual added. The offset of the pull itself is a plain factor, so it is taken as it is.
 * @source engine notes E-13 (first-order error propagation)
 */
export function spreadAt(
  mix: Mixture,
  at: Moment,
  flow: Consistency,
  pull: number,
  offsets: KitchenOffsets = noOffsets,
): Spread {
  const on = settle(mix, at.storage, at.days, offsets),
    phase = continuousPhase(on, at.temperature, offsets);
  const guessed = guessedVariance(mix);
  let viscosity = residualSd.viscosity ** 2 + guessed,
    yieldStress = residualSd.yield ** 2 + guessed,
    pulled = residualSd.pull ** 2 + guessed;
  const moved: Record<OffsetName, number> = { ...offsets };
  for (const name of offsetNames) {
    if (!moves[name](mix, flow)) continue;
    moved[name] = offsets[name] + sdOf(name, mix);
    const there = flowMoved(on, at.temperature, name, moved, phase);
    viscosity += Math.log(there.viscosity / flow.viscosity) ** 2;
    yieldStress += Math.log((there.yieldStress + YIELD_FLOOR) / (flow.yieldStress + YIELD_FLOOR)) ** 2;
    pulled += Math.log((pullLength(mix, there, at, moved) + PULL_FLOOR) / (pull + PULL_FLOOR)) ** 2;
    moved[name] = offsets[name];
  }
  const longer = Math.log((pull * Math.exp(kitchenOffsets.stretch.sd) + PULL_FLOOR) / (pull + PULL_FLOOR));
  pulled += longer ** 2;
  return { viscosity: Math.sqrt(viscosity), yieldStress: Math.sqrt(yieldStress), stretch: Math.sqrt(pulled) };
}

/** Log standard deviation of viscosity alone at several temperatures. */
export function viscositySpreads(
  on: Settled,
  temperatures: readonly number[],
  offsets: KitchenOffsets,
): readonly number[] {
  const moved: Record<OffsetName, number> = { ...offsets };
  return temperatures.map((tC) => {
    const phase = continuousPhase(on, tC, offsets),
      flow = flowAt(on, tC, offsets, phase);
    let square = residualSd.viscosity ** 2 + guessedVariance(on.mix);
    for (const name of offsetNames) {
      if (!moves[name](on.mix, flow)) continue;
      moved[name] = offsets[name] + sdOf(name, on.mix);
      square += Math.log(flowMoved(on, tC, name, moved, phase).viscosity / flow.viscosity) ** 2;
      moved[name] = offsets[name];
    }
    return Math.sqrt(square);
  });
}

/** One prior standard deviation of an offset; of the water also what making ready and boiling leave open. */
const sdOf = (name: OffsetName, mix: Mixture): number =>
  name === 'water'
    ? Math.hypot(kitchenOffsets.water.sd, Math.min(mix.waterDoubt, MOST_DOUBT))
    : kitchenOffsets[name].sd;
/** Doubt of the water beyond which a pot is boiled dry or not: nothing more is told by it. */
const MOST_DOUBT = 1;

/** What guessed composition adds to the variance of a logarithm. */
const guessedVariance = (mix: Mixture): number => (guessedSd * mix.guessedShare) ** 2;

/** Small amounts added before taking logarithms, so that nothing counts as a ratio to zero: Pa and cm. */
export const YIELD_FLOOR = 0.01,
  PULL_FLOOR = 0.2;
/** Packing and stress (Pa) below which the stiffness of a paste, gel or fat changes no figure. */
const LEAST_PACKING = 0.02,
  LEAST_STRESS = 1e-4;
