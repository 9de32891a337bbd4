import type { Method, Operation } from '../../recipe/method/operation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { potAt } from '../pot-at.js';
import { predict } from '../predict.js';
import { evaporationRate, thickShare } from './evaporation.js';
import { cookedBy } from '../cooked-by.fixture.js';

const pot = (lines: readonly (readonly [string, number])[], method: Method): Recipe =>
  cookedBy(lines, method, 60);
const boil = (more: Partial<Operation> = {}): Operation => ({
  kind: 'boil-down',
  minutes: 10,
  panCm: 22,
  ...more,
});
const lost = (recipe: Recipe): number => potAt(recipe).mix.evaporated;
const stock = [['vegetable-stock-unsalted', 800]] as const;
const thick = [
  ['oat-drink', 800],
  ['corn-starch', 40],
] as const;

test('a thick pot loses less than a watery one in the same minutes, between two thirds and all of it', () => {
  const watery = lost(pot(stock, [boil()])),
    pasty = lost(pot(thick, [boil()]));
  expect(watery).toBeCloseTo(10 * evaporationRate({ panCm: 22, vigour: 'simmer', lid: 'open' }), 0);
  expect(pasty / watery).toBeGreaterThan(0.59);
  expect(pasty / watery).toBeLessThan(0.8);
  // Weighed on the stove it is what was weighed, however thick.
  expect(predict(pot(thick, [boil({ toG: 700 })])).massG).toBeCloseTo(700, 0);
});

test('no thickness is a corner: from water to paste the loss falls smoothly', () => {
  const of = (starch: number) => thickShare({ water: 1000, starch, gums: 0, solids: 0 });
  let before = of(0);
  expect(before).toBe(1);
  for (let starch = 0; starch < 80; starch += 0.5) {
    const now = of(starch);
    expect(now).toBeLessThanOrEqual(before + 1e-12);
    expect(before - now).toBeLessThan(0.015);
    before = now;
  }
  expect(before).toBeCloseTo(0.6, 9);
  expect(thickShare({ water: 1000, starch: 0, gums: 2, solids: 0 })).toBeLessThan(0.95);
});

test('a pan that was tested with water counts as tested, and is told closer', () => {
  const generic = pot(thick, [boil({ minutes: 20 })]);
  const rate = 10 * evaporationRate({ panCm: 22, vigour: 'simmer', lid: 'open' });
  const tested = pot(thick, [boil({ minutes: 20, testLossG: Number(rate.toFixed(1)) })]);
  expect(lost(tested) / lost(generic)).toBeCloseTo(1, 2);
  const width = (recipe: Recipe) => Math.log(predict(recipe).viscosity.high / predict(recipe).viscosity.low);
  expect(width(tested)).toBeLessThan(width(generic) - 0.02);
  expect(lost(pot(stock, [boil({ testLossG: 2 * rate })])) / lost(pot(stock, [boil()]))).toBeCloseTo(2, 0);
  // A rolling boil is held back by a small plate, a simmer is not.
  const rolling = (plate: 'small' | 'large') => lost(pot(stock, [boil({ vigour: 'rolling', plate })]));
  expect(rolling('large')).toBeGreaterThan(1.25 * rolling('small'));
});

test('minutes from low to high are reckoned with their middle, and the range makes the band wider', () => {
  const sure = pot(thick, [boil({ minutes: 20, testLossG: 150 })]),
    range = pot(thick, [boil({ minutes: 10, mostMinutes: 30, testLossG: 150 })]);
  expect(lost(range)).toBeCloseTo(lost(sure), 0);
  const width = (recipe: Recipe) => Math.log(predict(recipe).viscosity.high / predict(recipe).viscosity.low);
  expect(width(range)).toBeGreaterThan(width(sure) + 0.02);
});

test('what a soak drank is not known to the gram: a nut cream of soaked nuts has a wider band than one of butter', () => {
  const soaked = pot(
    [
      ['cashew', 200],
      ['water', 100],
    ],
    [{ kind: 'blend', seconds: 90 }],
  );
  const with_ = {
    ...soaked,
    lines: soaked.lines.map((line) =>
      line.id === 'cashew' ? { ...line, ready: [{ kind: 'soak', minutes: 600 }] as Method } : line,
    ),
  };
  const { waterDoubt } = potAt(with_).mix;
  expect(waterDoubt).toBeGreaterThan(0.03);
  expect(waterDoubt).toBeLessThan(0.12);
  expect(potAt(soaked).mix.waterDoubt).toBe(0);
});
