import { createRequire } from 'node:module';
import type { FormulaView, Problem } from '@alterum/contract';
import { MikroORM } from '@mikro-orm/core';
import { isBusy } from './durable-client.js';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

interface Raw {
  exec(sql: string): void;
  prepare(sql: string): { all(): readonly Record<string, unknown>[] };
  close(): void;
}
/** Another program on the same file, with the driver’s own binding. */
const Database = createRequire(__filename)('libsql') as new (file: string) => Raw;

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const make = (name: string) =>
  server
    .ask()
    .post('/api/formulas')
    .send({ ...cashewSauce, name });

/** Holds the write lock while something is done. */
async function whileHeld<T>(work: () => Promise<T>): Promise<T> {
  const other = new Database(server.file);
  other.exec('begin immediate');
  try {
    return await work();
  } finally {
    other.exec('rollback');
    other.close();
  }
}

/** What a program sees that opens the file anew. */
function namesOnDisk(): readonly unknown[] {
  const other = new Database(server.file);
  const names = other
    .prepare('select name from formula')
    .all()
    .map(({ name }) => name);
  other.close();
  return names;
}

test('while another program holds the database writes are refused in words, reads are answered; afterwards everything acknowledged is on the disk', async () => {
  await make('Before').expect(201);
  const refused = await whileHeld(async () => {
    const answers = await Promise.all([make('Refused 1'), make('Refused 2')]);
    const { body } = await server.ask().get('/api/formulas').expect(200);
    expect((body as FormulaView[]).map(({ name }) => name)).toContain('Before');
    return answers;
  });
  for (const answer of refused) {
    expect(answer.status).toBe(503);
    expect(answer.headers['retry-after']).toBe('2');
    expect(problemOf(answer).detail).toMatch(/Nothing was changed\. Another program holds the database/);
  }
  const acknowledged: string[] = [];
  for (let i = 0; i < 8; i++) {
    const answer = await make(`After ${i}`);
    if (answer.status === 201) acknowledged.push(`After ${i}`);
  }
  expect(acknowledged).toHaveLength(8);
  expect(namesOnDisk()).toEqual(expect.arrayContaining(['Before', ...acknowledged]));
  expect(namesOnDisk()).not.toContain('Refused 1');
  server = await server.restart();
  const { body } = await server.ask().get('/api/formulas').expect(200);
  expect((body as FormulaView[]).map(({ name }) => name)).toEqual(expect.arrayContaining(acknowledged));
}, 30_000);

test('a write that only has to wait a moment is made, and every write that stands alone too', async () => {
  const made = (await make('Waits').expect(201)).body as FormulaView;
  const other = new Database(server.file);
  other.exec('begin immediate');
  const writing = Promise.all([
    server.ask().put(`/api/formulas/${made.id}`).send({ name: 'Waited', version: 1 }),
    server.ask().put('/api/stock/cashew').send({ grams: 300 }),
  ]);
  await new Promise((resolve) => setTimeout(resolve, 400));
  other.exec('commit');
  other.close();
  const [formula, stock] = await writing;
  expect([formula.status, stock.status]).toEqual([200, 200]);
  expect(namesOnDisk()).toContain('Waited');
}, 20_000);

test('a statement that stands alone is refused like the rest, and nothing that follows it on its connection is lost', async () => {
  const alone = () =>
    server.app.get(MikroORM).em.getConnection().execute("update formula set note = 'alone'");
  await whileHeld(() => expect(alone()).rejects.toThrow(/locked/));
  await make('After standing alone').expect(201);
  expect(namesOnDisk()).toContain('After standing alone');
  await alone();
  const other = new Database(server.file);
  expect(other.prepare('select distinct note as name from formula').all()).toEqual([{ name: 'alone' }]);
  other.close();
}, 20_000);

test('a mistake in what is written spoils nothing for the next', async () => {
  const made = (await make('Constraint').expect(201)).body as FormulaView;
  const twice = { ...cashewSauce, lines: [cashewSauce.lines[0], cashewSauce.lines[0]] };
  const refused = await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ ...twice, version: 1 });
  expect((refused.body as Problem).status).toBe(400);
  await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({ ...cashewSauce, name: 'Constraint kept', version: 1 })
    .expect(200);
  expect(namesOnDisk()).toContain('Constraint kept');
});

test('a statement that stands alone and is wrong leaves nothing open: the lock is free, and what follows is kept', async () => {
  await make('Once').expect(201);
  const { em } = server.app.get(MikroORM);
  const [row] = (await em.getConnection().execute('select id from formula limit 1')) as { id: string }[];
  await expect(
    em
      .getConnection()
      .execute(
        'insert into formula (id, name, family, note, version, created_at, updated_at) select id, name, family, note, version, created_at, updated_at from formula where id = ?',
        [row?.id],
      ),
  ).rejects.toThrow(/constraint/i);
  // Nobody who opens the file anew finds it locked.
  const other = new Database(server.file);
  other.exec('begin immediate; rollback');
  other.close();
  await make('After the mistake').expect(201);
  expect(namesOnDisk()).toContain('After the mistake');
}, 20_000);

test.each([
  [{ code: 'SQLITE_BUSY' }, true],
  [{ code: 'SQLITE_BUSY_SNAPSHOT' }, true],
  [{ code: 'SQLITE_LOCKED' }, true],
  [new Error('database is locked'), true],
  [new Error('database table is locked: formula'), true],
  [{ code: 'SQLITE_CONSTRAINT_UNIQUE' }, false],
  [new Error('no such table: lock'), false],
  ['locked', false],
  [undefined, false],
])('%p is a database that somebody else holds: %p', (error, held) => {
  expect(isBusy(error)).toBe(held);
});
