import { readNutrition } from './nutrition-table.js';

const european = `Nutrition declaration per 100 g
Energy 1046 kJ / 250 kcal
Fat 20,5 g
of which saturates 3.1 g
Carbohydrate 8 g
of which sugars 2.4 g
Fibre 3 g
Protein 7.5 g
Salt 1.2 g`;

test('a table in the European order is read whole, with either decimal sign', () => {
  expect(readNutrition(european)).toEqual({
    perG: 100,
    energyKJ: 1046,
    energyKcal: 250,
    fat: 20.5,
    saturatedFat: 3.1,
    carbohydrate: 8,
    sugars: 2.4,
    fibre: 3,
    protein: 7.5,
    salt: 1.2,
  });
});

test('the same on one line, after the ingredients, reads the same', () => {
  const line = `Ingredients: fat hens, oil, salt. ${european.replaceAll('\n', ', ')}`;
  expect(readNutrition(line)).toEqual(readNutrition(european));
});

test('an American panel gives its serving, and sodium becomes salt', () => {
  const panel = `Nutrition Facts. Serving size 2 tbsp (30 g). Calories 190
Total Fat 16 g  Saturated Fat 2 g  Sodium 200 mg
Total Carbohydrate 7 g  Dietary Fiber 3 g  Total Sugars 2 g  Protein 6 g  Calcium 80 mg`;
  const read = readNutrition(panel);
  expect(read).toMatchObject({
    fat: 16,
    saturatedFat: 2,
    carbohydrate: 7,
    fibre: 3,
    sugars: 2,
    protein: 6,
    calciumMg: 80,
  });
  expect(read?.salt).toBeCloseTo(0.5, 9);
});

test.each([
  ['nothing', ''],
  ['a list of ingredients', 'Ingredients: water, cashew nuts 30 %, salt.'],
  ['half a table', 'per 100 g: fat 3 g, salt 1 g'],
])('%s is no nutrition table', (_what, text) => {
  expect(readNutrition(text)).toBeUndefined();
});

test('figures below the limit count as the limit, and what is not stated is left out', () => {
  const read = readNutrition('Typical values per 100 ml: fat <0.5 g, carbohydrate 3 g, protein 1 g');
  expect(read).toEqual({ perG: 100, fat: 0.5, carbohydrate: 3, protein: 1, salt: 0 });
});

test('an endless line is looked at only so far', () => {
  const long = `Energy ${'9'.repeat(200_000)} fat 1 g carbohydrate 1 g protein 1 g`;
  expect(readNutrition(long)).toBeUndefined();
});
