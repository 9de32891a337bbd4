import type { CookingView } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeEach(async () => {
  server = await startKitchenServer();
});
afterEach(() => server.close());

const day = '2026-11-27';
const say = async (said: object) =>
  (await server.ask().post('/api/household/cooking').send(said).expect(200)).body as CookingView;
const read = async () => (await server.ask().get('/api/household/cooking').expect(200)).body as CookingView;

test('how far it is stays through a restart, and leaves the choices of the table alone', async () => {
  expect(await read()).toMatchObject({ day: '', begun: {}, done: {} });
  await server.ask().put('/api/household/law').send({ law: 'us' }).expect(200);
  await say({ day, begun: [{ id: 'pot/0', at: 2500 }], pinned: [{ id: 'pot/1', at: 2540 }] });
  await say({ day, by: [{ id: 'pot/1', cook: 'Teo' }], from: 2510 });
  server = await server.restart();
  expect(await read()).toEqual({
    day,
    begun: { 'pot/0': 2500 },
    done: {},
    pinned: { 'pot/1': 2540 },
    by: { 'pot/1': 'Teo' },
    from: 2510,
    round: 1,
  });
  expect((await server.ask().get('/api/household')).body).toMatchObject({ law: 'us' });
});

test('two who say something of two tasks at the same moment are both kept', async () => {
  await say({ day });
  const ids = Array.from({ length: 8 }, (_, i) => `pot/${i}`);
  await Promise.all(ids.map((id, at) => say({ day, done: [{ id, at: 2500 + at }] })));
  expect(Object.keys((await read()).done).sort()).toEqual(ids);
});

test('null takes one back, and the same said twice is said once', async () => {
  await say({
    day,
    done: [
      { id: 'a', at: 2500 },
      { id: 'b', at: 2501 },
    ],
  });
  await say({ day, done: [{ id: 'b', at: 2501 }] });
  expect((await say({ day, done: [{ id: 'a', at: null }] })).done).toEqual({ b: 2501 });
});

test('another day, or beginning anew, leaves nothing of what was said', async () => {
  await say({ day, done: [{ id: 'a', at: 2500 }], from: 2500 });
  expect(await say({ day, anew: true, begun: [{ id: 'b', at: 1500 }] })).toMatchObject({
    begun: { b: 1500 },
    done: {},
    from: null,
    round: 0,
  });
  expect(await say({ day: '2026-11-28' })).toMatchObject({ day: '2026-11-28', begun: {} });
});

test('an id such as __proto__ is an id like others', async () => {
  expect(Object.keys((await say({ day, done: [{ id: 'constructor', at: 2000 }] })).done)).toEqual([
    'constructor',
  ]);
});

test.each([
  ['no day', { done: [] }, 'day'],
  ['a time before the evening', { day, done: [{ id: 'a', at: -1 }] }, 'done[0].at'],
  ['a task without an id', { day, begun: [{ id: '', at: 1 }] }, 'begun[0].id'],
  ['a cook of 2,000 letters', { day, by: [{ id: 'a', cook: 'x'.repeat(2000) }] }, 'by[0].cook'],
  ['times that are no list', { day, pinned: { a: 5 } }, 'pinned'],
])('%s is refused, naming the field, and what was said stays', async (_case, said, field) => {
  await say({ day, done: [{ id: 'stays', at: 2500 }] });
  const refused = problemOf(await server.ask().post('/api/household/cooking').send(said).expect(400));
  expect(refused.errors?.map((error) => error.field)).toContain(field);
  expect((await read()).done).toEqual({ stays: 2500 });
});

test('more than an evening can hold is refused, and what was said stays', async () => {
  const many = (from: number) => Array.from({ length: 900 }, (_, i) => ({ id: `t${from + i}`, at: 2500 }));
  await say({ day, done: many(0) });
  await say({ day, done: many(900) });
  const refused = await server
    .ask()
    .post('/api/household/cooking')
    .send({ day, done: many(1800) })
    .expect(400);
  expect(problemOf(refused).errors?.[0]?.message).toContain('begin it anew');
  expect(Object.keys((await read()).done)).toHaveLength(1800);
  // Two thousand, all that an evening can hold, are kept.
  await say({ day, done: many(1800).slice(0, 200) });
  expect(Object.keys((await read()).done)).toHaveLength(2000);
});
