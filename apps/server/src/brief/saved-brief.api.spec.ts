import type { FormulaView, SavedBriefView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const wishes = [
  { rail: 'fat', low: 5, high: 12, weight: 3 },
  { rail: 'cold-thickness', low: 1000, high: 9000, pinned: true },
];

test('a formula keeps its own brief and its holds through a restart', async () => {
  const lines = cashewSauce.lines.map((line, i) => ({
    ...line,
    hold: [{ kind: 'pinned' }, { kind: 'bounded', leastG: 200, mostG: 420 }, null][i],
  }));
  const made = (
    await server
      .ask()
      .post('/api/formulas')
      .send({ ...cashewSauce, lines, brief: wishes })
      .expect(201)
  ).body as FormulaView;
  server = await server.restart();
  const read = (await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body as FormulaView;
  expect(read.brief).toEqual(wishes);
  expect(read.lines.map(({ hold }) => hold)).toEqual([
    { kind: 'pinned' },
    { kind: 'bounded', leastG: 200, mostG: 420 },
    null,
  ]);
});

test('a write that says nothing of the brief keeps it; null goes back to the usual one', async () => {
  const made = (
    await server
      .ask()
      .post('/api/formulas')
      .send({ ...cashewSauce, brief: wishes })
      .expect(201)
  ).body as FormulaView;
  const kept = await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ name: 'Same', version: 1 })
    .expect(200);
  expect((kept.body as FormulaView).brief).toEqual(wishes);
  const usual = await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ name: 'Same', version: 2, brief: null })
    .expect(200);
  expect((usual.body as FormulaView).brief).toBeNull();
});

test('a brief is kept under a name for any formula, written over, and forgotten', async () => {
  const keep = async (body: object) =>
    (await server.ask().post('/api/briefs').send(body).expect(201)).body as SavedBriefView;
  const made = await keep({ name: ' Friday melt ', wishes });
  expect(made).toMatchObject({ name: 'Friday melt', wishes });
  const again = await keep({ name: 'Friday melt', wishes: wishes.slice(0, 1) });
  expect(again.id).toBe(made.id);
  const list = async () => (await server.ask().get('/api/briefs').expect(200)).body as SavedBriefView[];
  expect(await list()).toEqual([{ id: made.id, name: 'Friday melt', wishes: wishes.slice(0, 1) }]);
  await server.ask().delete(`/api/briefs/${made.id}`).expect(204);
  expect(await list()).toEqual([]);
  expect(problemOf(await server.ask().delete(`/api/briefs/${made.id}`).expect(404)).detail).toMatch(
    /forgotten/,
  );
});

test.each([
  ['an upside-down stretch', [{ rail: 'fat', low: 12, high: 5 }], 'wishes[0].high', /upside down/],
  ['an unknown property', [{ rail: 'crunch', low: 1, high: 2 }], 'wishes[0].rail', /must be one of/],
  ['an end that is no number', [{ rail: 'fat', low: 'few', high: 2 }], 'wishes[0].low', /number/],
  ['a weight beyond must', [{ rail: 'fat', low: 1, high: 2, weight: 9 }], 'wishes[0].weight', /one of/],
  ['far off the rail', [{ rail: 'salt', low: 1, high: 9e9 }], 'wishes[0].high', /outside its rail/],
])('%s is refused with what to do', async (_name, bad, field, message) => {
  const answer = await server.ask().post('/api/briefs').send({ name: 'x', wishes: bad }).expect(400);
  const error = problemOf(answer).errors?.find((found) => found.field === field);
  expect(error?.message).toMatch(message);
});

test.each([
  ['a hold of no kind', { kind: 'loose' }, /pinned or bounded/],
  ['bounds without their ends', { kind: 'bounded', leastG: 3 }, /most mass/],
  ['bounds below nothing', { kind: 'bounded', leastG: -3, mostG: 4 }, /least mass/],
  ['bounds upside down', { kind: 'bounded', leastG: 9, mostG: 4 }, /upside down|below/],
])('%s is refused', async (_name, hold, message) => {
  const lines = [{ ingredient: 'salt', amount: 1, unit: 'g', hold }];
  const answer = await server.ask().post('/api/formulas').send({ name: 'x', lines }).expect(400);
  expect(
    problemOf(answer)
      .errors?.map(({ message: said }) => said)
      .join(' '),
  ).toMatch(message);
});
