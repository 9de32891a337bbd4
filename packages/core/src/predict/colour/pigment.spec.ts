import {
  absorptionRatio,
  hexOf,
  labFromReflectance,
  reflectanceFromLab,
  reflectanceFromRatio,
} from './pigment.js';
import type { Lab, Reflectance } from './pigment.js';

/** Pairs as tables of the standard give them: white, a middle grey, the three primaries, nearly black. */
const pairs: readonly (readonly [Reflectance, Lab])[] = [
  [
    [1, 1, 1],
    [100, 0, 0],
  ],
  [
    [0.1842, 0.1842, 0.1842],
    [50, 0, 0],
  ],
  [
    [1, 0, 0],
    [53.24, 80.09, 67.2],
  ],
  [
    [0, 1, 0],
    [87.73, -86.18, 83.18],
  ],
  [
    [0, 0, 1],
    [32.3, 79.19, -107.86],
  ],
  [
    [0.0042, 0.0042, 0.0042],
    [3.79, 0, 0],
  ],
];

test.each(pairs)('linear sRGB %j is CIELAB %j, there and back', (reflectance, lab) => {
  labFromReflectance(reflectance).forEach((value, i) => expect(Math.abs(value - lab[i]!)).toBeLessThan(0.06));
  reflectanceFromLab(lab).forEach((value, i) =>
    expect(Math.abs(value - reflectance[i]!)).toBeLessThan(0.0015),
  );
});

test('a screen is told each channel by the curve of the standard, and never more than it has', () => {
  expect(hexOf([1, 0, 0])).toBe('#ff0000');
  expect(hexOf([0.2159, 0.2159, 0.2159])).toBe('#808080');
  // 12.92 times what is nearly black; 255·(1.055·0.05^(1/2.4) − 0.055) = 63.2.
  expect(hexOf([0.002, 0.0031, 0.05])).toBe('#070a3f');
  expect(hexOf([1.3, -0.2, 0.5])).toBe('#ff00bc');
});

test('half the light comes back where absorption is a quarter of scattering, and what is nearly white or black stays finite', () => {
  expect(reflectanceFromRatio(0.25)).toBeCloseTo(0.5, 9);
  const [grey] = absorptionRatio(labFromReflectance([0.5, 0.5, 0.5]));
  expect(grey).toBeCloseTo(0.25, 3);
  expect(absorptionRatio([100, 0, 0])[0]).toBeCloseTo(0.04 ** 2 / (2 * 0.96), 6);
  expect(absorptionRatio([0, 0, 0])[0]).toBeCloseTo(0.992 ** 2 / (2 * 0.008), 6);
});
