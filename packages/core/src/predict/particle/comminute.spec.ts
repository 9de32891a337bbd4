import { ingredientById } from '../../larder/catalog/larder-table.js';
import { toolOfPower } from '../../recipe/method/blade.js';
import { toolRows } from '../../recipe/method/tool.params.js';
import { type Cut, grainFelt, grind, hardnessOf } from './comminute.js';

const behaviour = (id: string) => {
  const found = ingredientById(id);
  if (!found) throw new Error(id);
  return found.behaviour;
};
/** µm after one blade. */
const after = (id: string, seconds: number, tool = toolRows.jug, soaked = 0, boiled = 0): number => {
  const b = behaviour(id),
    hardness = hardnessOf(b, soaked, boiled);
  return grind(b, b.particleSizeUm, [{ tool, seconds, hardness }], hardness).diameter;
};

test('a soak, boiling, more blending and a stronger tool each make finer', () => {
  const dry = after('cashew', 60);
  expect(after('cashew', 60, toolRows.jug, 1)).toBeLessThan(dry);
  expect(after('cashew', 60, toolRows.jug, 0, 1)).toBeLessThan(dry);
  expect(after('cashew', 120)).toBeLessThan(dry);
  expect(after('cashew', 60, toolRows['strong-jug'])).toBeLessThan(dry);
  expect(after('cashew', 60, toolRows.stick)).toBeGreaterThan(2 * dry);
});

test('kitchens see: soaked cashews in a strong jug below what the tongue feels, raw almonds under a stick far above', () => {
  expect(after('cashew', 90, toolRows['strong-jug'], 1)).toBeLessThan(30);
  expect(after('almond', 45, toolRows.stick)).toBeGreaterThan(150);
});

test('no second changes a pressed curd much, and two short runs are one long one', () => {
  for (const seconds of [3, 5, 8, 10, 30])
    expect(after('tofu-firm', seconds) / after('tofu-firm', seconds + 1)).toBeLessThan(1.3);
  expect(after('tofu-firm', 5) / after('tofu-firm', 10)).toBeLessThan(1.6);
  const b = behaviour('cashew'),
    hardness = hardnessOf(b, 1, 0);
  const run = (seconds: number): Cut => ({ tool: toolRows.jug, seconds, hardness });
  const twice = grind(b, b.particleSizeUm, [run(20), run(40)], hardness).diameter;
  expect(twice).toBeCloseTo(grind(b, b.particleSizeUm, [run(60)], hardness).diameter, 6);
  expect(grind(b, b.particleSizeUm, [run(20), run(0)], hardness).diameter).toBeCloseTo(
    grind(b, b.particleSizeUm, [run(20)], hardness).diameter,
    6,
  );
});

test('a tool of any power stands between those of the table', () => {
  expect(toolOfPower(0.6)).toMatchObject({ rate: toolRows.jug.rate, finest: toolRows.jug.finest });
  expect(toolOfPower(0.9).rate).toBeCloseTo(1, 9);
  for (const power of [0.1, 0.2, 0.35, 0.5, 0.6, 0.75, 0.9]) {
    const [less, more] = [toolOfPower(power), toolOfPower(power + 0.02)];
    expect(more.rate).toBeGreaterThan(less.rate);
    expect(more.rate / less.rate).toBeLessThan(1.6);
    expect(more.finest).toBeLessThanOrEqual(less.finest);
  }
});

test('what is not blended keeps its size, and what has no pieces has none', () => {
  const almond = behaviour('almond'),
    oil = behaviour('rapeseed-oil');
  expect(grind(almond, almond.particleSizeUm, [], 1).diameter).toBe(almond.particleSizeUm);
  expect(grind(oil, oil.particleSizeUm, [], 0)).toMatchObject({ diameter: 0, fineness: 1 });
});

test('vegetable cells part, they do not break', () => {
  expect(after('carrot', 600, toolRows['strong-jug'], 0, 1)).toBeGreaterThanOrEqual(60);
});

test('hard grains are felt smaller than soft ones', () => {
  const ground = { diameter: 90, fineness: 1 };
  expect(grainFelt({ ...ground, hardness: 0.9 })).toBeGreaterThan(
    3 * grainFelt({ ...ground, hardness: 0.05 }),
  );
});
