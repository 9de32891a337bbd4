import {
  assess,
  blankFormula,
  ingredientById,
  type Assessed,
  predict,
  railOf,
  recipeOfFormula,
  reportOn,
  wordFor,
} from '@alterum/core';
import { feelFigures, flagWords, portionFigures, quietFor } from './figure-words';

const line = (ingredient: string, value: number) => ({
  id: ingredient,
  ingredient,
  amount: { value, unit: 'g' as const },
  role: 'body' as const,
  preparation: 'as-is' as const,
  stage: 'start' as const,
});
const { recipe } = recipeOfFormula(
  { ...blankFormula, lines: [line('cashew', 100), line('water', 300), line('salt', 4)] },
  ingredientById,
);
const prediction = predict(recipe);
const assessed: Assessed = assess(recipe, 1);
const named = (list: ReturnType<typeof feelFigures>, name: string) => {
  const found = list.find((figure) => figure.name === name);
  if (!found) throw new Error(name);
  return found;
};

test('a portion is its share of the batch', () => {
  const report = reportOn(recipe);
  const [one, four] = [1, 4].map((portions) =>
    Number.parseFloat(named(portionFigures(prediction, report, portions), 'Salt').word),
  );
  expect(one).toBeCloseTo(4, 0);
  expect(four).toBeCloseTo(1, 0);
});

test('what the tables know only half is told instead of the figure’s detail', () => {
  const report = reportOn(recipe);
  const half = { ...report, cost: { ...report.cost, covered: 0.5 } };
  expect(named(portionFigures(prediction, half, 1), 'Cost').detail).toBe('50 % of the pot known');
  expect(named(portionFigures(prediction, report, 1), 'Cost').detail).not.toContain('known');
});

test('every figure has a word, every flag a sentence', () => {
  for (const { name, word, detail } of [
    ...feelFigures(assessed),
    ...portionFigures(prediction, reportOn(recipe), 2),
  ])
    expect([name, word.length > 0, /NaN|undefined|Infinity/.test(word + detail)]).toEqual([
      name,
      true,
      false,
    ]);
  for (const sentence of Object.values(flagWords)) expect(sentence).toMatch(/\.$/);
});

test('a table spread is meant to hold hardly any water; a sauce is not', () => {
  expect(quietFor('no-water', true)).toBe(true);
  expect(quietFor('no-water', false)).toBe(false);
  expect(quietFor('boiled-dry', true)).toBe(false);
});

test('graininess and curdling have one name and one word, on the rail and in the plate, over the whole scale', () => {
  const steps = Array.from({ length: 21 }, (_, i) => i / 20);
  for (const part of steps) {
    const graded = { ...assessed, prediction: { ...prediction, graininess: 10 * part, curdling: part } };
    for (const [rail, figureOf] of [
      [railOf('graininess'), 10 * part],
      [railOf('curdling'), 100 * part],
    ] as const)
      expect([part, named(feelFigures(graded), rail.name).word]).toEqual([part, wordFor(rail, figureOf)]);
  }
  expect(railOf('graininess').name).toBe('Graininess');
});
