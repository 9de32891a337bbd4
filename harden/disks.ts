import { chmodSync, chownSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { type Finding, holds, none } from './finding';
import { folderOf, launch, numbered, startKitchen } from './kitchen';

/** Nobody: rights do not hold for the superuser. */
const NOBODY = 65_534;
/** Blocks of 1024 bytes that a file may grow to: the tables fit, and some hundred formulas. */
const BLOCKS = 900;

/** A disk on which no file can grow any further. */
async function tryFull(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const file = join(folder, 'kitchen.sqlite');
    const kitchen = await startKitchen(file, { shell: `ulimit -f ${BLOCKS}` });
    const kept: string[] = [];
    let full = 0,
      wrong = 0;
    for (let i = 0; i < 400 && full < 5; i++) {
      const answer = await kitchen.send('POST', '/api/formulas', {
        ...numbered((i % 900) + 1),
        note: 'n'.repeat(3900),
      });
      if (answer.status === 201) kept.push(((await answer.json()) as { id: string }).id);
      else if (answer.status === 507) full += 1;
      else wrong += 1;
    }
    const reads = await Promise.all(kept.map(async (id) => (await kitchen.ask(`/api/formulas/${id}`)).ok));
    await kitchen.end('SIGKILL');
    const again = await startKitchen(file);
    const after = await Promise.all(kept.map(async (id) => (await again.ask(`/api/formulas/${id}`)).ok));
    const writes = (await again.send('POST', '/api/formulas', numbered(1))).status === 201;
    await again.end('SIGTERM');
    return [
      holds(
        'full disk',
        'writes are refused with 507 once it is full',
        full > 0,
        `${kept.length} kept, ${full} refused`,
      ),
      none('full disk', 'other answers', wrong),
      none(
        'full disk',
        `acknowledged writes lost of ${kept.length}`,
        [...reads, ...after].filter((is) => !is).length,
      ),
      holds('full disk', 'with room again, it takes writes again', writes),
    ];
  });
}

/** A file that may only be read. */
async function tryReadOnly(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const file = join(folder, 'kitchen.sqlite');
    const first = await startKitchen(file);
    await first.end('SIGTERM');
    const before = statSync(file).mtimeMs;
    for (const path of [file, `${file}.lock`]) chmodSync(path, 0o444);
    chmodSync(folder, 0o555);
    const asRoot = process.getuid?.() === 0;
    if (asRoot) chownSync(folder, NOBODY, NOBODY);
    const server = launch(file, asRoot ? { uid: NOBODY } : {});
    let said = '';
    server.stderr?.on('data', (part) => (said += part));
    const code = await new Promise((done) => server.once('exit', done));
    chmodSync(folder, 0o755);
    return [
      holds(
        'read-only',
        'is told in a sentence with what to do; nothing is touched',
        code === 1 &&
          /cannot be written\. It was left untouched\./.test(said) &&
          said.trim().split('\n').length === 1 &&
          statSync(file).mtimeMs === before,
        said.trim().split('\n')[0]?.replace(folder, '…').slice(0, 60),
      ),
    ];
  });
}

export const tryDisks = async (): Promise<readonly Finding[]> => [
  ...(await tryFull()),
  ...(await tryReadOnly()),
];
