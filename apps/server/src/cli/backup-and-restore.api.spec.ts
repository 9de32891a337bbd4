import { execFile } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { FormulaSummary } from '@alterum/contract';
import { copyDatabase } from '../storage/copies.js';
import { announceAddress } from '../storage/server-address.js';
import { cashewSauce, type KitchenServer, startKitchenServer } from '../kitchen-server.fixture.js';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  prepare(sql: string): { all(): readonly { readonly name: string }[] };
  close(): void;
};
const root = resolve(__dirname, '../../../..');

/** Runs a command as the package script does, from its sources. */
function tool(
  name: 'backup' | 'restore',
  database: string,
  ...given: readonly string[]
): Promise<{ readonly code: number; readonly said: string }> {
  const args = [
    '-C',
    '@alterum/source',
    '-r',
    './scripts/swc-hook.cjs',
    `apps/server/src/cli/${name}.ts`,
    ...given,
  ];
  return new Promise((done) =>
    execFile(
      process.execPath,
      args,
      { cwd: root, env: { ...process.env, DATABASE_FILE: database } },
      (error, out, err) => done({ code: error ? Number(error.code) : 0, said: out + err }),
    ),
  );
}

let looks = 0;
/**
 * Reads a copy: what is prepared on the kitchen itself would keep a connection to it until that is collected, and its end then writes
 * the log back, over whatever has been put in the file's place.
 */
function namesIn(file: string): readonly string[] {
  const copy = join(folder, `look-${(looks += 1)}.sqlite`);
  copyDatabase(file, copy);
  const database = new Database(copy);
  const names = database.prepare('select name from formula order by name').all();
  database.close();
  return names.map(({ name }) => name);
}

let server: KitchenServer, folder: string;
beforeAll(async () => {
  server = await startKitchenServer();
  folder = mkdtempSync(join(tmpdir(), 'alterum-backup-'));
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});
const make = (name: string) =>
  server
    .ask()
    .post('/api/formulas')
    .send({ ...cashewSauce, name })
    .expect(201);

test.each(['friday.sqlite', 'friday.json'])(
  '%s of a running kitchen is whole; restoring gives it back, the server stopped, and keeps what was',
  async (name) => {
    await make(`In ${name}`);
    const backup = join(folder, name),
      held = namesIn(server.file);
    const made = await tool('backup', server.file, backup);
    expect(made).toEqual({
      code: 0,
      said: expect.stringContaining('holds everything that was saved') as string,
    });
    await make('After the backup');
    await server.app.close();
    const wish = await tool('restore', server.file, backup, '--preview');
    expect(wish).toMatchObject({ code: 0 });
    expect(wish.said).toMatch(
      /formulas: 1 go \(After the backup\), \d+ the same\n(?:.*\n)*Nothing was changed/,
    );
    const restored = await tool('restore', server.file, backup);
    expect(restored.said).toContain('What was there is kept in');
    expect(namesIn(server.file)).toEqual(held);
    const kept = readdirSync(join(server.file, '..', 'backups'))
      .filter((file) => file.startsWith('before-restore'))
      .sort()
      .at(-1);
    expect(namesIn(join(server.file, '..', 'backups', kept ?? ''))).toContain('After the backup');
    server = await server.restart();
    const list = (await server.ask().get('/api/formulas').expect(200)).body as FormulaSummary[];
    expect(list.map(({ name: one }) => one).sort()).toEqual(held);
  },
  60_000,
);

test('while the server runs, it is asked to take the backup in; merged, nothing goes', async () => {
  await make('Held');
  const backup = join(folder, 'running.json');
  await tool('backup', server.file, backup);
  await make('Made since');
  await server.app.listen(0, '127.0.0.1');
  const refused = await tool('restore', server.file, backup, '--merge');
  expect(refused.said).toMatch(/is using .* already/);
  const gone = announceAddress(server.file, await server.app.getUrl());
  const merged = await tool('restore', server.file, backup, '--merge');
  expect(merged.said).toMatch(/formulas: \d+ the same/);
  expect(namesIn(server.file)).toContain('Made since');
  const replaced = await tool('restore', server.file, backup);
  expect(replaced.said).toContain('1 go (Made since)');
  expect(namesIn(server.file)).not.toContain('Made since');
  gone();
}, 60_000);

test('a database that is damaged is kept aside, and the backup takes its place', async () => {
  await make('Before the accident');
  const backup = join(folder, 'accident.json'),
    held = namesIn(server.file);
  await tool('backup', server.file, backup);
  await server.app.close();
  writeFileSync(server.file, 'coffee was spilled here');
  const restored = await tool('restore', server.file, backup);
  expect(restored.code).toBe(0);
  expect(namesIn(server.file)).toEqual(held);
  const aside =
    readdirSync(join(server.file, '..', 'backups')).find((file) => file.endsWith('.damaged')) ?? '';
  expect(readFileSync(join(server.file, '..', 'backups', aside), 'utf8')).toBe('coffee was spilled here');
  server = await server.restart();
}, 60_000);

test('what cannot be backed up or restored is told, and nothing is written over', async () => {
  const there = join(folder, 'there.sqlite'),
    garbage = join(folder, 'garbage.sqlite'),
    cut = join(folder, 'cut.json');
  writeFileSync(there, 'mine');
  writeFileSync(garbage, 'no database');
  writeFileSync(cut, '{"format": "alterum-kitchen", "formatV');
  const held = namesIn(server.file);
  for (const [name, file, said] of [
    ['backup', there, 'is there already and was left as it is'],
    ['backup', undefined, 'Say where the backup goes'],
    ['restore', garbage, 'is no database. It was left untouched'],
    ['restore', cut, 'This is no whole JSON document'],
    ['restore', join(folder, 'nowhere.sqlite'), 'is not there; nothing was changed'],
    ['restore', '--forget', '“--forget” is not known'],
    ['restore', undefined, 'Say which backup'],
  ] as const)
    expect(await tool(name, server.file, ...(file === undefined ? [] : [file]))).toEqual({
      code: 1,
      said: expect.stringContaining(said) as string,
    });
  expect(namesIn(server.file)).toEqual(held);
  await server.ask().get('/api/health').expect(200);
}, 60_000);
