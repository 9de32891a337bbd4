import { type GumId, type SoluteId, soluteIds } from '../../ingredient/substance.js';
import { eitherOf } from '../../numeric/either-of.js';
import { parameter, type Provenance, valuesOf } from '../../numeric/parameter.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { OffsetName } from '../uncertainty/kitchen-offsets.params.js';

/**
 * A gel: yield stress k·(c − c0)^power, Pa, c in g per 100 g of the water it is in.
 * It sets below Tset on cooling and melts above Tmelt on reheating, °C, within `width` K.
 */
export interface GelRow {
  readonly k: number;
  readonly c0: number;
  readonly power: number;
  readonly Tset: number;
  readonly Tmelt: number;
  readonly width: number;
  /** Sets when hotter than Tset and melts when cooler than Tmelt, the other way about. */
  readonly setsHot?: true;
  /** What must be in the water with it. */
  readonly needs?: 'calcium' | 'sugar and acid';
}

/** A dissolved thickener: gums and soluble protein. Units as for starches. */
export interface GumRow {
  readonly cRef: number;
  readonly etaRef: number;
  readonly n1: number;
  readonly n2: number;
  readonly Ea: number;
  readonly gel?: GelRow;
  /** Does nothing below this, °C; min in which nine tenths are dissolved there; the share that dissolves cold. */
  readonly needsHeat?: { readonly from: number; readonly minutes: number; readonly cold?: number };
  /** Whose water it dissolves in: what swollen particles leave free (absent), or half of what they hold as well. */
  readonly solvent?: 'half-bound';
  /** Keeps to itself beside heat-set protein and so concentrates it. */
  readonly concentratesProtein?: true;
  /** Binds particles in the oven. */
  readonly bindsBaked?: true;
  /** Its gel breaks when ice grows in it. */
  readonly brittle?: true;
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
  guar: { cRef: 0.5, etaRef: 95, n1: 1.35, n2: 3, Ea: 16, group: 'gum', cv: 0.25, provenance: 'P', basis: 'A25' },
  locustBean: { cRef: 0.5, etaRef: 75, n1: 1.2, n2: 3.1, Ea: 16, needsHeat: { from: 78, minutes: 2, cold: 0.15 }, group: 'gum', cv: 0.3, provenance: 'P/E', basis: 'none' },
  konjac: { cRef: 0.5, etaRef: 400, n1: 1.2, n2: 2.6, Ea: 18, gel: { k: 20, c0: 1, power: 2, Tset: 70, Tmelt: 85, width: 12 }, concentratesProtein: true, strands: 2, group: 'gum', cv: 0.3, provenance: 'P/E', basis: 'none' },
  psyllium: { cRef: 1, etaRef: 110, n1: 1.2, n2: 2.3, Ea: 10, gel: { k: 18, c0: 0.7, power: 1.9, Tset: 75, Tmelt: 85, width: 14 }, concentratesProtein: true, strands: 0.8, group: 'gum', cv: 0.35, provenance: 'P/E', basis: 'A26' },
  mucilage: { cRef: 1, etaRef: 42, n1: 1.1, n2: 2, Ea: 12, bindsBaked: true, group: 'gum', cv: 0.45, provenance: 'P/E', basis: 'A27' },
  pectin: { cRef: 1, etaRef: 4, n1: 1.1, n2: 2.2, Ea: 15, gel: { k: 900, c0: 0.15, power: 1.9, Tset: 82, Tmelt: 105, width: 4, needs: 'sugar and acid' }, crowdsStrands: true, group: 'gum', cv: 0.5, provenance: 'P/E', basis: 'A32–A34' },
  betaGlucan: { cRef: 1, etaRef: 60, n1: 1.1, n2: 2.8, Ea: 15, group: 'gum', cv: 0.4, provenance: 'P', basis: 'none' },
  agar: { cRef: 1, etaRef: 8, n1: 1.1, n2: 2.2, Ea: 15, needsHeat: { from: 86, minutes: 1.2 }, gel: { k: 22000, c0: 0.15, power: 1.8, Tset: 37, Tmelt: 84, width: 1.5 }, brittle: true, group: 'gum', cv: 0.3, provenance: 'P', basis: 'A28' },
  kappaCarrageenan: { cRef: 1, etaRef: 20, n1: 1.1, n2: 2.5, Ea: 18, needsHeat: { from: 70, minutes: 1 }, gel: { k: 14000, c0: 0.2, power: 1.8, Tset: 52, Tmelt: 68, width: 1.5 }, brittle: true, group: 'gum', cv: 0.35, provenance: 'P', basis: 'A29' },
  gellan: { cRef: 0.1, etaRef: 12, n1: 1, n2: 2, Ea: 8, needsHeat: { from: 82, minutes: 1 }, gel: { k: 45000, c0: 0.06, power: 1.8, Tset: 40, Tmelt: 88, width: 1.5 }, brittle: true, group: 'gum', cv: 0.4, provenance: 'E', basis: 'none' },
  iotaCarrageenan: { cRef: 1, etaRef: 40, n1: 1.1, n2: 2.4, Ea: 18, needsHeat: { from: 70, minutes: 1 }, gel: { k: 1200, c0: 0.25, power: 1.8, Tset: 48, Tmelt: 60, width: 1.5 }, group: 'gum', cv: 0.4, provenance: 'E', basis: 'none' },
  pectinLow: { cRef: 1, etaRef: 4, n1: 1.1, n2: 2.2, Ea: 15, gel: { k: 900, c0: 0.15, power: 1.8, Tset: 62, Tmelt: 75, width: 4, needs: 'calcium' }, crowdsStrands: true, group: 'gum', cv: 0.5, provenance: 'P/E', basis: 'as pectin' },
  methylcellulose: { cRef: 1, etaRef: 75, n1: 1.2, n2: 3, Ea: 20, gel: { k: 250, c0: 0.2, power: 2.2, Tset: 55, Tmelt: 42, width: 2, setsHot: true }, group: 'gum', cv: 0.5, provenance: 'P/E', basis: 'a middling grade, 2 % about 4 Pa·s hardly sheared' },
  alginate: { cRef: 1, etaRef: 115, n1: 1.1, n2: 2.3, Ea: 18, gel: { k: 4000, c0: 0.1, power: 1.6, Tset: 130, Tmelt: 130, width: 5, needs: 'calcium' }, group: 'gum', cv: 0.4, provenance: 'P/E', basis: 'a middling grade' },
} as const satisfies Record<GumId, GumRow>;

