import { minutesTender, sizeTenderAfter } from './soften.js';

/** A potato: six minutes for its pectin, four for the heat into two centimetres. */
const potato = { pectinMin: 6, heatMin: 4, cv: 0.15 };

test.each([
  [20, 100, 7, 10],
  // The way of heat with the power 1.7 of the size; nine degrees colder the pectin takes twice as long, and 1.7 times at pH 4.3.
  [30, 100, 7, 13.969],
  [20, 91, 7, 16],
  [20, 100, 4.3, 14.2],
  [20, 91, 4.9, 20.2],
  [20, 100, 5.5, 10],
])('%d mm at %d °C and pH %d are tender after %d min', (mm, temperatureC, pH, minutes) => {
  expect(minutesTender(potato, mm, { temperatureC, pH })).toBeCloseTo(minutes, 3);
});

test('the size that is tender by then, as far as a cook can cut it', () => {
  expect(minutesTender(potato, 20)).toBe(10);
  expect(sizeTenderAfter(potato, 10)).toBeCloseTo(20, 6);
  expect(sizeTenderAfter(potato, 14)).toBeCloseTo(30.068, 3);
  expect(sizeTenderAfter(potato, 15, { temperatureC: 91, pH: 7 })).toBeCloseTo(16.886, 3);
  // Smaller than it can be cut, larger than a pan takes, and before the pectin has gone none at all.
  expect(sizeTenderAfter(potato, 6.2)).toBeUndefined();
  expect(sizeTenderAfter(potato, 6)).toBeUndefined();
  expect(sizeTenderAfter(potato, 3)).toBeUndefined();
  expect(sizeTenderAfter(potato, 90)).toBe(60);
});
