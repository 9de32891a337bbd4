import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../larder/pot-of.js';
import { waterViscosity } from '../../numeric/arrhenius.js';
import { potAt } from '../pot-at.js';
import { againstWater, solventAt, solventOf } from './solvent.js';

const solventOfPot = (...lines: [string, number][]) => {
  const { mix } = potAt(potOf(lines));
  return solventOf(mix, mix.water);
};

describe('sugar makes water thicker, by the published correlation worked by hand', () => {
  test.each([
    [20, 20, 2.0357],
    [40, 20, 6.5741],
    [60, 20, 61.827],
    [60, 60, 20.775],
    [70, 25, 374.47],
  ])('%d %% of sucrose at %d °C', (x, tC, expected) => {
    const on = solventOfPot(['water', 100 - x], ['sugar', x]);
    const lg = Math.log10(againstWater(on, tC));
    expect(10 ** lg / expected).toBeCloseTo(1, 2);
  });
  test('glucose and fructose make it less thick than sucrose, dextrin more', () => {
    const of = (id: string) => {
      const sugars = ingredientById(id)!.per100.sugars ?? 0;
      return againstWater(solventOfPot([id, 6000 / sugars], ['water', 60]), 20);
    };
    expect(of('agave-syrup')).toBeLessThan(of('sugar'));
    expect(of('rice-syrup')).toBeGreaterThan(of('sugar'));
  });
});

test.each([
  ['salt', 5, 1.0873],
  ['salt', 10, 1.2033],
  ['salt', 20, 1.5527],
] as const)('%s of %d %%', (id, share, expected) => {
  expect(againstWater(solventOfPot(['water', 100 - share], [id, share]), 20)).toBeCloseTo(expected, 3);
});

test('alcohol thickens water most in the middle, and less when warm', () => {
  const spirit = solventOfPot(['brandy', 100]);
  expect(spirit.alcohol).toBeCloseTo(1 / 3, 6);
  expect(againstWater(spirit, 20)).toBeCloseTo(2.7201, 3);
  expect(againstWater(spirit, 60)).toBeCloseTo(1.8578, 3);
});

test('what thickens follows the liquid that it swims in by its root', () => {
  const on = solventOfPot(['water', 60], ['sugar', 40]);
  const { viscosity, onThickeners } = solventAt(on, 20);
  expect(viscosity / waterViscosity(20)).toBeCloseTo(onThickeners ** 2, 9);
  expect(solventAt(solventOfPot(['rapeseed-oil', 1]), 20).onThickeners).toBe(1);
});
