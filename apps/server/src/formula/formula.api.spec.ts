import type { FormulaSummary, FormulaView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const create = async (body: object = cashewSauce) =>
  (await server.ask().post('/api/formulas').send(body).expect(201)).body as FormulaView;
const read = async (id: string) =>
  (await server.ask().get(`/api/formulas/${id}`).expect(200)).body as FormulaView;

test('a formula is kept as written, completed where nothing was said', async () => {
  const made = await create();
  expect(made).toMatchObject({ name: 'Cashew sauce', version: 1, portions: 4 });
  expect(
    made.lines.map((line) => [
      line.ingredient,
      line.amount,
      line.unit,
      line.role,
      line.preparation,
      line.stage,
    ]),
  ).toEqual([
    ['cashew', 1, 'cup', 'body', 'soaked', 'start'],
    ['water', 360, 'ml', 'liquid', 'as-is', 'start'],
    ['salt', 0.5, 'tsp', 'seasoning', 'as-is', 'start'],
  ]);
  expect(await read(made.id)).toEqual(made);
});

test('a write counts the version up and replaces the lines in their order', async () => {
  const made = await create();
  const lines = [...made.lines].reverse();
  const body = { name: 'Turned', lines, process: { maxTemperatureC: 80 }, version: 1 };
  const updated = (await server.ask().put(`/api/formulas/${made.id}`).send(body).expect(200))
    .body as FormulaView;
  expect(updated).toMatchObject({
    name: 'Turned',
    version: 2,
    portions: 4,
    process: { maxTemperatureC: 80, holdMin: made.process.holdMin },
  });
  expect((await read(made.id)).lines.map((line) => line.id)).toEqual(['c', 'b', 'a']);
});

test('a write against an older version is refused with what stands, and nothing is lost', async () => {
  const made = await create();
  await server.ask().put(`/api/formulas/${made.id}`).send({ name: 'First', version: 1 }).expect(200);
  const late = await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ name: 'Second', version: 1 })
    .expect(409);
  expect(problemOf(late)).toMatchObject({
    type: '/problems/conflict',
    current: { name: 'First', version: 2 },
  });
  expect(await read(made.id)).toMatchObject({ name: 'First', version: 2, lines: made.lines });
  expect((await server.ask().delete(`/api/formulas/${made.id}?version=1`).expect(409)).status).toBe(409);
});

test('of two writes at once against one version, exactly one is taken', async () => {
  const made = await create();
  const answers = await Promise.all(
    ['A', 'B', 'C', 'D'].map((name) =>
      server.ask().put(`/api/formulas/${made.id}`).send({ name, version: 1 }),
    ),
  );
  expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409, 409, 409]);
  expect((await read(made.id)).version).toBe(2);
});

test('deleting keeps it for undo', async () => {
  const made = await create({ ...cashewSauce, name: 'Soon gone' });
  await server.ask().delete(`/api/formulas/${made.id}`).expect(204);
  expect(problemOf(await server.ask().get(`/api/formulas/${made.id}`).expect(404)).type).toBe(
    '/problems/not-found',
  );
  expect((await server.ask().get('/api/formulas?search=soon%20gone')).body).toEqual([]);
  const back = (await server.ask().post(`/api/formulas/${made.id}/restore`).expect(200)).body as FormulaView;
  expect(back).toMatchObject({ name: 'Soon gone', lines: made.lines });
});

test('a copy is a formula of its own', async () => {
  const made = await create();
  const copy = (await server.ask().post(`/api/formulas/${made.id}/duplicate`).expect(201))
    .body as FormulaView;
  expect(copy).toMatchObject({ name: 'Cashew sauce, copy', lines: made.lines, version: 1 });
  expect(copy.id).not.toBe(made.id);
});

test('the list is searched by name and by what is in the pot', async () => {
  await create({ name: 'Parsnip white', lines: [{ ingredient: 'parsnip', amount: 2, unit: 'medium' }] });
  const names = async (search: string) =>
    ((await server.ask().get(`/api/formulas?search=${search}`).expect(200)).body as FormulaSummary[]).map(
      (summary) => summary.name,
    );
  expect(await names('parsnip')).toEqual(['Parsnip white']);
  expect(await names('PARSNIP%20white')).toEqual(['Parsnip white']);
  expect(await names('nothing-like-it')).toEqual([]);
});

