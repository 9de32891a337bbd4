import { ingredientById } from '../larder/catalog/larder-table.js';
import { blankFormula, type Formula, type Line } from './formula.js';
import { applyStep, type FormulaStep } from './step.js';

const line = (id: string, ingredient: string, grams: number): Line => ({
  id,
  ingredient,
  amount: { value: grams, unit: 'g' },
  role: ingredientById(ingredient)?.role ?? 'body',
  preparation: 'as-is',
  stage: 'start',
});
const formula: Formula = { ...blankFormula, lines: [line('a', 'cashew', 100), line('b', 'water', 300)] };

const steps: readonly (readonly [string, FormulaStep])[] = [
  ['pinning a line', { step: 'set-hold', line: 'a', hold: { kind: 'pinned' } }],
  ['bounding a line', { step: 'set-hold', line: 'b', hold: { kind: 'bounded', leastG: 10, mostG: 400 } }],
  ['asking for something', { step: 'set-brief', brief: { fat: { low: 5, high: 9, weight: 3 } } }],
  ['taking another version', { step: 'become', formula: { ...formula, name: 'Another', lines: [] } }],
  [
    'a proposal of several',
    {
      step: 'several',
      steps: [
        { step: 'set-amount', line: 'a', amount: { value: 80, unit: 'g' } },
        { step: 'remove-line', line: 'b' },
        { step: 'add-line', line: line('c', 'oat-drink', 250), at: 0 },
      ],
    },
  ],
];

test.each(steps)('%s is taken back by its inverse', (_name, step) => {
  const there = applyStep(formula, step);
  expect(there.kind).toBe('applied');
  if (there.kind !== 'applied') return;
  expect(there.formula).not.toEqual(formula);
  const back = applyStep(there.formula, there.inverse);
  expect(back).toMatchObject({ kind: 'applied', formula });
  if (back.kind !== 'applied') return;
  expect(applyStep(back.formula, back.inverse)).toMatchObject({ kind: 'applied', formula: there.formula });
});

test('of several edits all are taken, or none', () => {
  const outcome = applyStep(formula, {
    step: 'several',
    steps: [
      { step: 'set-amount', line: 'a', amount: { value: 1, unit: 'g' } },
      { step: 'remove-line', line: 'gone' },
    ],
  });
  expect(outcome).toEqual({ kind: 'unknown-line', line: 'gone' });
  expect(formula.lines[0]?.amount?.value).toBe(100);
});

test('freeing a line leaves no trace of its hold, and the usual brief none of the own one', () => {
  const held = applyStep(formula, { step: 'set-hold', line: 'a', hold: { kind: 'pinned' } });
  const freed =
    held.kind === 'applied'
      ? applyStep(held.formula, { step: 'set-hold', line: 'a', hold: undefined })
      : held;
  expect(freed).toMatchObject({ kind: 'applied', formula });
  expect(freed.kind === 'applied' && 'hold' in (freed.formula.lines[0] ?? {})).toBe(false);
  const usual = applyStep({ ...formula, brief: {} }, { step: 'set-brief', brief: undefined });
  expect(usual.kind === 'applied' && 'brief' in usual.formula).toBe(false);
});
