import { ingredientById } from '../../larder/catalog/larder-table.js';
import { gramsOf, readAmount } from '../../quantity/amount.js';
import { kitchenMeasureOf } from '../../quantity/kitchen-measure.js';
import type { UnitId } from '../../quantity/unit.js';
import { chooseTogether, measurableNear } from './kitchen-rounding.js';

const near = (id: string, g: number, unit: UnitId, rounding: 'as-written' | 'grams' = 'as-written') => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(`the larder has no ${id}`);
  return { ingredient, found: measurableNear(g, ingredient, unit, rounding) };
};

test.each([
  ['tapioca-starch', 33, 'tbsp'],
  ['coconut-drink', 391, 'cup'],
  ['salt', 4.1, 'tsp'],
  ['potato', 150, 'small'],
  ['lemon-juice', 22, 'tbsp'],
  ['turmeric', 0.3, 'tsp'],
] as const)('%s near %d g is measured in kitchen parts a cook can read back', (id, g, unit) => {
  const { ingredient, found } = near(id, g, unit);
  expect(found.length).toBeGreaterThan(0);
  for (const { amount, grams } of found) {
    expect(amount.unit).not.toBe('g');
    expect(gramsOf(amount, ingredient.measures)).toBeCloseTo(grams, 9);
    const written = kitchenMeasureOf(amount, ingredient.measures) ?? '';
    const read = readAmount(written, ingredient.measures);
    expect(read.kind === 'amount' && read.grams / grams).toBeCloseTo(1, 1);
  }
  const errors = found.map(({ grams }) => Math.abs(grams - g));
  expect(errors).toEqual([...errors].sort((a, b) => a - b));
});

test('by weight it is what a scale shows: finer for less', () => {
  expect(near('water', 433.3, 'ml', 'grams').found[0]?.grams).toBe(435);
  expect(near('salt', 4.13, 'tsp', 'grams').found[0]?.grams).toBe(4);
  expect(near('turmeric', 0.27, 'tsp', 'grams').found[0]?.grams).toBe(0.3);
});

test('a spoon that grew becomes a cup, a cup that shrank a spoon', () => {
  expect(near('tapioca-starch', 70, 'tbsp').found[0]?.amount.unit).toBe('cup');
  expect(near('coconut-drink', 31, 'cup').found[0]?.amount.unit).toBe('tbsp');
});

test('nothing stays nothing, and something never becomes nothing', () => {
  expect(near('salt', 0, 'tsp').found).toEqual([{ amount: { value: 0, unit: 'g' }, grams: 0 }]);
  for (const g of [0.02, 0.3, 1, 7])
    expect(near('salt', g, 'tsp').found.every(({ grams }) => grams > 0)).toBe(true);
});

test('amounts are chosen together: two roundings that cancel beat the nearest of each', () => {
  const choices = [[10, 12], [20, 18], [5]].map((list) =>
    list.map((grams) => ({ amount: { value: grams, unit: 'g' as const }, grams })),
  );
  const chosen = chooseTogether(choices, ([x = 0, y = 0]) => (x - y + 8) ** 2 + 0.01 * Math.abs(x - 10));
  const [a = 0, b = 0, c] = chosen.map(({ grams }) => grams);
  expect(a - b).toBe(-8);
  expect(c).toBe(5);
});

test.each([
  // Tenths below two grams, halves below ten, grams below a hundred, fives below a kilogram, tens above.
  [1.23, [1.2, 1.3]],
  [4.4, [4.5, 4]],
  [33.2, [33, 34]],
  [433, [435, 430]],
  [1234, [1230, 1240]],
  [0.04, [0.1]],
  [35, [35, 36]],
])('on a scale %d g lies between %j', (g, steps) => {
  expect(near('water', g, 'g').found.map(({ grams }) => grams)).toEqual(steps);
  expect(near('water', g, 'tbsp', 'grams').found.map(({ grams }) => grams)).toEqual(steps);
});

test('what is counted stays counted, in halves; a spoon is in eighths, a tablespoon in halves; four at most are offered', () => {
  expect(near('potato', 200, 'small').found.map(({ amount }) => amount.unit)).toEqual(
    near('potato', 200, 'small').found.map(() => 'small'),
  );
  for (const { amount } of near('potato', 200, 'small').found) expect((amount.value * 2) % 1).toBe(0);
  for (const { amount } of near('lemon-juice', 22, 'tbsp').found)
    if (amount.unit === 'tbsp') expect((amount.value * 2) % 1).toBe(0);
  for (const g of [0.3, 4, 22, 90, 400])
    for (const unit of ['tsp', 'tbsp', 'cup'] as const)
      expect(near('lemon-juice', g, unit).found.length).toBeLessThanOrEqual(4);
  // A unit that the thing is not measured in: by the scale.
  expect(near('salt', 4, 'can').found.every(({ amount }) => amount.unit === 'g')).toBe(true);
  // A pinch is a pinch up to nearly two of them.
  expect(
    near('salt', 0.35, 'tsp').found.some(({ amount }) => amount.unit === 'pinch' || amount.unit === 'tsp'),
  ).toBe(true);
});

test('chosen together it is never worse than the nearest of each, and nothing is changed for nothing', () => {
  const at = (grams: number) => ({ amount: { value: grams, unit: 'g' as const }, grams });
  const choices = [
    [at(10), at(11)],
    [at(20), at(22), at(18)],
  ];
  expect(chooseTogether(choices, () => 1).map(({ grams }) => grams)).toEqual([10, 20]);
  const target = (masses: Float64Array) => Math.abs(masses[0]! + masses[1]! - 33);
  expect(chooseTogether(choices, target).map(({ grams }) => grams)).toEqual([11, 22]);
  expect(chooseTogether([], () => 0)).toEqual([]);
});
