import { predict, reportOn, recipeOfFormula, blankFormula, ingredientById } from '@alterum/core';
import { feelFigures, flagWords, portionFigures, quietFor, riskWord } from './figure-words';

const line = (ingredient: string, value: number) => ({ id: ingredient, ingredient, amount: { value, unit: 'g' as const }, role: 'body' as const, preparation: 'as-is' as const, stage: 'start' as const }); // prettier-ignore
const { recipe } = recipeOfFormula(
  { ...blankFormula, lines: [line('cashew', 100), line('water', 300), line('salt', 4)] },
  ingredientById,
);
const prediction = predict(recipe);
const named = (list: ReturnType<typeof feelFigures>, name: string) => {
  const found = list.find((figure) => figure.name === name);
  if (!found) throw new Error(name);
  return found;
};

test('a likelier split is never said to be less likely', () => {
  const words = [0, 0.05, 0.1, 0.3, 0.35, 0.5, 0.7, 0.9, 1].map(riskWord);
  expect(words[0]).toBe('unlikely');
  expect(words[words.length - 1]).toBe('almost certain');
  const order = ['unlikely', 'possible', 'likely', 'almost certain'];
  const places = words.map((word) => order.indexOf(word));
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(Math.min(...places)).toBe(0);
});

test('a portion is its share of the batch', () => {
  const report = reportOn(recipe);
  const [one, four] = [1, 4].map((portions) => Number.parseFloat(named(portionFigures(prediction, report, portions), 'Salt').word)); // prettier-ignore
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
    ...feelFigures(prediction),
    ...portionFigures(prediction, reportOn(recipe), 2),
  ])
    // prettier-ignore
    expect([name, word.length > 0, /NaN|undefined|Infinity/.test(word + detail)]).toEqual([name, true, false]);
  for (const sentence of Object.values(flagWords)) expect(sentence).toMatch(/\.$/);
});

test('a table spread is meant to hold hardly any water; a sauce is not', () => {
  expect(quietFor('no-water', true)).toBe(true);
  expect(quietFor('no-water', false)).toBe(false);
  expect(quietFor('boiled-dry', true)).toBe(false);
});
