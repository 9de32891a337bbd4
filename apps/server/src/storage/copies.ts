import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import Database from 'libsql';

/** Daily copies that are kept. */
const KEPT_DAYS = 7;

/** What follows the name of the database in that of a daily copy. */
const OF_A_DAY = /^\d{4}-\d{2}-\d{2}\.sqlite$/;

const folderOf = (file: string): string => join(dirname(file), 'backups');
const stemOf = (file: string): string => basename(file, extname(file));

/**
 * Copies a database as it stands, whole and in one file, while it is in use. A copy that is there already is left alone.
 * @throws when the disk is full or the target cannot be written
 */
export function copyDatabase(file: string, target: string): void {
  if (existsSync(target)) return;
  mkdirSync(dirname(target), { recursive: true });
  const database = new Database(file);
  try {
    // Through `exec`, which ends its statement: one that is prepared would keep the connection open until it is collected.
    database.exec(`vacuum into '${target.replaceAll("'", "''")}'`);
  } catch (error) {
    rmSync(target, { force: true });
    throw error;
  } finally {
    database.close();
  }
}

/** Where a copy goes that is made before something is changed for good; it is kept until somebody takes it away. */
export function copyBefore(file: string, what: 'restore' | 'migration', now: Date): string {
  return join(folderOf(file), `before-${what}-${now.toISOString().replace(/[:.]/g, '-')}.sqlite`);
}

/** The copy of the day; the oldest go when there are more than a week of them. @returns the copies kept, oldest first */
export async function copyOfTheDay(
  file: string,
  today: Date,
  copy: (file: string, target: string) => Promise<void> | void = copyDatabase,
): Promise<readonly string[]> {
  const folder = folderOf(file),
    stem = `${stemOf(file)}-`;
  await copy(file, join(folder, `${stemOf(file)}-${today.toISOString().slice(0, 10)}.sqlite`));
  const all = readdirSync(folder)
    // Other databases may lie in the folder, with copies beside these.
    .filter((name) => name.startsWith(stem) && OF_A_DAY.test(name.slice(stem.length)))
    .sort();
  for (const name of all.slice(0, -KEPT_DAYS)) rmSync(join(folder, name), { force: true });
  return all.slice(-KEPT_DAYS).map((name) => join(folder, name));
}
