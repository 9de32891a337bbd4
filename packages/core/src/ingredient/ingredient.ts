import type { AllergenId } from '../allergen/allergen.js';
import type { Measures } from '../quantity/measures.js';
import type { Behaviour, Composition } from './composition.js';
import type { Handling } from './handling.js';

/** What a line does in the pot; the Bench groups lines by it, in this order. */
export const roles = ['body', 'liquid', 'thickener', 'fat', 'sour', 'savory', 'seasoning'] as const;
export type Role = (typeof roles)[number];

export const roleNames: Readonly<Record<Role, string>> = {
  body: 'Body',
  liquid: 'Liquid',
  thickener: 'Thickener',
  fat: 'Fat',
  sour: 'Sour',
  savory: 'Savory',
  seasoning: 'Season',
};

/** Where it stands in the larder. */
export const shelves = [
  'nuts',
  'seeds',
  'pulses',
  'soya',
  'vegetables',
  'grains',
  'plant milks',
  'creams',
  'starches',
  'gums',
  'fats and oils',
  'acids and brines',
  'savory',
  'herbs and spices',
  'salts and sweeteners',
  'bought',
  'own sauces',
  'meat and eggs',
  'dairy to compare',
] as const;
export type Shelf = (typeof shelves)[number];

/** Per 100 g; price in coins and climate in kg CO2e per kg. Absent is not zero. */
export interface Facts {
  readonly kcal?: number | undefined;
  readonly saturatedFat?: number | undefined;
  readonly calciumMg?: number | undefined;
  readonly pricePerKg?: number | undefined;
  readonly climate?: readonly [low: number, high: number] | undefined;
}

/** An ingredient of the larder, by the table or by the cook's own label. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  /** Other words a cook may look for. */
  readonly otherNames: readonly string[];
  readonly shelf: Shelf;
  readonly role: Role;
  readonly per100: Composition;
  readonly behaviour: Behaviour;
  /** What a kitchen does to it before the pot; absent where nothing is known. */
  readonly handling?: Handling;
  readonly measures: Measures;
  /** What it holds by its nature. */
  readonly contains: readonly AllergenId[];
  /** What it often holds, by recipe or by shared lines: read the label. */
  readonly askFor: readonly AllergenId[];
  /** What the pot does not need to know: energy as stated, saturates, calcium, price, climate; absent where unknown. */
  readonly facts: Facts;
  /** Entry of docs/sources.md that the composition class comes from. */
  readonly source: string;
  /** Parts that no label or table gave, taken from the nearest kind; they widen every band. Absent for the larder's own rows. */
  readonly guessed?: readonly string[];
  /** The larder's kind that an own ingredient was likened to. */
  readonly like?: string;
  /** The cook said so; otherwise it was found by the numbers of its label, which say nothing of how it bites or what else is in it. */
  readonly likened?: boolean;
  /** Ids of the kinds it comes in, of which the cook has not said one: what only some of them hold is asked about. */
  readonly kinds?: readonly string[];
}

/** Whether its kind was only found by the numbers of its label: how it bites and what else is in it is then not known. */
export const isLikenedByNumbers = ({ guessed, likened }: Pick<Ingredient, 'guessed' | 'likened'>): boolean =>
  guessed !== undefined && !likened;
