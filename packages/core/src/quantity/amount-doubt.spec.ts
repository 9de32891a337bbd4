import { amountSd } from './amount-doubt.js';

const onion = { density: 0.6, pieces: { medium: 110, clove: 5 } };

test('what was weighed or measured is known; what was said loosely lies in its range four times of five', () => {
  expect(amountSd({ value: 110, unit: 'g' }, onion)).toBe(0);
  expect(amountSd({ value: 1, unit: 'cup' }, onion)).toBe(0);
  // 80 to 120 g hold four of five: 40 g are 2 × 1.2816 standard deviations.
  expect(amountSd({ value: 100, unit: 'g', range: { low: 80, high: 120 } }, onion)).toBeCloseTo(
    40 / 2.5632,
    6,
  );
  expect(amountSd({ value: 0, unit: 'g', range: { low: 0, high: 3 } }, onion)).toBe(0);
});

test('pieces differ, several less than one; half a piece as much as a whole one', () => {
  const one = amountSd({ value: 1, unit: 'medium' }, onion);
  expect(one).toBeCloseTo(0.14 * 110, 6);
  expect(amountSd({ value: 4, unit: 'medium' }, onion)).toBeCloseTo(2 * one, 6);
  expect(amountSd({ value: 0.5, unit: 'medium' }, onion)).toBeCloseTo(one / 2, 6);
  const said = amountSd({ value: 4.5, unit: 'clove', range: { low: 4, high: 5 } }, onion);
  expect(said).toBeCloseTo(Math.hypot((1 / 2.5632) * 5, (0.14 * 22.5) / Math.sqrt(4.5)), 3);
});
