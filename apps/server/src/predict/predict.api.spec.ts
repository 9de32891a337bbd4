import type { PredictResponse } from '@alterum/contract';
import { celsius, grams, ingredientById, predict, type RecipeLine, uncooked } from '@alterum/core';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const pot = {
  lines: [
    { ingredient: 'water', amount: 240, unit: 'g' },
    { ingredient: 'tapioca-starch', amount: 4, unit: 'tbsp', stage: 'slurry' },
    { ingredient: 'rapeseed-oil', amount: 1, unit: 'tbsp' },
    { ingredient: 'salt', amount: 0.5, unit: 'tsp' },
  ],
  process: {
    maxTemperatureC: 93,
    holdMin: 4,
    heatingRateCPerMin: 5,
    blenderPower: 0.6,
    blendSeconds: 30,
    evaporatedG: 10,
  },
  serve: { temperatureC: 75, storage: 'cool', days: 0 },
};
const ask = (body: object) => server.ask().post('/api/predict').send(body);

test('a pot is predicted with the same core as in the browser', async () => {
  const answer = (await ask(pot).expect(200)).body as PredictResponse;
  const line = (id: string, g: number): RecipeLine => {
    const ingredient = ingredientById(id);
    if (!ingredient) throw new Error(id);
    return { ingredient, mass: grams(g), preparation: 'as-is', stage: 'start' };
  };
  const own = predict({
    lines: [
      line('water', 240),
      line('tapioca-starch', 60 * 0.53),
      line('rapeseed-oil', 15 * 0.915),
      line('salt', 2.5 * 1.2),
    ],
    process: { ...uncooked, ...pot.process },
    serving: { temperatureC: celsius(75), storage: 'cool', days: 0 },
  });
  expect(answer.viscosityMPaS.mid).toBeCloseTo(own.viscosity.mid, 6);
  expect(answer.stretchCm.mid).toBeCloseTo(own.stretch.mid, 9);
  expect(answer).toMatchObject({
    thicknessClass: own.thicknessClass,
    massG: own.massG,
    fatPct: own.fat.mid,
    saltPct: own.salt.mid,
    pH: own.pH.mid,
  });
});

test('every promised figure is there and in order', async () => {
  const answer = (await ask(pot).expect(200)).body as PredictResponse;
  expect(answer.massG).toBeCloseTo(240 + 31.8 + 13.725 + 3 - 10, 6);
  for (const band of [answer.viscosityMPaS, answer.stretchCm])
    expect(band.low < band.mid && band.mid < band.high).toBe(true);
  expect(answer.stretchCm.mid).toBeGreaterThan(8);
  expect(answer.savorinessPct).toBeGreaterThanOrEqual(0);
  expect(answer.yieldStressPa).toBeGreaterThanOrEqual(0);
  const hot = answer.curve.map((point) => point.viscosityMPaS);
  expect(hot).toEqual([...hot].sort((a, b) => b - a));
  expect(answer.contributions.map((entry) => entry.property)).toEqual(
    expect.arrayContaining([
      'fat',
      'thickness',
      'stretch',
      'savoriness',
      'salt',
      'sourness',
      'sweetness',
      'cost',
      'curdling',
    ]),
  );
});

test('the process and serving may be left out: nothing cooked, served warm', async () => {
  const raw = (await ask({ lines: pot.lines }).expect(200)).body as PredictResponse;
  expect(raw.viscosityMPaS.mid).toBeLessThan(5);
  expect(raw.flags).toContain('raw-starch');
});

test('the thicker of two flour sauces is thicker here too, and a chilled one thicker still', async () => {
  const sauce = (flour: number, temperatureC: number) =>
    ask({
      lines: [
        { ingredient: 'soya-drink-plain', amount: 240, unit: 'ml' },
        { ingredient: 'wheat-flour', amount: flour, unit: 'g' },
      ],
      process: { maxTemperatureC: 95, holdMin: 3 },
      serve: { temperatureC },
    });
  const [thin, thick, cold] = await Promise.all([sauce(12, 60), sauce(24, 60), sauce(24, 10)]);
  const eta = (response: { body: unknown } | undefined) =>
    (response?.body as PredictResponse).viscosityMPaS.mid;
  expect(eta(thick) / eta(thin)).toBeGreaterThan(3);
  expect(eta(cold)).toBeGreaterThan(1.5 * eta(thick));
});

test.each([
  ['no lines', {}, 'lines'],
  ['an empty pot', { lines: [] }, 'lines'],
  ['an unknown ingredient', { lines: [{ ingredient: 'moon', amount: 1, unit: 'g' }] }, 'lines[0].ingredient'],
  [
    'an unknown preparation',
    { lines: [{ ingredient: 'salt', amount: 1, unit: 'g', preparation: 'sung to' }] },
    'lines[0].preparation',
  ],
  ['an unknown field', { lines: pot.lines, mood: 'good' }, 'mood'],
  ['a negative time', { lines: pot.lines, process: { holdMin: -1 } }, 'process.holdMin'],
])('%s is refused, naming the field', async (_case, body, field) => {
  expect(problemOf(await ask(body).expect(400)).errors?.map((error) => error.field)).toContain(field);
});

