import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Knex, knex } from '@mikro-orm/libsql';
import { DurableClient } from './durable-client.js';

interface Connection {
  readonly inTransaction: boolean;
  exec(sql: string): void;
  close(): void;
}

let folder: string, database: Knex, client: DurableClient;
const open: Connection[] = [];
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'alterum-client-'));
  database = knex({
    client: DurableClient as never,
    connection: { filename: join(folder, 'kitchen.sqlite') },
    useNullAsDefault: true,
  });
  client = database.client as DurableClient;
});
afterEach(async () => {
  for (const connection of open.splice(0)) connection.close();
  await database.destroy();
  rmSync(folder, { recursive: true, force: true });
});

async function connect(): Promise<Connection> {
  const connection = (await client.acquireRawConnection()) as Connection;
  open.push(connection);
  return connection;
}
const run = (connection: Connection, sql: string) => client._query(connection, { sql });

test.each(['begin', '  BEGIN;', '\n begin'])('“%s” takes the write lock at once', async (begin) => {
  const one = await connect(),
    other = await connect();
  await run(one, begin);
  expect(one.inTransaction).toBe(true);
  expect(() => other.exec('begin immediate')).toThrow(/locked/);
  await run(one, ' rollback');
  expect(one.inTransaction).toBe(false);
  other.exec('begin immediate; rollback');
});

test.each(['rollback to inner', 'rollback  to savepoint inner', ' ROLLBACK TO inner'])(
  '“%s” takes back what followed it, and not the rest',
  async (back) => {
    const one = await connect(),
      other = await connect();
    one.exec('create table note (name text)');
    await run(one, 'begin');
    await run(one, "insert into note values ('first')");
    await run(one, 'savepoint inner');
    await run(one, "insert into note values ('second')");
    await run(one, back);
    expect(one.inTransaction).toBe(true);
    await run(one, 'commit');
    const { response } = (await run(other, 'select name from note')) as unknown as { response: unknown };
    expect(response).toEqual([{ name: 'first' }]);
  },
);

test.each([
  ['SQLITE_CONSTRAINT_UNIQUE', true],
  ['SQLITE_ERROR', true],
  ['SQLITE_IOERR', false],
  ['SQLITE_FULL', false],
  ['SQLITE_CORRUPT', false],
])('after %s the connection is used again: %p', async (code, used) => {
  const connection: Connection = {
    inTransaction: true,
    exec: () => {
      throw Object.assign(new Error('refused'), { code });
    },
    close: () => undefined,
  };
  expect(client.validateConnection(connection)).toBe(true);
  await expect(run(connection, 'commit')).rejects.toThrow('refused');
  expect(client.validateConnection(connection)).toBe(used);
});
