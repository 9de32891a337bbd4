import { execFile } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { FormulaSummary } from '@alterum/contract';
import { cashewSauce, type KitchenServer, startKitchenServer } from '../kitchen-server.fixture.js';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  prepare(sql: string): { all(): readonly { readonly name: string }[] };
  close(): void;
};
const root = resolve(__dirname, '../../../..');

/** Runs a command as the package script does, from its sources. */
function tool(name: 'backup' | 'restore', database: string, file?: string): Promise<{ readonly code: number; readonly said: string }> {
  const args = ['-C', '@alterum/source', '-r', './scripts/swc-hook.cjs', `apps/server/src/cli/${name}.ts`, ...(file === undefined ? [] : [file])];
  return new Promise((done) =>
    execFile(process.execPath, args, { cwd: root, env: { ...process.env, DATABASE_FILE: database } }, (error, out, err) =>
      done({ code: error ? Number(error.code) : 0, said: out + err }),
    ),
  );
} // prettier-ignore

const namesIn = (file: string): readonly string[] => {
  const database = new Database(file);
  const names = database.prepare('select name from formula order by name').all();
  database.close();
  return names.map(({ name }) => name);
};

let server: KitchenServer, folder: string;
beforeAll(async () => {
  server = await startKitchenServer();
  folder = mkdtempSync(join(tmpdir(), 'alterum-backup-'));
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});
const make = (name: string) => server.ask().post('/api/formulas').send({ ...cashewSauce, name }).expect(201); // prettier-ignore

test('a backup of a running kitchen is whole; restoring gives it back and keeps what was', async () => {
  await make('In the backup');
  const backup = join(folder, 'friday.sqlite');
  const made = await tool('backup', server.file, backup);
  expect(made).toEqual({ code: 0, said: expect.stringContaining('holds everything that was saved') as string });
  expect(namesIn(backup)).toEqual(['In the backup']);
  await make('After the backup');
  const held = await tool('restore', server.file, backup);
  expect(held.code).toBe(1);
  expect(held.said).toMatch(/is using .* already/);
  await server.app.close();
  const restored = await tool('restore', server.file, backup);
  expect(restored.said).toContain('What was there is kept in');
  expect(namesIn(server.file)).toEqual(['In the backup']);
  const kept = readdirSync(join(server.file, '..', 'backups')).find((name) => name.startsWith('before-restore'));
  expect(namesIn(join(server.file, '..', 'backups', kept ?? ''))).toEqual(['After the backup', 'In the backup']);
  server = await server.restart();
  const list = (await server.ask().get('/api/formulas').expect(200)).body as FormulaSummary[];
  expect(list.map(({ name }) => name)).toEqual(['In the backup']);
}, 60_000); // prettier-ignore

test('what cannot be backed up or restored is told, and nothing is written over', async () => {
  const there = join(folder, 'there.sqlite'),
    garbage = join(folder, 'garbage.sqlite');
  writeFileSync(there, 'mine');
  writeFileSync(garbage, 'no database');
  for (const [name, file, said] of [
    ['backup', there, 'is there already and was left as it is'],
    ['backup', undefined, 'Say where the backup goes'],
    ['restore', garbage, 'is no database. It was left untouched'],
    ['restore', join(folder, 'nowhere.sqlite'), 'is not there; nothing was changed'],
  ] as const)
    expect(await tool(name, server.file, file)).toEqual({ code: 1, said: expect.stringContaining(said) as string });
  expect(existsSync(`${server.file}.restoring`)).toBe(false);
  await server.ask().get('/api/health').expect(200);
}, 60_000); // prettier-ignore
