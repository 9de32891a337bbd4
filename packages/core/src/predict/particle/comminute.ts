import type { Behaviour } from '../../ingredient/composition.js';
import { logistic } from '../../numeric/smooth-step.js';
import { comminution as p } from './comminution.params.js';

/** How far boiling before blending has softened everything, 0..1; a smooth threshold. */
export function boiledSoft(maxTemperature: number, hold: number): number {
  return logistic((maxTemperature - p.boilMidpoint) / p.boilWidth) * (1 - Math.exp(-hold / p.boilTime));
}

export interface Grinding {
  readonly soaked: boolean;
  /** 0..1: how far the line was boiled soft before it met the blade. */
  readonly boiled: number;
  /** Blender power (0..1) times seconds; 0 when the line is not blended. */
  readonly energy: number;
}

export interface Ground {
  /** µm after blending; 0 for what has no particles. */
  readonly diameter: number;
  /** Hardness at the blade, 0..1. */
  readonly hardness: number;
  /** 0..1: how far the inside is open to water. */
  readonly fineness: number;
}

/** Particle size after blending. Never grows with more blending. @source engine notes E-8 */
export function grind(behaviour: Behaviour, how: Grinding): Ground {
  const softened = (how.soaked ? behaviour.soakSoftening : 1) * behaviour.boilSoftening ** how.boiled;
  const hardness = behaviour.hardness * Math.min(softened, 1);
  const start = behaviour.particleSizeUm;
  if (!(start > 0)) return { diameter: 0, hardness, fineness: 1 };
  const cells = behaviour.particles === 'vegetable';
  const finest = cells ? p.finestCell : p.finest;
  const worked = how.energy / (p.energyScale * (hardness + p.hardnessFloor));
  const diameter = start <= finest ? start : finest + (start - finest) / (1 + worked ** p.exponent);
  const fineness = cells
    ? 1 / (1 + diameter / p.finenessCellSize)
    : 1 / (1 + (diameter / p.finenessSize) ** p.finenessExponent);
  return { diameter, hardness, fineness };
}

/** Share of a line's wet solids that the tongue feels as grains, weighted by hardness. */
export function grainFelt(ground: Ground): number {
  const felt = p.grainBase - p.grainHardness * ground.hardness ** p.grainHardnessExponent;
  const seen = logistic((Math.log(ground.diameter) - Math.log(Math.max(felt, p.grainFloor))) / p.grainWidth);
  return seen * (p.grainSoftWeight + p.grainHardWeight * ground.hardness);
}

/** Graininess 0..10 from the felt solids, % of the mass. */
export const graininess = (feltPercent: number): number => 10 * (1 - Math.exp(-feltPercent / p.grainScale));

/** Lump index 0..10 from the share of starch put dry into hot liquid. */
export const lumpIndex = (share: number): number => Math.min(10, p.lumpScale * share);
