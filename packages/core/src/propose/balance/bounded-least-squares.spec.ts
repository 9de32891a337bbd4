import {
  type LeastSquares,
  leastSquares,
  objectiveAt,
  outside,
  solvePositive,
} from './bounded-least-squares.js';
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

describe('how soon it is there: each evaluation is a pot', () => {
  const run = (problem: LeastSquares, start: Float64Array, steps = 60) => {
    const search = leastSquares(problem, start, steps);
    const seen: number[] = [];
    let turn = search.next();
    for (; !turn.done; turn = search.next()) seen.push(turn.value.objective);
    return { ...turn.value, seen };
  };
  const straight = ([x = 0, y = 0, z = 0]: Float64Array) =>
    Float64Array.of(x - 1, 2 * y - 4, z + x - 2, 0.5 * y - z);

  test('straight lines in a few moves, each at least a thousand times nearer', () => {
    const { at, evaluations, seen } = run(residualsOf(straight, 4, 3, -9, 9), filled(3, 0), 20);
    [1, 2, 1].forEach((value, i) => expect(at[i]).toBeCloseTo(value, 9));
    expect(evaluations).toBeLessThanOrEqual(25);
    expect(seen[0]).toBeLessThan(0.005);
    seen.slice(1, 4).forEach((value, i) => expect(value).toBeLessThan(seen[i]! / 1000));
  });

  test('a curved valley in 85 evaluations, always downwards', () => {
    const valley = residualsOf(([x = 0, y = 0]) => Float64Array.of(10 * (y - x * x), 1 - x), 2, 2, -5, 5);
    const { evaluations, objective, seen } = run(valley, Float64Array.of(-1.2, 1), 200);
    expect(objective).toBeLessThan(1e-12);
    expect(evaluations).toBeLessThanOrEqual(93);
    seen.slice(1).forEach((value, i) => expect(value).toBeLessThanOrEqual(seen[i]!));
  });

  test('bounds in one move, a wall in a handful', () => {
    const residuals = ([x = 0, y = 0]: Float64Array) => Float64Array.of(x + 3, y - 4, 0.1 * (x - y));
    const bounded = run(residualsOf(residuals, 3, 2, -1, 2), Float64Array.of(1, 0));
    expect(bounded.evaluations).toBeLessThanOrEqual(6);
    expect(bounded.objective).toBeCloseTo(4 + 4 + 0.09, 9);
    // A start outside its bounds begins at them, and counts its first look.
    const outside = run(residualsOf(residuals, 3, 2, -1, 2), Float64Array.of(-50, 80), 0);
    expect([...outside.at]).toEqual([-1, 2]);
    expect(outside.evaluations).toBe(1);
    const wall = run(
      {
        figures: ([x = 0, y = 0]) => Float64Array.of(x - 100 + y, 50 * x, 0.1 * y),
        least: Float64Array.of(0, -Infinity, 0),
        most: Float64Array.of(0, 100, 0),
        low: filled(2, -200),
        high: filled(2, 200),
      },
      filled(2, 0),
    );
    // Nearly the best there is: x = 2, y = 97.03.
    expect(wall.objective).toBeLessThan(95.2);
    expect(wall.evaluations).toBeLessThanOrEqual(17);
  });

  test('what is inside already is not moved at all', () => {
    const inside: LeastSquares = {
      figures: ([x = 0]) => Float64Array.of(x),
      least: Float64Array.of(-1),
      most: Float64Array.of(1),
      low: filled(1, -9),
      high: filled(1, 9),
    };
    expect(run(inside, Float64Array.of(0.5))).toMatchObject({ objective: 0, evaluations: 1, seen: [] });
    // From outside it comes to the edge, and no further than the damping leaves.
    const { at } = run(inside, Float64Array.of(4));
    expect(at[0]).toBeLessThan(1.01);
    expect(at[0]).toBeGreaterThan(0.5);
    expect(run(inside, Float64Array.of(-4)).at[0]).toBeGreaterThan(-1.01);
  });
});

test('outside of a stretch: how far, with its sign; squared and added up', () => {
  expect(outside(3, 1, 2)).toBe(1);
  expect(outside(0.5, 1, 2)).toBe(-0.5);
  expect(outside(1, 1, 2)).toBe(0);
  expect(outside(2, 1, 2)).toBe(0);
  expect(
    objectiveAt({ least: Float64Array.of(0, 1), most: Float64Array.of(1, 2) }, Float64Array.of(4, -1)),
  ).toBe(13);
});
