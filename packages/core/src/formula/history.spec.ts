import fc from 'fast-check';
import { larderTable } from '../larder/catalog/larder-table.js';
import { roles } from '../ingredient/ingredient.js';
import { families } from '../brief/family.js';
import { blankFormula, type Formula, type Line } from './formula.js';
import { advance, canRedo, canUndo, redo, startHistory, undo } from './history.js';
import { applyStep, type FormulaStep, linesByRole } from './step.js';

const line = (id: string, ingredient: string, grams: number, role: Line['role'] = 'body'): Line => ({
  id,
  ingredient,
  amount: { value: grams, unit: 'g' },
  role,
  preparation: 'as-is',
  stage: 'start',
});
const formula: Formula = {
  ...blankFormula,
  lines: [line('a', 'cashew', 100), line('b', 'water', 200, 'liquid'), line('c', 'salt', 3, 'seasoning')],
};

const ids = fc.constantFrom('a', 'b', 'c', 'gone');
const steps: fc.Arbitrary<FormulaStep> = fc.oneof(
  fc.record({
    step: fc.constant('set-amount' as const),
    line: ids,
    amount: fc.record({
      value: fc.integer({ min: 0, max: 500 }),
      unit: fc.constantFrom('g' as const, 'tbsp' as const),
    }),
  }),
  fc.record({ step: fc.constant('remove-line' as const), line: ids }),
  fc.record({
    step: fc.constant('move-line' as const),
    line: ids,
    role: fc.constantFrom(...roles),
    at: fc.nat(5),
  }),
  fc.record({
    step: fc.constant('set-preparation' as const),
    line: ids,
    preparation: fc.constantFrom('soaked' as const, 'boiled' as const),
  }),
  fc.record({
    step: fc.constant('set-process' as const),
    process: fc.record({ holdMin: fc.nat(60), maxTemperatureC: fc.nat(100) }),
  }),
  fc.record({ step: fc.constant('set-serve' as const), serve: fc.record({ temperatureC: fc.nat(90) }) }),
  fc.record({ step: fc.constant('rename' as const), name: fc.string({ minLength: 1 }) }),
  fc.record({ step: fc.constant('set-family' as const), family: fc.constantFrom(...families) }),
  fc.nat(larderTable.length - 1).map((i) => ({
    step: 'add-line' as const,
    line: line(`new${i}`, larderTable[i]?.id ?? 'water', 10),
    at: 1,
  })),
);

test('a step and its inverse leave the formula as it was', () => {
  fc.assert(
    fc.property(fc.array(steps, { maxLength: 12 }), (list) => {
      let now = formula;
      for (const step of list) {
        const outcome = applyStep(now, step);
        if (outcome.kind !== 'applied') continue;
        const back = applyStep(outcome.formula, outcome.inverse);
        expect(back.kind === 'applied' && back.formula).toEqual(now);
        now = outcome.formula;
      }
    }),
    { seed: 7, numRuns: 300 },
  );
});

test('undoing everything restores the start, redoing everything restores the end', () => {
  fc.assert(
    fc.property(fc.array(steps, { maxLength: 20 }), (list) => {
      let history = startHistory(formula);
      for (const step of list) history = advance(history, step);
      const end = history.formula;
      while (canUndo(history)) history = undo(history);
      expect(history.formula).toEqual(formula);
      while (canRedo(history)) history = redo(history);
      expect(history.formula).toEqual(end);
    }),
    { seed: 8, numRuns: 200 },
  );
});

test('one drag is one undo; a new step forgets what was undone', () => {
  let history = startHistory(formula);
  for (const value of [110, 120, 130])
    history = advance(history, { step: 'set-amount', line: 'a', amount: { value, unit: 'g' } }, 'drag 1');
  history = advance(history, { step: 'set-amount', line: 'a', amount: { value: 90, unit: 'g' } }, 'drag 2');
  history = undo(history);
  expect(history.formula.lines[0]?.amount?.value).toBe(130);
  history = undo(history);
  expect(history.formula).toEqual(formula);
  history = advance(history, { step: 'rename', name: 'Other' });
  expect(canRedo(history)).toBe(false);
});

test('a step on a line that is gone changes nothing', () => {
  const history = startHistory(formula);
  expect(advance(history, { step: 'remove-line', line: 'gone' })).toBe(history);
  expect(applyStep(formula, { step: 'set-stage', line: 'gone', stage: 'end' })).toEqual({
    kind: 'unknown-line',
    line: 'gone',
  });
});

test('lines are grouped by role in the order of the work', () => {
  const moved = applyStep(formula, { step: 'move-line', line: 'c', role: 'body', at: 0 });
  const groups = moved.kind === 'applied' ? linesByRole(moved.formula.lines) : [];
  expect(groups.map((group) => [group.role, group.lines.map((l) => l.id)])).toEqual([
    ['body', ['c', 'a']],
    ['liquid', ['b']],
  ]);
});
