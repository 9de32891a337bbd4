import type { FormulaView, IngredientView, OwnIngredientView, PredictResponse } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const label = {
  perG: 100,
  energyKcal: 60,
  fat: 3,
  saturatedFat: 0.3,
  carbohydrate: 6.6,
  sugars: 3.4,
  fibre: 0.8,
  protein: 1,
  salt: 0.1,
};
const body = {
  name: 'Our oat drink',
  like: 'oat-drink',
  label,
  contains: ['oat'],
  askFor: ['barley'],
  pricePerKg: 1.9,
};
const create = async (own: object = body) =>
  (await server.ask().post('/api/own-ingredients').send(own).expect(201)).body as OwnIngredientView;

test('an own ingredient is found, computed with, and marked as guessed', async () => {
  const made = await create();
  const found = (await server.ask().get('/api/ingredients?search=our oat').expect(200))
    .body as IngredientView[];
  expect(found[0]).toMatchObject({ id: made.id, like: 'oat-drink', contains: ['oat'] });
  expect(found[0]?.per100g).toMatchObject({ fat: 3, energyKcal: 60, saturatedFat: 0.3 });
  expect(found[0]?.guessed.length).toBeGreaterThan(0);
  const answer = (
    await server
      .ask()
      .post('/api/predict')
      .send({ lines: [{ ingredient: made.id, amount: 1, unit: 'cup' }] })
      .expect(200)
  ).body as PredictResponse;
  expect(answer.fatPct).toBeCloseTo(3, 6);
});

test('it is there after a restart, and can be changed, taken away and brought back', async () => {
  const made = await create({ ...body, name: 'Kept' });
  server = await server.restart();
  const { body: changed } = (await server
    .ask()
    .put(`/api/own-ingredients/${made.id}`)
    .send({ ...body, name: 'Kept better', version: 1 })
    .expect(200)) as { body: OwnIngredientView };
  expect(changed).toMatchObject({ name: 'Kept better', version: 2 });
  expect(
    problemOf(
      await server
        .ask()
        .put(`/api/own-ingredients/${made.id}`)
        .send({ ...body, version: 1 })
        .expect(409),
    ).current,
  ).toMatchObject({ name: 'Kept better' });
  await server.ask().delete(`/api/own-ingredients/${made.id}`).expect(204);
  problemOf(await server.ask().get(`/api/ingredients/${made.id}`).expect(404));
  await server.ask().post(`/api/own-ingredients/${made.id}/restore`).expect(200);
  await server.ask().get(`/api/ingredients/${made.id}`).expect(200);
});

test('a formula may hold it', async () => {
  const made = await create({ ...body, name: 'In a pot' });
  const formula = { name: 'With ours', lines: [{ ingredient: made.id, amount: 200, unit: 'g' }] };
  await server.ask().post('/api/formulas').send(formula).expect(201);
});

test.each([
  ['no name', { ...body, name: ' ' }, 'name'],
  ['no label', { name: 'x' }, 'label'],
  ['a negative figure', { ...body, label: { ...label, fat: -1 } }, 'label.fat'],
  ['more sugar than carbohydrate', { ...body, label: { ...label, sugars: 20 } }, 'label.sugars'],
  [
    'more than 100 g in 100 g',
    { ...body, label: { perG: 100, fat: 80, carbohydrate: 40, protein: 2, salt: 0 } },
    'label.perG',
  ],
  ['an unknown kind', { ...body, like: 'moon-milk' }, 'like'],
  ['an unknown allergen', { ...body, contains: ['moon'] }, 'contains'],
  ['an unknown field', { ...body, mood: 'good' }, 'mood'],
])('%s is refused, naming the field', async (_case, sent, field) => {
  const problem = problemOf(await server.ask().post('/api/own-ingredients').send(sent).expect(400));
  expect(problem.errors?.map((error) => error.field)).toContain(field);
});

test('called otherwise, it is what the formulas that hold it are found by; blanks around a name are none of it', async () => {
  const made = await create({ ...body, name: '  Barista drink ' });
  expect(made.name).toBe('Barista drink');
  await server
    .ask()
    .post('/api/formulas')
    .send({ name: 'Held by its drink', lines: [{ ingredient: made.id, amount: 100, unit: 'g' }] })
    .expect(201);
  const found = async (search: string) =>
    ((await server.ask().get(`/api/formulas?search=${search}`).expect(200)).body as FormulaView[]).map(
      ({ name }) => name,
    );
  expect(await found('barista')).toContain('Held by its drink');
  await server
    .ask()
    .put(`/api/own-ingredients/${made.id}`)
    .send({ ...body, name: 'Frothing drink', version: 1 })
    .expect(200);
  expect(await found('frothing')).toContain('Held by its drink');
  expect(await found('barista')).toEqual([]);
});

