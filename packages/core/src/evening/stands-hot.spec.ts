import { formulaWith } from '../formula/formula.fixture.js';
import type { Formula } from '../formula/formula.js';
import { recipeOfFormula } from '../formula/recipe-of-formula.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { assess } from '../property/assess.js';
import { railOf } from '../property/rail.js';
import { cooledUnderLid, standsHot } from './stands-hot.js';
import { tasksOfFormula } from './tasks-of-formula.js';

const larder = (id: string) => ingredientById(id);
const white: Formula = {
  ...formulaWith([
    ['oat-drink', 500],
    ['wheat-flour', 35],
    ['olive-oil', 30],
  ]),
  method: [
    { kind: 'put-in', lines: ['oat-drink', 'wheat-flour', 'olive-oil'] },
    { kind: 'heat', temperatureC: 92, minutes: 5 },
  ],
  serve: { temperatureC: 70, storage: 'cool', days: 0 },
};
const thicknessAt = (temperatureC: number): number => {
  const { recipe } = recipeOfFormula({ ...white, serve: { ...white.serve, temperatureC } }, larder);
  return railOf('thickness').value(assess(recipe, 4)).mid;
};
const upTo = (high: number): Formula => ({
  ...white,
  brief: { thickness: { low: 0.01, high, weight: 1 } },
});

test('a pot under its lid cools as an exponential, a small one faster', () => {
  expect(cooledUnderLid(70, 1000, 0)).toBe(70);
  expect(cooledUnderLid(70, 1000, 105)).toBeCloseTo(20 + 50 / Math.E, 9);
  expect(cooledUnderLid(70, 300, 20)).toBeLessThan(cooledUnderLid(70, 1000, 20) - 2);
  // From 65 °C a kilogram is still warm after twenty minutes.
  expect(cooledUnderLid(65, 1000, 20)).toBeGreaterThan(55);
});

test('it may stand until it has cooled to where it is thicker than its brief allows', () => {
  const at = 60,
    { minutes, leaves } = standsHot(upTo(thicknessAt(at)), larder, 90);
  expect(leaves).toBe('thickness');
  expect(cooledUnderLid(70, 565, minutes)).toBeCloseTo(at, 0);
});

test('a wider brief lets it stand longer, up to what was asked about; a brief that it does not meet anyway says nothing', () => {
  expect(standsHot(upTo(thicknessAt(55)), larder, 90).minutes).toBeGreaterThan(
    standsHot(upTo(thicknessAt(62)), larder, 90).minutes + 5,
  );
  expect(standsHot(upTo(1e4), larder, 20)).toEqual({ minutes: 20 });
  expect(standsHot(upTo(thicknessAt(70) / 2), larder, 20)).toEqual({ minutes: 20 });
  expect(standsHot(white, larder, 20)).toEqual({ minutes: 20 });
});

test('the plan lets it stand no longer than that, and the task says what it would be no more', () => {
  const last = tasksOfFormula('p', upTo(thicknessAt(64)), larder, { keepWarmMin: 45 }).at(-1)!;
  expect(last.mayStand).toBeLessThan(20);
  expect(last.leaves).toBe('thickness');
  expect(tasksOfFormula('p', white, larder, { keepWarmMin: 45 }).at(-1)).toMatchObject({ mayStand: 45 });
});

test('a degree or a minute changes little', () => {
  const of = (high: number) => standsHot(upTo(high), larder, 90).minutes;
  expect(Math.abs(of(thicknessAt(60)) - of(thicknessAt(60) * 1.01))).toBeLessThan(4);
});
