/** How a unit reaches grams: by mass, by volume through the ingredient's density, or by a counted piece's weight. */
export type UnitKind = 'mass' | 'volume' | 'count';

export interface UnitRow {
  readonly id: string;
  readonly kind: UnitKind;
  /** g for a mass unit, mL for a volume unit; a count unit takes its weight from the ingredient. */
  readonly size: number;
  /** How a cook writes it, singular then plural. */
  readonly written: readonly [string, string];
  /** Everything else that is read as this unit (lower case, without full stops). */
  readonly read: readonly string[];
  readonly source: string;
  /** Kitchens write thousands of it: "1,000 g" is a kilo, while "1,250 kg" is one and a quarter. */
  readonly thousands?: true;
}

/** How many of a counted piece a bare number means at most; more than these are grams. @source assumed: what one household batch takes */
export const mostCounted: Readonly<Partial<Record<string, number>>> = {
  medium: 12, piece: 12, large: 12, small: 12, clove: 12, stick: 12, slice: 12, sprig: 12, can: 4, block: 4,
};
/** g that a bare count may come to; above that a number is grams. @source assumed, as above */
export const MOST_COUNTED_G = 3000;

/** @source kitchen sizes of spoon and cup: US legal cup (240 mL) and its parts, S-08. */
export const unitRows = [
  { id: 'g', kind: 'mass', size: 1, written: ['g', 'g'], read: ['gram', 'grams', 'gr'], source: 'S-07', thousands: true },
  { id: 'kg', kind: 'mass', size: 1000, written: ['kg', 'kg'], read: ['kilo', 'kilos', 'kilogram', 'kilograms'], source: 'S-07' },
  { id: 'mg', kind: 'mass', size: 0.001, written: ['mg', 'mg'], read: ['milligram', 'milligrams'], source: 'S-07', thousands: true },
  { id: 'oz', kind: 'mass', size: 28.3495, written: ['oz', 'oz'], read: ['ounce', 'ounces'], source: 'S-07' },
  { id: 'lb', kind: 'mass', size: 453.592, written: ['lb', 'lb'], read: ['lbs', 'pound', 'pounds'], source: 'S-07' },
  { id: 'ml', kind: 'volume', size: 1, written: ['ml', 'ml'], read: ['millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc'], source: 'S-07', thousands: true },
  { id: 'cl', kind: 'volume', size: 10, written: ['cl', 'cl'], read: ['centilitre', 'centilitres'], source: 'S-07' },
  { id: 'dl', kind: 'volume', size: 100, written: ['dl', 'dl'], read: ['decilitre', 'decilitres'], source: 'S-07' },
  { id: 'l', kind: 'volume', size: 1000, written: ['l', 'l'], read: ['litre', 'litres', 'liter', 'liters'], source: 'S-07' },
  { id: 'tsp', kind: 'volume', size: 5, written: ['tsp', 'tsp'], read: ['teaspoon', 'teaspoons', 'ts'], source: 'S-08' },
  { id: 'tbsp', kind: 'volume', size: 15, written: ['tbsp', 'tbsp'], read: ['tablespoon', 'tablespoons', 'tbs', 'tb'], source: 'S-08' },
  { id: 'cup', kind: 'volume', size: 240, written: ['cup', 'cups'], read: ['cups', 'c'], source: 'S-08' },
  { id: 'floz', kind: 'volume', size: 30, written: ['fl oz', 'fl oz'], read: ['fl oz', 'fluid ounce', 'fluid ounces', 'fl ounce', 'fl ounces'], source: 'S-08' },
  { id: 'tsp-6', kind: 'volume', size: 5.92, written: ['tsp (6 ml)', 'tsp (6 ml)'], read: [], source: 'S-08: an eighth of an imperial fluid ounce and two thirds of one' },
  { id: 'tbsp-18', kind: 'volume', size: 17.76, written: ['tbsp (18 ml)', 'tbsp (18 ml)'], read: [], source: 'S-08: five eighths of an imperial fluid ounce' },
  { id: 'tbsp-20', kind: 'volume', size: 20, written: ['tbsp (20 ml)', 'tbsp (20 ml)'], read: [], source: 'S-08: four teaspoons' },
  { id: 'cup-250', kind: 'volume', size: 250, written: ['cup (250 ml)', 'cups (250 ml)'], read: [], source: 'S-08: metric cup' },
  { id: 'cup-284', kind: 'volume', size: 284.13, written: ['cup (284 ml)', 'cups (284 ml)'], read: [], source: 'S-08: ten imperial fluid ounces' },
  { id: 'floz-28', kind: 'volume', size: 28.41, written: ['fl oz (28 ml)', 'fl oz (28 ml)'], read: [], source: 'S-08: imperial fluid ounce' },
  { id: 'pinch', kind: 'volume', size: 0.31, written: ['pinch', 'pinches'], read: ['pinches'], source: 'S-08 (1/16 tsp)' },
  { id: 'dash', kind: 'volume', size: 0.62, written: ['dash', 'dashes'], read: ['dashes'], source: 'S-08 (1/8 tsp)' },
  { id: 'piece', kind: 'count', size: 0, written: ['piece', 'pieces'], read: ['pieces', 'pc', 'pcs', 'whole'], source: '-' },
  { id: 'small', kind: 'count', size: 0, written: ['small', 'small'], read: [], source: '-' },
  { id: 'medium', kind: 'count', size: 0, written: ['medium', 'medium'], read: ['med'], source: '-' },
  { id: 'large', kind: 'count', size: 0, written: ['large', 'large'], read: ['lg'], source: '-' },
  { id: 'clove', kind: 'count', size: 0, written: ['clove', 'cloves'], read: ['cloves'], source: '-' },
  { id: 'can', kind: 'count', size: 0, written: ['can', 'cans'], read: ['cans', 'tin', 'tins'], source: '-' },
  { id: 'block', kind: 'count', size: 0, written: ['block', 'blocks'], read: ['blocks', 'pack', 'packs'], source: '-' },
  { id: 'slice', kind: 'count', size: 0, written: ['slice', 'slices'], read: ['slices'], source: '-' },
  { id: 'sprig', kind: 'count', size: 0, written: ['sprig', 'sprigs'], read: ['sprigs'], source: '-' },
  { id: 'stick', kind: 'count', size: 0, written: ['stick', 'sticks'], read: ['sticks', 'stalk', 'stalks'], source: '-' },
] as const satisfies readonly UnitRow[];

export type UnitId = (typeof unitRows)[number]['id'];
