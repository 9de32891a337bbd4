import { predict } from '../../predict/predict.js';
import { uncooked } from '../../recipe/recipe.js';
import { celsius, grams } from '../../quantity/quantity.js';
import { ingredientById, larderTable } from '../catalog/larder-table.js';
import { unnamedRemainder } from '../../ingredient/composition.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { type NutritionLabel, problemsOfLabel } from './label-composition.js';
import { ingredientFromLabel, nearestKind } from './own-ingredient.js';

const oatBarista: NutritionLabel = {
  perG: 100,
  energyKcal: 60,
  fat: 3,
  saturatedFat: 0.3,
  carbohydrate: 6.6,
  sugars: 3.4,
  fibre: 0.8,
  protein: 1,
  salt: 0.1,
};
const own = (label: NutritionLabel, like?: string) =>
  ingredientFromLabel({ id: 'own-1', name: 'Ours', like, label, contains: [], askFor: [] }, larderTable);
const pot = (ingredient: Ingredient) =>
  predict({
    lines: [{ ingredient, mass: grams(200), preparation: 'as-is', stage: 'start' }],
    process: uncooked,
    serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
  });

test('what the label says stands, and everything sums to 100 g', () => {
  const made = own(oatBarista);
  expect(made.per100).toMatchObject({ fat: 3, protein: 1, salt: 0.1, sugars: 3.4 });
  expect(unnamedRemainder(made.per100)).toBeGreaterThanOrEqual(-0.01);
  expect(made.per100.water).toBeGreaterThan(80);
  expect(made.guessed?.length).toBeGreaterThan(0);
});

test('the nearest kind is one a cook would name', () => {
  const like = (label: NutritionLabel) =>
    ingredientFromLabel({ id: 'own-x', name: 'x', label, contains: [], askFor: [] }, larderTable).like;
  expect(like({ perG: 100, fat: 100, carbohydrate: 0, protein: 0, salt: 0, saturatedFat: 7 })).toBe(
    'rapeseed-oil',
  );
  expect(
    ingredientById(
      like({ perG: 100, fat: 44, carbohydrate: 28, sugars: 6, protein: 18, salt: 0.03, fibre: 3.3 }) ?? '',
    )?.shelf,
  ).toBe('nuts');
  expect(
    ingredientById(
      like({
        perG: 100,
        fat: 1.9,
        saturatedFat: 0.3,
        carbohydrate: 0.6,
        sugars: 0.5,
        protein: 3.5,
        salt: 0.03,
      }) ?? '',
    )?.shelf,
  ).toBe('plant milks');
  expect(
    nearestKind({ fat: 50, carbohydrate: 5, protein: 20, salt: 0, fibre: 10 }, larderTable).per100.fat,
  ).toBeGreaterThan(35);
});

test('a label per serving is the same as one per 100 g', () => {
  const half = Object.fromEntries(
    Object.entries(oatBarista).map(([key, value]) => [key, value / 2]),
  ) as unknown as NutritionLabel;
  expect(own(half, 'oat-drink').per100).toEqual(own(oatBarista, 'oat-drink').per100);
});

test('what was guessed widens the band', () => {
  const known = ingredientById('oat-drink');
  if (!known) throw new Error('no oat drink');
  const width = (ingredient: Ingredient) =>
    Math.log(pot(ingredient).viscosity.high / pot(ingredient).viscosity.low);
  expect(width(own(oatBarista, 'oat-drink'))).toBeGreaterThan(1.15 * width(known));
});

test.each([
  ['too much in 100 g', { ...oatBarista, fat: 60, carbohydrate: 60, energyKcal: undefined }, 'perG'],
  ['more sugar than carbohydrate', { ...oatBarista, sugars: 9 }, 'sugars'],
  ['more saturates than fat', { ...oatBarista, saturatedFat: 5 }, 'saturatedFat'],
  ['energy that the parts do not hold', { ...oatBarista, energyKcal: 160 }, 'energyKcal'],
  ['no serving size', { ...oatBarista, perG: 0 }, 'perG'],
])('%s is told, with the field', (_case, label, field) => {
  const clean = Object.fromEntries(
    Object.entries(label).filter(([, value]) => value !== undefined),
  ) as unknown as NutritionLabel;
  expect(problemsOfLabel(clean).map((problem) => problem.field)).toContain(field);
  expect(() => own(clean)).toThrow(RangeError);
});
