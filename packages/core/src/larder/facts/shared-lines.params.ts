import type { Shelf } from '../../ingredient/ingredient.js';
import type { AllergenId } from '../../allergen/allergen.js';

/**
 * What is often made or packed on the same lines, by shelf: matters only where traces do. The label may know better.
 * @source precautionary statements seen on packs of each kind, S-16
 */
const byShelf: Readonly<Partial<Record<Shelf, readonly AllergenId[]>>> = {
  nuts: ['tree-nut', 'peanut', 'sesame', 'soya', 'milk'],
  seeds: ['tree-nut', 'peanut', 'sesame', 'mustard', 'soya', 'gluten'],
  pulses: ['gluten', 'mustard', 'soya', 'sesame'],
  grains: ['gluten', 'soya', 'mustard', 'lupin', 'sesame', 'tree-nut'],
  starches: ['gluten', 'soya', 'sulphite'],
  'plant milks': ['milk', 'tree-nut', 'soya', 'oat'],
  creams: ['milk', 'tree-nut', 'soya', 'oat'],
  'herbs and spices': ['mustard', 'celery', 'sesame', 'gluten', 'peanut', 'tree-nut', 'soya', 'sulphite'],
  savory: ['celery', 'mustard', 'gluten', 'soya', 'sesame'],
  bought: ['milk', 'soya', 'tree-nut', 'gluten', 'mustard', 'egg', 'sesame', 'celery'],
  gums: ['gluten', 'soya', 'milk', 'egg'],
  soya: ['gluten', 'sesame', 'tree-nut', 'milk'],
};

const stockMakers: readonly AllergenId[] = ['celery', 'mustard', 'gluten', 'soya', 'milk', 'egg', 'lupin'];
const nutAndSeedPressers: readonly AllergenId[] = ['tree-nut', 'peanut', 'sesame', 'soya'];
/** What comes as it grew, or is made in the kitchen, meets no packing line that matters. */
const noLine: readonly AllergenId[] = [];

/** Where one thing differs from its shelf. @source as above */
const byRow: Readonly<Record<string, readonly AllergenId[]>> = {
  'coconut-milk': ['milk', 'tree-nut'], 'coconut-cream': ['milk', 'tree-nut'], garlic: noLine, 'garlic-roasted': noLine, 'chickpea-water': noLine, 'chickpea-boiled': noLine, 'white-bean-boiled': noLine, 'butter-bean-boiled': noLine,
  'green-lentil-boiled': noLine, 'red-lentil-boiled': noLine, 'kidney-bean-boiled': noLine, 'soya-bean-boiled': noLine, 'mung-sediment': noLine, 'green-pea': noLine, 'rice-cooked': noLine,
  'parsley-fresh': noLine, 'chives-fresh': noLine, 'basil-fresh': noLine, 'dill-fresh': noLine, water: noLine, 'tomato-paste': noLine,
  'stock-powder': stockMakers, 'stock-powder-without-celery': stockMakers, 'vegetable-stock': stockMakers, 'vegetable-stock-without-celery': stockMakers,
  capers: ['mustard', 'celery'], olives: ['mustard', 'celery', 'tree-nut'], msg: ['gluten', 'soya'],
  'walnut-oil': nutAndSeedPressers, 'almond-oil': nutAndSeedPressers, 'sesame-oil': nutAndSeedPressers, 'peanut-oil': nutAndSeedPressers, 'flax-oil': nutAndSeedPressers,
  'cocoa-butter': ['milk', 'soya', 'tree-nut', 'gluten'], 'plant-butter-block': ['milk', 'soya', 'tree-nut'], 'plant-butter-tub': ['milk', 'soya', 'tree-nut'],
  agar: ['crustacean', 'mollusc', 'fish', 'soya'], 'agar-flakes': ['crustacean', 'mollusc', 'fish', 'soya'], 'kappa-carrageenan': ['crustacean', 'mollusc', 'fish', 'milk'],
  'white-wine': ['milk', 'egg', 'fish'], 'wine-vinegar': ['milk', 'egg', 'fish'],
};

/** What shares its lines. */
export const sharedLinesOf = ({ id, shelf, kinds }: { readonly id: string; readonly shelf: Shelf; readonly kinds?: readonly string[] }): readonly AllergenId[] =>
  byRow[id] ?? byRow[kinds?.[0] ?? ''] ?? byShelf[shelf] ?? noLine;
