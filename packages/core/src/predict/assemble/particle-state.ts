import { logistic } from '../../numeric/smooth-step.js';
import { type Ground, grainFelt } from '../particle/comminute.js';
import { comminution } from '../particle/comminution.params.js';
import { proteinVolume, suspension } from '../particle/suspension.params.js';
import { pull } from '../stretch/pull-length.params.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { assembly as a } from './assemble.params.js';
import type { CompiledIngredient } from './compiled-ingredient.js';
import type { Weighed } from './weighed.js';

/** What swells and what is felt: volumes in mL, grains in g, sizes in µm. */
export interface ParticleState {
  volume: number;
  curd: number;
  cellWall: number;
  nut: number;
  pieces: number;
  dry: number;
  grains: number;
  weight: number;
  weightedLog: number;
  /** g of solids, each by how far its size breaks strands. */
  coarse: number;
}

/** mL that heat-unfolded pulse protein holds beyond what its particles held raw. */
function heatedSwelling(c: CompiledIngredient, unfolded: number): number {
  const { heatSetProtein, particles } = c.ingredient.behaviour;
  if (heatSetProtein === 0 || particles !== 'legume') return 0;
  const dissolved = (c.protein - c.insolubleProtein) * heatSetProtein * suspension.heatedProtein;
  return (
    unfolded * (dissolved + (suspension.heatedInsoluble - 1) * c.insolubleProtein * proteinVolume.legume)
  );
}

/** Pieces of curd that never met a blade keep the water they came with. */
const isPiece = (c: CompiledIngredient, diameter: number): boolean =>
  diameter >= suspension.pieceFrom && c.ingredient.behaviour.particles === 'curd';

/** @param g of it that are paste   @param unfolded how far heat has unfolded pulse protein, 0..1 */
export function addParticles(
  into: ParticleState,
  { c }: Pick<Weighed, 'c'>,
  g: number,
  ground: Ground,
  unfolded: number,
): void {
  const kind = c.ingredient.behaviour.particles;
  const wet =
    (c.particleVolume *
      (suspension.coarseVolumeShare + (1 - suspension.coarseVolumeShare) * ground.fineness) +
      heatedSwelling(c, unfolded)) *
    g;
  if (kind === 'vegetable') into.cellWall += wet;
  else if (kind !== 'curd') into.volume += wet;
  else if (isPiece(c, ground.diameter)) {
    const own = (c.water + c.protein * a.proteinVolume) * g;
    into.volume += Math.max(own, wet);
    into.pieces += own;
  } else into.curd += wet;
  if (kind === 'nut') into.nut += wet;
  into.dry += ((c.insolubleProtein + c.fibre) * g) / a.dryParticleDensity;
  if (!(ground.diameter > 0)) return;
  const solids =
    (c.insolubleProtein * comminution.grainProteinSwelling + c.fibre * comminution.grainFibreSwelling) * g;
  into.grains += solids * grainFelt(ground);
  into.weight += solids;
  into.weightedLog += solids * Math.log(ground.diameter);
  const over = Math.max(ground.diameter - pull.coarseFrom, 0) / pull.coarseScale;
  into.coarse += solids * (over / (1 + over));
}

export const noParticles = (): ParticleState => ({
  volume: 0,
  curd: 0,
  cellWall: 0,
  nut: 0,
  pieces: 0,
  dry: 0,
  grains: 0,
  weight: 0,
  weightedLog: 0,
  coarse: 0,
});

/** How far heat has unfolded the globulins of pulses, 0..1. */
export const unfoldedBy = ({ maxTemperature, hold }: HeatHistory): number =>
  logistic((maxTemperature - suspension.heatGelMidpoint) / suspension.heatGelWidth) *
  (1 - Math.exp(-hold / suspension.heatedTime));
