import { ingredientById } from '../larder/catalog/larder-table.js';
import { blankFormula, type Formula, type Line } from './formula.js';
import type { Amount } from '../quantity/amount.js';
import { recipeOfFormula } from './recipe-of-formula.js';

const line = (id: string, ingredient: string, value: number, unit: Amount['unit'] = 'g'): Line => ({
  id,
  ingredient,
  amount: { value, unit },
  role: 'body',
  preparation: 'as-is',
  stage: 'start',
});
const formula = (...lines: readonly Line[]): Formula => ({ ...blankFormula, lines });

test('spoons and pieces are weighed, line for line, in their order', () => {
  const { recipe, lineIds, problems } = recipeOfFormula(
    formula(line('a', 'water', 1, 'cup'), line('b', 'potato', 2, 'medium'), line('c', 'salt', 5)),
    ingredientById,
  );
  expect(problems).toEqual([]);
  expect(lineIds).toEqual(['a', 'b', 'c']);
  expect(recipe.lines.map(({ mass }) => Math.round(mass))).toEqual([240, 340, 5]);
});

test('what cannot be weighed is left out and said, the rest still counts', () => {
  const { recipe, lineIds, problems } = recipeOfFormula(
    formula(line('a', 'water', 100), line('b', 'moon-dust', 5), line('c', 'water', 2, 'slice')),
    ingredientById,
  );
  expect(lineIds).toEqual(['a']);
  expect(recipe.lines).toHaveLength(1);
  expect(problems.map(({ line: id, kind }) => [id, kind])).toEqual([
    ['b', 'unknown-ingredient'],
    ['c', 'unknown-weight'],
  ]);
  for (const { message } of problems) expect(message).toMatch(/left out of the figures/);
});

test('process and serving go over as they are', () => {
  const process = { ...blankFormula.process, maxTemperatureC: 88, holdMin: 7 };
  const serve = { temperatureC: 4, storage: 'fridge' as const, days: 2 };
  const { recipe } = recipeOfFormula({ family: 'pouring-sauce', lines: [], process, serve }, ingredientById);
  expect(recipe.process).toEqual(process);
  expect(recipe.serving).toEqual({ temperatureC: 4, storage: 'fridge', days: 2 });
});

test('a line that waits for its amount is left out and said, with its name', () => {
  const { recipe, lineIds, problems } = recipeOfFormula(
    formula(line('a', 'water', 100), { ...line('b', 'olive-oil', 1), amount: undefined }),
    ingredientById,
  );
  expect(lineIds).toEqual(['a']);
  expect(recipe.lines).toHaveLength(1);
  expect(problems).toEqual([
    { line: 'b', kind: 'no-amount', message: 'Olive oil has no amount yet; it is left out of the figures.' },
  ]);
});
