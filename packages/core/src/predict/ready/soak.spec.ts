import type { Soaking } from '../../ingredient/handling.js';
import { hoursToSoak, type SoakBath, soaked, soakingRate, soakKeeps } from './soak.js';

/** A nut made up for the figures: three fifths of its mass in the end, after half an hour in which it only gets wet. */
const nut: Soaking = {
  most: 0.6,
  cv: 0.1,
  rates: [0.1, 0.3, 1.5, 3],
  lagHours: 0.5,
  letOut: 4,
  slimyAfter: 24,
  source: 'made up',
};
const bath = (hours: number, temperatureC = 20, boiling = false): SoakBath => ({
  hours,
  temperatureC,
  boiling,
});

test.each([
  [0, 0.0675],
  [5, 0.1],
  [10, 0.1461],
  [20, 0.3],
  [40, 0.7062],
  [60, 1.5],
  [70, 2.3972],
  [75, 3],
  // Boiling water in a bowl is no hotter than this for long.
  [90, 3],
])('at %d °C it drinks at %d an hour: logarithms against 1/T, between the columns and beyond', (tC, rate) => {
  expect(soakingRate(nut, tC)).toBeCloseTo(rate, 4);
});

/** Worked apart from this code; what was poured on boiling in two hundred thousand steps. */
test.each([
  [bath(8), { drunk: 0.53676, clinging: 0.04, softened: 0.8946, letOut: 0.01963, sugarsLost: 0.22337 }],
  [bath(1, 60), { drunk: 0.31658, clinging: 0.04, softened: 0.52763, letOut: 0.01599, sugarsLost: 0.09069 }],
  [
    bath(2, 20, true),
    { drunk: 0.5537, clinging: 0.04, softened: 0.9229, letOut: 0.0391, sugarsLost: 0.2462 },
  ],
  [bath(0.3), { drunk: 0, clinging: 0.04, softened: 0, letOut: 0, sugarsLost: 0 }],
  [bath(0.01), { drunk: 0, clinging: 0.01574, softened: 0, letOut: 0, sugarsLost: 0 }],
])('%j gives %j', (of, result) => {
  const now = soaked(nut, of, 0.9, true);
  for (const [figure, value] of Object.entries(result))
    expect(Math.abs(now[figure as keyof typeof now] - value)).toBeLessThan(1e-4);
});

test('water that is kept takes nothing away; a soak does not last less than nothing', () => {
  expect(soaked(nut, bath(8), 0.9, false)).toMatchObject({ letOut: 0, sugarsLost: 0 });
  expect(soaked(nut, bath(8), 0.9, false).drunk).toBeCloseTo(0.53676, 4);
  expect(() => soaked(nut, bath(-1), 0.9, true)).toThrow(/0 hours or more/);
  expect(() => soaked(nut, bath(NaN), 0.9, true)).toThrow(RangeError);
  expect(soaked(nut, bath(0), 0.9, true)).toEqual({
    drunk: 0,
    clinging: 0,
    softened: 0,
    letOut: 0,
    sugarsLost: 0,
  });
});

test('nine tenths are in after a night and a day in the fridge, or under two hours poured on boiling', () => {
  expect(hoursToSoak(nut, false)).toBeCloseTo(23.526, 3);
  expect(hoursToSoak(nut, true)).toBeCloseTo(1.672, 3);
});

test.each([
  [-5, 89.693],
  [5, 72],
  [10, 49.922],
  [20, 24],
  [24, 15.179],
  [28, 9.6],
  [40, 3.84],
])('at %d °C a soak has gone too far after %d hours', (tC, hours) => {
  expect(soakKeeps(nut, tC)).toBeCloseTo(hours, 2);
});
