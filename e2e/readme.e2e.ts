import { execFile } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { expect, test } from '@playwright/test';

const root = resolve(__dirname, '..');

/** The commands of the README about keeping the data, in its order. */
const commands = readFileSync(join(root, 'README.md'), 'utf8')
  .split('\n')
  .filter((line) => /^npm run (backup|restore) /.test(line))
  .map((line) => line.replace(/\s+#.*$/, '').split(' '));

/** Runs a line of the README in a folder of its own, on a database of its own. */
function follow(
  [program = '', ...words]: readonly string[],
  folder: string,
  database: string,
): Promise<{ readonly code: number; readonly said: string }> {
  const env = { ...process.env, INIT_CWD: folder, DATABASE_FILE: database };
  return new Promise((done) =>
    execFile(program, ['--prefix', root, ...words], { cwd: folder, env }, (error, out, err) =>
      done({ code: error ? Number(error.code) : 0, said: out + err }),
    ),
  );
}

test('what the README says of backups is what happens, word for word, the server running', async ({
  request,
}) => {
  test.setTimeout(240_000);
  expect(commands.map((words) => words.slice(0, 3).join(' '))).toEqual([
    'npm run backup',
    'npm run backup',
    'npm run restore',
    'npm run restore',
    'npm run restore',
  ]);
  const folder = mkdtempSync(join(tmpdir(), 'alterum-readme-'));
  const database = join(process.env['E2E_DIR'] ?? '', `kitchen-${test.info().parallelIndex}.sqlite`);
  const { id } = (await (
    await request.post('/api/formulas', { data: { name: 'Kept by the README' } })
  ).json()) as { id: string };
  const [asDocument, asDatabase, preview, replace, merge] = commands;
  try {
    for (const [words, name] of [
      [asDocument, 'friday.json'],
      [asDatabase, 'friday.sqlite'],
    ] as const) {
      const made = await follow(words ?? [], folder, database);
      expect(made.said).toContain('holds everything that was saved');
      expect(existsSync(join(folder, name))).toBe(true);
    }
    await request.delete(`/api/formulas/${id}`);
    const told = await follow(preview ?? [], folder, database);
    expect(told.said).toMatch(/formulas: 1 change \(Kept by the README\)/);
    expect((await request.get(`/api/formulas/${id}`)).status()).toBe(404);
    const done = await follow(replace ?? [], folder, database);
    expect(done.said).toContain('What was there is kept in');
    expect(existsSync(/kept in (\S+\.sqlite)/.exec(done.said)?.[1] ?? '')).toBe(true);
    expect((await request.get(`/api/formulas/${id}`)).status()).toBe(200);
    const merged = await follow(merge ?? [], folder, database);
    expect(merged.said).toMatch(/formulas: (1 stay, newer here \(Kept by the README\), )?\d+ the same/);
  } finally {
    await request.delete(`/api/formulas/${id}`);
    rmSync(folder, { recursive: true, force: true });
  }
});
