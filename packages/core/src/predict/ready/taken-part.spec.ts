import type { Ingredient } from '../../ingredient/ingredient.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { celsius, grams } from '../../quantity/quantity.js';
import type { Method } from '../../recipe/method/operation.js';
import { type Recipe, uncooked } from '../../recipe/recipe.js';
import { predict } from '../predict.js';
import { nutritionOf } from '../nutrition/nutrition.js';
import { assemble } from '../assemble/assemble.js';
import { costOf } from '../cost/cost.js';
import { readyYield } from './made-ready.js';

const of = (id: string): Ingredient => ingredientById(id)!;
const yieldOf = (id: string, ready: Method): number => readyYield(of(id), ready, 300);
const pot = (id: string, g: number, ready: Method): Recipe => ({
  lines: [{ ingredient: of(id), mass: grams(g), preparation: 'as-is', stage: 'start', ready }],
  process: uncooked,
  method: [],
  serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
});

test('peeled, plucked, pressed, drained: what goes in of what was bought, both ways', () => {
  expect(yieldOf('onion', [{ kind: 'trim' }])).toBeCloseTo(0.9, 9);
  expect(yieldOf('parsley-fresh', [{ kind: 'pluck' }])).toBeCloseTo(0.6, 9);
  expect(yieldOf('lemon-juice', [{ kind: 'juice' }])).toBeCloseTo(0.38, 9);
  expect(yieldOf('chickpea-canned', [{ kind: 'drain' }])).toBeCloseTo(0.6, 9);
  expect(yieldOf('chickpea-canned', [{ kind: 'drain', rinse: 'rinsed' }])).toBeGreaterThan(0.6);
  // A medium lemon of 120 g gives about 46 g of juice.
  expect(predict(pot('lemon-juice', 120, [{ kind: 'juice' }])).massG).toBeCloseTo(45.6, 1);
  // Of a thing of which no part is known, all of it.
  expect(yieldOf('cashew', [{ kind: 'trim' }])).toBe(1);
});

test('what is peeled off is paid for, but feeds nobody', () => {
  const whole = pot('avocado', 100, []),
    peeled = pot('avocado', 100, [{ kind: 'trim' }]);
  expect(costOf(peeled.lines).coins.mid).toBeCloseTo(costOf(whole.lines).coins.mid, 9);
  const fed = (recipe: Recipe) => nutritionOf(assemble(recipe));
  expect(fed(peeled).fat / fed(whole).fat).toBeCloseTo(0.7, 6);
  expect(fed(peeled).saturatedFat.amount / fed(whole).saturatedFat.amount).toBeCloseTo(0.7, 6);
});

test('rinsing takes about an eighth of the salt of a drained can', () => {
  const salt = (ready: Method) => {
    const p = predict(pot('chickpea-canned', 400, ready));
    return (p.salt.mid * p.massG) / 100;
  };
  const drained = salt([{ kind: 'drain' }]),
    rinsed = salt([{ kind: 'drain', rinse: 'rinsed' }]);
  expect(rinsed / drained).toBeGreaterThan(0.8);
  expect(rinsed / drained).toBeLessThan(0.95);
});

test('salt draws water out of aubergine: a fifth in half an hour, more when squeezed; half of the salt stays, less when rinsed', () => {
  const half = { kind: 'salt', minutes: 30, saltPct: 2 } as const;
  const loss = (ready: Method) => 1 - yieldOf('aubergine', ready);
  expect(loss([half])).toBeGreaterThan(0.07);
  expect(loss([half])).toBeLessThan(0.2);
  expect(loss([{ ...half, rinse: 'squeezed' }])).toBeGreaterThan(loss([half]) + 0.04);
  let before = -1;
  for (let minutes = 0; minutes <= 120; minutes += 10) {
    const now = loss([{ ...half, minutes }]);
    expect(now).toBeGreaterThan(before - 1e-9);
    before = now;
  }
  const salt = (rinse: 'drained' | 'rinsed') => predict(pot('aubergine', 300, [{ ...half, rinse }])).salt.mid;
  expect(salt('drained')).toBeGreaterThan(1);
  expect(salt('rinsed') / salt('drained')).toBeCloseTo(0.5, 1);
});

test('a weight presses an eighth out of firm tofu in half an hour, never more than there is', () => {
  const pressed = 1 - yieldOf('tofu-firm', [{ kind: 'press', minutes: 30 }]);
  expect(pressed).toBeGreaterThan(0.09);
  expect(pressed).toBeLessThan(0.16);
  expect(1 - yieldOf('tofu-firm', [{ kind: 'press', minutes: 4000 }])).toBeLessThan(0.17);
  expect(yieldOf('cashew', [{ kind: 'press', minutes: 30 }])).toBe(1);
});

test('onions fried until most of their water is gone are brown and sweet, gently sweated ones stay pale', () => {
  const fried = (minutes: number) =>
    predict(pot('onion', 150, [{ kind: 'fry', minutes, panCm: 28, flame: 'medium' }]));
  const [pale, golden, dark] = [3, 15, 45].map(fried);
  expect(dark!.colour.lab[0]).toBeLessThan(pale!.colour.lab[0] - 8);
  expect(golden!.colour.lab[0]).toBeLessThanOrEqual(pale!.colour.lab[0] + 0.5);
  expect(dark!.sweetness.mid).toBeGreaterThan(1.5 * pale!.sweetness.mid);
  let before = pale!.colour.lab[0];
  for (let minutes = 4; minutes < 60; minutes++) {
    const now = fried(minutes).colour.lab[0];
    expect(Math.abs(now - before)).toBeLessThan(3);
    before = now;
  }
});
