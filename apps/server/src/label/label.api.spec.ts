import type { LabelView } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';
import { HeavyWork } from '../work/heavy-work.js';
import { MOST_WAITING, SHORT_LABEL, THREADS } from '../work/work.params.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const label = 'Ingredients: water, almonds, oat flour, salt. May contain hazelnuts. ';
const long = label.repeat(Math.ceil((SHORT_LABEL * 4) / label.length));

test('a long label is read to the same end in a thread of its own, and others are answered meanwhile', async () => {
  const short = (await server.ask().post('/api/labels/read').send({ text: label }).expect(200))
    .body as LabelView;
  const reading = server.ask().post('/api/labels/read').send({ text: long }).expect(200);
  const whole = (await reading).body as LabelView;
  expect(whole.contains).toEqual(short.contains);
  expect(whole.askFor).toEqual(short.askFor);
});

test('when too much waits, the next is refused with 503 and when to ask again; afterwards it is taken again', async () => {
  const heavy = server.app.get(HeavyWork);
  const waiting = Array.from({ length: THREADS + MOST_WAITING + 4 }, () =>
    heavy.run('read-label', { text: long.repeat(12), taught: [] }, 30_000).then(
      () => 'read',
      (error: { kind?: string }) => error.kind,
    ),
  );
  const answer = await server.ask().post('/api/labels/read').send({ text: long }).expect(503);
  expect(problemOf(answer).detail).toMatch(/busy with other long work/);
  expect(answer.headers['retry-after']).toBe('2');
  const ends = await Promise.all(waiting);
  expect(new Set(ends)).toEqual(new Set(['read', 'busy']));
  expect(ends.filter((end) => end === 'read').length).toBeGreaterThanOrEqual(MOST_WAITING);
  await server.ask().post('/api/labels/read').send({ text: long }).expect(200);
}, 30_000);

test('work that takes longer than its limit is given up, and the threads go on', async () => {
  const heavy = server.app.get(HeavyWork);
  await expect(heavy.run('read-label', { text: long.repeat(4), taught: [] }, 1)).rejects.toMatchObject({
    kind: 'busy',
    detail: expect.stringMatching(/longer than a kitchen waits/) as string,
  });
  await expect(heavy.run('read-label', { text: label, taught: [] })).resolves.toMatchObject({});
});

test('what work itself could not do is told as it is', async () => {
  await expect(
    server.app
      .get(HeavyWork)
      .run('copy-database', { file: server.file, target: `${server.file}/below-a-file/copy.sqlite` }),
  ).rejects.toThrow();
});
