import { type StarchId, starchIds } from '../../ingredient/substance.js';
import type { Provenance } from '../../numeric/parameter.js';
import type { OffsetName } from '../uncertainty/kitchen-offsets.params.js';

/**
 * One botanical starch, fully cooked, on the free water of the pot.
 * The single-thickener curve passes (cRef g/100 g, etaRef mPa·s) at 60 °C and 50 s⁻¹.
 */
export interface StarchRow {
  readonly cRef: number;
  readonly etaRef: number;
  /** Dilute and close-packed exponents of the curve. */
  readonly n1: number;
  readonly n2: number;
  /** Activation energy of the viscosity scale, kJ/mol. */
  readonly Ea: number;
  /** Set-back: relative thickening when cooled below about 42 °C. */
  readonly setBack: number;
  /** Midpoint (°C) and width (K) of gelatinization in excess water. */
  readonly Tp: number;
  readonly wT: number;
  readonly amylose: number;
  /** Share of the viscosity lost by long boiling. */
  readonly breakdown: number;
  /** Weight in the stretch of the sauce, tapioca = 1. */
  readonly stretch: number;
  /** Gel yield stress when cold: gelK·(c − gelC0)², Pa with c in g/100 g. */
  readonly gelK: number;
  readonly gelC0: number;
  /** Tendency to retrograde, 0..1, and the part that reheating does not undo. */
  readonly retrogradation: number;
  readonly irreversible: number;
  readonly group: OffsetName;
  readonly cv: number;
  readonly provenance: Provenance;
  readonly basis: string;
}

const row = (
  [cRef, etaRef, n1, n2, Ea]: readonly [number, number, number, number, number],
  [setBack, Tp, wT, amylose, breakdown, stretch]: readonly [number, number, number, number, number, number],
  [gelK, gelC0, retrogradation, irreversible]: readonly [number, number, number, number],
  group: OffsetName, cv: number, provenance: Provenance, basis: string,
): StarchRow => ({ cRef, etaRef, n1, n2, Ea, setBack, Tp, wT, amylose, breakdown, stretch, gelK, gelC0, retrogradation, irreversible, group, cv, provenance, basis });

/** @source S-02 (pasting and rheology of starches); anchors A05–A23b. Columns: curve | heating and structure | gel and storage. */
export const starches = {
  wheat: row([5.4, 205, 1.3, 3.5, 12], [1, 61, 2.6, 0.26, 0.12, 0.02], [45, 4, 0.85, 0.3], 'cerealStarch', 0.3, 'P/E', 'A05–A08, A13'),
  corn: row([5.3, 420, 1.3, 2.9, 12], [0.85, 70, 2.8, 0.27, 0.15, 0.02], [60, 3.5, 0.85, 0.3], 'cerealStarch', 0.25, 'P', 'A09–A12'),
  rice: row([5.3, 270, 1.3, 3.1, 12], [0.8, 71, 3, 0.2, 0.15, 0.1], [35, 4.5, 0.7, 0.25], 'cerealStarch', 0.35, 'P/E', 'A16'),
  legume: row([5.3, 320, 1.3, 2.6, 12], [1.6, 68, 3.2, 0.33, 0.05, 0], [110, 3.8, 0.9, 0.4], 'cerealStarch', 0.35, 'P/E', 'A17, A36, W11: higher when dilute, flatter when packed, than the reference computation'),
  oat: row([5.3, 330, 1.3, 3, 12], [0.5, 60, 3, 0.22, 0.15, 0.05], [25, 4.5, 0.4, 0.2], 'cerealStarch', 0.4, 'E', 'none'),
  nut: row([5.3, 140, 1.3, 3, 12], [0.6, 68, 4, 0.22, 0.1, 0.02], [30, 4.5, 0.6, 0.25], 'cerealStarch', 0.5, 'E', 'A31'),
  tapioca: row([5.3, 380, 1.3, 2.6, 14], [0.25, 65, 3, 0.17, 0.35, 1], [6, 8.5, 0.35, 0.08], 'rootStarch', 0.3, 'P', 'A14, A15, A20–A23'),
  potato: row([5.3, 560, 1.3, 2.3, 14], [0.3, 63, 2.6, 0.21, 0.4, 0.6], [14, 6, 0.55, 0.12], 'rootStarch', 0.35, 'P', 'A14, A18'),
  arrowroot: row([5.3, 430, 1.3, 2.6, 14], [0.3, 68, 3, 0.19, 0.4, 0.35], [10, 7, 0.45, 0.1], 'rootStarch', 0.35, 'P/E', 'A14'),
  waxyrice: row([5.3, 330, 1.3, 2.4, 13], [0.05, 66, 3, 0.01, 0.3, 0.8], [2, 12, 0.2, 0.03], 'rootStarch', 0.35, 'P/E', 'A19'),
  root: row([5.3, 350, 1.3, 2.6, 13], [0.4, 70, 3.5, 0.2, 0.3, 0.2], [12, 6, 0.5, 0.15], 'rootStarch', 0.45, 'E', 'none'),
} as const satisfies Record<StarchId, StarchRow>;

/** The rows in the order of `starchIds`. */
export const starchRows: readonly StarchRow[] = starchIds.map((id) => starches[id]);
