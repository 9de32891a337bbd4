import { ingredientById } from '../larder/catalog/larder-table.js';
import { celsius } from '../quantity/quantity.js';
import { type Recipe, uncooked } from '../recipe/recipe.js';
import { predict } from '../predict/predict.js';
import { lineOf } from '../../science/random-pots.js';
import { contributionsOf } from './contributions.js';

const pot = (lines: readonly (readonly [string, number])[]): Recipe => ({
  lines: lines.flatMap(([id, mass]) => {
    const ingredient = ingredientById(id);
    return ingredient ? [lineOf(ingredient, mass)] : [];
  }),
  process: {
    ...uncooked,
    maxTemperatureC: 92,
    holdMin: 4,
    heatingRateCPerMin: 5,
    blenderPower: 0.6,
    blendSeconds: 60,
    evaporatedG: 20,
    blendedAfterCooking: false,
  },
  serving: { temperatureC: celsius(65), storage: 'cool', days: 0 },
});
const recipe = pot([
  ['oat-drink', 240],
  ['tapioca-starch', 22],
  ['rapeseed-oil', 20],
  ['nutritional-yeast', 6],
  ['tomato-paste', 6],
  ['salt', 3],
]);
const linesOf = (property: string) =>
  contributionsOf(recipe).find((entry) => entry.property === property)?.lines ?? [];
const largest = (property: string) =>
  [...linesOf(property)].sort((a, b) => b.amount - a.amount)[0]?.ingredient;

test('shares of fat and salt add up to the figure on the rail', () => {
  const prediction = predict(recipe);
  const total = (property: string) => linesOf(property).reduce((sum, line) => sum + line.amount, 0);
  expect(total('fat')).toBeCloseTo(prediction.fat.mid, 9);
  expect(total('salt')).toBeCloseTo(prediction.salt.mid, 9);
});

test('the line a cook would name holds each figure', () => {
  expect(largest('fat')).toBe('rapeseed-oil');
  expect(largest('thickness')).toBe('tapioca-starch');
  expect(largest('stretch')).toBe('tapioca-starch');
  expect(largest('salt')).toBe('salt');
  expect(largest('savoriness')).toBe('nutritional-yeast');
});

test('the liquid thins: more of it makes the pot thinner and shortens the pull', () => {
  for (const property of ['thickness', 'stretch'])
    expect(linesOf(property).find((line) => line.ingredient === 'oat-drink')?.amount).toBeLessThan(0);
});

test('a line of nothing contributes nothing', () => {
  const withNothing = { ...recipe, lines: [...recipe.lines, ...pot([['cashew', 0]]).lines] };
  for (const { lines } of contributionsOf(withNothing))
    expect(lines[lines.length - 1]?.amount).toBeCloseTo(0, 9);
});
