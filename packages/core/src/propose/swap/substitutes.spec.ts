import { sauceNamed } from '../../formula/formula.fixture.js';
import { ingredientById, larderTable } from '../../larder/catalog/larder-table.js';
import { seedSauce } from '../balance/balance.fixture.js';
import { openToAll } from './school.js';
import { substitutesFor } from './substitutes.js';
import { swapRequestOf } from './swap.fixture.js';
import type { SwapRequest } from './swap-request.js';

const everything = () => true;
const idsFor = (request: SwapRequest, line: number, allowed: (one: { id: string }) => boolean = everything) =>
  substitutesFor(request, line, allowed).map(({ lines: [first], sauce }) => sauce ?? first?.ingredient.id);
const at = (id: string) => seedSauce.findIndex(([one]) => one === id);
const sauce = swapRequestOf(seedSauce, 'pouring-sauce', 'rapeseed-oil');

test('an oil is replaced by what does the work of oil: not by itself, not by what is in the pot, not by dairy or meat', () => {
  const ids = idsFor(sauce, at('rapeseed-oil'));
  expect(ids).toContain('olive-oil');
  expect(ids).not.toContain('rapeseed-oil');
  for (const id of ids) {
    const one = ingredientById(id!)!;
    expect(seedSauce.map(([there]) => there)).not.toContain(id);
    expect(['dairy to compare', 'meat and eggs', 'own sauces']).not.toContain(one.shelf);
    expect(one.kinds).toBeUndefined();
  }
  expect(ids).not.toContain('almond');
});

test('where no oil may be added, a nut or a seed rich in fat does; lean ones do not', () => {
  const ids = idsFor({ ...sauce, schools: { ...openToAll, addedOil: 'without' } }, at('rapeseed-oil'));
  expect(ids).toContain('almond');
  expect(ids).toContain('sesame-seed');
  expect(ids).not.toContain('olive-oil');
  for (const id of ids) {
    const { shelf, per100 } = ingredientById(id!)!;
    if (shelf === 'nuts' || shelf === 'seeds') expect(per100.fat).toBeGreaterThan(40);
  }
});

test('a potato is not replaced by the same one boiled, nor the other way round; another root may come', () => {
  for (const [stands, same] of [
    ['potato', 'potato-boiled'],
    ['potato-boiled', 'potato'],
  ] as const) {
    const pot = swapRequestOf(
      [
        [stands, 240],
        ['water', 200],
        ['salt', 3],
      ],
      'pouring-sauce',
      stands,
    );
    const ids = idsFor(pot, 0);
    expect(ids).not.toContain(same);
    expect(ids).toContain('parsnip');
  }
});

test('only what may be offered, and what a table of equivalents knows with its factor', () => {
  expect(idsFor(sauce, at('rapeseed-oil'), ({ id }) => id === 'olive-oil')).toEqual(['olive-oil']);
  const starch = substitutesFor(sauce, at('rice-flour'), everything);
  const known = starch.filter(({ factor }) => factor !== undefined);
  for (const { factor } of known) expect(factor).toBeGreaterThan(0);
  const salt = swapRequestOf(seedSauce, 'pouring-sauce', 'salt');
  const miso = substitutesFor(salt, at('salt'), everything);
  // One line each, as much as what stood there until it is matched.
  for (const { lines } of miso) {
    expect(lines).toHaveLength(1);
    expect(lines[0]!.mass).toBe(5);
  }
  expect(() => substitutesFor(sauce, 99, everything)).toThrow(/no line 99/);
});

test('a sauce of the house stands for bought shreds alone, with as much dry matter, and only if all in it may be offered', () => {
  const dish = swapRequestOf(
    [
      ['plant-shreds', 120],
      ['tomato-canned', 200],
    ],
    'baked-topping',
    'plant-shreds',
    {
      sauces: [{ ingredient: sauceNamed('House melt', seedSauce) }],
      larder: larderTable,
    },
  );
  const found = substitutesFor(dish, 0, everything).find((one) => one.sauce === 'House melt');
  const dry = (id: { per100: { water?: number } }) => 1 - (id.per100.water ?? 0) / 100;
  const [line] = found!.lines;
  expect(line!.mass * dry(line!.ingredient)).toBeCloseTo(120 * dry(ingredientById('plant-shreds')!), 6);
  expect(line!.stage).toBe('start');
  expect(idsFor(dish, 1)).not.toContain('House melt');
  expect(idsFor(dish, 0, ({ id }) => id !== 'sunflower-seed')).not.toContain('House melt');
  expect(idsFor({ ...dish, schools: { ...openToAll, nutritionalYeast: 'without' } }, 0)).not.toContain(
    'House melt',
  );
  const { sauces: _sauces, ...none } = dish;
  expect(idsFor(none, 0)).not.toContain('House melt');
});
