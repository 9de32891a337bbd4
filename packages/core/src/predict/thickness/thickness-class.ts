import type { Mixture } from '../mixture/mixture.js';
import { eitherOf } from '../../numeric/either-of.js';
import { normalBelow } from '../../numeric/normal.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Consistency } from './flow.js';

/** Words for thickness, thin to thick, and two for what no longer flows as one. */
export const thicknessClasses = [
  'pours like milk',
  'pours like cream',
  'coats a spoon',
  'clings',
  'mounds',
  'spreads',
  'slices',
  'crumbly',
  'forms a ball',
] as const;
export type ThicknessClass = (typeof thicknessClasses)[number];

/** Edges between the first five words, lg mPa·s. @source engine notes E-6, estimated, ±0.15 decade */
export const CLASS_EDGES = [1.0, 1.95, 2.85, 3.45] as const;
/** Yield stresses (Pa) above which a thing mounds, spreads, slices. @source engine notes E-6, estimated */
export const CLASS_YIELD = { mounds: 60, spreads: 220, slices: 3500, oilSlices: 2e5 } as const;
/**
 * When the word for texture replaces the one for thickness. Crumbly: whole pieces fill most of the pot, or packed grains this
 * coarse with hardly any liquid between them. A ball: cooked starch this dense in its water holds to itself and lets go of the pan.
 * @source assumed, from how curd, coarse nut curd and choux-like pastes are described
 */
export const TEXTURE = {
  pieceShare: 0.55,
  grainUm: 420,
  packing: 1.15,
  ballStarch: 17,
  ballFrom: 45,
} as const;
const MOUNDS = thicknessClasses.indexOf('mounds'),
  SPREADS = thicknessClasses.indexOf('spreads'),
  SLICES = thicknessClasses.indexOf('slices');

/** The part of a consistency that decides its word. */
export type Classed = Pick<
  Consistency,
  'viscosity' | 'yieldStress' | 'gelStress' | 'fatStress' | 'oilContinuous'
>;

/** Place of a consistency among the first seven words, 0 (pours like milk) .. 6 (slices); never falls when viscosity or yield stress rises. */
export function thicknessRank(c: Classed): number {
  const lg = Math.log10(c.viscosity);
  let rank = CLASS_EDGES.filter((edge) => lg > edge).length;
  if (c.yieldStress > CLASS_YIELD.mounds) rank = Math.max(rank, MOUNDS);
  if (c.yieldStress > CLASS_YIELD.spreads) rank = SPREADS;
  const set = (c.gelStress + c.fatStress) / (c.yieldStress + 1e-9);
  if (c.yieldStress > CLASS_YIELD.slices && set > 0.5) rank = SLICES;
  if (c.oilContinuous > 0.5 && c.yieldStress > CLASS_YIELD.spreads)
    rank = c.yieldStress > CLASS_YIELD.oilSlices ? SLICES : SPREADS;
  return rank;
}

export const thicknessClassOf = (c: Classed): ThicknessClass =>
  thicknessClasses[thicknessRank(c)] ?? 'pours like milk';

/** Doubts of the words for texture: logarithms of size and of starch, packing, share of pieces, °C. @source assumed: as far as cooks differ in their use */
const DOUBT = { grain: 0.25, packing: 0.08, pieces: 0.06, starch: 0.1, from: 4, set: 0.06 } as const;

/** Probability that a cook says that it crumbles: of pieces, or of coarse grains that lie packed with hardly any liquid. */
export function crumblyChance(mix: Mixture, flow: Consistency): number {
  const pieces = logistic((mix.pieceVolume / Math.max(mix.volume, 1e-9) - TEXTURE.pieceShare) / DOUBT.pieces);
  const coarse =
    mix.meanDiameter > 0 ? normalBelow(Math.log(mix.meanDiameter / TEXTURE.grainUm) / DOUBT.grain) : 0;
  const packed = normalBelow((flow.packing - TEXTURE.packing) / DOUBT.packing);
  // Soft cell walls make a paste, however coarse.
  const solids = mix.particleVolume + mix.curdVolume + mix.cellWallVolume,
    firm = solids > 0 ? 1 - mix.cellWallVolume / solids : 0;
  const grains = firm * logistic((0.5 - flow.dropletShare) / DOUBT.pieces) * (1 - flow.oilContinuous);
  return eitherOf(mix.pieceVolume > 0 ? pieces : 0, coarse * packed * grains);
}

