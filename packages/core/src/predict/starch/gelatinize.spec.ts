import { breakdownProgress, gelatinizedShares, hydrolysisFactor } from './gelatinize.js';
import { type StarchId, starchIds } from '../../ingredient/substance.js';

const thin = { water: 240, sugars: 0, salt: 0, starch: 16 };
const share = (id: StarchId, maxTemperature: number, hold: number, pot = thin): number =>
  gelatinizedShares({ maxTemperature, hold }, pot)[starchIds.indexOf(id)] ?? NaN;

test('a starch stays raw well below its peak and is cooked well above it', () => {
  expect(share('corn', 55, 10)).toBeLessThan(0.02);
  expect(share('corn', 92, 5)).toBeGreaterThan(0.95);
});

test('potato starch gives way before corn starch', () => {
  expect(share('potato', 66, 5)).toBeGreaterThan(2 * share('corn', 66, 5));
});

test('near its peak it needs minutes, near the boil hardly any', () => {
  expect(share('tapioca', 67, 1)).toBeLessThan(0.75 * share('tapioca', 67, 15));
  expect(share('tapioca', 92, 1)).toBeGreaterThan(0.9 * share('tapioca', 92, 15));
});

test('sugar and salt delay it, scarce water limits it', () => {
  expect(share('wheat', 62, 5, { ...thin, sugars: 60 })).toBeLessThan(share('wheat', 62, 5));
  expect(share('wheat', 62, 5, { ...thin, salt: 12 })).toBeLessThan(share('wheat', 62, 5));
  expect(share('wheat', 95, 20, { ...thin, water: 8 })).toBeLessThan(0.75);
});

test('lemon boiled along thins a starch sauce, lemon off the heat does not', () => {
  const boiled = { maxTemperature: 98, hold: 15 };
  expect(hydrolysisFactor(boiled, 3.2)).toBeLessThan(0.75);
  expect(hydrolysisFactor(boiled, 6)).toBeGreaterThan(0.99);
  expect(hydrolysisFactor({ maxTemperature: 60, hold: 15 }, 3.2)).toBeGreaterThan(0.97);
});

test('granules break down only when boiled long', () => {
  expect(breakdownProgress({ maxTemperature: 80, hold: 30 })).toBeLessThan(0.15);
  expect(breakdownProgress({ maxTemperature: 99, hold: 40 })).toBeGreaterThan(0.8);
});
