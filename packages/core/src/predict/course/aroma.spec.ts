import type { Ingredient } from '../../ingredient/ingredient.js';
import { alcoholLeft, aromaLeft, biteLeft } from './aroma.js';

const thing = (behaviour: { pungent: number; lastingBite: boolean }, aromaRate?: number): Ingredient =>
  ({ behaviour, handling: aromaRate === undefined ? undefined : { aromaRate } }) as unknown as Ingredient;
const garlic = thing({ pungent: 5, lastingBite: false }, 0.3),
  horseradish = thing({ pungent: 5, lastingBite: false }),
  chilli = thing({ pungent: 8, lastingBite: true }),
  parsley = thing({ pungent: 0, lastingBite: false }, 0.5);

test('an aroma leaves by its rate; of one whose rate is not known nothing is said', () => {
  expect(aromaLeft(parsley, 4)).toBeCloseTo(Math.exp(-2), 9);
  expect(aromaLeft(parsley, 0)).toBe(1);
  expect(aromaLeft(horseradish, 4)).toBeUndefined();
});

test('raw bite leaves with its own rate, or a usual one, down to a tenth; that of chilli stays', () => {
  // 0.1 + 0.9·e^(−0.3·5), and with 0.2 per minute where no rate is known.
  expect(biteLeft(garlic, 5)).toBeCloseTo(0.3008, 4);
  expect(biteLeft(horseradish, 5)).toBeCloseTo(0.4311, 4);
  expect(biteLeft(garlic, 600)).toBeCloseTo(0.1, 6);
  expect(biteLeft(garlic, 0)).toBe(1);
  expect(biteLeft(chilli, 600)).toBe(1);
  expect(biteLeft(parsley, 30)).toBe(1);
  // Mustard oil that a lasting bite goes with leaves whole where its rate is known.
  expect(biteLeft(thing({ pungent: 5, lastingBite: true }, 0.1), 10)).toBeCloseTo(Math.exp(-1), 9);
});

test.each([
  // Forty of a hundred are left after a quarter of an hour, five to ten after two hours and a half.
  [97, 15, 1, 0.414],
  [97, 150, 1, 0.066],
  [97, 2, 1, 0.763],
  // Half of the way at 75 °C, hardly any at 60.
  [75, 15, 1, 0.707],
  [60, 30, 1, 0.995],
  // A fifth of the liquid boiled off takes four fifths of the alcohol: 0.8^7.
  [97, 2, 0.8, 0.21],
])(
  'at %d °C for %d min, with %d of the liquid kept, %d of the alcohol is left',
  (maxTemperature, hold, kept, left) => {
    expect(alcoholLeft({ maxTemperature, hold }, kept)).toBeCloseTo(left, 3);
  },
);
