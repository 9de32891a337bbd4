import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cashewSauce, startKitchenServer } from '../kitchen-server.fixture.js';
import { createApplication } from '../application.js';
import { copyBefore, copyDatabase, copyOfTheDay } from './copies.js';
import { checkDatabaseFile, UnusableFile } from './file-check.js';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  exec(sql: string): void;
  prepare(sql: string): { all(): readonly Record<string, unknown>[] };
  close(): void;
};

let folder: string, file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'alterum-file-'));
  file = join(folder, 'kitchen.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const sql = (text: string, on = file) => {
  const database = new Database(on);
  database.exec(text);
  database.close();
};
/** A kitchen's own file with one formula in it. */
async function realFile(): Promise<void> {
  const server = await startKitchenServer();
  await server.ask().post('/api/formulas').send(cashewSauce).expect(201);
  copyDatabase(server.file, file);
  await server.close();
}

test('a new file and a kitchen’s own are taken', async () => {
  expect(checkDatabaseFile(file)).toEqual([]);
  writeFileSync(file, '');
  expect(checkDatabaseFile(file)).toEqual([]);
  rmSync(file);
  // A database in which nothing has been kept yet is a new file, too.
  sql('pragma user_version = 1');
  expect(checkDatabaseFile(file)).toEqual([]);
  rmSync(file);
  await realFile();
  expect(checkDatabaseFile(file).length).toBeGreaterThan(3);
});

test.each<[string, RegExp, () => void | Promise<void>]>([
  ['a folder', /is a folder, not a file/, () => void mkdirSync(file)],
  ['garbage', /is no database/, () => writeFileSync(file, 'Dear diary, today we cooked.')],
  [
    'a cut file',
    /is a damaged or cut database|is no database/,
    async () => {
      await realFile();
      truncateSync(file, 5000);
    },
  ],
  ['another program’s', /is the database of another program/, () => sql('create table songs (id integer)')],
  [
    'a newer one',
    /was written by a newer Alterum \(it knows Migration99/,
    async () => {
      await realFile();
      sql("insert into mikro_orm_migrations (name) values ('Migration99990101000000_future')");
    },
  ],
  [
    'one without its list of migrations',
    /list of migrations is missing/,
    async () => {
      await realFile();
      sql('drop table mikro_orm_migrations');
    },
  ],
])('%s is refused in one sentence and left byte for byte as it was', async (what, found, make) => {
  await make();
  const bytes = () =>
    existsSync(file) && readdirSync(folder).includes('kitchen.sqlite')
      ? (() => {
          try {
            return readFileSync(file).toString('base64');
          } catch {
            return 'folder';
          }
        })()
      : 'none';
  const before = bytes();
  expect(() => checkDatabaseFile(file)).toThrow(UnusableFile);
  expect(() => checkDatabaseFile(file)).toThrow(found);
  expect(() => checkDatabaseFile(file)).toThrow(
    /It was left untouched\. (Choose another file|Start the newer one)/,
  );
  const isDamaged = (): boolean | undefined => {
    try {
      checkDatabaseFile(file);
    } catch (error) {
      return (error as UnusableFile).isDamaged;
    }
    return undefined;
  };
  // Only what is a whole database of something else, or no file at all, must never make room for a backup.
  expect(isDamaged()).toBe(['garbage', 'a cut file'].includes(what));
  process.env['DATABASE_FILE'] = file;
  await expect(createApplication({ demo: false })).rejects.toThrow(UnusableFile);
  expect(bytes()).toBe(before);
});

test('a week of daily copies is kept, each of them whole; a second one of the same day is not made', async () => {
  await realFile();
  for (let day = 1; day <= 10; day++) await copyOfTheDay(file, new Date(Date.UTC(2026, 10, day, 12)));
  const kept = await copyOfTheDay(file, new Date(Date.UTC(2026, 10, 10, 20)));
  expect(kept.map((name) => name.slice(-17, -7))).toEqual([
    '2026-11-04',
    '2026-11-05',
    '2026-11-06',
    '2026-11-07',
    '2026-11-08',
    '2026-11-09',
    '2026-11-10',
  ]);
  const copy = new Database(kept.at(-1) ?? '');
  expect(copy.prepare('select name from formula').all()).toEqual([{ name: 'Cashew sauce' }]);
  copy.close();
});

test('copies of another database beside it are left alone, however alike the names', async () => {
  const days = Array.from({ length: 9 }, (_none, day) => `2026-11-0${day + 1}`);
  const backups = join(folder, 'backups');
  mkdirSync(backups);
  const others = ['my_kitchen', 'my kitchen-2', 'amy kitchen'].flatMap((stem) =>
    days.map((day) => `${stem}-${day}.sqlite`),
  );
  const besides = ['my kitchen-2026-11-01.sqlite.old', 'before-restore-2026-11-01.sqlite'];
  for (const name of [...others, ...besides]) writeFileSync(join(backups, name), '');
  const mine = join(folder, 'my kitchen.sqlite');
  for (const day of days)
    await copyOfTheDay(mine, new Date(`${day}T12:00:00Z`), (_from, to) => writeFileSync(to, day));
  expect(readdirSync(backups).sort()).toEqual(
    [...others, ...besides, ...days.slice(2).map((day) => `my kitchen-${day}.sqlite`)].sort(),
  );
});

const held = () =>
  readdirSync('/proc/self/fd').filter((fd) => {
    try {
      return readlinkSync(`/proc/self/fd/${fd}`).startsWith(folder);
    } catch {
      return false;
    }
  }).length;

test('a copy before a change is called after the change and its moment, as any disk takes it', () => {
  const at = copyBefore('/kitchen/pots.sqlite', 'restore', new Date('2026-11-27T21:04:05.678Z'));
  expect(at).toBe('/kitchen/backups/before-restore-2026-11-27T21-04-05-678Z.sqlite');
});

test('a copy may have any name, and leaves nothing open', async () => {
  await realFile();
  const target = join(folder, "eight o'clock; drop.sqlite"),
    before = held();
  copyDatabase(file, target);
  expect(held()).toBe(before);
  const copy = new Database(target);
  expect(copy.prepare('select name from formula').all()).toEqual([{ name: 'Cashew sauce' }]);
  copy.close();
});

test('before the tables are changed a copy of what was is kept', async () => {
  await realFile();
  // As an older Alterum left it: without the last migration and what that brought.
  sql(
    "delete from mikro_orm_migrations where name like '%put_away' or name like '%by_turn' or name like '%methods' or name like '%kitchens'; alter table formula_line drop column most; alter table formula_line drop column least; alter table household drop column kitchen; alter table household drop column evening; alter table formula drop column writes_itself; alter table formula drop column method; alter table formula_line drop column ready; alter table formula_line drop column weighed; drop table formula_search; drop index formula_turn_unique; drop index formula_line_ingredient_index; alter table formula drop column turn; drop index formula_version_name_once; alter table formula_version drop column deleted_at; create unique index formula_version_formula_id_name_unique on formula_version (formula_id, name)",
  );
  process.env['DATABASE_FILE'] = file;
  const app = await createApplication({ demo: false });
  await app.close();
  const [before] = readdirSync(join(folder, 'backups')).filter((name) => name.includes('before'));
  const copy = new Database(join(folder, 'backups', before ?? ''));
  expect(copy.prepare('select name from formula').all()).toEqual([{ name: 'Cashew sauce' }]);
  expect(copy.prepare("select name from mikro_orm_migrations where name like '%put_away'").all()).toEqual([]);
  copy.close();
  expect(checkDatabaseFile(file).some((name) => name.endsWith('put_away'))).toBe(true);
});
