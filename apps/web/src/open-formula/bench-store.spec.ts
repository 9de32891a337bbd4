import { blankFormula, type Formula } from '@alterum/core';
import { openOnBench, rebase, redoOnBench, take, undoOnBench, useBench } from './bench-store';
import { outcomeOf } from '../household/outcome';

const line = (id: string, ingredient: string, value: number) => ({
  id,
  ingredient,
  amount: { value, unit: 'g' as const },
  role: 'body' as const,
  preparation: 'as-is' as const,
  stage: 'start' as const,
});
const cream: Formula = {
  ...blankFormula,
  name: 'Cream',
  lines: [line('a', 'cashew', 80), line('b', 'water', 300)],
};
const amount = (value: number) => ({ step: 'set-amount', line: 'a', amount: { value, unit: 'g' } }) as const;
const bench = () => {
  const { bench: open } = useBench.getState();
  if (!open) throw new Error('nothing is open');
  return open;
};
const fat = () => bench().outcome.prediction.fat.mid;

beforeEach(() => openOnBench({ id: 'f', version: 4 }, cream));

test('an edit and its figures arrive together', () => {
  const before = fat();
  take(amount(160));
  expect(bench().history.formula.lines[0]?.amount?.value).toBe(160);
  expect(fat()).toBeGreaterThan(before);
  expect(bench().outcome).toEqual(outcomeOf(bench().history.formula));
});

test('what it was before the change stays as the ghost', () => {
  const before = bench().outcome;
  take(amount(90));
  expect(bench().ghost).toBe(before);
  take(amount(100));
  expect(bench().ghost).not.toBe(before);
});

test('one drag is one step back and keeps one ghost', () => {
  const before = bench().outcome;
  for (const g of [85, 90, 95, 100]) take(amount(g), 'drag-1');
  expect(bench().ghost).toBe(before);
  undoOnBench();
  expect(bench().history.formula).toEqual(cream);
  redoOnBench();
  expect(bench().history.formula.lines[0]?.amount?.value).toBe(100);
});

test('taking back brings back the very figures, and nothing happens past the start', () => {
  const before = fat();
  take(amount(200));
  undoOnBench();
  expect(fat()).toBe(before);
  const open = bench();
  undoOnBench();
  expect(bench()).toBe(open);
});

test('a change that changes nothing, or a line that is gone, leaves everything as it stands', () => {
  const open = bench();
  take({ step: 'remove-line', line: 'gone' });
  expect(bench()).toBe(open);
});

test('the version of another formula is not taken over', () => {
  rebase('other', 9);
  expect(bench().version).toBe(4);
  rebase('f', 5);
  expect(bench().version).toBe(5);
});

test('a line that cannot be weighed is told, the others are still computed', () => {
  take({ step: 'add-line', line: line('c', 'from-nowhere', 20) });
  expect(bench().outcome.problems.map(({ line: id }) => id)).toEqual(['c']);
  expect(bench().outcome.lineIds).toEqual(['a', 'b']);
  expect(bench().outcome.prediction.massG).toBeGreaterThan(370);
});
