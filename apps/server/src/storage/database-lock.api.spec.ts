import { spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cashewSauce, type KitchenServer, startKitchenServer } from '../kitchen-server.fixture.js';
import { createApplication } from '../application.js';
import { foldLog } from '../platform/shutdown.js';
import { holdDatabase } from './database-lock.js';

const libsql = createRequire(__filename).resolve('libsql');
const Database = createRequire(__filename)('libsql') as new (file: string) => {
  prepare(sql: string): { all(): readonly Record<string, unknown>[] };
  close(): void;
};

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

test('a second server on the same file says who has it and stops; when the first has ended it may', async () => {
  process.env['DATABASE_FILE'] = server.file;
  await expect(createApplication({ demo: false })).rejects.toThrow(
    new RegExp(
      `process ${process.pid} on .* is using .*kitchen.sqlite already, so this one stops; nothing was touched`,
    ),
  );
  await server.ask().post('/api/formulas').send(cashewSauce).expect(201);
  server = await server.restart();
  await server.ask().get('/api/health').expect(200);
});

test('the lock of a process that was killed holds nobody up', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-lock-'));
  const file = join(folder, 'kitchen.sqlite');
  try {
    const holder = spawn(process.execPath, [
      '-e',
      `const D = require(${JSON.stringify(libsql)}); const d = new D(${JSON.stringify(`${file}.lock`)}); d.exec('create table owner (process integer, host text, since text); insert into owner values (7, \\'other\\', \\'today\\'); begin immediate'); console.log('held'); setInterval(() => {}, 1000);`,
    ]);
    await new Promise((resolve) => holder.stdout.once('data', resolve));
    expect(() => holdDatabase(file)).toThrow('Another Alterum (process 7 on other, since today) is using');
    const gone = new Promise((resolve) => holder.once('exit', resolve));
    holder.kill('SIGKILL');
    await gone;
    const letGo = holdDatabase(file);
    expect(() => holdDatabase(file)).toThrow(/is using/);
    letGo();
    holdDatabase(file)();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

test('once the log is folded the main file alone is whole', async () => {
  await server
    .ask()
    .post('/api/formulas')
    .send({ ...cashewSauce, name: 'In the log' })
    .expect(201);
  await foldLog(server.app);
  const copy = `${server.file}.copy`;
  copyFileSync(server.file, copy);
  const alone = new Database(copy);
  expect(
    alone
      .prepare('select name from formula')
      .all()
      .map(({ name }) => name),
  ).toContain('In the log');
  alone.close();
});
