import { potOf } from '../../larder/pot-of.js';
import { uncooked } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import type { Consistency } from '../thickness/flow.js';
import { dropletDiameter } from '../particle/droplet.js';
import { creamingIndex, oilingOffRisk } from './creaming.js';

const stirred = potAt(
  potOf([
    ['water', 200],
    ['sunflower-oil', 60],
  ]),
);
const pot = (changed: Partial<Mixture>): Mixture => ({ ...stirred.mix, emulsifiedFat: 0, ...changed });
const liquid = (changed: Partial<Consistency>): Consistency => ({
  ...stirred.flow,
  viscosity: 1,
  yieldStress: 0,
  flowIndex: 1,
  oilContinuous: 0,
  ...changed,
});

describe('droplets, worked by hand from the table: 40 µm whisked, 6 µm blended, 2 µm as they came', () => {
  test.each([
    ['whisked', {}, 40],
    ['blended half-way', { process: { ...uncooked, blenderPower: 0.5, blendSeconds: 30 } }, 15.492],
    [
      'blended three times as long',
      { process: { ...uncooked, blenderPower: 0.5, blendSeconds: 90 } },
      9.6411,
    ],
    ['all enclosed', { emulsifiedFat: 0.4 }, 2],
    ['half enclosed', { emulsifiedFat: 1 / 6 }, 8.9443],
  ] as const)('%s', (_what, changed, expected) => {
    expect(dropletDiameter(pot(changed))).toBeCloseTo(expected, 3);
  });
});

/** 60 g of fat in 260 g, against a tenth of a per cent that nobody sees: 23.077 / 23.177. */
const SEEN = 0.995685;

describe('rising, by the law of Stokes', () => {
  /** Whisked oil in water: 100 kg/m³ · 9.81 · (40 µm)² / (18 · 1 mPa·s) = 0.0872 mm/s, 7534 mm a day. */
  const index = (mmPerDay: number) => (SEEN * 10 * mmPerDay) / (mmPerDay + 12);
  test.each([
    ['in water', {}, {}, index(7534.08)],
    ['a thousand times thicker', {}, { viscosity: 1000 }, index(7.53408)],
    ['twice as thick as that', {}, { viscosity: 2000 }, index(3.76704)],
    [
      'thinning with shear: at 0.05 /s it is 31.6 times as thick',
      {},
      { viscosity: 1000, flowIndex: 0.5 },
      index(0.238249),
    ],
    ['droplets of 2 µm', { emulsifiedFat: 1 }, { viscosity: 10 }, index(1.88352)],
    [
      'a yield stress of 0.4 Pa holds half of it',
      {},
      { viscosity: 1000, yieldStress: 0.4 },
      index(7.53408) / 2,
    ],
    ['oil around water does not rise', {}, { oilContinuous: 1 }, 0],
    ['half and half, half of it', {}, { oilContinuous: 0.5 }, index(7534.08) / 2],
    ['a tenth of a per cent of fat is half seen', { fat: 0.26 }, {}, index(7534.08) / SEEN / 2],
    ['nothing rises without fat', { fat: 0 }, {}, 0],
  ] as const)('%s', (_what, changed, flowing, expected) => {
    expect(creamingIndex(pot(changed), liquid(flowing))).toBeCloseTo(expected, 4);
  });
});

describe('oil on top, worked by hand', () => {
  test.each([
    [
      'no protein at all: 92 % bare, and 100 g of fat is enough',
      { emulsifyingProtein: 0, fat: 100, mass: 300 },
      0,
      0.91524,
    ],
    ['just covered', { emulsifyingProtein: 1.2, fat: 100, mass: 300 }, 0, 0.49914],
    ['more than covered', { emulsifyingProtein: 2.2, fat: 100, mass: 300 }, 0, 0.119],
    ['half hidden: 4 g in 100 g', { emulsifyingProtein: 0, fat: 4, mass: 100 }, 0, 0.45841],
    ['held by 900 mPa·s', { emulsifyingProtein: 0, fat: 100, mass: 300 }, 900, 0.45762],
    ['held better by 1800', { emulsifyingProtein: 0, fat: 100, mass: 300 }, 1800, 0.30508],
    ['no fat', { fat: 0 }, 0, 0],
  ] as const)('%s', (_what, changed, viscosity, expected) => {
    expect(oilingOffRisk(pot(changed), liquid({ viscosity }))).toBeCloseTo(expected, 4);
  });
  test('where oil is around the water nothing can come loose', () => {
    expect(oilingOffRisk(pot({ emulsifyingProtein: 0 }), liquid({ oilContinuous: 1 }))).toBe(0);
  });
});
