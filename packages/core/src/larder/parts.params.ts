import type { AllergenId } from '../allergen/allergen.js';

/** A usual part of a bought or compound ingredient. */
export interface PartRow {
  readonly name: string;
  readonly holds: readonly AllergenId[];
  /** In nearly every make, or only in some: then it is a question. */
  readonly sure: boolean;
}

/** What compound ingredients are usually made of. @source usual recipes of generic types, S-16 */
export const partsOfIngredient: Readonly<Record<string, readonly PartRow[]>> = {
  'chickpea-dip': [{ name: 'chickpeas', holds: ['chickpea'], sure: true }, { name: 'sesame paste', holds: ['sesame'], sure: true }, { name: 'lemon juice', holds: ['citrus'], sure: true }, { name: 'garlic', holds: ['allium'], sure: true }, { name: 'oil', holds: ['added-oil'], sure: true }, { name: 'preservative', holds: ['sulphite'], sure: false }],
  'mayonnaise-egg': [{ name: 'oil', holds: ['added-oil'], sure: true }, { name: 'egg yolk', holds: ['egg'], sure: true }, { name: 'vinegar', holds: [], sure: true }, { name: 'mustard', holds: ['mustard'], sure: false }],
  'mayonnaise-egg-free': [{ name: 'oil', holds: ['added-oil'], sure: true }, { name: 'plant protein', holds: ['soya', 'pea'], sure: false }, { name: 'mustard', holds: ['mustard'], sure: false }],
  'soy-sauce': [{ name: 'soya beans', holds: ['soya'], sure: true }, { name: 'wheat', holds: ['wheat'], sure: true }],
  'soy-sauce-reduced-salt': [{ name: 'soya beans', holds: ['soya'], sure: true }, { name: 'wheat', holds: ['wheat'], sure: true }],
  tamari: [{ name: 'soya beans', holds: ['soya'], sure: true }, { name: 'wheat in some makes', holds: ['wheat'], sure: false }],
  'rice-miso': [{ name: 'soya beans', holds: ['soya'], sure: true }, { name: 'rice culture', holds: ['rice'], sure: true }, { name: 'barley in some makes', holds: ['barley'], sure: false }],
  'barley-miso': [{ name: 'soya beans', holds: ['soya'], sure: true }, { name: 'barley culture', holds: ['barley'], sure: true }],
  'chickpea-miso': [{ name: 'chickpeas', holds: ['chickpea'], sure: true }, { name: 'rice culture', holds: ['rice'], sure: true }, { name: 'starter', holds: ['soya', 'barley'], sure: false }],
  'vegetable-stock': [{ name: 'celery', holds: ['celery'], sure: true }, { name: 'onion', holds: ['allium'], sure: true }, { name: 'yeast extract', holds: ['barley'], sure: false }],
  'stock-powder': [{ name: 'celery', holds: ['celery'], sure: true }, { name: 'onion', holds: ['allium'], sure: true }, { name: 'hydrolysed protein', holds: ['soya', 'wheat'], sure: false }, { name: 'lactose as a carrier', holds: ['milk'], sure: false }],
  'yeast-extract': [{ name: 'yeast grown on barley', holds: ['yeast', 'barley'], sure: true }, { name: 'vegetable extract', holds: ['celery'], sure: false }],
  mustard: [{ name: 'mustard seed', holds: ['mustard'], sure: true }, { name: 'vinegar', holds: ['sulphite'], sure: false }],
  'mustard-coarse': [{ name: 'mustard seed', holds: ['mustard'], sure: true }, { name: 'wine or vinegar', holds: ['sulphite'], sure: false }],
  'plant-butter-block': [{ name: 'plant fats', holds: ['added-oil'], sure: true }, { name: 'lecithin', holds: ['soya'], sure: false }, { name: 'whey or buttermilk in some makes', holds: ['milk'], sure: false }],
  'plant-butter-tub': [{ name: 'plant fats', holds: ['added-oil'], sure: true }, { name: 'lecithin', holds: ['soya', 'sunflower'], sure: false }, { name: 'buttermilk in some makes', holds: ['milk'], sure: false }],
  'plant-shreds': [{ name: 'coconut fat', holds: ['coconut', 'added-oil'], sure: true }, { name: 'starch', holds: ['potato'], sure: false }, { name: 'plant protein', holds: ['soya', 'pea'], sure: false }],
  'plant-shreds-tapioca': [{ name: 'coconut fat', holds: ['coconut', 'added-oil'], sure: true }, { name: 'plant protein', holds: ['pea', 'soya'], sure: false }],
  'plant-cream-cheese': [{ name: 'almonds', holds: ['almond'], sure: true }, { name: 'coconut fat', holds: ['coconut', 'added-oil'], sure: true }],
  'breadcrumbs-wheat': [{ name: 'wheat flour', holds: ['wheat'], sure: true }, { name: 'yeast', holds: ['yeast'], sure: true }, { name: 'milk or malt in some makes', holds: ['milk', 'barley'], sure: false }],
  'white-wine': [{ name: 'sulphites', holds: ['sulphite'], sure: true }, { name: 'fining with milk, egg or fish', holds: ['milk', 'egg', 'fish'], sure: false }],
};

/** The part of an ingredient that holds an allergen, where it is known. */
export const partHolding = (ingredient: string, allergen: AllergenId): PartRow | undefined =>
  partsOfIngredient[ingredient]?.find(({ holds }) => holds.includes(allergen));
