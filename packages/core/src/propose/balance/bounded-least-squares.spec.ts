import { type LeastSquares, leastSquares, solvePositive } from './bounded-least-squares.js';
import { finish } from '../../numeric/finish.js';

const filled = (n: number, by: number) => new Float64Array(n).fill(by);

/** Ordinary residuals: each figure is to be nought. */
const residualsOf = (
  residuals: (at: Float64Array) => Float64Array,
  count: number,
  n: number,
  low: number,
  high: number,
): LeastSquares => ({
  figures: residuals,
  least: filled(count, 0),
  most: filled(count, 0),
  low: filled(n, low),
  high: filled(n, high),
});

test('a curved valley is followed to its floor', () => {
  const valley = residualsOf(([x = 0, y = 0]) => Float64Array.of(10 * (y - x * x), 1 - x), 2, 2, -5, 5);
  const found = finish(leastSquares(valley, Float64Array.of(-1.2, 1), 200));
  expect(found.at[0]).toBeCloseTo(1, 3);
  expect(found.at[1]).toBeCloseTo(1, 3);
});

test('bounds hold, and the lowest point on them is found', () => {
  const residuals = ([x = 0, y = 0]: Float64Array) => Float64Array.of(x + 3, y - 4, 0.1 * (x - y));
  const problem = { ...residualsOf(residuals, 3, 2, -1, 2) };
  const found = finish(leastSquares(problem, Float64Array.of(1, 0), 50));
  expect([...found.at]).toEqual([-1, 2]);
});

test('a step does not run through a wall it has not met yet', () => {
  // The first figure pulls x far to the right; the second is a wall that is nowhere near at the start.
  const problem: LeastSquares = {
    figures: ([x = 0, y = 0]) => Float64Array.of(x - 100 + y, 50 * x, 0.1 * y),
    least: Float64Array.of(0, -Infinity, 0),
    most: Float64Array.of(0, 100, 0),
    low: filled(2, -200),
    high: filled(2, 200),
  };
  const { at, evaluations } = finish(leastSquares(problem, filled(2, 0), 30));
  expect(at[0]).toBeLessThan(2.1);
  expect(at[1]).toBeGreaterThan(90);
  expect(evaluations).toBeLessThan(30);
});

test('what can lie inside is brought inside, and nothing is left over', () => {
  const problem: LeastSquares = {
    figures: ([x = 0, y = 0]) => Float64Array.of(Math.exp(x) + y, x * y),
    least: Float64Array.of(3, 0.2),
    most: Float64Array.of(4, 0.6),
    low: filled(2, -3),
    high: filled(2, 3),
  };
  expect(finish(leastSquares(problem, Float64Array.of(-2, -2), 60)).objective).toBeLessThan(1e-9);
});

test('it never ends above where it began', () => {
  for (let k = 0; k < 20; k++) {
    const residuals = ([x = 0]: Float64Array) => Float64Array.of(Math.sin(5 * x + k), 0.1 * x);
    const start = Float64Array.of((k - 10) / 3);
    const [a = 0, b = 0] = residuals(start);
    const found = finish(leastSquares(residualsOf(residuals, 2, 1, -4, 4), start, 30));
    expect(found.objective).toBeLessThanOrEqual(a * a + b * b + 1e-12);
  }
});

test('a positive definite system is solved; another is refused', () => {
  const x = solvePositive([Float64Array.of(4, 2), Float64Array.of(2, 3)], Float64Array.of(2, 5));
  expect(x?.[0]).toBeCloseTo(-0.5, 12);
  expect(x?.[1]).toBeCloseTo(2, 12);
  expect(
    solvePositive([Float64Array.of(1, 2), Float64Array.of(2, 1)], Float64Array.of(1, 1)),
  ).toBeUndefined();
});
