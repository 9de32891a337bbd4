import { sauceNamed } from '../../formula/formula.fixture.js';
import { seedSauce } from '../balance/balance.fixture.js';
import { assess } from '../../property/assess.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { substitutesFor } from './substitutes.js';
import { arrivingOf } from '../../predict/assemble/weighed.js';
import { type PotLine, replaceLine, sumOf, waterOf } from './replace-line.js';
import { swapRequestOf } from './swap.fixture.js';

type Lines = readonly (readonly [id: string, grams: number])[];

/** The pot with one ingredient in place of another, before it is balanced. */
function replaced(lines: Lines, from: string, to: string): readonly PotLine[] {
  const request = swapRequestOf(lines, 'pouring-sauce', from);
  const at = lines.findIndex(([id]) => id === from);
  const substitute = substitutesFor(request, at, () => true).find(
    ({ lines: [first] }) => first?.ingredient.id === to,
  );
  if (!substitute) throw new Error(`${to} is no substitute for ${from}`);
  const pot = request.recipe.lines.map((line, origin) => ({ ...line, origin }));
  return replaceLine(
    assess(request.recipe, 4),
    { ...request.recipe, lines: pot },
    at,
    substitute,
    () => false,
  );
}

const g = (lines: readonly PotLine[], id: string): number =>
  lines.find(({ ingredient }) => ingredient.id === id)?.mass ?? 0;
/** As it comes into the pot: what was drunk in a soak counts. */
const total = (lines: readonly PotLine[]) => sumOf(lines, arrivingOf);
const waterIn = (lines: readonly PotLine[]) => sumOf(lines, waterOf);
const saltIn = (lines: readonly PotLine[]) =>
  lines.reduce((all, { ingredient, mass }) => all + ((ingredient.per100.salt ?? 0) * mass) / 100, 0);
const ofGrams = (lines: Lines) => swapRequestOf(lines, 'pouring-sauce', lines[0]?.[0] ?? '').recipe.lines;

test('a wet base for a dry one takes its liquid out of the pot', () => {
  const after = replaced(seedSauce, 'sunflower-seed', 'butter-bean-boiled');
  expect(g(after, 'butter-bean-boiled')).toBeGreaterThan(90);
  expect(g(after, 'water')).toBeLessThan(380);
  expect(Math.abs(waterIn(after) / waterIn(ofGrams(seedSauce)) - 1)).toBeLessThan(0.1);
});

test('a salted form takes salt out', () => {
  const cashew = seedSauce.map(([id, mass]) => [id === 'sunflower-seed' ? 'cashew' : id, mass] as const);
  const after = replaced(cashew, 'cashew', 'cashew-roasted-salted');
  expect(g(after, 'salt')).toBeLessThan(4.3);
  expect(saltIn(after) / saltIn(ofGrams(cashew))).toBeCloseTo(1, 1);
});

test.each([
  ['garlic-powder', 'garlic', 1 / 0.3],
  ['lemon-juice', 'citric-acid', 0.056],
] as const)('%s becomes %s by the table of equivalents', (from, to, factor) => {
  const after = replaced(seedSauce, from, to);
  const before = seedSauce.find(([id]) => id === from)?.[1] ?? 0;
  expect(g(after, to) / (before * factor)).toBeGreaterThan(0.9);
  expect(g(after, to) / (before * factor)).toBeLessThan(1.1);
});

test.each([
  ['rice-flour', 'potato-starch', 'viscosity'],
  ['nutritional-yeast', 'tomato-paste', 'savoriness'],
  ['lemon-juice', 'cider-vinegar', 'sourness'],
] as const)('%s is replaced by as much %s as keeps the %s', (from, to, figure) => {
  const request = swapRequestOf(seedSauce, 'pouring-sauce', from);
  const before = assess(request.recipe, 4).prediction[figure].mid;
  const after = assess({ ...request.recipe, lines: replaced(seedSauce, from, to) }, 4).prediction[figure].mid;
  expect(Math.abs(Math.log(after / before))).toBeLessThan(0.3);
});

test('the batch weighs what it weighed', () => {
  for (const to of ['cashew', 'chickpea-boiled', 'cauliflower', 'pumpkin-seed-butter'])
    expect(total(replaced(seedSauce, 'sunflower-seed', to))).toBeCloseTo(total(ofGrams(seedSauce)), 3);
});

