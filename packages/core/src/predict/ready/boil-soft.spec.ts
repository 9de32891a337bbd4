import type { Boiling } from '../../ingredient/handling.js';
import { boiledSoftened, minutesToSoft } from './boil-soft.js';

const bean: Boiling = {
  most: 2.4,
  cv: 0.1,
  rates: [0.05, 0.02],
  doneMinutes: [40, 90],
  letOut: 6,
  letOutMinutes: 60,
  source: 'made up',
};

test('a soak shortens the boil in the measure of how far it came', () => {
  expect(minutesToSoft(bean, 0)).toBe(90);
  expect(minutesToSoft(bean, 1)).toBeCloseTo(40, 9);
  expect(minutesToSoft(bean, 0.5)).toBeCloseTo(60, 9);
});

/** Worked apart from this code. */
test.each([
  // Until it is soft: ninety minutes from dry, forty soaked.
  [undefined, 0, 0, 1.16858, 0.95021, 0.04102],
  [undefined, 0.9, 1, 0.43233, 0.95021, 0.02569],
  [30, 0.5, 0.6, 0.5818, 0.80342, 0.02078],
  // What holds more than it ever would takes up nothing more.
  [30, 2, 0.6, 0, 0.80342, 0.02078],
  [0, 0.5, 0.6, 0, 0, 0],
] as const)(
  'boiled for %p min after a soak of %d g/g, %d of the way: water %d, softened %d, let out %d',
  (minutes, before, share, water, softened, letOut) => {
    const now = boiledSoftened(bean, minutes, before, share, 0.88);
    expect(now.water).toBeCloseTo(water, 4);
    expect(now.softened).toBeCloseTo(softened, 4);
    expect(now.letOut).toBeCloseTo(letOut, 4);
  },
);
