import type { UnitId } from '../../quantity/unit.js';

/** How a spoken unit reaches grams. */
export interface SpokenUnitRow {
  readonly id: string;
  /** Everything that is read as it, lower case, singular and plural. */
  readonly read: readonly string[];
  /** The unit of formulas that it is; where there is none, g or mL of one. */
  readonly unit?: UnitId;
  readonly ml?: number;
  readonly g?: number;
  /** g of one where the thing is known: larder id, or a word of its name. */
  readonly of?: Readonly<Record<string, number>>;
  /** How far one may lie from another, as a factor. */
  readonly spread: number;
  /** The measure of a kitchen that it is, where whose kitchen is known. */
  readonly kitchen?: 'pint' | 'quart' | 'gallon';
  /** Pieces of the thing itself: what the larder says one weighs comes first. */
  readonly piece?: true;
}

/**
 * Units as they are spoken. @source kitchen physics 10, S-08, S-15: exact ones by definition; spoons and cups of a kitchen ±5 %; handfuls, bunches and the like E,
 * spread as a factor of about 1.4
 */
export const spokenUnits: readonly SpokenUnitRow[] = [
  { id: 'g', read: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes', 'gms', 'gm'], unit: 'g', spread: 1 },
  { id: 'kg', read: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'], unit: 'kg', spread: 1 },
  { id: 'mg', read: ['mg', 'milligram', 'milligrams'], unit: 'mg', spread: 1 },
  { id: 'oz', read: ['oz', 'ozs', 'ounce', 'ounces'], unit: 'oz', spread: 1 },
  { id: 'lb', read: ['lb', 'lbs', 'pound', 'pounds'], unit: 'lb', spread: 1 },
  { id: 'ml', read: ['ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc'], unit: 'ml', spread: 1 },
  { id: 'cl', read: ['cl', 'centilitre', 'centilitres'], unit: 'cl', spread: 1 },
  { id: 'dl', read: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'], unit: 'dl', spread: 1 },
  { id: 'l', read: ['l', 'ltr', 'litre', 'litres', 'liter', 'liters'], unit: 'l', spread: 1 },
  { id: 'tsp', read: ['tsp', 'tsps', 'tsp.', 'teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls', 'ts', 't'], unit: 'tsp', spread: 1.05 },
  { id: 'tbsp', read: ['tbsp', 'tbsps', 'tbsp.', 'tablespoon', 'tablespoons', 'tablespoonful', 'tablespoonfuls', 'tbs', 'tblsp', 'tbl', 'tb'], unit: 'tbsp', spread: 1.05 },
  { id: 'dessertspoon', read: ['dessertspoon', 'dessertspoons', 'dsp', 'dstsp', 'dessert spoon', 'dessert spoons'], ml: 10, spread: 1.1 },
  { id: 'cup', read: ['cup', 'cups', 'c'], unit: 'cup', spread: 1.05 },
  { id: 'floz', read: ['fl oz', 'fl. oz', 'fl. oz.', 'floz', 'fluid ounce', 'fluid ounces'], unit: 'floz', spread: 1.05 },
  { id: 'pint', read: ['pint', 'pints', 'pt', 'pts'], ml: 500, spread: 1.13, kitchen: 'pint' },
  { id: 'quart', read: ['quart', 'quarts', 'qt', 'qts'], ml: 950, spread: 1.1, kitchen: 'quart' },
  { id: 'gallon', read: ['gallon', 'gallons', 'gal'], ml: 3785, spread: 1.1, kitchen: 'gallon' },
  { id: 'mug', read: ['mug', 'mugs', 'mugful', 'mugfuls'], ml: 300, spread: 1.2 },
  { id: 'glass', read: ['glass', 'glasses', 'glassful'], ml: 175, spread: 1.3 },
  { id: 'shot', read: ['shot', 'shots', 'capful', 'capfuls'], ml: 25, spread: 1.4 },
  { id: 'pinch', read: ['pinch', 'pinches'], unit: 'pinch', spread: 1.6 },
  { id: 'dash', read: ['dash', 'dashes'], unit: 'dash', spread: 1.6 },
  { id: 'smidgen', read: ['smidgen', 'smidge', 'hint', 'touch'], ml: 0.3, spread: 2 },
  { id: 'drop', read: ['drop', 'drops'], ml: 0.05, spread: 1.3 },
  { id: 'squeeze', read: ['squeeze', 'squeezes', 'good squeeze'], ml: 6, spread: 1.7 },
  { id: 'splash', read: ['splash', 'splashes', 'slosh', 'glug', 'glugs'], ml: 12, of: { glug: 20 }, spread: 1.8 },
  { id: 'drizzle', read: ['drizzle', 'drizzles'], ml: 8, spread: 1.8 },
  { id: 'grind', read: ['grind', 'grinds', 'twist', 'twists', 'grinding', 'crack', 'cracks', 'grating', 'gratings', 'scraping', 'scrape'], g: 0.08, spread: 1.7 },
  { id: 'sprinkle', read: ['sprinkle', 'sprinkling', 'sprinkles', 'dusting', 'scattering', 'scatter'], g: 1.5, of: { 'herbs and spices': 0.5, salt: 0.5 }, spread: 2 },
  { id: 'knob', read: ['knob', 'knobs'], g: 15, spread: 1.5 },
  { id: 'thumb', read: ['thumb', 'thumbs', 'thumb-sized piece', 'thumb-size piece', 'inch piece', 'inch'], g: 12, spread: 1.6 },
  { id: 'dollop', read: ['dollop', 'dollops', 'blob'], g: 25, spread: 1.6 },
  { id: 'spoonful', read: ['spoonful', 'spoonfuls', 'spoon', 'spoons', 'heaped spoon'], ml: 12, spread: 1.5 },
  { id: 'scoop', read: ['scoop', 'scoops', 'ladle', 'ladles', 'ladleful', 'ladlefuls'], ml: 100, spread: 1.5 },
  { id: 'handful', read: ['handful', 'handfuls', 'fistful', 'small handful', 'large handful'], g: 30, of: { parsley: 12, basil: 12, dill: 10, chives: 10, mint: 12, coriander: 12, spinach: 25, kale: 25, rocket: 20, 'herbs and spices': 10, nuts: 30, seeds: 30, mushroom: 60 }, spread: 1.5 },
  { id: 'bunch', read: ['bunch', 'bunches', 'small bunch', 'large bunch'], g: 30, of: { parsley: 30, coriander: 30, basil: 25, mint: 25, chives: 25, dill: 30, spinach: 250, kale: 200, 'spring onion': 100, asparagus: 400, celery: 450, beetroot: 500, carrot: 400, leek: 400 }, spread: 1.5 },
  { id: 'sprig', read: ['sprig', 'sprigs', 'stem', 'stems'], g: 1.5, of: { thyme: 0.6, rosemary: 2.5, parsley: 2, mint: 2, dill: 1, tarragon: 1.2, basil: 2, oregano: 0.8, sage: 2 }, spread: 1.5, piece: true },
  { id: 'leaf', read: ['leaf', 'leaves'], g: 0.4, of: { basil: 0.5, sage: 0.5, bay: 0.2, mint: 0.25, kale: 20, cabbage: 25, spinach: 3, lime: 0.3, curry: 0.1 }, spread: 1.5, piece: true },
  { id: 'clove', read: ['clove', 'cloves'], unit: 'clove', g: 5, spread: 1.3, piece: true },
  { id: 'head', read: ['head', 'heads'], g: 400, of: { garlic: 45, cauliflower: 575, broccoli: 350, fennel: 230, celery: 450, cabbage: 900, lettuce: 300 }, spread: 1.35, piece: true },
  { id: 'bulb', read: ['bulb', 'bulbs'], g: 45, of: { garlic: 45, fennel: 230 }, spread: 1.35, piece: true },
  { id: 'stick', read: ['stick', 'sticks', 'rib', 'ribs', 'stalk', 'stalks'], unit: 'stick', g: 40, of: { butter: 113, celery: 40, margarine: 113, cinnamon: 3, lemongrass: 12 }, spread: 1.2, piece: true },
  { id: 'slice', read: ['slice', 'slices', 'rasher', 'rashers'], unit: 'slice', g: 20, of: { bread: 35, lemon: 8, onion: 12, tomato: 15, ginger: 4 }, spread: 1.4, piece: true },
  { id: 'strip', read: ['strip', 'strips'], g: 4, of: { pepper: 12 }, spread: 1.5, piece: true },
  { id: 'chunk', read: ['chunk', 'chunks', 'piece', 'pieces', 'cube', 'cubes'], unit: 'piece', g: 20, of: { stock: 10, bouillon: 10 }, spread: 1.6, piece: true },
  { id: 'can', read: ['can', 'cans', 'tin', 'tins'], unit: 'can', g: 400, spread: 1.1, piece: true },
  { id: 'jar', read: ['jar', 'jars'], g: 250, of: { tahini: 300, olives: 160, pepper: 290, 'tomato-dried': 190, capers: 100 }, spread: 1.4, piece: true },
  { id: 'carton', read: ['carton', 'cartons', 'tetra pak'], g: 500, of: { cream: 250, tofu: 300, drink: 1000, beans: 230 }, spread: 1.4, piece: true },
  { id: 'tub', read: ['tub', 'tubs', 'pot', 'pots'], g: 200, of: { yogurt: 400 }, spread: 1.5, piece: true },
  { id: 'block', read: ['block', 'blocks'], unit: 'block', g: 250, of: { tofu: 300 }, spread: 1.3, piece: true },
  { id: 'pack', read: ['pack', 'packs', 'packet', 'packets', 'package', 'packages', 'pkg', 'pkt'], g: 250, of: { tofu: 300, yeast: 7 }, spread: 1.4, piece: true },
  { id: 'sachet', read: ['sachet', 'sachets', 'envelope', 'envelopes'], g: 8, spread: 1.4, piece: true },
  { id: 'bag', read: ['bag', 'bags'], g: 200, of: { spinach: 200, kale: 200, 'green-pea': 450 }, spread: 1.4, piece: true },
  { id: 'bottle', read: ['bottle', 'bottles'], ml: 750, spread: 1.5 },
];

/** What a word before the unit or the thing does to the amount. @source kitchen physics 10, E, CV 0.2 */
export const amountQualifiers: Readonly<Record<string, number>> = {
  scant: 0.9, skimpy: 0.85, small: 0.75, level: 1, rounded: 1.5, heaped: 2, heaping: 2, generous: 1.25, good: 1.25, big: 1.3, large: 1.3, huge: 1.5, fat: 1.3, tiny: 0.5, little: 0.7, packed: 1.15, 'firmly packed': 1.2, 'loosely packed': 0.85, 'lightly packed': 0.9, brimming: 1.1, medium: 1, 'medium-sized': 1, fresh: 1,
};
/** How much wider a qualified amount may lie. */
export const QUALIFIED_SPREAD = 1.15;
