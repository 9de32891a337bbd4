import { gramsOf } from '../../quantity/amount.js';
import { formulaWith, lineOf } from '../../formula/formula.fixture.js';
import type { Formula } from '../../formula/formula.js';
import { recipeOfFormula } from '../../formula/recipe-of-formula.js';
import { applyStep } from '../../formula/step.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { predict } from '../../predict/predict.js';
import type { Method } from '../../recipe/method/operation.js';
import { areaOfDish, type ScaleAsk, scaleFactor } from './scale-ask.js';
import { scaledOperation } from './scale-method.js';
import { scaledFormula, type ScaleRequest } from './scaled-formula.js';

const sauce = formulaWith([
  ['cashew', 120],
  ['water', 360],
  ['corn-starch', 14],
  ['salt', 4],
  ['lemon-juice', 18],
]);
const spooned: Formula = {
  ...sauce,
  lines: [
    lineOf('cashew', 0, { amount: { value: 1, unit: 'cup' } }),
    lineOf('water', 0, { amount: { value: 1.5, unit: 'cup' } }),
    lineOf('corn-starch', 0, { amount: { value: 2, unit: 'tbsp' } }),
    lineOf('salt', 0, { amount: { value: 0.5, unit: 'tsp' } }),
    lineOf('garlic', 0, { amount: { value: 2, unit: 'clove' } }),
  ],
};
const scaled = (formula: Formula, ask: ScaleAsk, more: Partial<ScaleRequest> = {}) =>
  scaledFormula({ formula, larder: ingredientById, ask, ...more });
const taken = (formula: Formula, { steps }: ReturnType<typeof scaledFormula>): Formula => {
  const outcome = applyStep(formula, { step: 'several', steps });
  if (outcome.kind !== 'applied') throw new Error(outcome.kind);
  return outcome.formula;
};
const pot = (formula: Formula) => predict(recipeOfFormula(formula, ingredientById).recipe);

test('for six instead of four: every amount, the bounds and the portions, and all of it can be taken back', () => {
  const held: Formula = {
    ...sauce,
    lines: sauce.lines.map((line) =>
      line.id === 'cashew' ? { ...line, hold: { kind: 'bounded', leastG: 100, mostG: 140 } } : line,
    ),
  };
  const six = scaled(held, { by: 'portions', portions: 6 }, { rounding: 'exact' });
  expect(six.factor).toBeCloseTo(1.5, 9);
  const outcome = applyStep(held, { step: 'several', steps: six.steps });
  if (outcome.kind !== 'applied') throw new Error(outcome.kind);
  const { lines, portions } = outcome.formula;
  expect(portions).toBe(6);
  expect(lines.map(({ amount }) => amount?.value)).toEqual([180, 540, 21, 6, 27]);
  expect(lines[0]?.hold).toEqual({ kind: 'bounded', leastG: 150, mostG: 210 });
  expect(applyStep(outcome.formula, outcome.inverse)).toMatchObject({ formula: held });
});

test('by what there is of one thing, by the mass that is to come out, by the dish', () => {
  expect(scaled(sauce, { by: 'line', line: 'cashew', grams: 80 }).factor).toBeCloseTo(2 / 3, 9);
  const { massG } = pot(sauce);
  const kilo = scaled(sauce, { by: 'mass', grams: 1000 }, { rounding: 'exact' });
  expect(pot(taken(sauce, kilo)).massG).toBeCloseTo(1000, -1);
  expect(kilo.factor).toBeCloseTo(1000 / massG, 9);
  const round = { shape: 'round', acrossCm: 20 } as const,
    sheet = { shape: 'rectangular', widthCm: 20, lengthCm: 30 } as const;
  expect(areaOfDish(round)).toBeCloseTo(314.16, 2);
  expect(scaled(sauce, { by: 'dish', from: round, to: sheet }).factor).toBeCloseTo(600 / 314.159, 4);
  expect(scaled(sauce, { by: 'dish', from: round, to: sheet }).portions).toBe(7.75);
});

test('amounts come in spoons, cups and pieces that there are, and no rail moves by what a cook would notice', () => {
  for (const portions of [3, 5, 6, 7, 10]) {
    const { lines, drift } = scaled(spooned, { by: 'portions', portions });
    expect(drift).toBeLessThan(1);
    for (const { to, toWeigh } of lines) {
      if (toWeigh) continue;
      const parts = [8, 3].some((n) => Math.abs(to.value * n - Math.round(to.value * n)) < 1e-9);
      expect([to, parts || to.unit === 'g']).toEqual([to, true]);
    }
    // One thing never makes up for another.
    for (const { line, grams } of lines) {
      const before = spooned.lines.find(({ id }) => id === line)!,
        { measures } = ingredientById(line)!;
      const ratio = grams / (gramsOf(before.amount, measures)! * (portions / 4));
      expect(Math.abs(Math.log(ratio))).toBeLessThan(grams > 5 ? 0.15 : 0.35);
    }
    const measured = lines.filter(({ toWeigh }) => !toWeigh);
    expect(measured.length).toBeGreaterThanOrEqual(3);
  }
});