test('a sauce of the house stands in for bought shreds, its water taken from the dish', () => {
  const dish = [
    ['plant-shreds', 120],
    ['tomato-canned', 200],
    ['vegetable-stock-unsalted', 500],
    ['salt', 4],
  ] as const;
  const sauces = [{ ingredient: sauceNamed('House melt', seedSauce) }];
  const request = swapRequestOf(dish, 'baked-topping', 'plant-shreds', { sauces });
  const sauce = substitutesFor(request, 0, () => true).find(
    (substitute) => substitute.sauce === 'House melt',
  );
  const dry = (
    lines: readonly {
      readonly ingredient: { readonly per100: { readonly water?: number } };
      readonly mass: number;
    }[],
  ) =>
    lines.reduce((all, { ingredient, mass }) => all + mass * (1 - (ingredient.per100.water ?? 0) / 100), 0);
  expect(dry(sauce?.lines ?? [])).toBeCloseTo(dry(request.recipe.lines.slice(0, 1)), 6);
  const pot = request.recipe.lines.map((line, origin) => ({ ...line, origin }));
  const after = replaceLine(
    assess(request.recipe, 4),
    { ...request.recipe, lines: pot },
    0,
    sauce ?? { lines: [] },
    () => false,
  );
  const brought = waterIn(sauce?.lines ?? []);
  expect(brought).toBeGreaterThan(100);
  expect(g(after, 'vegetable-stock-unsalted')).toBeLessThan(500 - 0.6 * brought);
  expect(after.filter((line) => line.sauce === 'House melt')).toHaveLength(1);
  const noSunflower = substitutesFor(request, 0, ({ id }) => id !== 'sunflower-seed');
  expect(noSunflower.some((substitute) => substitute.sauce !== undefined)).toBe(false);
});

test('what may not move stays: a pinned liquid gives no room', () => {
  const request = swapRequestOf(seedSauce, 'pouring-sauce', 'sunflower-seed');
  const pot = request.recipe.lines.map((line, origin) => ({ ...line, origin }));
  const bean = ingredientById('butter-bean-boiled');
  const [substitute] = substitutesFor(request, 0, ({ id }) => id === bean?.id);
  const after = replaceLine(
    assess(request.recipe, 4),
    { ...request.recipe, lines: pot },
    0,
    substitute ?? { lines: [] },
    ({ ingredient }) => ingredient.id === 'water',
  );
  expect(g(after, 'water')).toBe(380);
});

const wineCream: Lines = [
  ['red-wine', 120],
  ['mushroom', 200],
  ['oat-cream', 200],
  ['vegetable-stock', 100],
  ['salt', 2],
];

test('a wine for a wine is as much of it; where only its acid comes, stock fills up and no cream', () => {
  const wine = replaced(wineCream, 'red-wine', 'white-wine');
  expect(g(wine, 'white-wine')).toBeGreaterThan(114);
  expect(g(wine, 'white-wine')).toBeLessThan(126);
  const vinegar = replaced(wineCream, 'red-wine', 'wine-vinegar');
  expect(g(vinegar, 'wine-vinegar')).toBeLessThan(15);
  expect(g(vinegar, 'vegetable-stock')).toBeGreaterThan(170);
  expect(Math.abs(g(vinegar, 'oat-cream') / 200 - 1)).toBeLessThan(0.1);
});

test('a yogurt for a yogurt is as much of it; a dried herb for a fresh one is an eighth of it', () => {
  const sour = replaced(
    [
      ['soya-yogurt', 250],
      ['water', 40],
      ['dill-fresh', 9],
      ['salt', 2],
    ],
    'soya-yogurt',
    'almond-yogurt',
  );
  expect(Math.abs(g(sour, 'almond-yogurt') / 250 - 1)).toBeLessThan(0.06);
  const herb = replaced(
    [
      ['soya-yogurt', 250],
      ['dill-fresh', 9],
      ['salt', 2],
    ],
    'dill-fresh',
    'oregano-dried',
  );
  expect(g(herb, 'oregano-dried')).toBeGreaterThan(0.8);
  expect(g(herb, 'oregano-dried')).toBeLessThan(2);
});