test('portions, money, climate and the dairy thing stand beside each other', async () => {
  const answer = (await ask({ ...pot, portions: 4, family: 'stretchy-melt' }).expect(200))
    .body as PredictResponse;
  const { batch, portion, per100g } = answer.nutrition;
  expect(portion.massG * 4).toBeCloseTo(batch.massG, 9);
  expect(batch.energyKJ / batch.energyKcal).toBeCloseTo(4.184, 6);
  expect(per100g.massG).toBeCloseTo(100, 9);
  expect(batch.saltG).toBeCloseTo(3, 6);
  const { costCoins, climateKgCO2e } = answer.moneyAndClimate.batch;
  expect(costCoins.low < costCoins.mid && costCoins.mid < costCoins.high).toBe(true);
  expect(climateKgCO2e.low).toBeGreaterThan(0);
  expect(answer.againstDairy?.rows.find((row) => row.figure === 'protein')?.dairy).toBeGreaterThan(10);
  expect(answer.homeTests.ringRadiusCm).toBeGreaterThan(2.4);
  expect(answer.warnings).toEqual([]);
});

test('what is hardly meant is warned of, and the figures go on', async () => {
  const answer = (
    await ask({
      lines: [...pot.lines, { ingredient: 'salt', amount: 1, unit: 'kg' }],
      process: { ...pot.process, blenderPower: 0, evaporatedG: 4000 },
    }).expect(200)
  ).body as PredictResponse;
  expect(answer.warnings.map((warning) => warning.field)).toEqual(
    expect.arrayContaining(['lines[4].amount', 'process.blenderPower', 'process.evaporatedG']),
  );
  expect(JSON.stringify(answer)).not.toContain('null,null');
  expect(Number.isFinite(answer.viscosityMPaS.mid)).toBe(true);
});

test('a baked layer loses water, browns, and less of both under a lid', async () => {
  const bake = { ...pot.process, bakeMin: 30, ovenC: 210, layerMm: 12 };
  const [open, covered] = await Promise.all(
    [bake, { ...bake, covered: true }].map(
      async (process) => (await ask({ ...pot, process }).expect(200)).body as PredictResponse,
    ),
  );
  expect(open?.evaporatedG).toBeGreaterThan((covered?.evaporatedG ?? Infinity) + 5);
  expect(open?.browning).toBeGreaterThan(2 * (covered?.browning ?? Infinity));
  expect(covered?.evaporatedG).toBeGreaterThan(10);
});

test('a pot of many lines is worked out in a thread of its own, to the same figures', async () => {
  const line = { ingredient: 'water', amount: 1, unit: 'g' };
  const few = {
    family: 'cream-sauce',
    lines: [
      { ingredient: 'cashew', amount: 100, unit: 'g', preparation: 'soaked' },
      { ingredient: 'water', amount: 340, unit: 'g' },
    ],
  };
  const many = {
    ...few,
    lines: [few.lines[0], { ...few.lines[1], amount: 300 }, ...Array.from({ length: 40 }, () => line)],
  };
  const [short, long] = await Promise.all(
    [few, many].map(
      async (pot) =>
        (await server.ask().post('/api/predict').send(pot).expect(200)).body as {
          massG: number;
          fatPct: number;
        },
    ),
  );
  expect(long?.massG).toBeCloseTo(short?.massG ?? 0, 6);
  expect(long?.fatPct).toBeCloseTo(short?.fatPct ?? 0, 6);
  expect(Object.keys(long ?? {})).toEqual(Object.keys(short ?? {}));
  const problem = problemOf(
    await server
      .ask()
      .post('/api/predict')
      .send({ lines: Array.from({ length: 101 }, () => line) })
      .expect(400),
  );
  expect(problem.errors?.[0]?.message).toBe('At most 100 lines can be predicted at once.');
});

test('an amount that was said loosely leaves the middle and widens the band', async () => {
  const [water, starch, ...rest] = pot.lines;
  const loose = { ...starch, amountRange: { low: 2.5, high: 5.5 } };
  const answer = (body: object) =>
    ask(body)
      .expect(200)
      .then((sent) => sent.body as PredictResponse);
  const weighed = await answer(pot),
    unsure = await answer({ ...pot, lines: [water, loose, ...rest] });
  expect(unsure.viscosityMPaS.mid).toBe(weighed.viscosityMPaS.mid);
  const width = ({ viscosityMPaS: { low, high } }: PredictResponse) => high / low;
  expect(width(unsure)).toBeGreaterThan(1.2 * width(weighed));
  const problem = await ask({ ...pot, lines: [{ ...starch, amountRange: { low: 5, high: 6 } }] }).expect(400);
  expect(problemOf(problem).errors?.[0]?.field).toBe('lines[0].amountRange');
});
