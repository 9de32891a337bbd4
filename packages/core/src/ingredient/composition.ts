import type { FatType, GumId, StarchId, SugarKind } from './substance.js';

/** What 100 g of an ingredient hold, g per 100 g unless said otherwise; what is left out is absent from the tables used. */
export interface Composition {
  readonly water?: number;
  readonly fat?: number;
  readonly protein?: number;
  readonly sugars?: number;
  /** Dry starch by the plant it comes from. */
  readonly starch?: Readonly<Partial<Record<StarchId, number>>>;
  /** Starch that enzymes or cooking have cut short: dissolved, neither a granule nor sweet. */
  readonly dextrin?: number;
  /** Insoluble fibre and cell wall. */
  readonly fibre?: number;
  /** Dissolved carbohydrate that neither sweetens nor thickens and that people do not digest: fructans, oligosaccharides. */
  readonly oligo?: number;
  /** Dissolving polysaccharides. */
  readonly gums?: Readonly<Partial<Record<GumId, number>>>;
  /** Sodium chloride. */
  readonly salt?: number;
  readonly citric?: number;
  readonly acetic?: number;
  readonly lactic?: number;
  readonly malic?: number;
  readonly alcohol?: number;
  /** Free amino acids and nucleotides that taste savory. */
  readonly glutamate?: number;
  readonly aspartate?: number;
  readonly imp?: number;
  readonly gmp?: number;
  readonly amp?: number;
  /** mg per 100 g. */
  readonly calciumMg?: number;
}

/** Which kind of particle carries the insoluble protein and fibre. */
export type ParticleClass = 'nut' | 'legume' | 'vegetable' | 'flour' | 'curd' | 'yeast';

/** How an ingredient behaves in the pot, as far as its composition does not say. */
export interface Behaviour {
  readonly fatType: FatType;
  readonly sugarKind: SugarKind;
  /** Share of the protein that dissolves, 0..1. */
  readonly solubleProtein: number;
  /** Share of the starch that is cooked already, 0..1. */
  readonly pregelatinized: number;
  /** Share of the starch that stays enclosed in cells when cooked, 0..1. */
  readonly cellEnclosed: number;
  /** Share of the starch that its own enzymes turn into sugar on cooking, 0..1. */
  readonly amylaseLoss: number;
  readonly particles: ParticleClass;
  /** pH as it is. */
  readonly pH: number;
  /** Phosphate and phytate that buffer, mmol per 100 g. */
  readonly bufferMmol: number;
  /** Size of its pieces or particles when added, µm; 0 when it has none. */
  readonly particleSizeUm: number;
  /** 0 (butter-soft) to 1 (a dry almond). */
  readonly hardness: number;
  /** Factors on hardness after a soak of four hours or after boiling soft. */
  readonly soakSoftening: number;
  readonly boilSoftening: number;
  /** CIELAB of the neat ingredient, and how much it scatters and tints in a mixture. */
  readonly lab: readonly [number, number, number];
  readonly scattering: number;
  readonly tint: number;
  /** Index 0..10 as tasted neat. */
  readonly bitter: number;
  readonly pungent: number;
  /** Its bite stays when cooked (pepper, chilli); that of garlic, onion and mustard boils away. */
  readonly lastingBite: boolean;
  /** Emulsifying power of its protein, 0..1. */
  readonly emulsifying: number;
  /** g per g of what covers droplets without being protein: lecithin, the mucilage of mustard. Absent for none. */
  readonly surfactant?: number;
  /** Fat is the continuous phase (oils with solids in them, butter). */
  readonly oilContinuous: boolean;
  /** A stable oil-in-water emulsion that does not invert (mayonnaise). */
  readonly stableEmulsion: boolean;
  /** Share of the protein that sets when heated, 0..1. */
  readonly heatSetProtein: number;
  /** How readily its protein coagulates, 0..1, and where. */
  readonly coagulation: number;
  readonly isoelectricPh: number;
  /** g per g of tannins that bind protein: red wine, tea. Absent for none. */
  readonly tannin?: number;
  /** Soured before it was bought: what acid does in the cold it has done already. Absent for no. */
  readonly cultured?: boolean;
  /** Swelling of its fibre against the average of its kind: less when roasted or dried, whose walls have collapsed. */
  readonly cellWallSwelling: number;
  /** mL per g of insoluble protein where the particle class does not fit; absent otherwise. */
  readonly proteinVolume?: number;
}

export const plainBehaviour: Behaviour = {
  fatType: 'liquid',
  sugarKind: 'mixed',
  solubleProtein: 0,
  pregelatinized: 0,
  cellEnclosed: 0,
  amylaseLoss: 0,
  particles: 'nut',
  pH: 6.5,
  bufferMmol: 0,
  particleSizeUm: 0,
  hardness: 0,
  soakSoftening: 1,
  boilSoftening: 1,
  lab: [85, 0, 10],
  scattering: 0.3,
  tint: 1,
  bitter: 0,
  pungent: 0,
  lastingBite: false,
  emulsifying: 0,
  oilContinuous: false,
  stableEmulsion: false,
  heatSetProtein: 0,
  coagulation: 0,
  isoelectricPh: 4.6,
  cellWallSwelling: 1,
};

const total = (parts: Readonly<Partial<Record<string, number>>> | undefined): number =>
  Object.values(parts ?? {}).reduce<number>((sum, part) => sum + (part ?? 0), 0);

export const starchTotal = (c: Composition): number => total(c.starch);
/** Digestible carbohydrate, as labels count it: sugars, starch and what is left of starch that was cut short. */
export const carbohydrateOf = (c: Composition): number => (c.sugars ?? 0) + starchTotal(c) + (c.dextrin ?? 0);
export const gumTotal = (c: Composition): number => total(c.gums);

/** g per 100 g that the tables leave unnamed (ash, soluble fibre, flavour), so that everything sums to 100. */
export function unnamedRemainder(c: Composition): number {
  const named =
    (c.water ?? 0) +
    (c.fat ?? 0) +
    (c.protein ?? 0) +
    (c.sugars ?? 0) +
    starchTotal(c) +
    (c.dextrin ?? 0) +
    (c.fibre ?? 0) +
    (c.oligo ?? 0) +
    gumTotal(c) +
    (c.salt ?? 0) +
    (c.citric ?? 0) +
    (c.acetic ?? 0) +
    (c.lactic ?? 0) +
    (c.malic ?? 0) +
    (c.alcohol ?? 0) +
    (c.glutamate ?? 0) +
    (c.aspartate ?? 0) +
    (c.imp ?? 0) +
    (c.gmp ?? 0) +
    (c.amp ?? 0);
  return 100 - named;
}
