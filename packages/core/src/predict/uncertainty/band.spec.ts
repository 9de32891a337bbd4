import { assemble } from '../assemble/assemble.js';
import { potOf } from '../../larder/pot-of.js';
import { predict } from '../predict.js';
import { consistencyAt } from '../thickness/consistency.js';
import { pullLength } from '../stretch/pull-length.js';
import { bandOf } from './band.js';
import { spreadAt } from '../spread.js';
import { K80 } from '../../numeric/normal.js';

const boiled = { maxTemperatureC: 92, holdMin: 3, blenderPower: 0.6, blendSeconds: 60 };
const spreadOf = (lines: Parameters<typeof potOf>[0], temperature = 60) => {
  const mix = assemble(potOf(lines, boiled)),
    at = { temperature, storage: 'cool', days: 0 } as const;
  const flow = consistencyAt(mix, at);
  return spreadAt(mix, at, flow, pullLength(mix, flow, at));
};

test('a band holds its middle, wider for more doubt, closed without any', () => {
  const { low, mid, high } = bandOf(200, 0.3);
  expect(low).toBeLessThan(mid);
  expect(high).toBeGreaterThan(mid);
  expect(low * high).toBeCloseTo(mid * mid, 6);
  expect(bandOf(200, 0.6).high).toBeGreaterThan(high);
  expect(bandOf(200, 0)).toEqual({ low: 200, mid: 200, high: 200 });
});

test('four of five draws of a normal kitchen fall inside', () => {
  const { low, high } = bandOf(1, 1);
  // The share of a normal law within ±K80, by summing its density in small steps.
  const step = 1e-3;
  let share = 0;
  for (let z = -K80; z < K80; z += step) share += (Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI)) * step;
  expect(share).toBeCloseTo(0.8, 2);
  expect(Math.log(high / low)).toBeCloseTo(2 * K80, 9);
});

test('a thick sauce is less certain than milk, and two thickeners less than neither', () => {
  const milk = spreadOf([['oat-drink', 300]]).viscosity;
  const starchy = spreadOf([
    ['oat-drink', 300],
    ['corn-starch', 20],
  ]).viscosity;
  expect(starchy).toBeGreaterThan(milk);
  expect(
    spreadOf([
      ['oat-drink', 300],
      ['corn-starch', 20],
      ['cashew', 120],
    ]).viscosity,
  ).toBeGreaterThan(milk);
});

test('every band of every figure holds its own middle', () => {
  const p = predict(
    potOf(
      [
        ['oat-drink', 300],
        ['cashew', 80],
        ['tapioca-starch', 20],
        ['lemon-juice', 15],
        ['salt', 4],
        ['nutritional-yeast', 12],
      ],
      boiled,
      { atC: 65 },
    ),
  );
  for (const key of [
    'fat',
    'salt',
    'protein',
    'sweetness',
    'savoriness',
    'sourness',
    'pH',
    'energyKcal',
    'viscosity',
    'yieldStress',
    'stretch',
  ] as const) {
    const { low, mid, high } = p[key];
    expect([key, low <= mid, mid <= high, Number.isFinite(high)]).toEqual([key, true, true, true]);
  }
});

test('what was guessed from a label widens the band', () => {
  const known = potOf(
    [
      ['oat-drink', 300],
      ['cashew', 80],
    ],
    boiled,
  );
  const guessed = {
    ...known,
    lines: known.lines.map((line) => ({
      ...line,
      ingredient: { ...line.ingredient, id: `own-${line.ingredient.id}`, guessed: ['water'] as const },
    })),
  };
  const width = (pot: typeof known) => {
    const { low, high } = predict(pot).viscosity;
    return high / low;
  };
  expect(width(guessed as typeof known)).toBeGreaterThan(width(known));
});
