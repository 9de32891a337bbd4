import type { Behaviour } from '../../ingredient/composition.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { ToolRow } from '../../recipe/method/tool.params.js';
import { comminution as p } from './comminution.params.js';

/** How far boiling before blending has softened everything, 0..1; a smooth threshold. */
export function boiledSoft(maxTemperature: number, hold: number): number {
  return logistic((maxTemperature - p.boilMidpoint) / p.boilWidth) * (1 - Math.exp(-hold / p.boilTime));
}

/** A blade that ran on a thing, with the hardness it met. */
export interface Cut {
  readonly tool: ToolRow;
  /** s. */
  readonly seconds: number;
  /** 0..1. */
  readonly hardness: number;
}

export interface Ground {
  /** µm after blending; 0 for what has no particles. */
  readonly diameter: number;
  /** Hardness at the blade, 0..1. */
  readonly hardness: number;
  /** 0..1: how far the inside is open to water. */
  readonly fineness: number;
}

/** Hardness at the blade. @param soaked, boiled 0..1: how far a soak and the heat made it soft right through */
export function hardnessOf(
  { hardness, soakSoftening, boilSoftening }: Behaviour,
  soaked: number,
  boiled: number,
): number {
  return hardness * Math.min(soakSoftening ** soaked * boilSoftening ** boiled, 1);
}

const timeExponent = -1 / p.workExponent;

/** Size after one more blade: as if that blade had made the size it found, and went on; µm. */
function cutFurther(size: number, { tool, seconds, hardness }: Cut): number {
  const resists = p.hardScale * Math.max(hardness, p.hardnessFloor) ** p.hardExponent;
  const floor = tool.finest * (p.floorSoft + p.floorHard * resists),
    span = p.workSpan * resists;
  if (size <= floor) return size;
  const before = ((size - floor) / span) ** timeExponent;
  return floor + span * (before + tool.rate * seconds) ** -p.workExponent;
}

/**
 * Particle size after the blades that a thing met, in their order. Never grows with more blending, and no second changes much.
 * @param start µm as it went in   @param hardness after all softening, for what the tongue feels
 * @source kitchen physics 12: a floor for each tool, and work that falls with the power 0.75 of the time
 */
export function grind(behaviour: Behaviour, start: number, cuts: readonly Cut[], hardness: number): Ground {
  if (!(start > 0)) return { diameter: 0, hardness, fineness: 1 };
  const cells = behaviour.particles === 'vegetable';
  const least = Math.min(cells ? p.finestCell : p.finest, start);
  let diameter = start;
  for (const cut of cuts) diameter = cutFurther(diameter, cut);
  // Cells part, they do not break; nothing at home cuts finer than the last of the gap of a blade.
  diameter = Math.max(diameter, least);
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
