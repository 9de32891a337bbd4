import type { Flowing } from '../thickness/shear-thinning.js';
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
