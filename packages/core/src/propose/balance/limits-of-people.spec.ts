import { eaterWith, requestOf } from './balance.fixture.js';
import { limitsOfPeople } from './limits-of-people.js';

const { recipe } = requestOf(
  [
    ['cashew', 100],
    ['water', 300],
    ['salt', 4],
    ['garlic', 6],
    ['butter', 10],
  ],
  'pouring-sauce',
);
const nuts = eaterWith('Teo', {
  kind: 'allergen',
  allergen: 'tree-nut',
  strictness: 'allergy',
  traces: false,
});

test('lines that somebody must not have are named with who and why', () => {
  const { forbidden } = limitsOfPeople(recipe, 4, [nuts]);
  expect(forbidden).toEqual([{ line: 0, eater: 'Teo', reason: expect.stringContaining('cashew') as string }]);
});

test('a label of the very pack adds to the table', () => {
  const label = {
    contains: ['tree-nut' as const],
    askFor: [],
    unknown: [],
    warns: false,
    isList: true,
    readOn: '2026-11-01',
    stale: false,
  };
  const { forbidden } = limitsOfPeople(recipe, 4, [nuts], new Map([['water', label]]));
  expect(forbidden.map(({ line }) => line)).toEqual([0, 1]);
});

test('a dislike is for the cook to weigh: it forbids nothing', () => {
  const disliked = eaterWith('Joram', { kind: 'ingredient', ingredient: 'garlic', strictness: 'dislike' });
  expect(limitsOfPeople(recipe, 4, [disliked]).forbidden).toEqual([]);
});

test('limits a portion add up over the lines', () => {
  const { portions } = limitsOfPeople(recipe, 4, [
    eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 1 }),
    eaterWith('Ove', { kind: 'compound', compound: 'fructans', gramsPerPortion: 0.2 }),
  ]);
  const [salt, fructans] = portions;
  const eaten = (limit: (typeof portions)[number] | undefined) =>
    recipe.lines.reduce((all, { mass }, i) => all + (limit?.perGram[i] ?? 0) * mass, 0);
  expect(eaten(salt)).toBeCloseTo((4 * 0.998 + 0.1) / 4, 1);
  expect(eaten(fructans)).toBeCloseTo((1.2 + 6 * 0.17) / 4, 2);
  expect(fructans?.doubtful).toBeLessThan(0.2);
});

test('nobody has no limits', () => {
  expect(limitsOfPeople(recipe, 4, [])).toEqual({ forbidden: [], portions: [] });
});
