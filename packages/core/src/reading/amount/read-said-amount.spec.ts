import { amountText, type AmountOutcome } from '../../quantity/amount.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { readSaidAmount } from './read-said-amount.js';

const of = (id: string) => ingredientById(id)!;
const amountOf = (outcome: AmountOutcome) => {
  if (outcome.kind !== 'amount') throw new Error(outcome.message);
  return outcome;
};

test.each([
  ['garlic', '4-5 cloves', { value: 4.5, unit: 'clove', range: { low: 4, high: 5 } }],
  ['garlic', 'four to five cloves', { value: 4.5, unit: 'clove', range: { low: 4, high: 5 } }],
  ['olive-oil', '2-3 tbsp', { value: 2.5, unit: 'tbsp', range: { low: 2, high: 3 } }],
  ['cashew', 'about 200 g', { value: 200, unit: 'g', range: { low: 180, high: 220 } }],
  ['parsley-fresh', 'a handful', { value: 12, unit: 'g', range: { low: 8, high: 18 } }],
  ['cashew', '150 g', { value: 150, unit: 'g' }],
  ['garlic', 'two cloves', { value: 2, unit: 'clove' }],
] as const)('of %s, “%s” is read with what it leaves open', (id, text, amount) => {
  expect(amountOf(readSaidAmount(text, of(id))).amount).toEqual(amount);
});

test('a heaped spoon weighs two level ones, and how heaped is open', () => {
  const { amount, grams } = amountOf(readSaidAmount('1 heaped tbsp', of('corn-starch')));
  const level = amountOf(readSaidAmount('1 tbsp', of('corn-starch'))).grams;
  expect(grams).toBeCloseTo(2 * level, 1);
  expect(amount.range!.high / amount.range!.low).toBeGreaterThan(1.3);
});

test('a range is written so that it is read again', () => {
  const { amount } = amountOf(readSaidAmount('4-5 cloves', of('garlic')));
  expect(amountText(amount)).toBe('4–5 cloves');
  expect(amountOf(readSaidAmount(amountText(amount), of('garlic'))).amount).toEqual(amount);
});

test.each([
  ['cashew', 'lots'],
  ['cashew', '3 moons'],
  ['cashew', 'a handful of salt'],
  ['water', '30-40 kg'],
  ['cashew', '-3 g'],
])('of %s, “%s” is refused with what to type', (id, text) => {
  expect(readSaidAmount(text, of(id))).toMatchObject({
    kind: 'unreadable',
    message: expect.stringMatching(/\w/) as string,
  });
});
