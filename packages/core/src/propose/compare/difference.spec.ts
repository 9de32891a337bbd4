import { blankFormula, type Formula, type Line } from '../../formula/formula.js';
import { lineOf } from '../../formula/formula.fixture.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { differencesOf, sideBySide } from './difference.js';

const line = (id: string, ingredient: string, grams: number, more: Partial<Line> = {}): Line =>
  lineOf(ingredient, grams, { id, ...more });
const base: Formula = {
  ...blankFormula,
  name: 'Base',
  lines: [line('a', 'cashew', 100), line('b', 'water', 300), line('c', 'salt', 4)],
};

test('a formula does not differ from itself, nor from itself in other units', () => {
  expect(differencesOf(base, base, ingredientById)).toEqual([]);
  const millilitres = {
    ...base,
    lines: base.lines.map((l) => (l.id === 'b' ? { ...l, amount: { value: 0.3, unit: 'kg' as const } } : l)),
  };
  expect(differencesOf(base, millilitres, ingredientById)).toEqual([]);
});

test('lines that came, went and changed are told, each once', () => {
  const after: Formula = {
    ...base,
    lines: [
      line('d', 'sunflower-seed', 90, { preparation: 'soaked' }),
      line('b', 'water', 250, { stage: 'end' }),
      line('c', 'salt', 4),
    ],
  };
  expect(differencesOf(base, after, ingredientById)).toEqual([
    { kind: 'line-added', ingredient: 'sunflower-seed', grams: 90 },
    { kind: 'amount', ingredient: 'water', from: 300, to: 250 },
    { kind: 'made', ingredient: 'water' },
    { kind: 'line-removed', ingredient: 'cashew', grams: 100 },
  ]);
});

test('process, serving, portions, brief, kind and name are told too', () => {
  const after: Formula = {
    ...base,
    name: 'After',
    portions: 6,
    family: 'dip',
    brief: { fat: { low: 1, high: 2 } },
    process: { ...base.process, holdMin: 9 },
    serve: { ...base.serve, days: 1 },
  };
  const kinds = differencesOf(base, after, ingredientById).map(({ kind }) => kind);
  expect(kinds).toEqual(['process', 'serving', 'portions', 'brief', 'family', 'name']);
});

test('several stand side by side by role, two lines of one thing added up', () => {
  const other: Formula = {
    ...base,
    lines: [line('x', 'water', 100), line('y', 'cashew', 20), line('z', 'cashew', 30)],
  };
  expect(sideBySide([base, other], ingredientById)).toEqual([
    { role: 'body', ingredient: 'cashew', grams: [100, 50] },
    { role: 'liquid', ingredient: 'water', grams: [300, 100] },
    { role: 'seasoning', ingredient: 'salt', grams: [4, undefined] },
  ]);
});
