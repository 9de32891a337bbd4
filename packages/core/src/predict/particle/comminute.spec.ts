import { ingredientById } from '../../larder/catalog/larder-table.js';
import { grainFelt, grind } from './comminute.js';

const behaviour = (id: string) => {
  const found = ingredientById(id);
  if (!found) throw new Error(id);
  return found.behaviour;
};
const raw = { soaked: false, boiled: 0, energy: 54 };

test('a soak, boiling and more blending each make finer', () => {
  const cashew = behaviour('cashew');
  const dry = grind(cashew, raw).diameter;
  expect(grind(cashew, { ...raw, soaked: true }).diameter).toBeLessThan(dry);
  expect(grind(cashew, { ...raw, boiled: 1 }).diameter).toBeLessThan(dry);
  expect(grind(cashew, { ...raw, energy: 108 }).diameter).toBeLessThan(dry);
});

test('what is not blended keeps its size, and what has no pieces has none', () => {
  expect(grind(behaviour('almond'), { ...raw, energy: 0 }).diameter).toBe(behaviour('almond').particleSizeUm);
  expect(grind(behaviour('rapeseed-oil'), raw)).toMatchObject({ diameter: 0, fineness: 1 });
});

test('hard grains are felt smaller than soft ones', () => {
  const ground = { diameter: 90, fineness: 1 };
  expect(grainFelt({ ...ground, hardness: 0.9 })).toBeGreaterThan(
    3 * grainFelt({ ...ground, hardness: 0.05 }),
  );
});
