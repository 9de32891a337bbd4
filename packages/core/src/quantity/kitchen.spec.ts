import { amountText, gramsOf, readAmount } from './amount.js';
import { kitchens, unitIn, writtenIn } from './kitchen.js';
import { kitchenMeasure, kitchenMeasureOf } from './kitchen-measure.js';
import { type UnitId, unitIds } from './unit.js';

const water = { density: 1 };
const read = (text: string, kitchen?: (typeof kitchens)[number]) => {
  const outcome = readAmount(text, water, kitchen ? { kitchen } : {});
  if (outcome.kind !== 'amount') throw new Error(outcome.message);
  return outcome;
};

test.each([
  ['us', 240, 15, 5],
  ['metric', 250, 15, 5],
  ['australian', 250, 20, 5],
  ['imperial', 284.13, 17.76, 5.92],
] as const)(
  'a cup, a tablespoon and a teaspoon in a %s kitchen hold %d, %d and %d ml',
  (kitchen, cup, tbsp, tsp) => {
    expect(read('1 cup', kitchen).grams).toBeCloseTo(cup, 6);
    expect(read('2 tablespoons', kitchen).grams).toBeCloseTo(2 * tbsp, 6);
    expect(read('1 tsp', kitchen).grams).toBeCloseTo(tsp, 6);
    expect(read('1 cup + 2 tbsp', kitchen).grams).toBeCloseTo(cup + 2 * tbsp, 6);
  },
);

test('what was written in one kitchen stays as much in another, and says its size there', () => {
  const { amount } = read('2 cups', 'metric');
  expect(gramsOf(amount, water)).toBe(500);
  expect(amountText(amount, 'metric')).toBe('2 cups');
  expect(amountText(amount, 'us')).toBe('2 cups (250 ml)');
  expect(kitchenMeasureOf(amount, water, 'australian')).toBe('2 cups');
  expect(kitchenMeasureOf(read('3 tbsp').amount, water, 'australian')).toBe('3 tbsp (15 ml)');
});

test.each([...kitchens])('every unit that is written in a %s kitchen is read there as itself', (kitchen) => {
  const readable = unitIds.filter(
    (unit) => unitIn(kitchen, unit) === unit || writtenIn(kitchen, unit)[0].includes('('),
  );
  expect(readable.length).toBeGreaterThan(20);
  for (const unit of readable.filter((id: UnitId) => gramsOf({ value: 3, unit: id }, water) !== undefined))
    expect(read(amountText({ value: 3, unit }, kitchen), kitchen).amount).toEqual({ value: 3, unit });
});

test.each([
  ['us', 240, '1 cup'],
  ['metric', 250, '1 cup'],
  ['australian', 40, '2 tbsp'],
  ['us', 60, '1/4 cup'],
  ['imperial', 142, '1/2 cup'],
] as const)('in a %s kitchen %d ml are measured as %s', (kitchen, ml, written) => {
  expect(kitchenMeasure(ml, water, kitchen)).toBe(written);
});

test('a range is said in fractions that a kitchen has, and whole ones as they were written', () => {
  const measures = { density: 1 };
  const said = (low: number, high: number, unit: 'pinch' | 'tbsp') =>
    kitchenMeasureOf({ value: (low + high) / 2, unit, range: { low, high } }, measures);
  expect(said(0.63, 1.6, 'pinch')).toBe('3/4 to 1 1/2 pinches');
  expect(said(2, 4, 'tbsp')).toBe('2–4 tbsp');
});
