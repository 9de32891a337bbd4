import type { Mixture } from '../mixture/mixture.js';
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

/** The word for what no longer flows as one, or undefined where thickness says it all. */
export function textureClassOf(mix: Mixture, flow: Consistency, tC: number): ThicknessClass | undefined {
  if (mix.pieceVolume > TEXTURE.pieceShare * mix.volume) return 'crumbly';
  const coarse = mix.meanDiameter > TEXTURE.grainUm && flow.packing > TEXTURE.packing;
  if (coarse && flow.dropletShare < 0.5 && flow.oilContinuous < 0.5) return 'crumbly';
  const starch = mix.dispersedStarch.reduce((all, g) => all + g, 0);
  const dense = (100 * starch) / Math.max(flow.freeWater, 1e-6) > TEXTURE.ballStarch;
  return dense && tC > TEXTURE.ballFrom && flow.oilContinuous < 0.5 ? 'forms a ball' : undefined;
}
