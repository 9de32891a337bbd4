import { gumTotal, starchTotal, unnamedRemainder } from '../../ingredient/composition.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { acids } from '../acidity/acid.params.js';
import { type BufferAmounts, strongIonDifference } from '../acidity/charge-balance.js';
import { absorptionRatio, type Reflectance } from '../colour/pigment.js';
import { fatTypes, soluteIds, starchIds } from '../../ingredient/substance.js';
import { sugarSweetness } from '../taste/sugar.params.js';
import { sugarThickening } from '../thickener/solvent.params.js';
import { fibreVolume, proteinVolume } from '../particle/suspension.params.js';

/** What simply adds up over the lines: g per g of ingredient, mg for calcium, a hundredth of the index for what is an index. */
export const additiveNames = [
  'water',
  'fat',
  'protein',
  'sugars',
  'sweetness',
  'sugarThickening',
  'fibre',
  'salt',
  'alcohol',
  'gums',
  'unnamed',
  'starchTotal',
  'guessed',
  'calciumMg',
  'oligo',
  'dextrin',
  'glutamate',
  'aspartate',
  'imp',
  'gmp',
  'amp',
  'bitter',
  'coagulatingProtein',
  'coagulatingAtIsoelectric',
  'emulsifyingProtein',
  'emulsifiedFat',
  'stableEmulsionFat',
  'spreadFat',
  'surfactant',
  'culturedProtein',
  'tannin',
  'bakedProtein',
] as const;
export type AdditiveName = (typeof additiveNames)[number];
type Additives = Readonly<Record<AdditiveName, number>>;
export const additivePlace = Object.fromEntries(additiveNames.map((name, k) => [name, k])) as Additives;

/** An ingredient per gram, in the order of the parameter tables; made once per ingredient. */
export interface CompiledIngredient {
  readonly ingredient: Ingredient;
  readonly water: number;
  readonly fat: number;
  readonly protein: number;
  readonly insolubleProtein: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly salt: number;
  readonly alcohol: number;
  readonly gums: number;
  readonly unnamed: number;
  readonly starch: Float64Array;
  readonly starchTotal: number;
  readonly solutes: Float64Array;
  readonly fatTypeIndex: number;
  readonly buffers: BufferAmounts;
  /** mmol per g. */
  readonly strongIons: number;
  /** Hydrated mL per g of ingredient. */
  readonly particleVolume: number;
  readonly absorption: Reflectance;
  /** In the order of `additiveNames`. */
  readonly additives: Float64Array;
}

/** g of water per g above which what has fat outside is an emulsion of water in it, not a paste. @source assumed: butter against nut butter */
const LEAST_SPREAD_WATER = 0.05;

/** Particles that baking knits together. */
const bakes = ({ behaviour: { particles } }: Ingredient): boolean =>
  particles === 'nut' || particles === 'curd';

/** The additive figures of an ingredient whose other figures are known. */
function additivesOf(ingredient: Ingredient, c: Omit<CompiledIngredient, 'additives'>): Float64Array {
  const { per100, behaviour: b } = ingredient;
  const per = (value: number | undefined) => (value ?? 0) / 100;
  const additives: Additives = {
    water: c.water,
    fat: c.fat,
    protein: c.protein,
    sugars: c.sugars,
    sweetness: c.sugars * sugarSweetness[b.sugarKind],
    sugarThickening: c.sugars * sugarThickening[b.sugarKind],
    fibre: c.fibre,
    salt: c.salt,
    alcohol: c.alcohol,
    gums: c.gums,
    unnamed: c.unnamed,
    starchTotal: c.starchTotal,
    guessed: ingredient.guessed ? 1 : 0,
    calciumMg: per(per100.calciumMg),
    oligo: per(per100.oligo),
    dextrin: per(per100.dextrin),
    glutamate: per(per100.glutamate),
    aspartate: per(per100.aspartate),
    imp: per(per100.imp),
    gmp: per(per100.gmp),
    amp: per(per100.amp),
    bitter: per(b.bitter),
    coagulatingProtein: b.coagulation * c.protein,
    coagulatingAtIsoelectric: b.coagulation * c.protein * b.isoelectricPh,
    emulsifyingProtein: b.emulsifying * c.protein,
    emulsifiedFat: b.emulsifying * c.fat,
    stableEmulsionFat: b.stableEmulsion ? c.fat : 0,
    spreadFat: b.oilContinuous && c.water > LEAST_SPREAD_WATER ? c.fat : 0,
    surfactant: b.surfactant ?? 0,
    tannin: b.tannin ?? 0,
    culturedProtein: b.cultured ? b.coagulation * c.protein : 0,
    bakedProtein: bakes(ingredient) ? c.insolubleProtein : 0,
  };
  return Float64Array.from(additiveNames, (name) => additives[name]);
}

/** Water in which a dry ingredient's native pH is defined, mL per g; @source assumed, slurry for pH measurement. */
const LEAST_PH_WATER = 0.02;

function compile(ingredient: Ingredient): CompiledIngredient {
  const { per100: c, behaviour: b } = ingredient;
  const protein = (c.protein ?? 0) / 100,
    salt = (c.salt ?? 0) / 100,
    sugars = (c.sugars ?? 0) / 100,
    fibre = (c.fibre ?? 0) / 100;
  const solutes = Float64Array.from(soluteIds, (id) => {
    if (id === 'protein') return protein * b.solubleProtein;
    return (c.gums?.[id] ?? 0) / 100;
  });
  const mmol = (gPer100: number | undefined, molarMass: number) =>
    (((gPer100 ?? 0) / 100) * 1000) / molarMass;
  const buffers: BufferAmounts = {
    citric: mmol(c.citric, acids.citric.molarMass),
    malic: mmol(c.malic, acids.malic.molarMass),
    acetic: mmol(c.acetic, acids.acetic.molarMass),
    lactic: mmol(c.lactic, acids.lactic.molarMass),
    phosphate: b.bufferMmol / 100,
    protein,
  };
  const water = (c.water ?? 0) / 100;
  const insolubleProtein = protein * (1 - b.solubleProtein);
  const swelling = b.cellWallSwelling;
  const figures = {
    ingredient,
    water,
    protein,
    insolubleProtein,
    sugars,
    fibre,
    salt,
    solutes,
    buffers,
    fat: (c.fat ?? 0) / 100,
    alcohol: (c.alcohol ?? 0) / 100,
    gums: gumTotal(c) / 100,
    unnamed: unnamedRemainder(c) / 100,
    starch: Float64Array.from(starchIds, (id) => (c.starch?.[id] ?? 0) / 100),
    starchTotal: starchTotal(c) / 100,
    fatTypeIndex: fatTypes.indexOf(b.fatType),
    strongIons: strongIonDifference(b.pH, buffers, Math.max(water, LEAST_PH_WATER)),
    particleVolume:
      insolubleProtein * (b.proteinVolume ?? proteinVolume[b.particles]) +
      fibre * fibreVolume[b.particles] * swelling,
    absorption: absorptionRatio(b.lab),
  };
  return { ...figures, additives: additivesOf(ingredient, figures) };
}

const compiled = new WeakMap<Ingredient, CompiledIngredient>();

/** The per-gram form of an ingredient; remembered, since an ingredient never changes. */
export function compiledIngredient(ingredient: Ingredient): CompiledIngredient {
  let entry = compiled.get(ingredient);
  if (!entry) compiled.set(ingredient, (entry = compile(ingredient)));
  return entry;
}