test('a line that cannot be weighed says why: not in the larder, a formula that is not here, no amount', async () => {
  const why = async (line: object) =>
    problemOf(
      await server
        .ask()
        .post('/api/predict')
        .send({ lines: [{ ingredient: 'water', amount: 100, unit: 'g' }, line] })
        .expect(400),
    ).errors?.map(({ field, message }) => `${field}: ${message}`);
  expect(await why({ ingredient: 'moon dust', amount: 1, unit: 'g' })).toEqual([
    expect.stringMatching(/^lines\[1\]\.ingredient: “moon dust” is not in the larder/),
  ]);
  expect(await why({ ingredient: 'formula:nowhere', amount: 1, unit: 'g' })).toEqual([
    expect.stringMatching(/^lines\[1\]\.ingredient: “formula:nowhere” stands for a formula that is not here/),
  ]);
  expect(await why({ ingredient: 'salt', amount: null, unit: 'g' })).toEqual([
    expect.stringMatching(/^lines\[1\]\.amount: Say how much /),
  ]);
});

test('a line holds at most twenty kilograms; what is heavier is told by its weight', async () => {
  const sent = (amount: number) =>
    server
      .ask()
      .post('/api/predict')
      .send({ lines: [{ ingredient: 'water', amount, unit: 'kg' }] });
  await sent(20).expect(200);
  const { errors } = problemOf(await sent(31.4).expect(400));
  expect(errors).toEqual([
    { field: 'lines[0].amount', message: 'That is 31 kg of water. One line holds at most 20 kg.' },
  ]);
});

test('what was weighed as made ready is less of the thing itself; how it is made ready can be said twice over', async () => {
  const massOf = async (line: object) =>
    (
      (
        await server
          .ask()
          .post('/api/predict')
          .send({ lines: [{ ingredient: 'cashew', amount: 150, unit: 'g', ...line }] })
          .expect(200)
      ).body as PredictResponse
    ).lines[0]?.weighedG;
  const soak = [{ kind: 'soak', minutes: 600, temperatureC: 5 }];
  expect(await massOf({})).toBe(150);
  expect(await massOf({ ready: soak })).toBe(150);
  expect(await massOf({ preparation: 'soaked' })).toBe(150);
  const drunk = await massOf({ ready: soak, weighed: 'ready' });
  expect(drunk).toBeGreaterThan(90);
  expect(drunk).toBeLessThan(125);
  expect(await massOf({ preparation: 'soaked', weighed: 'ready' })).toBeLessThan(125);
  expect(await massOf({ weighed: 'ready' })).toBe(150);
});

test('the larder’s own rows cannot be changed through here', async () => {
  problemOf(
    await server
      .ask()
      .put('/api/own-ingredients/cashew')
      .send({ ...body, version: 1 })
      .expect(404),
  );
});

test('an ingredient carries its facts, its source and how to prepare it', async () => {
  const cashew = (await server.ask().get('/api/ingredients/cashew').expect(200)).body as IngredientView;
  expect(cashew).toMatchObject({ slug: 'cashew', source: 'S-05a', allergens: { contains: ['cashew'] } });
  expect(cashew.per100g).toMatchObject({
    fat: 44,
    protein: 18,
    sugars: 6,
    starch: 22,
    carbohydrate: 28,
    energyKcal: 580,
  });
  expect(cashew.per100g.energyKJ).toBe(2427);
  expect(cashew.per100g.alcohol).toBeNull();
  expect(cashew.preparation.soak?.uptake).toBeGreaterThan(0.3);
});

test('a formula that holds an own ingredient keeps it when that is put away: it still saves, says who uses it, and everybody is asked', async () => {
  const own = (
    await server
      .ask()
      .post('/api/own-ingredients')
      .send({
        name: 'Attic cream',
        label: { perG: 100, fat: 20, carbohydrate: 4, protein: 1, salt: 0.1 },
        contains: ['milk'],
      })
      .expect(201)
  ).body as { id: string };
  const line = { ingredient: own.id, amount: 50, unit: 'g' };
  const made = (
    await server
      .ask()
      .post('/api/formulas')
      .send({ name: 'Attic sauce', lines: [line] })
      .expect(201)
  ).body as FormulaView;
  expect((await server.ask().get(`/api/own-ingredients/${own.id}/uses`).expect(200)).body).toEqual([
    'Attic sauce',
  ]);
  await server.ask().delete(`/api/own-ingredients/${own.id}`).expect(204);
  const saved = (
    await server
      .ask()
      .put(`/api/formulas/${made.id}`)
      .send({ name: 'Attic sauce, thinner', lines: made.lines, version: 1 })
      .expect(200)
  ).body as FormulaView;
  expect(saved.lines.map(({ ingredient, amount }) => [ingredient, amount])).toEqual([[own.id, 50]]);
  await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ name: 'No', lines: [{ ...line, ingredient: 'moon-dust' }], version: 2 })
    .expect(400);
});
