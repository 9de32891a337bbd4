import { type FatType, fatTypes } from '../../ingredient/substance.js';
import { potOf } from '../../larder/pot-of.js';
import { predict } from '../predict.js';
import { meltedFactor, solidFatOfMix, solidFatSd } from './solid-fat.js';

const blend = (of: Partial<Record<FatType, number>>): Float64Array =>
  Float64Array.from(fatTypes, (type) => of[type] ?? 0);

describe('cocoa butter and coconut fat soften each other, worked by hand', () => {
  test.each([
    [0.5, 10, 66.96],
    [0.5, 20, 28.33],
    [0.5, 25, 13.0],
    [0.2, 20, 29.52],
    [0.8, 20, 46.9],
  ])('%d of cocoa at %d °C', (cocoa, tC, expected) => {
    expect(solidFatOfMix(blend({ cocoa, coconut: 1 - cocoa }), tC)).toBeCloseTo(expected, 0);
  });
  test('equal parts are softer than either, and a trace of one softens nothing', () => {
    const equal = solidFatOfMix(blend({ cocoa: 1, coconut: 1 }), 20);
    expect(equal).toBeLessThan(solidFatOfMix(blend({ coconut: 1 }), 20));
    expect(equal).toBeLessThan(solidFatOfMix(blend({ cocoa: 1 }), 20));
    expect(solidFatOfMix(blend({ cocoa: 1, coconut: 1e-5 }), 20)).toBeCloseTo(77, 2);
  });
  test('in much oil the two hardly meet', () => {
    const oil = solidFatOfMix(blend({ cocoa: 1, coconut: 1, liquid: 38 }), 20);
    expect(oil / 2.8).toBeGreaterThan(0.97);
  });
  test('fats of one family mix as they are', () => {
    expect(solidFatOfMix(blend({ coconut: 1, palmKernel: 1 }), 20)).toBeCloseTo(37.5, 9);
  });
});

test('melted, coconut flows more easily than oil, cocoa less, flax most easily; logarithms mix', () => {
  expect(meltedFactor(blend({ coconut: 1 }))).toBeCloseTo(0.78, 9);
  expect(meltedFactor(blend({ cocoa: 1 }))).toBeCloseTo(1.2, 9);
  expect(meltedFactor(blend({ polyunsaturated: 3 }))).toBeCloseTo(0.7, 9);
  expect(meltedFactor(blend({ coconut: 1, cocoa: 1 }))).toBeCloseTo(Math.sqrt(0.78 * 1.2), 9);
  expect(meltedFactor(blend({}))).toBe(1);
});

describe('solid fat has a band', () => {
  test('a tenth for one hard fat, wider near its end of melting and where two soften each other', () => {
    expect(solidFatSd(blend({ cocoa: 1 }), 77)).toBeCloseTo(0.1 * Math.sqrt(1 + 12 / 77), 9);
    expect(solidFatSd(blend({ cocoa: 1 }), 3)).toBeCloseTo(0.1 * Math.sqrt(5), 9);
    expect(solidFatSd(blend({ cocoa: 1, coconut: 1 }), 28)).toBeCloseTo(
      Math.hypot(0.1 * Math.sqrt(1 + 12 / 28), 0.22 * 0.92),
      9,
    );
    expect(solidFatSd(blend({ liquid: 1 }), 0)).toBe(0.6);
  });
  test('it reaches the prediction, never above all of the fat', () => {
    const { low, mid, high } = predict(potOf([['shea-stearin', 100]], {}, { atC: 5 })).solidFat;
    expect(mid).toBeCloseTo(92, 0);
    expect(low).toBeLessThan(84);
    expect(high).toBe(100);
  });
});

test('between two temperatures of the table it runs straight, and beyond its ends it stays', () => {
  const cocoa = (tC: number) => solidFatOfMix(blend({ cocoa: 1 }), tC);
  expect(cocoa(5)).toBeCloseTo(90, 9);
  expect(cocoa(-10)).toBeCloseTo(90, 9);
  expect(cocoa(27.5)).toBeCloseTo(57.5, 9);
  expect(cocoa(31)).toBeCloseTo(43 - 42 / 5, 9);
  expect(cocoa(70)).toBe(0);
  expect(cocoa(95)).toBe(0);
  expect(solidFatOfMix(blend({}), 5)).toBe(0);
  // Stearin and palm beside each other in a third fat: what each pair loses is counted of the whole.
  expect(solidFatSd(blend({ coconut: 1, palm: 1 }), 40)).toBeCloseTo(
    Math.hypot(0.1 * Math.sqrt(1 + 12 / 40), 0.22 * 0.32),
    9,
  );
  expect(solidFatSd(blend({ coconut: 1, palm: 1, liquid: 2 }), 40)).toBeCloseTo(
    Math.hypot(0.1 * Math.sqrt(1 + 12 / 40), (0.22 * 0.32) / 4),
    9,
  );
});
