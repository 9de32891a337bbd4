import { type FatType, fatTypes } from '../../ingredient/substance.js';
import { potOf } from '../../larder/pot-of.js';
import { arrhenius } from '../../numeric/arrhenius.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import { noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { chilledEmulsionStress, oilContinuity, oilContinuousBranch } from './oil-continuous.js';

const fats = (of: Partial<Record<FatType, number>>): Float64Array =>
  Float64Array.from(fatTypes, (type) => of[type] ?? 0);
/** A pot of bare oil and water, g, with nothing that covers droplets. */
const mix = (fat: number, water: number, more: Partial<Mixture> = {}): Mixture => ({
  ...potAt(potOf([['water', 100]])).mix,
  fat,
  water,
  mass: fat + water,
  protein: 0,
  fibre: 0,
  gums: 0,
  emulsifyingProtein: 0,
  surfactant: 0,
  emulsifiedFat: 0,
  stableEmulsionFat: 0,
  spreadFat: 0,
  fatByType: fats({ liquid: fat }),
  worked: undefined,
  ...more,
});

test('below 0.42 of water to one of fat, oil is outside; half at that ratio', () => {
  expect(oilContinuity(mix(100, 42))).toBeCloseTo(0.5, 6);
  expect(oilContinuity(mix(100, 42 * Math.exp(0.16)))).toBeCloseTo(1 / (1 + Math.E), 6);
  expect(oilContinuity(mix(100, 42 * Math.exp(-0.16)))).toBeCloseTo(Math.E / (1 + Math.E), 6);
  expect(oilContinuity(mix(0, 42))).toBe(0);
  expect(oilContinuity(mix(100, 0))).toBeCloseTo(1, 6);
});

test('what came packed in water stays so; what covers droplets holds the oil in', () => {
  // Half of the fat cannot invert: 42 g are 0.84 of what can, ln 2 over 0.16 further off.
  expect(oilContinuity(mix(100, 42, { stableEmulsionFat: 50 }))).toBeCloseTo(1 / (1 + 2 ** (1 / 0.16)), 6);
  // Protein that covers half: the edge lies e^−0.9 lower.
  expect(oilContinuity(mix(100, 42 * Math.exp(-0.9), { emulsifyingProtein: 0.3 }))).toBeCloseTo(0.5, 6);
});

test('a spread is fat outside up to 1.3 of water, until it is melted; half of it so, the edge lies between', () => {
  const cold = { spreadFat: 100, maxTemperature: 5 };
  expect(oilContinuity(mix(100, 130, cold))).toBeCloseTo(0.5, 3);
  expect(oilContinuity(mix(100, Math.sqrt(42 * 130), { ...cold, spreadFat: 50 }))).toBeCloseTo(0.5, 3);
  expect(oilContinuity(mix(100, Math.sqrt(42 * 130), { ...cold, maxTemperature: 38 }))).toBeCloseTo(0.5, 3);
  expect(oilContinuity(mix(100, 60, { ...cold, maxTemperature: 60 }))).toBeLessThan(0.15);
});

test('churned cold it keeps water inside, if enough of the fat is solid and it was not melted after', () => {
  // A cocoa butter at 10 °C is far above twelve per cent solid.
  const churn = (atC: number, thenC: number, more: Partial<Mixture> = {}) =>
    oilContinuity(mix(100, 120, { fatByType: fats({ cocoa: 100 }), worked: { atC, thenC }, ...more }));
  expect(churn(10, 10)).toBeGreaterThan(0.6);
  expect(churn(60, 60)).toBeLessThan(0.01);
  expect(churn(10, 60)).toBeLessThan(0.01);
  expect(churn(10, 10, { emulsifyingProtein: 5 })).toBeLessThan(0.02);
  expect(oilContinuity(mix(100, 120, { fatByType: fats({ cocoa: 100 }) }))).toBeLessThan(0.01);
});