/** Two gums that do more together than alone, as far as both are there: c is twice their product over their sum. */
export interface GumPair {
  readonly of: readonly [GumId, GumId];
  /** A gel that neither makes alone, or makes weaker. */
  readonly gel?: GelRow;
  /** Share by which equal parts act as more of either. */
  readonly thickens?: number;
  readonly cv: number;
  readonly provenance: Provenance;
  readonly basis: string;
}

/** @source S-03 (synergies of food hydrocolloids), as recalled */
export const gumPairs: readonly GumPair[] = [
  { of: ['xanthan', 'locustBean'], gel: { k: 1150, c0: 0.02, power: 1.9, Tset: 55, Tmelt: 58, width: 2.5 }, cv: 0.5, provenance: 'P/E', basis: 'G26, G28' },
  { of: ['xanthan', 'konjac'], gel: { k: 2500, c0: 0.02, power: 1.9, Tset: 58, Tmelt: 62, width: 2.5 }, cv: 0.5, provenance: 'P/E', basis: 'G27' },
  { of: ['kappaCarrageenan', 'locustBean'], gel: { k: 9000, c0: 0.08, power: 1.8, Tset: 54, Tmelt: 70, width: 1.5 }, cv: 0.5, provenance: 'P/E', basis: 'G30' },
  { of: ['kappaCarrageenan', 'konjac'], gel: { k: 11000, c0: 0.08, power: 1.8, Tset: 54, Tmelt: 70, width: 1.5 }, cv: 0.5, provenance: 'P/E', basis: 'as with locust bean, somewhat stronger' },
  { of: ['xanthan', 'guar'], thickens: 0.25, cv: 0.4, provenance: 'P', basis: 'G29' },
];

/** What a gel needs in its water. @source S-03 (pectins and alginate), as recalled */
export const gelNeedsParameters = {
  calciumFree: parameter(0.3, 'share', 0.4, 'E', 'calcium of a neutral drink that is dissolved, not carbonate or phosphate'),
  calciumAcid: parameter(5.6, 'pH', 0.05, 'P/E', 'acid dissolves the rest'),
  calciumAcidWidth: parameter(0.35, 'pH', 0.3, 'E', 'as above'),
  calciumPerGum: parameter(35, 'mg per g of gum', 0.4, 'P/E', 'most of a gel stands at a third of what could be bound'),
  sugarFrom: parameter(57, '% of water and sugars', 0.03, 'P', 'high methoxyl pectin sets from 55 to 60 %'),
  sugarWidth: parameter(2, '%', 0.3, 'E', 'as above'),
  acidBelow: parameter(3.45, 'pH', 0.02, 'P', 'high methoxyl pectin sets below 3.5'),
  acidWidth: parameter(0.12, 'pH', 0.3, 'E', 'as above'),
} as const;
export const gelNeeds = valuesOf(gelNeedsParameters);

/** Width of the temperature at which a gum dissolves, K. @source assumed, E, CV 0.4 */
const DISSOLVES_WITHIN = 2;

/** Share of a dissolved thickener that heat has brought into solution, 0..1; 1 for what needs none. @param hold min at the hottest */
export function dissolvedShare({ needsHeat }: Pick<GumRow, 'needsHeat'>, maxTemperature: number, hold: number): number {
  if (!needsHeat) return 1;
  const hot = logistic((maxTemperature - needsHeat.from) / DISSOLVES_WITHIN) * (1 - 0.1 ** ((hold + BROUGHT_UP) / needsHeat.minutes));
  return eitherOf(needsHeat.cold ?? 0, hot);
}
/** min near the hottest on the way up. @source assumed */
const BROUGHT_UP = 1;

/** Soluble protein thickens too, weakly; it enters the same sum. */
export const smallSolutes = {
  protein: { cRef: 10, etaRef: 2.05, n1: 1.5, n2: 3.5, Ea: 15, solvent: 'half-bound', group: 'protein', cv: 0.4, provenance: 'P/E', basis: 'A02' },
} as const satisfies Record<Exclude<SoluteId, GumId>, GumRow>;

export const solutes: Readonly<Record<SoluteId, GumRow>> = { ...gums, ...smallSolutes };

/** Rows of all dissolved thickeners, in the order of `soluteIds`. */
export const soluteRows: readonly GumRow[] = soluteIds.map((id) => solutes[id]);
