import { type GumId, type SoluteId, soluteIds } from '../../ingredient/substance.js';
import type { Provenance } from '../../numeric/parameter.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { OffsetName } from '../uncertainty/kitchen-offsets.params.js';

/** A dissolved thickener: gums, soluble protein and sugars. Units as for starches. */
export interface GumRow {
  readonly cRef: number;
  readonly etaRef: number;
  readonly n1: number;
  readonly n2: number;
  readonly Ea: number;
  /** Gel yield stress: gelK·(c − gelC0)^gelPower, Pa, below Tset on cooling and Tmelt on reheating (°C, width K). */
  readonly gel?: { readonly k: number; readonly c0: number; readonly power: number; readonly Tset: number; readonly Tmelt: number; readonly width: number };
  /** Does nothing below this, °C; min in which nine tenths are dissolved there. */
  readonly needsHeat?: { readonly from: number; readonly minutes: number };
  /** Whose water it dissolves in: what swollen particles leave free (absent), all of it, or half of what they hold as well. */
  readonly solvent?: 'all' | 'half-bound';
  /** Keeps to itself beside heat-set protein and so concentrates it. */
  readonly concentratesProtein?: true;
  /** Binds particles in the oven. */
  readonly bindsBaked?: true;
  /** Holds the water that a stored starch gel would press out. */
  readonly holdsSerum?: true;
  /** g of strand starch that a gram of it is worth; and a polymer that crowds strands closer. */
  readonly strands?: number;
  readonly crowdsStrands?: true;
  readonly group: OffsetName | undefined;
  readonly cv: number;
  readonly provenance: Provenance;
  readonly basis: string;
}

/** @source S-03 (food hydrocolloids); anchors A24–A29. `strands`: help of psyllium and konjac to root starch, estimated (E, CV 0.4). */
export const gums = {
  xanthan: { cRef: 0.5, etaRef: 130, n1: 1, n2: 1.5, Ea: 4, holdsSerum: true, group: 'gum', cv: 0.15, provenance: 'P', basis: 'A24' },
  guar: { cRef: 0.5, etaRef: 110, n1: 1.2, n2: 2.9, Ea: 16, group: 'gum', cv: 0.25, provenance: 'P', basis: 'A25' },
  locustBean: { cRef: 0.5, etaRef: 70, n1: 1.2, n2: 2.9, Ea: 16, needsHeat: { from: 78, minutes: 2 }, group: 'gum', cv: 0.3, provenance: 'P/E', basis: 'none' },
  konjac: { cRef: 0.5, etaRef: 400, n1: 1.2, n2: 2.6, Ea: 18, gel: { k: 20, c0: 1, power: 2, Tset: 70, Tmelt: 85, width: 12 }, concentratesProtein: true, strands: 2, group: 'gum', cv: 0.3, provenance: 'P/E', basis: 'none' },
  psyllium: { cRef: 1, etaRef: 110, n1: 1.2, n2: 2.3, Ea: 10, gel: { k: 18, c0: 0.7, power: 1.9, Tset: 75, Tmelt: 85, width: 14 }, concentratesProtein: true, strands: 0.8, group: 'gum', cv: 0.35, provenance: 'P/E', basis: 'A26' },
  mucilage: { cRef: 1, etaRef: 42, n1: 1.1, n2: 2, Ea: 12, bindsBaked: true, group: 'gum', cv: 0.45, provenance: 'P/E', basis: 'A27' },
  pectin: { cRef: 1, etaRef: 4, n1: 1.1, n2: 2.2, Ea: 15, crowdsStrands: true, group: 'gum', cv: 0.5, provenance: 'P/E', basis: 'A32–A34' },
  betaGlucan: { cRef: 1, etaRef: 60, n1: 1.1, n2: 2.8, Ea: 15, group: 'gum', cv: 0.4, provenance: 'P', basis: 'none' },
  agar: { cRef: 1, etaRef: 8, n1: 1.1, n2: 2.2, Ea: 15, needsHeat: { from: 86, minutes: 1.2 }, gel: { k: 22000, c0: 0.15, power: 1.8, Tset: 37, Tmelt: 84, width: 2 }, group: 'gum', cv: 0.3, provenance: 'P', basis: 'A28' },
  kappaCarrageenan: { cRef: 1, etaRef: 20, n1: 1.1, n2: 2.5, Ea: 18, needsHeat: { from: 70, minutes: 1 }, gel: { k: 14000, c0: 0.2, power: 1.8, Tset: 52, Tmelt: 68, width: 3 }, group: 'gum', cv: 0.35, provenance: 'P', basis: 'A29' },
  gellan: { cRef: 0.1, etaRef: 12, n1: 1, n2: 2, Ea: 8, needsHeat: { from: 82, minutes: 1 }, gel: { k: 20000, c0: 0.08, power: 1.8, Tset: 40, Tmelt: 88, width: 3 }, group: 'gum', cv: 0.4, provenance: 'E', basis: 'none' },
  iotaCarrageenan: { cRef: 1, etaRef: 40, n1: 1.1, n2: 2.4, Ea: 18, needsHeat: { from: 70, minutes: 1 }, gel: { k: 1200, c0: 0.25, power: 1.8, Tset: 48, Tmelt: 60, width: 3 }, group: 'gum', cv: 0.4, provenance: 'E', basis: 'none' },
  pectinLow: { cRef: 1, etaRef: 4, n1: 1.1, n2: 2.2, Ea: 15, crowdsStrands: true, group: 'gum', cv: 0.5, provenance: 'P/E', basis: 'as pectin' },
  methylcellulose: { cRef: 1, etaRef: 75, n1: 1.2, n2: 3, Ea: 20, group: 'gum', cv: 0.5, provenance: 'P/E', basis: 'a middling grade, 2 % about 4 Pa·s hardly sheared' },
  alginate: { cRef: 1, etaRef: 115, n1: 1.1, n2: 2.3, Ea: 18, group: 'gum', cv: 0.4, provenance: 'P/E', basis: 'a middling grade' },
} as const satisfies Record<GumId, GumRow>;

/** Width of the temperature at which a gum dissolves, K. @source assumed, E, CV 0.4 */
const DISSOLVES_WITHIN = 2;

/** Share of a dissolved thickener that heat has brought into solution, 0..1; 1 for what needs none. @param hold min at the hottest */
export function dissolvedShare({ needsHeat }: Pick<GumRow, 'needsHeat'>, maxTemperature: number, hold: number): number {
  if (!needsHeat) return 1;
  return logistic((maxTemperature - needsHeat.from) / DISSOLVES_WITHIN) * (1 - 0.1 ** ((hold + BROUGHT_UP) / needsHeat.minutes));
}
/** min near the hottest on the way up. @source assumed */
const BROUGHT_UP = 1;

/** Soluble protein and sugars thicken too, weakly; they enter the same sum. */
export const smallSolutes = {
  protein: { cRef: 10, etaRef: 1.9, n1: 1.5, n2: 3.5, Ea: 15, solvent: 'half-bound', group: 'protein', cv: 0.4, provenance: 'P/E', basis: 'A02' },
  sugars: { cRef: 25, etaRef: 0.37, n1: 1.1, n2: 2.2, Ea: 18, solvent: 'all', group: undefined, cv: 0.05, provenance: 'P', basis: 'A04' },
} as const satisfies Record<Exclude<SoluteId, GumId>, GumRow>;

export const solutes: Readonly<Record<SoluteId, GumRow>> = { ...gums, ...smallSolutes };

/** Rows of all dissolved thickeners, in the order of `soluteIds`. */
export const soluteRows: readonly GumRow[] = soluteIds.map((id) => solutes[id]);
