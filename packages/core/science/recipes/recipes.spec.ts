import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { larderTable } from '../../src/larder/catalog/larder-table.js';
import { readRecipe } from '../../src/reading/read-recipe.js';
import type { ReadLine } from '../../src/reading/text/ingredient-line.js';

/** What a person read out of each line: words, ingredient (null: the larder has none), amount as said, g, made ready, operations. */
type Expected = readonly [
  text: string,
  ingredient: string | null,
  amount: number | null,
  grams: number | null,
  preparation: string,
  ready: string,
];
const file = (name: string): string => readFileSync(join(__dirname, name), 'utf8');
const expected = JSON.parse(file('expected.json')) as Readonly<Record<string, readonly Expected[]>>;
const recipes = file('recipes.txt')
  .split(/^### /m)
  .slice(1)
  .map((block) => {
    const at = block.indexOf('\n');
    return { title: block.slice(0, at).trim(), text: block.slice(at + 1) };
  });
const SURE = 0.7;

const pairs = recipes.flatMap(({ title, text }) => {
  const { lines } = readRecipe({ text }, larderTable);
  return (expected[title] ?? []).map((one, i): { one: Expected; read: ReadLine | undefined } => ({
    one,
    read: lines[i],
  }));
});
const share = (right: (pair: (typeof pairs)[number]) => boolean): number =>
  pairs.filter(right).length / pairs.length;
const near = (a: number | undefined, b: number | null): boolean =>
  b === null ? a === undefined : a !== undefined && Math.abs(a - b) <= 0.01 * b + 1e-3;

test('fifty recipes and some 340 lines, every one of them read as what it says, a liquid that is stirred in as a line of its own', () => {
  expect(recipes.length).toBeGreaterThanOrEqual(50);
  expect(pairs.length).toBeGreaterThanOrEqual(340);
  for (const { title, text } of recipes)
    expect([title, readRecipe({ text }, larderTable).lines.length]).toEqual([title, expected[title]?.length]);
});

test('amounts: at least 98 in a hundred are as they were said, and weigh what they weigh', () => {
  expect(share(({ one, read }) => near(read?.amount?.mid, one[2]))).toBeGreaterThanOrEqual(0.98);
  expect(share(({ one, read }) => one[1] === null || near(read?.grams?.mid, one[3]))).toBeGreaterThanOrEqual(
    0.98,
  );
});

test('names: at least 95 in a hundred are found, and a wrong one is never confident', () => {
  expect(share(({ one, read }) => (read?.ingredient?.id ?? null) === one[1])).toBeGreaterThanOrEqual(0.95);
  for (const { one, read } of pairs)
    if (read && (read.ingredient?.id ?? null) !== one[1])
      expect([one[0], read.confidence < SURE]).toEqual([one[0], true]);
  const sure = share(({ read }) => (read?.confidence ?? 0) >= SURE);
  expect(sure).toBeGreaterThan(0.9);
});

test('made ready: at least 90 in a hundred say what is done', () => {
  const right = share(
    ({ one, read }) =>
      read?.preparation === one[4] && (read.ready ?? []).map(({ kind }) => kind).join(' ') === one[5],
  );
  expect(right).toBeGreaterThanOrEqual(0.9);
});
