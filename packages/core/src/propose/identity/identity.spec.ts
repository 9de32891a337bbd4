import type { Family } from '../../brief/family.js';
import { potOf } from '../../larder/pot-of.js';
import { knownBy } from './identity.js';
import { lineLimits } from './line-limits.js';
import { sensibleShare } from './sensible-share.params.js';
import { ingredientById, larderTable } from '../../larder/catalog/larder-table.js';

type Lines = readonly (readonly [id: string, g: number])[];
const sauce: Lines = [
  ['cashew', 100],
  ['potato', 60],
  ['water', 300],
  ['rapeseed-oil', 10],
  ['lemon-juice', 10],
  ['nutritional-yeast', 12],
  ['salt', 5],
  ['nutmeg', 0.5],
];
const dishOf = (lines: Lines, name = '', family: Family = 'pouring-sauce') => ({
  recipe: potOf(lines),
  family,
  name,
});
const of = (lines: Lines, name = '', family?: Family) =>
  Object.fromEntries(lines.map(([id], i) => [id, knownBy(dishOf(lines, name, family))[i] ?? 0]));
const limitsOf = (lines: Lines, name = '', family?: Family) =>
  Object.fromEntries(lines.map(([id], i) => [id, lineLimits(dishOf(lines, name, family))[i]!]));

test('a dish is known by its largest body and the liquid it swims in', () => {
  const known = of(sauce);
  expect(known['cashew']).toBe(1);
  expect(known['water']).toBe(1);
  expect(known['potato']).toBeLessThan(0.5);
  expect(known['rapeseed-oil']).toBeLessThan(0.05);
  expect(known['salt']).toBe(0);
});

test('what its name says, it is known by, in one number or many, and no general word names anything', () => {
  expect(of(sauce, 'Potatoes, creamed')['potato']).toBe(1);
  expect(of(sauce, 'Nutmeg sauce')['nutmeg']).toBe(1);
  expect(of(sauce, 'Cream sauce with water and oil')['rapeseed-oil']).toBeLessThan(0.05);
});

test('the flavour that stands out is its own, a trace of one is not', () => {
  const loud = sauce.map(([id, g]) => [id, id === 'nutritional-yeast' ? 30 : g] as const);
  expect(of(loud)['nutritional-yeast']).toBe(1);
  const faint = sauce.map(
    ([id, g]) => [id, id === 'nutritional-yeast' ? 0.5 : id === 'nutmeg' ? 0.01 : g] as const,
  );
  expect(of(faint)['nutritional-yeast']).toBeLessThan(0.1);
});

test('what is mostly fat is known by its fat, a sauce with a spoon of oil is not', () => {
  const butter: Lines = [
    ['coconut-oil', 150],
    ['rapeseed-oil', 60],
    ['water', 40],
  ];
  expect(of(butter, '', 'butter-with-fat')['coconut-oil']).toBe(1);
  expect(of(sauce)['rapeseed-oil']).toBeLessThan(0.05);
});

test('no cliff: a gram more of the second body changes little of what the dish is known by', () => {
  for (const g of [80, 120, 160, 200, 240]) {
    const with_ = (potato: number) =>
      of(sauce.map(([id, mass]) => [id, id === 'potato' ? potato : mass] as const))['cashew'] ?? 0;
    expect(Math.abs(with_(g + 1) - with_(g))).toBeLessThan(0.03);
  }
});

test('what it is known by keeps within a quarter; a second body may nearly double; a liquid stays', () => {
  const limits = limitsOf(sauce);
  expect(limits['cashew']?.low).toBeGreaterThan(75);
  expect(limits['cashew']?.high).toBeLessThan(125);
  expect(limits['potato']?.high).toBeGreaterThan(85);
  expect(limits['potato']?.high).toBeLessThanOrEqual(60 * 1.8);
  expect(limits['water']?.low).toBeGreaterThan(225);
});

test('what is added to taste has room from a pinch, salt may go, and no seasoning becomes bulk', () => {
  const limits = limitsOf(sauce.map(([id, g]) => [id, id === 'salt' ? 0.2 : g] as const));
  expect(limits['salt']?.low).toBe(0);
  expect(limits['salt']?.high).toBeGreaterThan(5);
  expect(limits['salt']?.high).toBeLessThan(10);
  expect(limits['nutmeg']?.high).toBeLessThan(1);
  expect(limits['nutritional-yeast']?.high).toBeLessThan(0.05 * 500);
  expect(limits['lemon-juice']?.high).toBeGreaterThan(12);
});

test('what is new is bound by what is sensible alone, and water that comes with it is taken from the liquid', () => {
  const at = sauce.findIndex(([id]) => id === 'cashew');
  const plain = lineLimits(dishOf(sauce), { arrivals: new Set([at]) });
  expect(plain[at]?.low).toBeCloseTo(60, 6);
  expect(plain[at]?.high).toBeCloseTo(250, 6);
  const water = sauce.findIndex(([id]) => id === 'water');
  const wet = lineLimits(dishOf(sauce), { arrivals: new Set([at]), waterArriving: 120 });
  expect(wet[water]?.low).toBeCloseTo((plain[water]?.low ?? 0) - 120, 6);
  expect(wet[water]?.high).toBe(plain[water]?.high);
  const dry = lineLimits(dishOf(sauce), { arrivals: new Set([at]), waterArriving: -80 });
  expect(dry[water]?.high).toBeCloseTo((plain[water]?.high ?? 0) + 80, 6);
});

test('the present amount is always within its limits, of everything in the larder', () => {
  for (const ingredient of larderTable) {
    const [limit] = lineLimits({
      recipe: potOf([
        [ingredient, 40],
        ['water', 60],
      ]),
      family: 'dip',
    });
    expect(limit?.low).toBeLessThanOrEqual(40);
    expect(limit?.high).toBeGreaterThanOrEqual(40);
  }
});

test.each([
  ['nutritional-yeast', 'pouring-sauce', 0.03, 0.06],
  ['wine-vinegar', 'dip', 0.2, 0.3],
  ['wine-vinegar', 'cream-sauce', 0.01, 0.04],
  ['tapioca-starch', 'stretchy-melt', 0.1, 0.15],
  ['tapioca-starch', 'dip', 0.02, 0.06],
  ['dill-fresh', 'dip', 0.1, 0.2],
  ['turmeric', 'pouring-sauce', 0.001, 0.01],
  ['salt', 'dip', 0.012, 0.022],
] as const)('of %s a %s takes a sensible share', (id, family, least, most) => {
  const share = sensibleShare(ingredientById(id)!, family);
  expect(share).toBeGreaterThanOrEqual(least);
  expect(share).toBeLessThanOrEqual(most);
});

test('what is a third of the bowl it is known by, however watery; a little of it hardly', () => {
  const raita = (cucumber: number) =>
    of(
      [
        ['coconut-yogurt', 250],
        ['cucumber', cucumber],
        ['salt', 3],
      ],
      '',
      'dip',
    )['cucumber'] ?? 0;
  expect(raita(140)).toBeGreaterThan(0.5);
  expect(raita(30)).toBeLessThan(0.1);
  expect(raita(141) - raita(140)).toBeLessThan(0.02);
});
