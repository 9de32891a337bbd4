import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { type Finding, holds } from './finding';
import { folderOf, launch, startKitchen } from './kitchen';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  exec(sql: string): void;
  close(): void;
};

const bytesOf = (file: string): string =>
  !existsSync(file)
    ? 'none'
    : statSync(file).isDirectory()
      ? readdirSync(file).join()
      : readFileSync(file).toString('base64');

/** Files that are no kitchen's: each is refused in a sentence and left as it is. */
export async function tryFiles(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const real = join(folder, 'real.sqlite');
    await (await startKitchen(real, { demo: true })).end('SIGTERM');
    const changed = (sql: string) => (file: string) => {
      copyFileSync(real, file);
      const database = new Database(file);
      database.exec(sql);
      database.close();
    };
    const cases: readonly (readonly [string, RegExp, (file: string) => void])[] = [
      ['garbage', /is no database/, (file) => writeFileSync(file, 'x'.repeat(5000))],
      ['a cut file', /damaged or cut/, (file) => writeFileSync(file, readFileSync(real).subarray(0, 20_000))],
      ['a folder', /is a folder/, (file) => mkdirSync(file)],
      [
        'another program’s database',
        /another program/,
        (file) => {
          const other = new Database(file);
          other.exec('create table songs (name text)');
          other.close();
        },
      ],
      [
        'a newer schema',
        /newer Alterum/,
        changed(
          "insert into mikro_orm_migrations (name, executed_at) values ('Migration20990101000000_later', 0)",
        ),
      ],
      [
        'a missing list of migrations',
        /list of migrations is missing/,
        changed('drop table mikro_orm_migrations'),
      ],
    ];
    const findings: Finding[] = [];
    for (const [i, [what, sentence, make]] of cases.entries()) {
      const file = join(folder, `case-${i}.sqlite`);
      make(file);
      const before = bytesOf(file);
      const server = launch(file);
      let said = '';
      server.stderr?.on('data', (part) => (said += part));
      const code = await new Promise((done) => server.once('exit', done));
      const lines = said.trim().split('\n');
      findings.push(
        holds(
          'bad file',
          `${what}: one sentence, nothing overwritten`,
          code === 1 &&
            lines.length === 1 &&
            sentence.test(said) &&
            /left untouched/.test(said) &&
            bytesOf(file) === before,
        ),
      );
    }
    return findings;
  });
}
