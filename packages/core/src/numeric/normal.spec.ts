import { normalBelow } from './normal.js';

test.each([
  [0, 0.5],
  [1, 0.8413447],
  [-1, 0.1586553],
  [1.2816, 0.9000085],
  [-2.5, 0.0062097],
  [8, 1],
])('a draw lies below %d standard deviations with probability %d', (z, p) => {
  expect(normalBelow(z)).toBeCloseTo(p, 6);
});