/** Probability that a cook says that it forms a ball: warm, with so much cooked starch in its water that it lets go of the pan. */
export function ballChance(mix: Mixture, flow: Consistency, tC: number): number {
  const starch = mix.dispersedStarch.reduce((all, g) => all + g, 0);
  if (!(starch > 0)) return 0;
  const c = (100 * starch) / Math.max(flow.freeWater, 1e-6);
  return (
    normalBelow(Math.log(c / TEXTURE.ballStarch) / DOUBT.starch) *
    normalBelow((tC - TEXTURE.ballFrom) / DOUBT.from) *
    (1 - flow.oilContinuous)
  );
}

/** The word for what no longer flows as one where it is likelier than not, or undefined where thickness says it all. */
export function textureClassOf(mix: Mixture, flow: Consistency, tC: number): ThicknessClass | undefined {
  const crumbly = crumblyChance(mix, flow),
    ball = ballChance(mix, flow, tC);
  if (crumbly > 0.5) return 'crumbly';
  return ball > 0.5 ? 'forms a ball' : undefined;
}

export interface WordChance {
  readonly word: ThicknessClass;
  /** 0..1; all words of a pot together are 1. */
  readonly chance: number;
}

/** Probability that a log-normal figure lies above an edge. */
const above = (mid: number, sd: number, edge: number): number =>
  mid > 0 ? normalBelow(Math.log(mid / edge) / Math.max(sd, LEAST_SD)) : 0;
const LEAST_SD = 1e-3;

/**
 * How likely each word is, in the order of `thicknessClasses`: viscosity and yield stress go together over their bands, and the
 * words for texture have their own doubt.
 * @param sd log standard deviations of viscosity and yield stress
 */
export function wordChances(
  mix: Mixture,
  flow: Consistency,
  tC: number,
  sd: { readonly viscosity: number; readonly yieldStress: number },
): readonly WordChance[] {
  const crumbly = crumblyChance(mix, flow),
    ball = (1 - crumbly) * ballChance(mix, flow, tC);
  const stiffer = (edge: number): number => above(flow.yieldStress, sd.yieldStress, edge);
  const set = logistic(((flow.gelStress + flow.fatStress) / (flow.yieldStress + 1e-9) - 0.5) / DOUBT.set);
  // At least as thick as each of the first seven words: one draw moves both figures, so that the likelier of two ways counts.
  const mounds = stiffer(CLASS_YIELD.mounds),
    spreads = stiffer(CLASS_YIELD.spreads);
  const atLeast = [
    1,
    ...CLASS_EDGES.map((edge) => Math.max(above(flow.viscosity, sd.viscosity, 10 ** edge), mounds)),
    spreads,
    (1 - flow.oilContinuous) * set * stiffer(CLASS_YIELD.slices) +
      flow.oilContinuous * stiffer(CLASS_YIELD.oilSlices),
  ];
  const flows = 1 - crumbly - ball;
  return thicknessClasses.map((word, i) => {
    if (word === 'crumbly') return { word, chance: crumbly };
    if (word === 'forms a ball') return { word, chance: ball };
    return { word, chance: flows * Math.max(atLeast[i]! - (atLeast[i + 1] ?? 0), 0) };
  });
}

/** Share of the chances beyond which a word is left out at either end: the band is one of 80 %. */
const TAIL = 0.1;

/** The words that span four fifths of the chances, and the one that is said. */
export function wordRange(
  chances: readonly WordChance[],
  said: ThicknessClass,
): readonly [ThicknessClass, ThicknessClass] {
  let below = 0,
    low = -1,
    high = -1;
  chances.forEach(({ chance }, i) => {
    below += chance;
    if (low < 0 && below > TAIL) low = i;
    if (high < 0 && below >= 1 - TAIL) high = i;
  });
  const at = thicknessClasses.indexOf(said);
  return [
    thicknessClasses[Math.min(low < 0 ? at : low, at)]!,
    thicknessClasses[Math.max(high < 0 ? at : high, at)]!,
  ];
}
