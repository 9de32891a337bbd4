import type { Ingredient } from '../../ingredient/ingredient.js';
import { unlikeness } from './kinship.js';

const thing = (id: string, shelf: string, per100: object): Ingredient =>
  ({ id, shelf, per100 }) as unknown as Ingredient;
const paste = { fat: 20, protein: 10, sugars: 10, water: 50, salt: 1 };
const one = thing('made-up-one', 'nuts', paste);

test('nothing is unlike itself; of another kind a fifth, of another shelf two fifths, and what it holds beside that', () => {
  expect(unlikeness(one, one)).toBe(0);
  expect(unlikeness(one, thing('other', 'nuts', paste))).toBeCloseTo(0.2, 9);
  expect(unlikeness(one, thing('other', 'seeds', paste))).toBeCloseTo(0.4, 9);
  // Fat 30 against 20: 10/(2 + 0.15·50), one of five squares.
  const fatter = thing('other', 'nuts', { ...paste, fat: 30 });
  expect(unlikeness(one, fatter)).toBeCloseTo(0.2 + (0.6 * (10 / 9.5)) / Math.sqrt(5) / 5, 9);
  expect(unlikeness(fatter, one)).toBeCloseTo(unlikeness(one, fatter), 9);
});

test.each([
  ['protein', 12, 2, 10],
  ['sugars', 16, 3, 10],
  ['water', 62, 6, 50],
  ['salt', 3, 1, 1],
])('%s counts by its own width', (key, value, width, there) => {
  const off = (value - there) / (width + 0.15 * (value + there));
  expect(unlikeness(one, thing('other', 'nuts', { ...paste, [key]: value }))).toBeCloseTo(
    0.2 + (0.6 * off) / Math.sqrt(5) / 5,
    9,
  );
});

test('what is missing is nothing of it, and nothing is further than one', () => {
  expect(unlikeness(thing('a', 'nuts', {}), thing('b', 'nuts', {}))).toBeCloseTo(0.2, 9);
  expect(
    unlikeness(thing('a', 'nuts', { fat: 100 }), thing('b', 'seeds', { water: 100, salt: 90 })),
  ).toBeLessThanOrEqual(1);
});
