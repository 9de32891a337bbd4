import { ingredientById } from '../larder/catalog/larder-table.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { grams } from '../quantity/quantity.js';
import { lineOf, randomRecipes } from '../../science/random-pots.js';
import { assemble } from './assemble/assemble.js';
import type { Process, Recipe } from '../recipe/recipe.js';
import { potOf } from '../larder/pot-of.js';
import { contributionsOf } from '../property/contributions.js';
import { predict } from './predict.js';
import { reportOn } from './report.js';
import { warningsOf } from './warnings.js';

const pot = (lines: Parameters<typeof potOf>[0], process: Partial<Process> = {}, at = 20): Recipe =>
  potOf(lines, process, { atC: at });

test('a cup of sugar water feeds what sugar feeds, and costs what sugar costs', () => {
  const { nutrition, cost, climate } = reportOn(
    pot([
      ['sugar', 50],
      ['water', 190],
    ]),
  );
  expect(nutrition.energyKcal).toBeCloseTo(200, 6);
  expect(nutrition.sugars).toBeCloseTo(50, 9);
  expect(nutrition.energyKJ).toBeCloseTo(836.8, 6);
  expect(cost.coins.mid).toBeCloseTo(0.05 * 1.2 + 0.19 * 0.01, 9);
  expect(climate.kgCO2e.low).toBeLessThan(climate.kgCO2e.high);
});

test('what the tables do not know is not counted as nothing', () => {
  const plain = ingredientById('oat-drink');
  if (!plain) throw new Error('no oat drink');
  const bare: Ingredient = { ...plain, id: 'own-x', facts: {} };
  const mixed: Recipe = {
    ...pot([['olive-oil', 100]]),
    lines: [...pot([['olive-oil', 100]]).lines, lineOf(bare, 300)],
  };
  const { nutrition, cost } = reportOn(mixed);
  expect(nutrition.saturatedFat.amount).toBeCloseTo(14, 9);
  expect(nutrition.saturatedFat.covered).toBe(0.25);
  expect(cost.covered).toBe(0.25);
  expect(nutrition.calciumMg.covered).toBe(1);
});

test('twice the batch feeds and costs twice as much', () => {
  for (const recipe of randomRecipes(40, 5)) {
    const once = reportOn(recipe);
    const twice = reportOn({
      ...recipe,
      lines: recipe.lines.map((line) => ({ ...line, mass: grams(line.mass * 2) })),
      process: { ...recipe.process, evaporatedG: recipe.process.evaporatedG * 2 },
    });
    expect(twice.nutrition.energyKcal / once.nutrition.energyKcal).toBeCloseTo(2, 6);
    expect(twice.cost.coins.mid).toBeCloseTo(2 * once.cost.coins.mid, 9);
    expect(twice.homeTests.ringRadiusCm).toBeCloseTo(once.homeTests.ringRadiusCm, 4);
  }
});

test('butter spreads on a cool kitchen table, butter with oil sooner, and a sauce has no such window', () => {
  const butter = reportOn(pot([['butter', 100]])).spreadable,
    blend = reportOn(
      pot([
        ['butter', 100],
        ['rapeseed-oil', 85],
      ]),
    ).spreadable;
  expect(butter?.from).toBeGreaterThan(8);
  expect(butter?.to).toBeLessThan(26);
  expect(blend?.from).toBeLessThan(butter?.from ?? 0);
  expect(reportOn(pot([['oat-drink', 100]])).spreadable).toBeUndefined();
  expect(reportOn(pot([['rapeseed-oil', 100]])).spreadable).toBeUndefined();
});

test('oil whisked into water comes up and shows; blended into soya drink with gum it stays', () => {
  const loose = predict(
      pot([
        ['water', 200],
        ['rapeseed-oil', 40],
      ]),
    ),
    held = predict(
      pot(
        [
          ['soya-drink', 200],
          ['rapeseed-oil', 40],
          ['xanthan', 1],
        ],
        { blenderPower: 0.9, blendSeconds: 60 },
      ),
    );
  expect(loose.creaming).toBeGreaterThan(8);
  expect(loose.oilingOff).toBeGreaterThan(0.7);
  expect(held.creaming).toBeLessThan(1);
  expect(held.oilingOff).toBeLessThan(0.2);
});