test('spoons that would move a rail give way to the scale', () => {
  const gum: Formula = {
    ...spooned,
    lines: [
      lineOf('water', 300),
      lineOf('xanthan', 0, { amount: { value: 0.5, unit: 'tsp' } }),
      lineOf('salt', 0, { amount: { value: 0.25, unit: 'tsp' } }),
    ],
  };
  const plain = scaled(gum, { by: 'portions', portions: 5 });
  expect(plain.drift).toBeLessThan(1);
  const exact = scaled(gum, { by: 'portions', portions: 5 }, { rounding: 'exact' });
  expect(exact.drift).toBeLessThan(0.2);
  expect(plain.drift).toBeGreaterThanOrEqual(0);
});

test('twice as much in the same pot loses as much in the same minutes, so that less water goes in; what comes out is twice as much', () => {
  const own: Formula = {
    ...sauce,
    method: [
      { kind: 'blend', seconds: 60, tool: 'jug' },
      { kind: 'heat', temperatureC: 95, minutes: 10, lossG: 60 },
    ],
  };
  const twice = scaled(own, { by: 'portions', portions: 8 }, { rounding: 'exact' });
  expect(twice.method).toBeUndefined();
  expect(twice.waterLessG).toBeCloseTo(60, 0);
  expect(pot(taken(own, twice)).massG / pot(own).massG).toBeCloseTo(2, 2);
  expect(twice.drift).toBeLessThan(0.7);
  const grown = scaled(own, { by: 'portions', portions: 8 }, { rounding: 'exact', vessel: 'grown' });
  expect(grown.method?.[1]?.lossG).toBeCloseTo(60 * 2 ** (2 / 3), 0);
  expect(grown.waterLessG).toBeCloseTo(120 - 60 * 2 ** (2 / 3), 0);
});

test('boiling down takes its time by the pan; soak, blade and heat stay, and a layer is as thick as its dish lets it be', () => {
  const boil = { kind: 'boil-down', minutes: 10, panCm: 20 } as const;
  expect(scaledOperation(boil, 2, 'same')).toEqual({ ...boil, minutes: 20, panCm: 20 });
  expect(scaledOperation(boil, 2, 'grown')).toEqual({ ...boil, minutes: 12.6, panCm: 25.2 });
  const same: Method = [
    { kind: 'soak', minutes: 480, temperatureC: 5 },
    { kind: 'blend', seconds: 60 },
    { kind: 'heat', temperatureC: 90, minutes: 5 },
    { kind: 'chill', minutes: 240 },
  ];
  for (const operation of same) expect(scaledOperation(operation, 3, 'same')).toEqual(operation);
  const bake = { kind: 'bake', minutes: 25, ovenC: 190, layerMm: 20 } as const;
  expect(scaledOperation(bake, 1.5, 'same').layerMm).toBe(30);
  expect(scaledOperation(bake, 1.5, 'grown').layerMm).toBe(20);
  // 200 g of noodles want 300 g for half as many again.
  expect(scaledOperation({ kind: 'hold', minutes: 15, noodlesG: 200 }, 1.5, 'same').noodlesG).toBe(300);
});

test('flat words follow too', () => {
  const { writesItself: _written, ...rest } = sauce;
  const flat: Formula = { ...rest, process: { ...sauce.process, evaporatedG: 40 } };
  const grown = taken(
    flat,
    scaled(flat, { by: 'portions', portions: 8 }, { vessel: 'grown', rounding: 'exact' }),
  );
  expect(grown.process.evaporatedG).toBeCloseTo(40 * 2 ** (2 / 3), 0);
  expect(grown.method).toBeUndefined();
});

test('what cannot be scaled says why', () => {
  expect(() => scaled(sauce, { by: 'portions', portions: 0 })).toThrow('portions');
  expect(() => scaled(sauce, { by: 'line', line: 'nothing', grams: 5 })).toThrow('the amount of the line');
  expect(() => scaled(formulaWith([]), { by: 'mass', grams: 100 })).toThrow('the mass');
  expect(() => scaled(sauce, { by: 'portions', portions: 5000 })).toThrow(RangeError);
  expect(() => scaled(sauce, { by: 'mass', grams: 1e7 })).toThrow(RangeError);
  expect(scaleFactor({ by: 'portions', portions: 2 }, { portions: 4, lines: new Map(), massG: 0 })).toBe(0.5);
});

test('an amount that was said loosely is so in another size too, and lies in its own range to the last digit', () => {
  const loosely: Formula = {
    ...spooned,
    lines: spooned.lines.map((line) =>
      line.ingredient === 'garlic'
        ? { ...line, amount: { value: 3, unit: 'clove', range: { low: 3, high: 4.5 } } }
        : line,
    ),
  };
  for (const portions of [1, 3, 5, 7, 9, 11]) {
    const { lines } = scaled(loosely, { by: 'portions', portions }, { rounding: 'exact' });
    const { to } = lines.find(({ line }) => line === 'garlic')!;
    expect(to.range!.low).toBeLessThanOrEqual(to.value);
    expect(to.range!.high / to.value).toBeCloseTo(1.5, 9);
    expect(to.value).toBeCloseTo((3 * portions) / 4, 3);
  }
  expect(
    scaled(spooned, { by: 'portions', portions: 6 }).lines.every(({ to }) => to.range === undefined),
  ).toBe(true);
});
