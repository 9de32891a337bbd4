import { ingredientById } from '../larder/catalog/larder-table.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { celsius, grams } from '../quantity/quantity.js';
import { solidFatOfMix } from './fat/solid-fat.js';
import { fatTypes } from '../ingredient/substance.js';
import { compiledIngredient } from './assemble/compiled-ingredient.js';
import { energyOf, energyOfIngredient } from './nutrition/energy.js';
import { assemble } from './assemble/assemble.js';
import { type Process, type Recipe, storages, uncooked } from '../recipe/recipe.js';
import { predict } from './predict.js';
import { lineOf, randomRecipes } from '../../science/random-pots.js';
import { consistencyAt } from './thickness/consistency.js';

const get = (id: string): Ingredient => {
  const found = ingredientById(id);
  if (!found) throw new Error(id);
  return found;
};
const recipes = randomRecipes(400, 7);
const at = (temperature: number) => ({ temperature, storage: 'cool' as const, days: 0 });
const flowOf = (recipe: Recipe, temperature: number = recipe.serving.temperatureC) =>
  consistencyAt(assemble(recipe), at(temperature));
const withLine = (recipe: Recipe, id: string, mass: number): Recipe => ({
  ...recipe,
  lines: [...recipe.lines, lineOf(get(id), mass)],
});
const cooked = (recipe: Recipe, process: Partial<Process> = {}): Recipe => ({
  ...recipe,
  process: { ...recipe.process, maxTemperatureC: 95, holdMin: 4, ...process },
});
const scaled = (recipe: Recipe, by: number): Recipe => ({
  ...recipe,
  lines: recipe.lines.map((line) => ({ ...line, mass: grams(line.mass * by) })),
  process: { ...recipe.process, evaporatedG: recipe.process.evaporatedG * by },
});

test('mass is kept: yield and water boiled off add up to what went in', () => {
  for (const recipe of recipes) {
    const mix = assemble(recipe),
      all = recipe.lines.reduce((sum, line) => sum + line.mass, 0);
    expect(mix.mass + mix.evaporated - mix.broughtG).toBeCloseTo(all, 6);
  }
});

test('the order of lines, or one line written as two, changes nothing', () => {
  for (const recipe of recipes) {
    const before = flowOf(recipe).viscosity;
    const halves = recipe.lines.flatMap((line) => [
      { ...line, mass: grams(line.mass * 0.3) },
      { ...line, mass: grams(line.mass * 0.7) },
    ]);
    expect(flowOf({ ...recipe, lines: [...recipe.lines].reverse() }).viscosity / before).toBeCloseTo(1, 8);
    expect(flowOf({ ...recipe, lines: halves }).viscosity / before).toBeCloseTo(1, 8);
  }
});

test('twice the batch has the same thickness, taste and pH', () => {
  for (const recipe of recipes.slice(0, 120)) {
    const once = predict(recipe),
      twice = predict(scaled(recipe, 2));
    expect(Math.abs(Math.log(twice.viscosity.mid / once.viscosity.mid))).toBeLessThan(1e-6);
    expect(twice.pH.mid).toBeCloseTo(once.pH.mid, 5);
    expect(twice.savoriness.mid).toBeCloseTo(once.savoriness.mid, 8);
    expect(twice.massG / once.massG).toBeCloseTo(2, 9);
  }
});

test('on every branch, hotter is never thicker, but for what sets by heat and melts cold', () => {
  for (const recipe of recipes) {
    if (recipe.lines.some(({ ingredient }) => ingredient.per100.gums?.methylcellulose)) continue;
    const mix = assemble(recipe);
    for (const storage of storages) {
      const t = recipe.serving.temperatureC;
      const cold = consistencyAt(mix, { temperature: t, storage, days: 2 }),
        hot = consistencyAt(mix, { temperature: t + 4, storage, days: 2 });
      expect(hot.viscosity).toBeLessThanOrEqual(cold.viscosity * (1 + 1e-9));
      expect(hot.yieldStress).toBeLessThanOrEqual(cold.yieldStress * (1 + 1e-9));
    }
  }
});

test('in a watery pot more starch or gum never thins, more water never thickens, boiling off never thins', () => {
  for (const recipe of recipes.map((r) => cooked(r))) {
    const base = flowOf(recipe);
    const compare = (other: Recipe, sign: 1 | -1) => {
      const there = flowOf(other);
      if (there.oilContinuous > 0.02 || base.oilContinuous > 0.02) return;
      expect(sign * Math.log(there.viscosity / base.viscosity)).toBeGreaterThanOrEqual(-1e-4);
    };
    for (const id of ['corn-starch', 'tapioca-starch', 'wheat-starch']) compare(withLine(recipe, id, 4), 1);
    compare(withLine(recipe, 'xanthan', 0.5), 1);
    compare(withLine(recipe, 'water', 30), -1);
    compare({ ...recipe, process: { ...recipe.process, evaporatedG: recipe.process.evaporatedG + 10 } }, 1);
  }
});

test('lemon juice and vinegar never raise the pH of anything milder than themselves', () => {
  for (const recipe of recipes) {
    const { pH } = assemble(recipe);
    if (pH < 2.6) continue;
    expect(assemble(withLine(recipe, 'lemon-juice', 5)).pH).toBeLessThanOrEqual(pH + 1e-6);
    expect(assemble(withLine(recipe, 'white-vinegar', 5)).pH).toBeLessThanOrEqual(pH + 1e-6);
  }
});

