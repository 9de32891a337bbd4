import { ingredientById } from '../larder/catalog/larder-table.js';
import { celsius } from '../quantity/quantity.js';
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
  ['another amount', { step: 'set-amount', line: 'a', amount: { value: 80, unit: 'g' } }],
  ['no amount', { step: 'set-amount', line: 'a', amount: undefined }],
  ['another kind of it', { step: 'set-kind', line: 'a', ingredient: 'almond' }],
  ['soaking it', { step: 'set-preparation', line: 'a', preparation: 'soaked' }],
  ['putting it in at the end', { step: 'set-stage', line: 'b', stage: 'end' }],
  ['one line more', { step: 'add-line', line: line('c', 'oat-drink', 250) }],
  ['one line more in front', { step: 'add-line', line: line('c', 'oat-drink', 250), at: 0 }],
  ['one line less', { step: 'remove-line', line: 'a' }],
  ['another role at another place', { step: 'move-line', line: 'b', role: 'body', at: 0 }],
  ['a hotter pot', { step: 'set-process', process: { maxTemperatureC: 77 } }],
  ['a method of one’s own', { step: 'set-method', method: [{ kind: 'blend', seconds: 5 }] }],
  ['what is done to a line', { step: 'set-ready', line: 'a', ready: [{ kind: 'soak', minutes: 60 }] }],
  ['weighed as made ready', { step: 'set-weighed', line: 'a', weighed: 'ready' }],
  ['served warmer', { step: 'set-serve', serve: { temperatureC: celsius(33) } }],
  ['another name', { step: 'rename', name: 'Other' }],
  ['another family', { step: 'set-family', family: 'dip' }],
  ['more portions', { step: 'set-portions', portions: 7 }],
  ['a note', { step: 'set-note', note: 'less salt' }],
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

test('each edit changes what it says, and nothing beside', () => {
  const after = (step: FormulaStep) => {
    const outcome = applyStep(formula, step);
    if (outcome.kind !== 'applied') throw new Error(outcome.kind);
    return outcome.formula;
  };
  const [a, b] = formula.lines;
  expect(after({ step: 'set-kind', line: 'a', ingredient: 'almond' }).lines).toEqual([
    { ...a, ingredient: 'almond' },
    b,
  ]);
  expect(
    after({ step: 'add-line', line: line('c', 'oat-drink', 1), at: 1 }).lines.map(({ id }) => id),
  ).toEqual(['a', 'c', 'b']);
  expect(
    after({ step: 'add-line', line: line('c', 'oat-drink', 1), at: -3 }).lines.map(({ id }) => id),
  ).toEqual(['c', 'a', 'b']);
  expect(after({ step: 'add-line', line: line('c', 'oat-drink', 1) }).lines.map(({ id }) => id)).toEqual([
    'a',
    'b',
    'c',
  ]);
  expect(after({ step: 'move-line', line: 'a', role: 'fat', at: 9 }).lines).toEqual([
    b,
    { ...a, role: 'fat' },
  ]);
  expect(after({ step: 'remove-line', line: 'a' }).lines).toEqual([b]);
  expect(after({ step: 'set-serve', serve: { days: 3 } }).serve).toEqual({ ...formula.serve, days: 3 });
  expect('ready' in after({ step: 'set-ready', line: 'a', ready: undefined }).lines[0]!).toBe(false);
  expect('weighed' in after({ step: 'set-weighed', line: 'a', weighed: undefined }).lines[0]!).toBe(false);
});

test('flat words take the place of a method, and bring it back whole', () => {
  const { writesItself: _writes, ...plain } = formula;
  const own: Formula = { ...plain, method: [{ kind: 'heat', temperatureC: 60, minutes: 3 }] };
  const flat = applyStep(own, { step: 'set-process', process: { holdMin: 9 } });
  if (flat.kind !== 'applied') throw new Error(flat.kind);
  expect(flat.formula.method).toBeUndefined();
  expect(flat.formula.process).toMatchObject({ maxTemperatureC: 60, holdMin: 9 });
  expect(flat.inverse).toEqual({ step: 'become', formula: own });
  const without = applyStep(own, { step: 'set-method', method: undefined });
  if (without.kind !== 'applied') throw new Error(without.kind);
  expect(without.formula).toMatchObject({ writesItself: true });
  expect(without.formula.method).toBeUndefined();
  expect(applyStep(without.formula, without.inverse)).toMatchObject({ kind: 'applied', formula: own });
});

test('a line that is gone, and an id that is taken, are said', () => {
  for (const step of [
    { step: 'set-amount', line: 'x', amount: undefined },
    { step: 'remove-line', line: 'x' },
    { step: 'move-line', line: 'x', role: 'fat', at: 0 },
    { step: 'set-hold', line: 'x', hold: undefined },
  ] as const)
    expect(applyStep(formula, step)).toEqual({ kind: 'unknown-line', line: 'x' });
  expect(applyStep(formula, { step: 'add-line', line: line('a', 'water', 1) })).toEqual({
    kind: 'repeated-line',
    line: 'a',
  });
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
