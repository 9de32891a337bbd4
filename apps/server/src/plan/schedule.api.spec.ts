import type { ScheduleResponse } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const SERVE = 1440 + 19 * 60;
const plan = async (body: object) =>
  (await server.ask().post('/api/schedule').send(body).expect(200)).body as ScheduleResponse;
const refused = async (body: object) =>
  problemOf(await server.ask().post('/api/schedule').send(body).expect(400)).errors?.map(
    ({ field }) => field,
  );

const pasta = {
  tasks: [
    { id: 'water', minutes: { low: 8, high: 12 }, machine: 'burner' },
    { id: 'noodles', minutes: 9, machine: 'burner', after: [{ id: 'water', most: 0 }] },
    { id: 'sauce', hands: true, minutes: { low: 10, high: 15 }, machine: 'burner', mayStand: 10 },
    { id: 'join', hands: true, minutes: 2, after: [{ id: 'noodles', least: 0, most: 2 }, { id: 'sauce' }] },
  ],
  machines: { burner: 2 },
  cooks: 1,
  serveAt: SERVE,
};

test('an evening is planned back from serving with the high minutes', async () => {
  const answer = await plan(pasta);
  expect(answer.starts).toEqual({
    join: SERVE - 2,
    sauce: SERVE - 17,
    noodles: SERVE - 11,
    water: SERVE - 23,
  });
  expect(answer).toMatchObject({
    waiting: 0,
    span: 23,
    collides: [],
    helps: [],
    proved: true,
    leastWaiting: 0,
  });
  expect(answer.tasks.map(({ id, cook }) => [id, cook])).toEqual([
    ['water', null],
    ['sauce', 'cook 1'],
    ['noodles', null],
    ['join', 'cook 1'],
  ]);
});

test('machines and cooks may be counted or named, and hours awake be one span or several', async () => {
  const once = await plan(pasta);
  const again = await plan({
    ...pasta,
    machines: [{ id: 'burner', count: 2 }],
    cooks: ['cook 1'],
    awake: [
      { from: 420, to: 1380 },
      { from: 1860, to: 2820 },
    ],
  });
  expect(again).toEqual(once);
  const asleep = await plan({ ...pasta, awake: [1860, SERVE - 30] });
  expect(asleep.starts?.['join']).toBe(SERVE - 32);
});

test('a shop has hours and a cook comes later; serving later is told where that helps', async () => {
  const evening = {
    tasks: [
      { id: 'shop', hands: true, minutes: 30, machine: 'shop' },
      { id: 'cook', hands: true, minutes: 20, pot: 'dip', after: [{ id: 'shop', most: 60 }] },
      { id: 'stir', hands: true, minutes: 20, pot: 'melt' },
    ],
    cooks: ['Ilva', 'Teo'],
    serveAt: SERVE,
    open: { shop: [SERVE - 600, SERVE - 40] },
    present: { Teo: { from: SERVE - 30, to: SERVE } },
  };
  const answer = await plan(evening);
  expect(answer.starts?.['shop']).toBe(SERVE - 70);
  expect(answer.tasks.find(({ id }) => id === 'shop')?.cook).toBe('Ilva');
  const late = await plan({ ...evening, open: { shop: [{ from: SERVE - 30, to: SERVE + 90 }] } });
  expect(late.helps).toContainEqual({ kind: 'later', what: 'serving', minutes: 20 });
  expect(await refused({ ...evening, present: { Zed: [0, 10] } })).toEqual(['present.Zed']);
  expect(await refused({ ...evening, open: { shop: [9, 5] } })).toEqual(['open.shop[0]']);
  expect(await refused({ ...evening, open: 'always' })).toEqual(['open']);
});

test('one burner too few is told with what collides, and what would help', async () => {
  const answer = await plan({ ...pasta, machines: { burner: 0 } });
  expect(answer).toMatchObject({ starts: null, tasks: [], waiting: null, span: null, proved: true });
  expect(answer.collides[0]?.why).toContain('burner');
  const tight = {
    tasks: [
      { id: 'fry', minutes: 20, machine: 'burner', mayStand: 0 },
      { id: 'boil', minutes: 20, machine: 'burner', mayStand: 0 },
    ],
    machines: { burner: 1 },
    serveAt: SERVE,
  };
  expect((await plan(tight)).helps).toContainEqual({ kind: 'machine', what: 'burner' });
  const long = tight.tasks.map((one) => ({ ...one, minutes: 50 }));
  const { helps } = await plan({ ...tight, tasks: long });
  // Half an hour of standing is not enough; made long before, it is.
  expect(helps.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['machine', 'before']));
  expect(helps.map(({ kind }) => kind)).not.toContain('stand');
});

test('bad input is told on its field', async () => {
  expect(await refused({})).toEqual(expect.arrayContaining(['tasks', 'serveAt']));
  expect(await refused({ ...pasta, serveAt: -5 })).toEqual(['serveAt']);
  expect(await refused({ ...pasta, cooks: 0, tasks: [{ id: 'a', hands: true, minutes: 1 }] })).toEqual([
    'cooks',
  ]);
  const [water, noodles] = pasta.tasks;
  expect(
    await refused({ ...pasta, tasks: [water, { ...noodles, after: [{ id: 'water', least: 9, most: 3 }] }] }),
  ).toEqual(['tasks[1].after[0]']);
  expect(await refused({ ...pasta, tasks: [noodles] })).toEqual(['tasks[0].after[0].id']);
  expect(await refused({ ...pasta, tasks: [{ id: 'a', minutes: { low: 'x', high: 3 } }] })).toEqual([
    'tasks[0].minutes.low',
  ]);
});

test('the same evening is planned the same, and an empty one is no error', async () => {
  expect(await plan(pasta)).toEqual(await plan(pasta));
  expect(await plan({ tasks: [], serveAt: SERVE })).toMatchObject({ starts: {}, waiting: 0, span: 0 });
});

test('while it is cooked: what is done stays, what goes on has what is left of it, and it is as little later as can be', async () => {
  const now = SERVE - 15;
  const answer = await plan({
    ...pasta,
    progress: { now, done: { water: SERVE - 20 }, begun: { noodles: SERVE - 19 } },
  });
  // Five of nine minutes are left to the noodles, the sauce takes fifteen from now, joining two more: the noodles stand too long.
  expect(answer).toMatchObject({ lateBy: 2, serveAt: SERVE + 2, overdue: ['noodles'] });
  expect(answer.starts).toMatchObject({ noodles: now, sauce: now, join: SERVE });
  expect(answer.starts).not.toHaveProperty('water');
  expect(answer.likelyReady!.to).toBeLessThanOrEqual(SERVE + 2);
});

test('before anything has begun nothing is late, and it is told when it is likely ready', async () => {
  const { lateBy, serveAt, likelyReady } = await plan(pasta);
  expect({ lateBy, serveAt, late: likelyReady?.late }).toEqual({ lateBy: 0, serveAt: SERVE, late: 0 });
  expect(await plan({ ...pasta, machines: { burner: 0 } })).toMatchObject({ likelyReady: null });
});

test('progress that cannot be read is told on its field', async () => {
  expect(await refused({ ...pasta, progress: { now: 'later' } })).toEqual(['progress.now']);
  expect(await refused({ ...pasta, progress: { now: 5, done: [{ id: 'water' }] } })).toEqual([
    'progress.done[0].at',
  ]);
});
