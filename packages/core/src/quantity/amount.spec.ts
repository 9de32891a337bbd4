import fc from 'fast-check';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { readAmount } from './amount.js';
import { writeKitchenNumber } from './fraction.js';
import { kitchenMeasure, kitchenMeasureOf } from './kitchen-measure.js';
import type { Measures } from './measures.js';
import { readNumber } from './read-number.js';

const starch: Measures = { density: 0.8 / 1.5 };
const potato: Measures = { density: 0.63, pieces: { small: 110, medium: 170, large: 280 } };

const gramsRead = (text: string, measures: Measures): number => {
  const outcome = readAmount(text, measures);
  if (outcome.kind !== 'amount') throw new Error(outcome.message);
  return outcome.grams;
};

test.each([
  ['1 1/2', 1.5],
  ['1½', 1.5],
  ['¾', 0.75],
  ['1-1/2', 1.5],
  ['0.25', 0.25],
  ['0,25', 0.25],
  ['.5', 0.5],
  ['1 and 1/2', 1.5],
  ['one and a half', 1.5],
  ['2 and a half', 2.5],
  ['half', 0.5],
  ['a quarter', 0.25],
  ['3⁄4', 0.75],
  ['12', 12],
])('a cook writes %s and means %f', (text, value) => {
  expect(readNumber(text)?.value).toBeCloseTo(value, 9);
});

test.each(['', 'some', '1/0', 'cup'])('“%s” holds no number', (text) => {
  expect(readNumber(text)).toBeUndefined();
});

test.each([
  ['24', starch, 24],
  ['24 g', starch, 24],
  ['3 tbsp', starch, 24],
  ['3 tbsp + 1 tsp', starch, 26.667],
  ['1 1/2 cup', { density: 1 }, 360],
  ['2 medium', potato, 340],
  ['1 large + 20 g', potato, 300],
  ['1 lb', potato, 453.592],
  ['1 T', { density: 1 }, 15],
  ['1 t', { density: 1 }, 5],
  ['2 Tablespoons', { density: 1 }, 30],
] as const)('%s weighs what the kitchen scale says', (text, measures, grams) => {
  expect(gramsRead(text, measures)).toBeCloseTo(grams, 2);
});

test.each([
  ['', /Type an amount/],
  ['a lot', /not a unit known here/],
  ['much', /No number/],
  ['3 blobs', /not a unit known here/],
  ['2 medium', /not known. Type grams/],
  ['99 kg', /at most 20 kg/],
])('“%s” is refused with what to do', (text, message) => {
  const outcome = readAmount(text, starch);
  expect(outcome.kind).toBe('unreadable');
  expect(outcome.kind === 'unreadable' && outcome.message).toMatch(message);
});

test.each([
  [24, starch, '3 tbsp'],
  [26.667, starch, '3 1/3 tbsp'],
  [225, { density: 0.75 }, '1 1/4 cups'],
  [110, potato, '1 small'],
  [340, potato, '2 medium'],
  [0.15, { density: 0.6 }, 'a pinch'],
] as const)('%f g are written as a kitchen measures them', (grams, measures, written) => {
  expect(kitchenMeasure(grams, measures)).toBe(written);
});

test('a measure keeps the cook’s own unit, and says nothing where the weight is unknown', () => {
  expect(kitchenMeasureOf({ value: 1.5, unit: 'tbsp' }, starch)).toBe('1 1/2 tbsp');
  expect(kitchenMeasureOf({ value: 2, unit: 'medium' }, starch)).toBeUndefined();
  expect(kitchenMeasure(50, {})).toBeUndefined();
});

test('a written kitchen number reads back to within a sixteenth', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.13, max: 9.9, noNaN: true }), (value) => {
      expect(Math.abs((readNumber(writeKitchenNumber(value))?.value ?? 0) - value)).toBeLessThanOrEqual(
        1 / 15,
      );
    }),
    { seed: 11 },
  );
});

test('what a kitchen measure says weighs what it stands for, to within a tenth', () => {
  const measures = ingredientById('tapioca-starch')?.measures ?? {};
  fc.assert(
    fc.property(fc.double({ min: 2, max: 600, noNaN: true }), (grams) => {
      const written = kitchenMeasure(grams, measures) ?? '';
      expect(Math.abs(gramsRead(written, measures) / grams - 1)).toBeLessThan(0.13);
    }),
    { seed: 12 },
  );
});

const larderMeasures = (id: string): Measures => ingredientById(id)?.measures ?? {};

test.each([
  ['onion', '2', 'medium', 220],
  ['onion', '1/2', 'medium', 55],
  ['potato', '3', 'medium', 510],
  ['garlic', '4', 'clove', 16],
  ['lemon-juice', '2', 'medium', 90],
  ['onion', '1½', 'medium', 165],
  ['squash', '3', 'medium', 2700],
  ['squash', '4', 'g', 4],
  ['white-bean-canned', '1', 'can', 240],
  ['onion', '0', 'g', 0],
  ['onion', '200', 'g', 200],
  ['onion', '30', 'g', 30],
  ['white-bean-canned', '10', 'g', 10],
  ['salt', '2', 'g', 2],
  ['water', '1/2', 'g', 0.5],
] as const)('of %s, a bare “%s” is in %s', (id, text, unit, mass) => {
  const outcome = readAmount(text, larderMeasures(id));
  expect(outcome).toMatchObject({
    kind: 'amount',
    amount: { unit },
    grams: expect.closeTo(mass, 6) as number,
  });
});

test('a bare count means the size the line is written in already', () => {
  expect(readAmount('3', larderMeasures('onion'), { now: 'large' })).toMatchObject({
    amount: { value: 3, unit: 'large' },
    grams: 450,
  });
  expect(readAmount('3', larderMeasures('onion'), { now: 'g' })).toMatchObject({
    amount: { value: 3, unit: 'medium' },
  });
});

test('where grams or pieces may be meant, the other reading is told with a text that means it', () => {
  for (const [id, text] of [
    ['onion', '2'],
    ['onion', '30'],
    ['garlic', '12'],
    ['potato', '100'],
  ] as const) {
    const outcome = readAmount(text, larderMeasures(id));
    const other = outcome.kind === 'amount' ? outcome.other : undefined;
    if (outcome.kind !== 'amount' || !other) {
      // A hundred potatoes are more than a line holds: there is only one reading.
      expect([id, text]).toEqual(['potato', '100']);
      continue;
    }
    expect(new Set([outcome.amount.unit, other.amount.unit]).size).toBe(2);
    expect(readAmount(other.text, larderMeasures(id))).toMatchObject({
      amount: other.amount,
      grams: other.grams,
    });
  }
  expect(readAmount('2 medium', larderMeasures('onion'))).not.toHaveProperty('other');
  expect(readAmount('2 g', larderMeasures('onion'))).toMatchObject({ amount: { value: 2, unit: 'g' } });
});

test.each([
  ['1,000 g', 1000],
  ['1.000 g', 1000],
  ['1 000 g', 1000],
  ['1,000', 1000],
  ['3,5 g', 3.5],
  ['1,250 kg', 1250],
  ['1.250 kg', 1250],
  ['0.125 kg', 125],
  ['1,500 ml', 1500],
  ['1.250 l', 1250],
])('“%s” of water weighs %f g, whichever country the marks come from', (text, mass) => {
  expect(gramsRead(text, { density: 1 })).toBeCloseTo(mass, 6);
});

test('an amount below nothing is refused', () => {
  expect(readAmount('-5 g', {})).toMatchObject({
    kind: 'unreadable',
    message: expect.stringMatching(/below nothing/) as string,
  });
});