test.each([
  ['no name', { lines: [] }, 'name'],
  ['an empty name', { name: '   ' }, 'name'],
  ['a name that is too long', { name: 'x'.repeat(121) }, 'name'],
  ['an unknown field', { name: 'x', colour: 'red' }, 'colour'],
  [
    'an unknown field in a line',
    { name: 'x', lines: [{ ingredient: 'salt', amount: 1, unit: 'g', price: 3 }] },
    'lines[0].price',
  ],
  [
    'an amount below zero',
    { name: 'x', lines: [{ ingredient: 'salt', amount: -1, unit: 'g' }] },
    'lines[0].amount',
  ],
  [
    'an amount that is a text',
    { name: 'x', lines: [{ ingredient: 'salt', amount: 'much', unit: 'g' }] },
    'lines[0].amount',
  ],
  [
    'an unknown unit',
    { name: 'x', lines: [{ ingredient: 'salt', amount: 1, unit: 'blob' }] },
    'lines[0].unit',
  ],
  [
    'a unit without a weight',
    { name: 'x', lines: [{ ingredient: 'salt', amount: 1, unit: 'medium' }] },
    'lines[0].unit',
  ],
  [
    'an unknown ingredient',
    { name: 'x', lines: [{ ingredient: 'moon cheese', amount: 1, unit: 'g' }] },
    'lines[0].ingredient',
  ],
  [
    'more than a kitchen holds',
    { name: 'x', lines: [{ ingredient: 'water', amount: 99, unit: 'kg' }] },
    'lines[0].amount',
  ],
  ['lines that are no list', { name: 'x', lines: 'salt' }, 'lines'],
  ['a line that is no object', { name: 'x', lines: [7] }, 'lines[0]'],
  [
    'two lines of one id',
    {
      name: 'x',
      lines: [
        { id: 'a', ingredient: 'salt', amount: 1, unit: 'g' },
        { id: 'a', ingredient: 'sugar', amount: 1, unit: 'g' },
      ],
    },
    'lines[1].id',
  ],
  ['an unknown family', { name: 'x', family: 'soup' }, 'family'],
  ['no portions', { name: 'x', portions: 0 }, 'portions'],
  ['a pot hotter than any', { name: 'x', process: { maxTemperatureC: 400 } }, 'process.maxTemperatureC'],
  ['an unknown storage', { name: 'x', serve: { storage: 'shelf' } }, 'serve.storage'],
])('%s is refused, naming the field', async (_case, body, field) => {
  const before = ((await server.ask().get('/api/formulas')).body as FormulaSummary[]).length;
  const problem = problemOf(await server.ask().post('/api/formulas').send(body).expect(400));
  expect(problem.type).toBe('/problems/invalid-input');
  expect(problem.errors?.map((error) => error.field)).toContain(field);
  expect(((await server.ask().get('/api/formulas')).body as FormulaSummary[]).length).toBe(before);
});

test('a write without a version is refused', async () => {
  const made = await create();
  const problem = problemOf(
    await server.ask().put(`/api/formulas/${made.id}`).send({ name: 'x' }).expect(400),
  );
  expect(problem.errors?.[0]?.field).toBe('version');
});

test('an ingredient may be named by its exact name; units and roles are kept', async () => {
  const made = await create({
    name: 'By name',
    lines: [{ ingredient: 'Cashew nuts', amount: 50, unit: 'g', role: 'savory' }],
  });
  expect(made.lines[0]).toMatchObject({ ingredient: 'cashew', role: 'savory', unit: 'g' });
});

test('a range stands with its amount wherever a formula is read, and one that does not hold it is refused', async () => {
  const line = { ingredient: 'garlic', amount: 2.5, unit: 'clove', amountRange: { low: 2, high: 3 } };
  const made = await create({ name: 'Loosely said', lines: [line] });
  expect((await read(made.id)).lines[0]).toMatchObject(line);
  const copy = (await server.ask().post(`/api/formulas/${made.id}/duplicate`).expect(201))
    .body as FormulaView;
  expect(copy.lines[0]).toMatchObject(line);
  const listed = (await server.ask().get('/api/formulas?with=lines&limit=200').expect(200))
    .body as FormulaView[];
  expect(listed.find(({ id }) => id === made.id)?.lines[0]).toMatchObject(line);
  const refused = await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ name: 'Loosely said', version: 1, lines: [{ ...line, amountRange: { low: 3, high: 4 } }] })
    .expect(400);
  expect(problemOf(refused).errors?.map(({ field }) => field)).toEqual(['lines[0].amountRange']);
  expect((await read(made.id)).lines[0]).toMatchObject(line);
});