test('words for what no longer flows: crumbled curd, and a starch paste that leaves the pan', () => {
  expect(
    predict(
      pot([
        ['tofu-firm', 400],
        ['lemon-juice', 20],
      ]),
    ).thicknessClass,
  ).toBe('crumbly');
  expect(
    predict(
      pot(
        [
          ['tofu-firm', 400],
          ['water', 200],
        ],
        { blenderPower: 0.9, blendSeconds: 90 },
      ),
    ).thicknessClass,
  ).not.toBe('crumbly');
  expect(
    predict(
      pot(
        [
          ['water', 200],
          ['tapioca-starch', 60],
        ],
        { maxTemperatureC: 95, holdMin: 5 },
        80,
      ),
    ).thicknessClass,
  ).toBe('forms a ball');
});

test('legumes thinned and cooked with root starch pour and pull; without starch they do not pull', () => {
  const cooked = { maxTemperatureC: 92, holdMin: 5, blenderPower: 0.6, blendSeconds: 60 };
  const melt = (starch: number) =>
    predict(
      pot(
        [
          ['white-bean-boiled', 225],
          ['water', 350],
          ['tapioca-starch', starch],
        ],
        cooked,
        70,
      ),
    );
  expect(melt(30).stretch.mid).toBeGreaterThan(4);
  expect(melt(0).stretch.mid).toBeLessThan(1);
  expect(melt(30).viscosity.mid).toBeLessThan(4000);
});

test('a lean protein sauce splits sooner when it is heated fast, and starch protects it', () => {
  const sauce = (rate: number, starch = 0) =>
    predict(
      pot(
        [
          ['soya-drink', 80],
          ['water', 160],
          ['tapioca-starch', starch],
        ],
        { maxTemperatureC: 92, holdMin: 2, heatingRateCPerMin: rate },
      ),
    ).curdling;
  expect(sauce(22)).toBeGreaterThan(4 * sauce(4));
  expect(sauce(22, 8)).toBeLessThan(sauce(22) / 2);
});

test('diluting curd never thickens it, and some body is left at first', () => {
  const thin = (water: number) =>
    predict(
      pot(
        [
          ['tofu-firm', 200],
          ['water', water],
        ],
        { blenderPower: 0.6, blendSeconds: 60 },
      ),
    ).viscosity.mid;
  const series = [20, 60, 120, 240, 400, 800].map(thin);
  series.forEach((value, i) => expect(value).toBeLessThanOrEqual(series[i - 1] ?? Infinity));
  expect(thin(240)).toBeGreaterThan(20);
});

test('absurd amounts and facts that contradict each other are told with the field; a plain sauce is not', () => {
  const fields = (recipe: Recipe) => warningsOf(recipe).map(({ field }) => field);
  const cooked = { maxTemperatureC: 92, holdMin: 5, blenderPower: 0.6, blendSeconds: 60 };
  expect(
    fields(
      pot(
        [
          ['oat-drink', 300],
          ['salt', 3],
          ['tapioca-starch', 20],
        ],
        cooked,
        65,
      ),
    ),
  ).toEqual([]);
  expect(
    fields(
      pot(
        [
          ['oat-drink', 300],
          ['salt', 1000],
        ],
        cooked,
        65,
      ),
    ),
  ).toContain('lines[1].amount');
  expect(
    fields(
      pot(
        [
          ['oat-drink', 300],
          ['turmeric', 60],
        ],
        cooked,
        65,
      ),
    ),
  ).toContain('lines[1].amount');
  expect(
    fields(
      pot(
        [
          ['oat-drink', 300],
          ['xanthan', 40],
        ],
        cooked,
        65,
      ),
    ),
  ).toContain('lines[1].amount');
  expect(fields(pot([['oat-drink', 300]], { ...cooked, evaporatedG: 900 }, 65))).toContain(
    'process.evaporatedG',
  );
  expect(fields(pot([['oat-drink', 300]], { blendSeconds: 30 }))).toContain('process.blenderPower');
  expect(fields(pot([['oat-drink', 300]], {}, 70))).toContain('serve.temperatureC');
});

