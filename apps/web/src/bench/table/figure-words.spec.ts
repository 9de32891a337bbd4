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
import { feelFigures, flagWords, keptFigures, portionFigures, quietFor } from './figure-words';

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
    ...keptFigures(reportOn(recipe), prediction),
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

test('what is kept is said with its chances, and never as more than is known', () => {
  const report = reportOn(recipe);
  const at = (changed: Partial<typeof report.kept>) =>
    keptFigures({ ...report, kept: { ...report.kept, ...changed } }, prediction);
  const block = { firmnessKPa: 29.3, slices: 0.97, grates: 0.7, meltsAtC: 61.6 };
  expect(named(at({ block }), 'Cold')).toMatchObject({
    word: 'slices and grates',
    detail: '29 kPa at 5 °C, melts at 62 °C',
  });
  expect(named(at({ block: { firmnessKPa: 0.042, slices: 0.01, grates: 0 } }), 'Cold')).toMatchObject({
    word: 'too soft to slice',
    detail: '42 Pa at 5 °C',
  });
  expect(named(at({ block: { ...block, slices: 0.4, grates: 0.1 } }), 'Cold').word).toBe('may slice');
  expect([0.8, 0.4, 0.1].map((freezing) => named(at({ freezing }), 'Thawed').word)).toEqual([
    'separates',
    'may separate',
    'hardly changes',
  ]);
  const keeping = { low: 1.8, high: 5.4, because: 'cooked pulses', garlicInOil: false } as const;
  expect(named(at({ keeping }), 'Keeps')).toMatchObject({
    word: '1.8 to 5 days',
    detail: 'at 5 °C, as cooked pulses',
  });
  expect(named(at({ keeping: { ...keeping, garlicInOil: true } }), 'Keeps').detail).toMatch(/garlic/);
});

test('the words it may also be called stand beside the one that is said', () => {
  const words = [
    { word: 'clings', chance: 0.55 },
    { word: 'coats a spoon', chance: 0.4 },
    { word: 'mounds', chance: 0.05 },
  ] as const;
  const report = reportOn(recipe);
  expect(named(keptFigures(report, { ...prediction, thicknessWords: words }), 'Thickness').detail).toBe(
    'or coats a spoon 40 %',
  );
  expect(
    named(
      keptFigures(report, { ...prediction, thicknessWords: [{ word: 'clings', chance: 1 }] }),
      'Thickness',
    ).detail,
  ).toBe('hardly in doubt');
});

test('flecks stand beside the colour', () => {
  expect(named(feelFigures(assessed, ['green', 'red', 'dark']), 'Colour').detail).toBe(
    'with green and red flecks',
  );
  expect(named(feelFigures(assessed), 'Colour').detail).not.toContain('flecks');
});
