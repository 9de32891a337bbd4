import { uncooked, type Process, type Stage, type Storage } from '../../src/recipe/recipe.js';
import type { UmamiCompounds } from '../../src/predict/taste/taste.js';
import type { Anchor, AnchorFamily, AnchorQuantity, AnchorRecipe } from '../anchor.js';

/** `[ingredient, g]` with how it was prepared and when it goes in. */
export type PotLine = readonly [ingredient: string, g: number, preparation?: string, stage?: Stage];

/** What is done to an anchor's pot, in the words the tables use. */
export const ways = {
  raw: {},
  blended: { blenderPower: 1, blendSeconds: 90 },
  jug: { blenderPower: 0.6, blendSeconds: 60 },
  heated: { maxTemperatureC: 95, holdMin: 3 },
  /** Starch cooked for its pull: the temperature and time of the reference pull anchors. */
  pulled: { maxTemperatureC: 93, holdMin: 4 },
  boiledAndBlended: { maxTemperatureC: 98, holdMin: 15, blenderPower: 0.6, blendSeconds: 60 },
  sauce: { maxTemperatureC: 92, holdMin: 5, blenderPower: 0.6, blendSeconds: 60 },
  fast: { maxTemperatureC: 92, holdMin: 2, heatingRateCPerMin: 22 },
} as const satisfies Record<string, Partial<Process>>;

export interface AnchorRow {
  readonly id: string;
  readonly name: string;
  readonly quantity: AnchorQuantity;
  readonly reference: readonly [number, number];
  readonly lines?: readonly PotLine[];
  /** For a ratio: the pot it is compared with, treated the same. */
  readonly against?: readonly PotLine[];
  readonly way?: keyof typeof ways;
  readonly process?: Partial<Process>;
  /** °C, and how stored. */
  readonly at?: number;
  readonly storage?: Storage;
  readonly days?: number;
  readonly compounds?: UmamiCompounds;
  readonly provenance: Anchor['provenance'];
  readonly confidence: Anchor['confidence'];
  readonly basis: NonNullable<Anchor['basis']>;
}

export const units: Readonly<Record<AnchorQuantity, string>> = {
  viscosity: 'mPa·s',
  'viscosity-ratio': 'ratio',
  pull: 'cm',
  'yield-stress': 'Pa',
  firmness: 'kPa',
  pH: 'pH',
  'solid-fat': '%',
  umami: 'g MSG/100 g',
  salt: '%',
  sour: 'mEq/kg',
  sweet: '%',
  curdling: 'p',
  graininess: '0–10',
  weeping: '%',
  browning: '0–10',
  'water-lost': '%',
  energy: 'kJ/100 g',
  uptake: 'g/g',
  yield: 'g/g',
  'mass-left': '%',
  rate: 'g/min',
  left: '%',
  size: 'µm',
  given: '%',
  dried: 'g',
  minutes: 'min',
};

function recipeOf(row: AnchorRow, lines: readonly PotLine[]): AnchorRecipe {
  return {
    lines: lines.map(([ingredient, g, preparation, stage]) => ({
      ingredient,
      g,
      ...(preparation ? { preparation } : {}),
      ...(stage ? { stage } : {}),
    })),
    process: { ...uncooked, ...ways[row.way ?? 'raw'], ...row.process },
    serve: { temperatureC: row.at ?? 20, storage: row.storage ?? 'cool', days: row.days ?? 0 },
  };
}

/** Completes the rows of one family of anchors. */
export const anchorsOf = (family: AnchorFamily, rows: readonly AnchorRow[]): readonly Anchor[] =>
  rows.map((row) => {
    const { id, name, quantity, reference, compounds, provenance, confidence, basis } = row;
    return {
      id,
      name,
      quantity,
      reference,
      provenance,
      confidence,
      basis,
      family,
      unit: units[quantity],
      ...(row.lines ? { recipe: recipeOf(row, row.lines) } : {}),
      ...(row.against ? { against: recipeOf(row, row.against) } : {}),
      ...(compounds ? { compounds } : {}),
    };
  });