test('a pot of nothing has a report of nothing', () => {
  const { nutrition, cost } = reportOn(pot([]));
  expect(nutrition).toMatchObject({ energyKcal: 0, fat: 0, saturatedFat: { amount: 0, covered: 1 } });
  expect(cost.coins.mid).toBe(0);
  expect(assemble(pot([])).mass).toBeCloseTo(0, 6);
});

test('the energy of the lines adds up to the energy of the batch, acids and boiled-off alcohol included', () => {
  const wine = pot(
    [
      ['white-wine', 200],
      ['lemon-juice', 60],
      ['cider-vinegar', 40],
      ['oat-drink', 300],
      ['xanthan', 2],
      ['wheat-flour', 20],
    ],
    { maxTemperatureC: 96, holdMin: 12 },
  );
  for (const recipe of [wine, ...randomRecipes(60, 31)]) {
    const [energy] = contributionsOf(recipe, ['energy']);
    const parts = (energy?.lines ?? []).reduce((all, line) => all + line.amount, 0);
    expect(parts / reportOn(recipe).nutrition.energyKcal).toBeCloseTo(1, 9);
  }
  const cold = reportOn({ ...wine, process: { ...wine.process, maxTemperatureC: 20 } }).nutrition.energyKcal;
  // 200 g of wine hold about 20 g of alcohol, 7 kcal each; most of it leaves a pot that boils.
  expect(cold - reportOn(wine).nutrition.energyKcal).toBeGreaterThan(60);
});

test('nothing boils off that is not there: never less than nothing, never more than the water', () => {
  const dry = pot([['rapeseed-oil', 100]], { evaporatedG: 50, maxTemperatureC: 95, holdMin: 5 });
  expect(predict(dry).evaporatedG).toBe(0);
  expect(
    predict(
      pot([
        ['sugar', 20],
        ['rapeseed-oil', 80],
      ]),
    ).evaporatedG,
  ).toBe(0);
  for (const recipe of randomRecipes(60, 77))
    for (const process of [
      { evaporatedG: 0 },
      { evaporatedG: 5000 },
      { evaporatedG: 40, bakeMin: 90, layerMm: 3 },
      { keepWarmMin: 500, noodlesG: 4000 },
    ]) {
      const asked = { ...recipe, process: { ...recipe.process, ...process } };
      const water = recipe.lines.reduce(
        (all, { ingredient, mass }) => all + ((ingredient.per100.water ?? 0) / 100) * mass,
        0,
      );
      const { evaporatedG, absorbedG, broughtG } = predict(asked);
      expect(evaporatedG).toBeGreaterThanOrEqual(0);
      // What a soak let out of the solids is made up for by the water that it brought.
      expect(evaporatedG + absorbedG).toBeLessThanOrEqual(water + Math.max(broughtG * 1.2, 0) + 1e-6);
    }
});

test('raw flour, pulse flour and root starch are warned of; the starch of soaked raw nuts and seeds is not', () => {
  const cold = { maxTemperatureC: 20, holdMin: 0, blenderPower: 0.9, blendSeconds: 120 };
  const flagged = (id: string, grams = 60) =>
    predict(
      pot(
        [
          [id, grams],
          ['water', 200],
        ],
        cold,
      ),
    ).flags.includes('raw-starch');
  for (const id of [
    'cashew',
    'cashew-butter',
    'sunflower-seed',
    'pumpkin-seed',
    'pistachio',
    'peanut',
    'pine-nut',
    'hemp-seed',
    'tahini',
  ])
    expect([id, flagged(id, 150)]).toEqual([id, false]);
  for (const id of [
    'wheat-flour',
    'rice-flour',
    'oat-flour',
    'chickpea-flour',
    'lupin-flour',
    'red-lentil-flour',
    'tapioca-starch',
    'potato-starch',
    'corn-starch',
    'arrowroot',
    'cassava-flour',
    'red-lentil-dry',
  ])
    expect([id, flagged(id)]).toEqual([id, id !== 'lupin-flour']);
  expect(
    predict(
      pot(
        [
          ['cashew', 150],
          ['wheat-flour', 20],
          ['water', 200],
        ],
        cold,
      ),
    ).flags,
  ).toContain('raw-starch');
});