test('hotter and longer never leaves more starch raw', () => {
  for (const recipe of recipes.slice(0, 150)) {
    const raw = [50, 60, 70, 80, 90, 100].map(
      (maxTemperatureC) => assemble(cooked(recipe, { maxTemperatureC, holdMin: 5 })).rawStarch,
    );
    const longer = [0, 2, 5, 10, 30].map(
      (holdMin) => assemble(cooked(recipe, { maxTemperatureC: 72, holdMin })).rawStarch,
    );
    for (const series of [raw, longer])
      series.forEach((value, i) => expect(value).toBeLessThanOrEqual((series[i - 1] ?? Infinity) + 1e-9));
  }
});

test('more blending never coarsens', () => {
  for (const recipe of recipes.slice(0, 150)) {
    const seen = [0, 15, 30, 60, 120].map((blendSeconds) =>
      assemble(cooked(recipe, { blendSeconds, blenderPower: 0.8 })),
    );
    seen.forEach((mix, i) => {
      expect(mix.meanDiameter).toBeLessThanOrEqual((seen[i - 1]?.meanDiameter ?? Infinity) * (1 + 1e-9));
      expect(mix.grains).toBeLessThanOrEqual((seen[i - 1]?.grains ?? Infinity) * (1 + 1e-9) + 1e-12);
    });
  }
});

test('solid fat falls with heat and is gone at 75 °C; a mix is never harder than its parts side by side', () => {
  const only = (i: number) => Float64Array.from(fatTypes, (_, k) => (k === i ? 1 : 0));
  for (let i = 0; i < fatTypes.length; i++) {
    expect(solidFatOfMix(only(i), 75)).toBe(0);
    for (let t = 0; t < 75; t++) {
      const here = solidFatOfMix(only(i), t),
        other = solidFatOfMix(only((i + 3) % fatTypes.length), t);
      const mix = solidFatOfMix(
        Float64Array.from(only(i), (v, k) => 0.4 * v + 0.6 * (only((i + 3) % fatTypes.length)[k] ?? 0)),
        t,
      );
      expect(solidFatOfMix(only(i), t + 1)).toBeLessThanOrEqual(here);
      expect(mix).toBeLessThanOrEqual(0.4 * here + 0.6 * other + 1e-9);
    }
  }
});

test('every figure is a number, and the band holds its middle', () => {
  for (const recipe of recipes.slice(0, 200)) {
    const p = predict(recipe);
    for (const band of [
      p.viscosity,
      p.yieldStress,
      p.stretch,
      p.fat,
      p.salt,
      p.savoriness,
      p.sourness,
      p.sweetness,
      p.pH,
      p.energyKcal,
    ]) {
      expect([band.low, band.mid, band.high].every(Number.isFinite)).toBe(true);
      expect(band.low).toBeLessThanOrEqual(band.mid);
      expect(band.high).toBeGreaterThanOrEqual(band.mid);
    }
    expect(p.curve).toHaveLength(19);
    expect(
      [p.curdling, p.graininess, p.weeping, p.bitter, p.pungent].every((v) => Number.isFinite(v) && v >= 0),
    ).toBe(true);
    expect(p.colour.hex).toMatch(/^#[0-9a-f]{6}$/);
  }
});

test('the edges hold: nothing in the pot, only oil, only salt, more boiled off than there is', () => {
  const pot = (lines: readonly (readonly [string, number])[], evaporatedG = 0): Recipe => ({
    lines: lines.map(([id, mass]) => lineOf(get(id), mass)),
    process: {
      ...uncooked,
      maxTemperatureC: 95,
      holdMin: 5,
      heatingRateCPerMin: 5,
      blenderPower: 0.6,
      blendSeconds: 60,
      evaporatedG,
      blendedAfterCooking: false,
    },
    serving: { temperatureC: celsius(60), storage: 'cool', days: 0 },
  });
  expect(predict(pot([])).flags).toEqual(['empty']);
  expect(predict(pot([['rapeseed-oil', 100]])).flags).toContain('no-water');
  expect(predict(pot([['salt', 100]])).viscosity.mid).toBeGreaterThan(0);
  const dry = predict(
    pot(
      [
        ['water', 100],
        ['corn-starch', 5],
      ],
      500,
    ),
  );
  expect(dry.flags).toContain('boiled-dry');
  expect(dry.evaporatedG).toBeLessThan(100);
  expect(
    predict(
      pot([
        ['water', 100],
        ['tapioca-starch', 60],
      ]),
    ).flags,
  ).toContain('dough');
  expect(() => predict(pot([['water', -1]]))).toThrow(RangeError);
  expect(() => predict(pot([['water', NaN]]))).toThrow(RangeError);
});

test('what the lines burn adds up to what the batch burns, where nothing was poured off', () => {
  for (const recipe of recipes.slice(0, 150)) {
    if (recipe.lines.some(({ preparation }) => preparation !== 'as-is')) continue;
    const mix = assemble(recipe);
    const lines = recipe.lines.reduce((all, { ingredient, mass }, i) => {
      const alcoholLeft = mix.fates[mix.linePlaces.indexOf(i)]?.alcoholLeft ?? 1;
      return all + mass * energyOfIngredient(compiledIngredient(ingredient), alcoholLeft);
    }, 0);
    expect(energyOf(mix) / lines).toBeCloseTo(1, 6);
  }
});
