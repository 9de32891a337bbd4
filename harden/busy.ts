import { existsSync, statSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { type Finding, holds, most, none } from './finding';
import { folderOf, launch, numbered, startKitchen } from './kitchen';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  exec(sql: string): void;
  prepare(sql: string): { all(): readonly Readonly<Record<string, unknown>>[] };
  close(): void;
};
const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Another program holds the database, for moments and for longer than anybody waits; then the server is killed. */
async function tryHeld(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const file = join(folder, 'kitchen.sqlite');
    let kitchen = await startKitchen(file);
    const ids: string[] = [];
    let refused = 0,
      wrong = 0,
      silent = 0;
    for (const holdMs of [50, 400, 1500, 3500, 6000, 100]) {
      const other = new Database(file);
      other.exec('pragma busy_timeout = 3000; begin immediate');
      const writes = Array.from({ length: 5 }, (_, i) =>
        kitchen.send('POST', '/api/formulas', numbered(i + 1)),
      );
      await wait(holdMs);
      other.exec('rollback');
      other.close();
      for (const answer of await Promise.all(writes.map((write) => write.catch(() => undefined)))) {
        if (!answer) silent += 1;
        else if (answer.status === 201) ids.push(((await answer.json()) as { id: string }).id);
        else if (answer.status === 503 && answer.headers.get('retry-after')) refused += 1;
        else wrong += 1;
      }
      const after = await kitchen.send('POST', '/api/formulas', numbered(9));
      if (after.status === 201) ids.push(((await after.json()) as { id: string }).id);
      else wrong += 1;
    }
    await kitchen.end('SIGKILL');
    kitchen = await startKitchen(file);
    const there = await Promise.all(ids.map(async (id) => (await kitchen.ask(`/api/formulas/${id}`)).ok));
    await kitchen.end('SIGTERM');
    return [
      none(
        'busy',
        `acknowledged writes lost of ${ids.length}, another program holding the database`,
        there.filter((is) => !is).length,
      ),
      none('busy', 'answers that are neither 201 nor 503 with when to ask again', wrong),
      none('busy', 'requests that hung', silent),
      holds('busy', 'what waited too long was refused, not kept waiting', refused > 0, `${refused} refused`),
    ];
  });
}

/** A second server on the same file. */
async function trySecond(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const file = join(folder, 'kitchen.sqlite'),
      kitchen = await startKitchen(file);
    const second = launch(file, { port: 0 });
    let said = '';
    second.stderr?.on('data', (part) => (said += part));
    const code = await new Promise((done) => second.once('exit', done));
    const stands = (await kitchen.send('POST', '/api/formulas', numbered(1))).status === 201;
    await kitchen.end('SIGKILL');
    const third = await startKitchen(file).catch(() => undefined);
    await third?.end('SIGTERM');
    return [
      holds(
        'two servers',
        'the second says so in a sentence and stops',
        code === 1 && /using .* already/.test(said) && said.trim().split('\n').length === 1,
      ),
      holds('two servers', 'the first goes on', stands),
      holds('two servers', 'a lock that was left by a killed server holds nobody up', third !== undefined),
    ];
  });
}

/** Signals in the middle of writing. */
async function trySignals(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const findings: Finding[] = [];
    for (const signal of ['SIGTERM', 'SIGINT'] as const) {
      const file = join(folder, `${signal}.sqlite`),
        kitchen = await startKitchen(file);
      let going = true,
        made = 0;
      const hands = Array.from({ length: 6 }, async () => {
        while (going)
          await kitchen.send('POST', '/api/formulas', numbered((made % 900) + 1)).then(
            ({ status }) => (made += status === 201 ? 1 : 0),
            () => (going = false),
          );
      });
      await wait(600);
      const { how, ms } = await kitchen.end(signal);
      going = false;
      await Promise.all(hands);
      const log = existsSync(`${file}-wal`) ? statSync(`${file}-wal`).size : 0;
      const database = new Database(file);
      const [{ n }] = database.prepare('select count(*) as n from formula').all() as unknown as [
        { n: number },
      ];
      database.close();
      findings.push(
        most('end', `${signal} under load ends it within`, ms, 5000, 'ms'),
        holds(
          'end',
          `${signal}: ended by itself, the main file alone is whole`,
          how === 0 && log === 0 && n >= made,
          `code ${how}, log of ${log} bytes, ${n} of ${made}`,
        ),
      );
    }
    return findings;
  });
}

export const tryBusy = async (): Promise<readonly Finding[]> => [
  ...(await tryHeld()),
  ...(await trySecond()),
  ...(await trySignals()),
];