/** Network: 11.5·s/(s + 0.3)·(softplus of s − 2.5)^2.5·share^1.5 Pa; worked apart from the code. */
const net = (solid: number, share: number) =>
  11.5 * (solid / (solid + 0.3)) * (1.2 * Math.log1p(Math.exp((solid - 2.5) / 1.2))) ** 2.5 * share ** 1.5;

test('an emulsion with hard fat stiffens when it is chilled: packed droplets knit, unless they are covered', () => {
  expect(net(20, 0.6)).toBeCloseTo(6746.1, 1);
  expect(net(2, 1)).toBeCloseTo(2.878, 3);
  // 80 g of fat to 18.52 g of water are a share of 0.8: knit by 1/(1 + e^−3).
  const packed = mix(80, 20 / 1.08);
  const knit = net(20, 0.8) / (1 + Math.exp(-3));
  const crystals = 55_000 * 0.64 ** 1.6 * 0.2 ** 2.5;
  expect(chilledEmulsionStress(packed, 20)).toBeCloseTo(knit + crystals, 0);
  expect(chilledEmulsionStress({ ...packed, emulsifiedFat: 0.5 }, 20)).toBeCloseTo(knit + crystals / 64, 0);
  expect(chilledEmulsionStress({ ...packed, emulsifyingProtein: 0.24 }, 20)).toBeCloseTo(
    knit / 2 + crystals,
    0,
  );
  expect(chilledEmulsionStress(packed, 0)).toBe(0);
  // A thin milk has hardly any.
  expect(chilledEmulsionStress(mix(8, 92), 40)).toBeLessThan(30);
});

test('oil outside: as thick as oil of that warmth, thicker by what is inside it; firm by its crystals', () => {
  const oil = oilContinuousBranch(mix(100, 0), 25, 0, noOffsets);
  // 62 mPa·s at 25 °C, 0.88 of it for an oil of mostly simple unsaturation.
  expect(oil.viscosity).toBeCloseTo(54.56, 3);
  expect(oil.yieldStress).toBeCloseTo(0, 6);
  expect(oilContinuousBranch(mix(100, 0), 60, 0, noOffsets).viscosity).toBeCloseTo(
    54.56 * arrhenius(27, 60, 298.15),
    3,
  );
  const butter = oilContinuousBranch(mix(80, 20), 10, 30, noOffsets);
  const share = (80 * 1.087) / (80 * 1.087 + 20);
  expect(butter.fatStress).toBeCloseTo(net(30, share), 0);
  // What is packed: water at 0.66 of room, crystals at 0.9.
  const packing = 20 / (20 + 80 * 1.087) / 0.66 + (share * 0.3) / 0.9;
  const width = 0.08,
    jam = width * (Math.log1p(Math.exp((packing - 0.75) / width)) - Math.log1p(Math.exp(-0.75 / width)));
  expect(butter.yieldStress - butter.fatStress).toBeCloseTo(900 * jam ** 2.6, 2);
  // Dry cells of a ground nut hold oil in: they count 2.95 times, and 1.15 of that.
  const paste = oilContinuousBranch(mix(50, 2, { mass: 100, protein: 25, fibre: 10 }), 25, 0, noOffsets);
  const inner = 2 + (48 / 1.4) * 2.95 * 1.15,
    room = inner + 50 * 1.087,
    p = inner / 0.66 / room,
    packed = width * (Math.log1p(Math.exp((p - 0.75) / width)) - Math.log1p(Math.exp(-0.75 / width)));
  expect(paste.yieldStress).toBeCloseTo(900 * packed ** 2.6, 0);
  const stiffer = oilContinuousBranch(mix(80, 20), 10, 30, {
    ...noOffsets,
    fat: Math.log(2),
    jamming: Math.log(3),
  });
  expect(stiffer.fatStress / butter.fatStress).toBeCloseTo(2, 9);
  expect((stiffer.yieldStress - stiffer.fatStress) / (butter.yieldStress - butter.fatStress)).toBeCloseTo(
    3,
    6,
  );
});
