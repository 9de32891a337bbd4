import type { DishSummary, FormulaView, HouseholdView, KeptDishView, PutAwayView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
let sauce: FormulaView;
beforeAll(async () => {
  server = await startKitchenServer();
  sauce = (await server.ask().post('/api/formulas').send(cashewSauce).expect(201)).body as FormulaView;
});
afterAll(() => server.close());

const bake = () => ({
  name: ' Leek bake ',
  portions: 5,
  vessel: { name: 'Blue tin', shape: 'rectangular', lengthCm: 30, widthCm: 20, depthCm: 6 },
  parts: [
    { id: 'sauce', formula: sauce.id, version: 'Mild', grams: null },
    {
      id: 'leek',
      ingredient: 'leek',
      grams: 400,
      ready: [{ kind: 'fry', minutes: 6, flame: 'medium' }],
    },
  ],
  layers: [
    { id: 'a', component: 'leek' },
    { id: 'b', component: 'sauce', mm: 4 },
  ],
  oven: [{ temperatureF: 374, minutes: 30, cover: 'foil' }],
  restMin: 12,
});
const make = async (body: object = bake()) =>
  (await server.ask().post('/api/dishes').send(body).expect(201)).body as KeptDishView;

test('a dish is kept with vessel, parts, layers and oven, through a restart', async () => {
  const made = await make();
  server = await server.restart();
  const { id, version, updatedAt, ...content } = (
    await server.ask().get(`/api/dishes/${made.id}`).expect(200)
  ).body as KeptDishView;
  expect({ id, version }).toEqual({ id: made.id, version: 1 });
  expect(Date.parse(updatedAt)).toBeGreaterThan(0);
  expect(content).toEqual({
    ...bake(),
    name: 'Leek bake',
    note: '',
    eaters: [],
    kept: [],
    parts: [{ id: 'sauce', formula: sauce.id, version: 'Mild', grams: null, ready: [] }, bake().parts[1]],
    // Kept in °C, whatever it was said in.
    oven: [{ temperatureC: 190, minutes: 30, cover: 'foil', fan: false }],
    fromC: 20,
  });
});

test('who alone eats of a part is kept with it; nobody named is everybody', async () => {
  const { id } = await make({
    ...bake(),
    parts: bake().parts.map((part, i) => ({ ...part, onlyFor: i === 0 ? ['ann', 'bo'] : [] })),
  });
  server = await server.restart();
  const { parts } = (await server.ask().get(`/api/dishes/${id}`).expect(200)).body as KeptDishView;
  expect(parts.map(({ onlyFor }) => onlyFor)).toEqual([['ann', 'bo'], undefined]);
  const twice = {
    ...bake(),
    parts: [{ id: 'leek', ingredient: 'leek', onlyFor: ['ann', 'ann'] }],
    layers: [],
  };
  const refusal = problemOf(await server.ask().post('/api/dishes').send(twice).expect(400));
  expect(refusal.errors?.map(({ field }) => field)).toEqual(['parts[0].onlyFor']);
});

test('a dish waits for its vessel, its amounts and its layers; nothing typed is lost', async () => {
  const made = await make({ name: 'Begun', parts: [{ id: 'm', ingredient: 'mushroom' }] });
  expect(made).toMatchObject({ vessel: null, layers: [], portions: 4 });
  expect(made.parts).toEqual([{ id: 'm', ingredient: 'mushroom', grams: null, ready: [] }]);
  const named = (
    await server.ask().put(`/api/dishes/${made.id}`).send({ name: 'Begun again', version: 1 }).expect(200)
  ).body as KeptDishView;
  expect(named).toMatchObject({ name: 'Begun again', version: 2, parts: made.parts });
});

test('versions of a dish are kept with it, through a restart and a copy; two of one name are refused', async () => {
  const then = { ...bake(), name: 'Leek bake', portions: 3 };
  const kept = (name: string) => ({ id: name, name, keptAt: '2026-11-20T18:00:00.000Z', content: then });
  const made = await make({ ...bake(), kept: [kept('First'), kept('With more sauce')] });
  server = await server.restart();
  const read = (await server.ask().get(`/api/dishes/${made.id}`).expect(200)).body as KeptDishView;
  expect(read.kept.map(({ name }) => name)).toEqual(['First', 'With more sauce']);
  expect(read.kept[0]!.content).toMatchObject({ portions: 3, layers: bake().layers });
  // What is not sent of it stays.
  const renamed = (
    await server.ask().put(`/api/dishes/${made.id}`).send({ name: 'Again', version: 1 }).expect(200)
  ).body as KeptDishView;
  expect(renamed.kept).toHaveLength(2);
  const copy = (await server.ask().post(`/api/dishes/${made.id}/duplicate`).expect(201)).body as KeptDishView;
  expect(copy.kept).toHaveLength(2);
  const refused = await server
    .ask()
    .post('/api/dishes')
    .send({ ...bake(), kept: [kept('First'), { ...kept('First '), id: 'b' }] })
    .expect(400);
  expect(problemOf(refused).errors?.map(({ field }) => field)).toEqual(['kept']);
  const nameless = await server
    .ask()
    .post('/api/dishes')
    .send({ ...bake(), kept: [{ ...kept('x'), name: undefined }, null] })
    .expect(400);
  expect(problemOf(nameless).errors?.map(({ field }) => field)).toContain('kept[0].name');
});

test('a write made on an older version is refused with what stands, and overwrites nothing', async () => {
  const { id } = await make();
  await server.ask().put(`/api/dishes/${id}`).send({ name: 'First', version: 1 }).expect(200);
  const refused = await server
    .ask()
    .put(`/api/dishes/${id}`)
    .send({ name: 'Second', version: 1 })
    .expect(409);
  expect(problemOf(refused).detail).toMatch(/Nothing was overwritten/);
  expect(problemOf(refused).current).toMatchObject({ name: 'First', version: 2 });
  await server.ask().delete(`/api/dishes/${id}?version=1`).expect(409);
  const read = (await server.ask().get(`/api/dishes/${id}`).expect(200)).body as KeptDishView;
  expect(read.name).toBe('First');
});

test('what is deleted is gone from the list, stands among what was put away, and comes back', async () => {
  const { id } = await make({ ...bake(), name: 'Away' });
  const list = async () =>
    ((await server.ask().get('/api/dishes').expect(200)).body as DishSummary[]).map(({ name }) => name);
  expect((await list())[0]).toBe('Away');
  await server.ask().delete(`/api/dishes/${id}`).expect(204);
  expect(await list()).not.toContain('Away');
  await server.ask().get(`/api/dishes/${id}`).expect(404);
  const away = (await server.ask().get('/api/put-away').expect(200)).body as PutAwayView[];
  expect(away.map(({ kind, name }) => [kind, name])).toContainEqual(['dish', 'Away']);
  const back = (await server.ask().post(`/api/dishes/${id}/restore`).expect(200)).body as KeptDishView;
  expect(back).toMatchObject({ version: 3, parts: [{ formula: sauce.id }, { ingredient: 'leek' }] });
});

test('a copy stands beside it', async () => {
  const { id } = await make();
  const copy = (await server.ask().post(`/api/dishes/${id}/duplicate`).expect(201)).body as KeptDishView;
  expect(copy.id).not.toBe(id);
  expect(copy).toMatchObject({ name: 'Leek bake, copy', version: 1, layers: bake().layers });
});

test.each([
  ['no name', () => ({ ...bake(), name: '  ' }), 'name'],
  ['no portions', () => ({ ...bake(), portions: 0 }), 'portions'],
  [
    'a vessel without depth',
    () => ({ ...bake(), vessel: { shape: 'round', diameterCm: 24 } }),
    'vessel.depthCm',
  ],
  [
    'a part of two things',
    () => ({ ...bake(), parts: [{ id: 'x', formula: sauce.id, ingredient: 'leek' }] }),
    'parts[0]',
  ],
  [
    'a formula that never was',
    () => ({ ...bake(), parts: [{ id: 'x', formula: 'none' }], layers: [] }),
    'parts[0].formula',
  ],
  [
    'an unknown thing',
    () => ({ ...bake(), parts: [{ id: 'x', ingredient: 'moonrock' }], layers: [] }),
    'parts[0].ingredient',
  ],
  [
    'a layer of nothing',
    () => ({ ...bake(), layers: [{ id: 'a', component: 'gone' }] }),
    'layers[0].component',
  ],
  ['two layers of one id', () => ({ ...bake(), layers: [bake().layers[0], bake().layers[0]] }), 'layers'],
  ['nobody’s hunger', () => ({ ...bake(), eaters: [{ eater: 'a', appetite: 0 }] }), 'eaters[0].appetite'],
  [
    'a frying without a pan',
    () => ({
      ...bake(),
      parts: [{ id: 'x', ingredient: 'leek', ready: [{ kind: 'levitate' }] }],
      layers: [],
    }),
    'parts[0].ready[0].kind',
  ],
])('%s is refused on its field', async (_name, body, field) => {
  const answer = problemOf(await server.ask().post('/api/dishes').send(body()).expect(400));
  expect(answer.errors?.map((error) => error.field)).toContain(field);
});

test('dishes stand among what is cooked tonight, each at its time; who sends pots alone leaves them', async () => {
  const { id } = await make();
  const say = async (body: object, status = 200) =>
    (await server.ask().put('/api/household/tonight').send(body).expect(status)).body as HouseholdView;
  const pots = [{ formula: sauce.id, tools: ['jar'], washedBefore: false, serveAt: 1110 }];
  expect(await say({ pots, dishes: [{ dish: id, serveAt: 1170 }] })).toMatchObject({
    pots,
    dishes: [{ dish: id, serveAt: 1170 }],
  });
  expect(await say({ pots: [] })).toMatchObject({ pots: [], dishes: [{ dish: id, serveAt: 1170 }] });
  expect(
    problemOf(
      await server
        .ask()
        .put('/api/household/tonight')
        .send({ pots: [], dishes: [{ dish: 'never' }] })
        .expect(400),
    ).errors?.[0]?.field,
  ).toBe('dishes[0].dish');
  expect(await say({ pots: [], dishes: [] })).toMatchObject({ dishes: [] });
});
