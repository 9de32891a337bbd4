import type { Consistency } from '../thickness/flow.js';
import type { Flowing } from '../thickness/shear-thinning.js';
import { homeTestsOf } from './home-tests.js';
import { ringSpread, viscosityFromRing } from './ring-spread.js';
import {
  ribbonSeconds,
  spoonFilm,
  trailHolds,
  viscosityFromRibbon,
  viscosityFromSpoon,
} from './spoon-and-ribbon.js';
import { syringeLeft, viscosityFromSyringe } from './syringe.js';

const sauce = (viscosity: number, yieldStress = 0, flowIndex = 0.6): Flowing => ({
  viscosity,
  yieldStress,
  flowIndex,
});
const thinToThick = [20, 80, 300, 900, 2500, 8000].map((viscosity) => sauce(viscosity, viscosity / 400));

test('a thicker sauce spreads less, stays in the syringe, clings to the spoon and holds its ribbon', () => {
  thinToThick.slice(1).forEach((thicker, i) => {
    const thinner = thinToThick[i] ?? thicker;
    expect(ringSpread(thicker)).toBeLessThanOrEqual(ringSpread(thinner));
    expect(syringeLeft(thicker)).toBeGreaterThanOrEqual(syringeLeft(thinner));
    expect(spoonFilm(thicker)).toBeGreaterThan(spoonFilm(thinner));
    expect(ribbonSeconds(thicker)).toBeGreaterThanOrEqual(ribbonSeconds(thinner));
  });
});

test('milk runs through the syringe, mayonnaise does not move, and the ring is the least radius', () => {
  expect(syringeLeft(sauce(2, 0, 1))).toBeLessThan(1);
  expect(syringeLeft(sauce(2400, 150, 0.42))).toBeGreaterThan(9.9);
  expect(ringSpread(sauce(2e5, 4000, 0.3))).toBeGreaterThanOrEqual(2.5);
  expect(trailHolds(sauce(900, 3, 0.5))).toBeGreaterThan(0.8);
  expect(trailHolds(sauce(3, 0, 1))).toBeLessThan(0.2);
});

test('a reading, turned back, gives the viscosity it came from', () => {
  for (const viscosity of [400, 900, 2000]) {
    const like = sauce(viscosity, viscosity / 500);
    expect(viscosityFromRing(ringSpread(like), like) / viscosity).toBeCloseTo(1, 2);
    expect(viscosityFromSpoon(spoonFilm(like), like) / viscosity).toBeCloseTo(1, 2);
    expect(viscosityFromRibbon(ribbonSeconds(like), like) / viscosity).toBeCloseTo(1, 2);
  }
  const thin = sauce(60, 0, 0.9);
  expect(viscosityFromSyringe(syringeLeft(thin), thin) / 60).toBeCloseTo(1, 1);
});

/** Worked apart from this code: spreading and draining solved by bisection, the syringe in steps of a thousandth of a second. */
test.each([
  // Only its weight against its viscosity; slower where it thins less; held by its own yield stress; by the ring; by surface tension.
  [2000, 0, 1, 8.105, 7.424],
  [20_000, 0, 0.5, 4.405, 4.056],
  [2000, 20, 0.6, 4.867, 4.789],
  [300, 3, 0.5, 6.704, 6.531],
  [500, 500, 0.5, 2.8, 2.8],
  [5, 0, 1, 9.212, 9.186],
  [1e6, 0, 0.9, 3.785, 3.356],
])('%d mPa·s, %d Pa, flow index %d spread to %d cm in 30 s, %d cm in 10 s', (v, y, n, thirty, ten) => {
  expect(ringSpread(sauce(v, y, n))).toBeCloseTo(thirty, 2);
  expect(ringSpread(sauce(v, y, n), 10)).toBeCloseTo(ten, 2);
});

test.each([
  [1000, 0, 1, 0.9948],
  [1000, 5, 0.5, 2.0231],
  [3, 0, 1, 0.0545],
  [30, 0, 0.9, 0.173],
  // More than eight millimetres do not stay on a spoon.
  [20_000, 100, 0.4, 8],
])('%d mPa·s, %d Pa, flow index %d leave %d mm on the spoon', (v, y, n, mm) => {
  expect(spoonFilm(sauce(v, y, n))).toBeCloseTo(mm, 3);
});

test.each([
  [3000, 0, 0.5, 5.222],
  [500, 10, 0.6, 0.736],
  [100, 0, 1, 0.0191],
  [500, 41, 0.6, 27.96],
  // What stays stays; a minute is the end of the scale.
  [2000, 60, 0.6, 60],
])('%d mPa·s, %d Pa, flow index %d show a ribbon for %d s', (v, y, n, seconds) => {
  expect(ribbonSeconds(sauce(v, y, n))).toBeCloseTo(seconds, seconds > 1 ? 2 : 3);
});

test.each([
  [60, 0, 1, 7.208, 8.517],
  [60, 10, 0.6, 5.207, 7.044],
  [20, 0, 1, 4.198, 6.684],
  [300, 20, 0.5, 9.554, 9.77],
  [1, 0, 1, 0, 1.52],
])(
  '%d mPa·s, %d Pa, flow index %d leave %d mL in the syringe after 10 s, %d mL after 5 s',
  (v, y, n, ten, five) => {
    expect(Math.abs(syringeLeft(sauce(v, y, n)) - ten)).toBeLessThan(0.025);
    expect(Math.abs(syringeLeft(sauce(v, y, n), 5) - five)).toBeLessThan(0.025);
  },
);

test('what the wall holds does not run at all, and every test stands in what a report shows', () => {
  // 1030·9.81·73.5 mm·0.95 mm / 22 mm = 32.1 Pa at the wall of a full syringe; 60 Pa of yield are felt as 36.
  expect(syringeLeft(sauce(300, 60, 0.5))).toBe(10);
  expect(syringeLeft(sauce(300, 50, 0.5))).toBeLessThan(10);
  const like = sauce(900, 3, 0.5);
  expect(homeTestsOf(like as Consistency)).toEqual({
    ringRadiusCm: ringSpread(like),
    syringeLeftMl: syringeLeft(like),
    spoonFilmMm: spoonFilm(like),
    trailHolds: trailHolds(like),
    ribbonSeconds: ribbonSeconds(like),
  });
  // A film as thick as the one at which a trail stays open: an even chance.
  expect(trailHolds(sauce(viscosityFromSpoon(0.26, sauce(100, 0, 0.9)), 0, 0.9))).toBeCloseTo(0.5, 6);
});
