import { potOf } from '../larder/pot-of.js';
import { predict } from '../predict/predict.js';
import { brownedTop } from './browned-top.js';
import { componentOfIngredient } from './component.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import type { OvenStage } from './oven.js';

const stage = (minutes: number, more: Partial<OvenStage> = {}): OvenStage => ({
  temperatureC: 200,
  minutes,
  cover: 'open',
  fan: false,
  ...more,
});
const top = (...oven: readonly OvenStage[]) => brownedTop(8, 45, oven).browning.mid;

test('a thin layer by itself browns as the sauce does that is baked in it', () => {
  const recipe = potOf(
    [
      ['cashew', 150],
      ['water', 300],
      ['salt', 4],
    ],
    { bakeMin: 25, ovenC: 200, layerMm: 10 },
  );
  // Sugars and protein of 150 g of cashews on what they and the water come to.
  const reactants = (100 * 150 * (0.059 + 0.182)) / 454;
  expect(brownedTop(reactants, 10, [stage(25)]).browning.mid / predict(recipe).browning).toBeCloseTo(1, 0);
});

test('under foil it stays pale; the quarter of an hour without it makes it golden, and forty minutes browner', () => {
  const foil = stage(30, { cover: 'foil' });
  expect(brownedTop(8, 45, [foil])).toMatchObject({ word: 'pale' });
  expect(brownedTop(8, 45, [foil, stage(18)])).toMatchObject({ word: 'golden' });
  expect(top(foil, stage(40))).toBeGreaterThan(top(foil, stage(18)) + 1.5);
});

test('hotter, with a fan, longer, uncovered, or with more that browns: darker; paper lies between', () => {
  expect(top(stage(25, { temperatureC: 220 }))).toBeGreaterThan(1.5 * top(stage(25)));
  expect(top(stage(25, { fan: true }))).toBeGreaterThan(1.3 * top(stage(25)));
  expect(top(stage(25, { cover: 'parchment' }))).toBeLessThan(0.6 * top(stage(25)));
  expect(top(stage(25, { cover: 'parchment' }))).toBeGreaterThan(2 * top(stage(25, { cover: 'lid' })));
  expect(brownedTop(16, 45, [stage(25)]).browning.mid).toBeGreaterThan(1.2 * top(stage(25)));
  expect(brownedTop(8, 45, []).word).toBe('not baked');
});

test('one stretch or two of the same browns alike, and what is covered first warms it', () => {
  expect(top(stage(10), stage(20))).toBeCloseTo(top(stage(30)), 9);
  expect(top(stage(20, { cover: 'foil' }), stage(15))).toBeGreaterThan(top(stage(15)));
});

test('a high dish browns as one of the height that the heat gets into: a centimetre more changes little', () => {
  const at = (mm: number) => brownedTop(8, mm, [stage(25)]).browning.mid;
  expect(at(60) / at(50)).toBeCloseTo(1, 2);
  expect(at(10)).toBeGreaterThan(at(40));
});

test('crumbs bring more that browns than a white sauce', () => {
  const crumbs = componentOfIngredient('c', ingredientById('breadcrumbs-wheat')!, 50);
  expect(crumbs.browns).toBeGreaterThan(12);
});
