import type { Consistency } from './consistency.js';

/** Words for thickness, thin to thick, in the order of the scale. */
export const thicknessClasses = [
  'pours like milk',
  'pours like cream',
  'coats a spoon',
  'clings',
  'mounds',
  'spreads',
  'slices',
] as const;
export type ThicknessClass = (typeof thicknessClasses)[number];

/** Edges between the first five words, lg mPa·s. @source engine notes E-6, estimated, ±0.15 decade */
export const CLASS_EDGES = [1.0, 1.95, 2.85, 3.45] as const;
/** Yield stresses (Pa) above which a thing mounds, spreads, slices. @source engine notes E-6, estimated */
export const CLASS_YIELD = { mounds: 60, spreads: 220, slices: 3500, oilSlices: 2e5 } as const;
const MOUNDS = thicknessClasses.indexOf('mounds'),
  SPREADS = thicknessClasses.indexOf('spreads'),
  SLICES = thicknessClasses.indexOf('slices');

/** The part of a consistency that decides its word. */
export type Classed = Pick<
  Consistency,
  'viscosity' | 'yieldStress' | 'gelStress' | 'fatStress' | 'oilContinuous'
>;

/** Place of a consistency among the words, 0 (pours like milk) .. 6 (slices); never falls when viscosity or yield stress rises. */
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
