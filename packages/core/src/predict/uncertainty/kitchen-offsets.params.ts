import type { Provenance } from '../../numeric/parameter.js';

interface OffsetRow {
  /** Prior standard deviation of the log-offset. */
  readonly sd: number;
  readonly provenance: Provenance;
  readonly meaning: string;
}

/**
 * Ways in which one kitchen differs from the model, each a log-offset with a prior: the band comes from them, and a
 * kitchen's own measurements will move them.
 * @source engine notes E-13; group spreads assessed from the scatter of single parameters in S-02 and S-03
 */
export const kitchenOffsets = {
  cerealStarch: { sd: 0.22, provenance: 'E', meaning: 'strength of cereal, pulse and nut starch' },
  rootStarch: { sd: 0.21, provenance: 'E', meaning: 'strength of root starch' },
  gum: { sd: 0.28, provenance: 'E', meaning: 'strength of gums' },
  protein: { sd: 0.35, provenance: 'E', meaning: 'thickening by dissolved protein' },
  seed: { sd: 0.1, provenance: 'E', meaning: 'swelling of nut, seed and pulse particles' },
  cellWall: { sd: 0.17, provenance: 'E', meaning: 'swelling of vegetable pulp' },
  jamming: { sd: 0.34, provenance: 'E', meaning: 'stiffness of a packed paste' },
  gel: { sd: 0.45, provenance: 'E', meaning: 'strength of set gels' },
  water: { sd: 0.035, provenance: 'E', meaning: 'water in the pot' },
  stretch: { sd: 0.35, provenance: 'E', meaning: 'pull length' },
  fat: { sd: 0.3, provenance: 'E', meaning: 'firmness of fat crystals' },
  temperature: { sd: 0.2, provenance: 'E', meaning: 'how strongly heat thins' },
} as const satisfies Record<string, OffsetRow>;

export type OffsetName = keyof typeof kitchenOffsets;
export const offsetNames = Object.keys(kitchenOffsets) as OffsetName[];

/** Log-offsets of one kitchen; all zero before anything was measured. */
export type KitchenOffsets = Readonly<Record<OffsetName, number>>;
export const noOffsets: KitchenOffsets = Object.fromEntries(offsetNames.map((name) => [name, 0])) as Record<OffsetName, number>;

/**
 * Unexplained log standard deviation of viscosity, yield stress and pull: what the model's form gets wrong.
 * @source engine notes E-13 assumed 0.2, 0.35, 0.15; widened once, after the held-back anchors fell outside too often (docs/sources.md)
 */
export const residualSd = { viscosity: 0.26, yield: 0.55, pull: 0.25 } as const;

/**
 * Coefficients of variation of what follows from composition alone: how far one jar differs from the table.
 * @source spread between entries of the same food in S-05, assumed where no spread was at hand
 */
export const compositionCv = { fat: 0.06, salt: 0.08, umami: 0.25, sour: 0.15, sweet: 0.12, energy: 0.05, pH: 0.05 } as const;

/** Log standard deviation that a pot wholly of guessed composition adds to thickness and pull, and to taste. @source assumed: spread between kinds of one shelf in S-05 */
export const guessedSd = 0.5;
export const guessedTasteSd = 0.3;
