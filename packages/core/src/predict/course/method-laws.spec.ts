import { randomMethodRecipes } from '../../../science/random-methods.js';
import { randomRecipes } from '../../../science/random-pots.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { celsius, grams } from '../../quantity/quantity.js';
import { methodOfProcess, processOfMethod } from '../../recipe/method/flat-process.js';
import type { Method, Operation } from '../../recipe/method/operation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { assemble } from '../assemble/assemble.js';
import { predict } from '../predict.js';

const recipes = randomMethodRecipes(250, 14);
const withMethod = (recipe: Recipe, method: Method): Recipe => ({
  ...recipe,
  method,
  process: processOfMethod(method),
});
/** What a cook would notice of a pot. */
const figures = (recipe: Recipe): readonly number[] => {
  const p = predict(recipe);
  return [
    p.massG,
    p.viscosity.mid,
    p.yieldStress.mid + 0.01,
    p.stretch.mid + 0.2,
    p.pH.mid,
    p.curdling + 0.01,
    p.graininess + 0.1,
    p.pungent + 0.01,
    p.salt.mid + 0.01,
    p.sweetness.mid + 0.01,
  ];
};
const furthest = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((most, value, i) => Math.max(most, Math.abs(Math.log(value / (b[i] ?? NaN)))), 0);

test('mass is kept through every operation, and what is in the pot is finite', () => {
  for (const recipe of recipes) {
    const mix = assemble(recipe),
      weighed = recipe.lines.reduce((sum, { mass }) => sum + mass, 0);
    expect(mix.mass + mix.evaporated + mix.absorbed - mix.broughtG).toBeCloseTo(weighed, 6);
    expect(mix.water).toBeGreaterThan(0);
    for (const figure of figures(recipe)) expect(Number.isFinite(figure)).toBe(true);
  }
});

test('an operation of zero length changes nothing, wherever it stands', () => {
  const nothing: readonly Operation[] = [
    { kind: 'blend', seconds: 0 },
    { kind: 'pulse', seconds: 0 },
    { kind: 'boil-down', minutes: 0 },
    { kind: 'stand', minutes: 0 },
    { kind: 'rest', minutes: 0 },
    { kind: 'cool', minutes: 0 },
    { kind: 'hold', minutes: 0 },
    { kind: 'bake', minutes: 0 },
    { kind: 'put-in' },
    { kind: 'stir-in', lines: [] },
  ];
  recipes.slice(0, 80).forEach((recipe, i) => {
    const method = recipe.method ?? [],
      before = figures(recipe);
    const operation = nothing[i % nothing.length]!,
      at = i % (method.length + 1);
    // Boiling down heats the pot to the boil even for no time: only where it is at the boil already does it do nothing.
    if (operation.kind === 'boil-down') return;
    const after = figures(withMethod(recipe, [...method.slice(0, at), operation, ...method.slice(at)]));
    expect(furthest(before, after)).toBeLessThan(1e-6);
  });
});

test('the flat process means what it meant: its method makes the same pot', () => {
  for (const recipe of randomRecipes(120, 15))
    expect(
      furthest(figures(recipe), figures({ ...recipe, method: methodOfProcess(recipe.process) })),
    ).toBeLessThan(1e-9);
});

test('a method in flat words and back keeps its temperature, its blade, its loss and its oven', () => {
  for (const { process } of randomRecipes(60, 16)) {
    const back = processOfMethod(methodOfProcess(process));
    expect(back.maxTemperatureC).toBe(process.maxTemperatureC);
    expect(back.holdMin).toBeCloseTo(process.holdMin, 9);
    expect(back.evaporatedG).toBe(process.evaporatedG);
    expect(back.blenderPower * back.blendSeconds).toBeCloseTo(process.blenderPower * process.blendSeconds, 6);
  }
});

test('the order of what stands still between two heats does not matter', () => {
  for (const recipe of recipes.slice(0, 60)) {
    const method = recipe.method ?? [];
    const a: Method = [...method, { kind: 'blend', seconds: 20 }, { kind: 'hold', minutes: 5 }];
    const b: Method = [...method, { kind: 'hold', minutes: 5 }, { kind: 'blend', seconds: 20 }];
    expect(furthest(figures(withMethod(recipe, a)), figures(withMethod(recipe, b)))).toBeLessThan(1e-9);
  }
});

test('a second more of the blade, a minute more of the heat, a degree more: little changes', () => {
  for (const recipe of recipes.slice(0, 120)) {
    const method = recipe.method ?? [],
      before = figures(recipe);
    method.forEach((operation, k) => {
      const more: Operation | undefined =
        operation.kind === 'blend' && (operation.seconds ?? 0) > 3
          ? { ...operation, seconds: (operation.seconds ?? 0) + 1 }
          : operation.kind === 'heat' && (operation.minutes ?? 0) > 1
            ? { ...operation, minutes: (operation.minutes ?? 0) + 0.1 }
            : undefined;
      if (!more) return;
      const after = figures(
        withMethod(
          recipe,
          method.map((other, i) => (i === k ? more : other)),
        ),
      );
      expect(furthest(before, after)).toBeLessThan(0.35);
    });
  }
});

test('what goes in after the blade has no history of it, and pieces neither thicken nor paint', () => {
  const get = (id: string) => {
    const found = ingredientById(id);
    if (!found) throw new Error(id);
    return found;
  };
  const pot = (method: Method): Recipe =>
    withMethod(
      {
        lines: (
          [
            ['oat-drink', 300],
            ['corn-starch', 12],
            ['green-pea', 120],
            ['parsley-fresh', 15],
          ] as const
        ).map(([id, g]) => ({
          id,
          ingredient: get(id),
          mass: grams(g),
          preparation: 'as-is',
          stage: 'start',
        })),
        process: processOfMethod(method),
        serving: { temperatureC: celsius(60), storage: 'cool', days: 0 },
      },
      method,
    );
  const cook: Method = [
    { kind: 'heat', temperatureC: 95, minutes: 4 },
    { kind: 'blend', seconds: 60 },
  ];
  const blended = pot(cook),
    whole = pot([...cook, { kind: 'stir-in', lines: ['green-pea', 'parsley-fresh'] }]),
    without = { ...whole, lines: whole.lines.slice(0, 2) };
  const fates = assemble(whole).fates;
  expect(fates[2]?.work).toBe(0);
  expect(fates[2]?.pieces).toBeGreaterThan(0.999);
  expect(fates[0]?.work).toBeGreaterThan(20);
  const thick = (recipe: Recipe) => predict(recipe).viscosity.mid;
  expect(thick(whole) / thick(without)).toBeGreaterThan(0.95);
  expect(thick(whole) / thick(without)).toBeLessThan(1.1);
  const green = (recipe: Recipe) => predict(recipe).colour.lab[1];
  expect(green(blended)).toBeLessThan(-8);
  expect(green(whole)).toBeGreaterThan(0.5 * green(blended));
  // Pieces are eaten all the same.
  expect(predict(whole).protein.mid).toBeCloseTo(predict(blended).protein.mid, 6);
  expect(predict(whole).energyKcal.mid).toBeCloseTo(predict(blended).energyKcal.mid, 0);
});
