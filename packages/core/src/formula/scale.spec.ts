import { blankFormula, type Formula } from './formula.js';
import { stepsForPortions } from './scale.js';
import { applyStep } from './step.js';

const { writesItself: _written, ...flat } = blankFormula;
const formula: Formula = {
  ...flat,
  portions: 4,
  process: { ...blankFormula.process, evaporatedG: 40 },
  lines: [
    {
      id: 'a',
      ingredient: 'water',
      amount: { value: 1.5, unit: 'cup' },
      role: 'liquid',
      preparation: 'as-is',
      stage: 'start',
      hold: { kind: 'bounded', leastG: 300, mostG: 400 },
    },
    {
      id: 'b',
      ingredient: 'salt',
      amount: undefined,
      role: 'seasoning',
      preparation: 'as-is',
      stage: 'start',
    },
  ],
};

test('for six instead of four everything is half as much again, in the units it is written in, and can be taken back', () => {
  const outcome = applyStep(formula, { step: 'several', steps: stepsForPortions(formula, 6) });
  if (outcome.kind !== 'applied') throw new Error(outcome.kind);
  const { lines, portions, process } = outcome.formula;
  expect(portions).toBe(6);
  expect(lines[0]).toMatchObject({
    amount: { value: 2.25, unit: 'cup' },
    hold: { kind: 'bounded', leastG: 450, mostG: 600 },
  });
  expect(lines[1]?.amount).toBeUndefined();
  expect(process.evaporatedG).toBe(60);
  expect(applyStep(outcome.formula, outcome.inverse)).toMatchObject({ formula });
});

test('of a method only masses and the minutes of boiling down grow with the batch', () => {
  const own: Formula = {
    ...formula,
    method: [
      { kind: 'blend', seconds: 60, tool: 'jug' },
      { kind: 'heat', temperatureC: 90, minutes: 5, lossG: 20 },
      { kind: 'boil-down', minutes: 10, panCm: 20 },
      { kind: 'hold', minutes: 15, noodlesG: 200 },
    ],
  };
  const outcome = applyStep(own, { step: 'several', steps: stepsForPortions(own, 8) });
  if (outcome.kind !== 'applied') throw new Error(outcome.kind);
  expect(outcome.formula.method).toEqual([
    { kind: 'blend', seconds: 60, tool: 'jug' },
    { kind: 'heat', temperatureC: 90, minutes: 5, lossG: 40 },
    { kind: 'boil-down', minutes: 20, panCm: 20 },
    { kind: 'hold', minutes: 15, noodlesG: 400 },
  ]);
});

test('for nobody is refused', () => {
  expect(() => stepsForPortions(formula, 0)).toThrow(RangeError);
});
