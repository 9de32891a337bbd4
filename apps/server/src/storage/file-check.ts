import { accessSync, constants, existsSync, openSync, readSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'libsql';
import { migrationsList } from './migrations/index.js';

/** A database file that cannot be used: what was found, that it was left as it is, and what to do. */
export class UnusableFile extends Error {
  constructor(
    file: string,
    found: string,
    whatToDo: string,
    /** It is no database any more, or never was one; a backup may take its place. */
    readonly isDamaged = false,
  ) {
    super(`${file} ${found}. It was left untouched. ${whatToDo}`);
    this.name = 'UnusableFile';
  }
}

/** How every SQLite file begins. @source the file format’s description, section 1.3 */
const MAGIC = 'SQLite format 3\0';
const ANOTHER = 'Choose another file (DATABASE_FILE=… npm start), or put a backup in its place.';

/**
 * Read by hand, since the driver would first take in a log that lies beside it, which writes. What is opened here is never closed: closing it
 * would give up every lock that this process has on the file, and another program could then take away a log that is still written.
 */
function beginningOf(file: string): string {
  const buffer = Buffer.alloc(MAGIC.length);
  return buffer.toString('latin1', 0, readSync(openSync(file, 'r'), buffer, 0, MAGIC.length, 0));
}

const mayWrite = (path: string): boolean => {
  try {
    accessSync(path, constants.W_OK);
    return true;
  } catch {
    return false;
  }
};

interface Contents {
  readonly tables: readonly string[];
  readonly migrations: readonly string[];
}

/** Reads the names of tables and migrations; changes nothing. @throws the driver's error when the file is damaged */
function contentsOf(file: string): Contents {
  const database = new Database(file);
  try {
    const names = (sql: string) =>
      (database.prepare(sql).all() as { readonly name: string }[]).map(({ name }) => name);
    const tables = names("select name from sqlite_master where type = 'table'");
    const migrations = tables.includes(MIGRATIONS) ? names(`select name from ${MIGRATIONS}`) : [];
    return { tables, migrations };
  } finally {
    database.close();
  }
}

const MIGRATIONS = 'mikro_orm_migrations';

/**
 * Looks whether a file can be this kitchen's database, before anything writes to it.
 * @returns the names of the migrations that have run on it; none for a new file
 * @throws UnusableFile for a folder, a file that is no database or a damaged one, another program's, one of a newer Alterum, or one without rights
 */
export function checkDatabaseFile(file: string): readonly string[] {
  if (!mayWrite(dirname(file)))
    throw new UnusableFile(
      file,
      'lies in a folder that cannot be written',
      'Give this user the right to write there, or choose another file (DATABASE_FILE=… npm start).',
    );
  if (!existsSync(file) || statSync(file).size === 0) return [];
  if (statSync(file).isDirectory()) throw new UnusableFile(file, 'is a folder, not a file', ANOTHER);
  if (!mayWrite(file))
    throw new UnusableFile(
      file,
      'cannot be written',
      'Give this user the right to write it, or choose another file (DATABASE_FILE=… npm start).',
    );
  if (beginningOf(file) !== MAGIC) throw new UnusableFile(file, 'is no database', ANOTHER, true);
  let contents: Contents;
  try {
    contents = contentsOf(file);
  } catch {
    throw new UnusableFile(file, 'is a damaged or cut database', ANOTHER, true);
  }
  const { tables, migrations } = contents;
  if (tables.length > 0 && !tables.includes('formula'))
    throw new UnusableFile(file, 'is the database of another program', ANOTHER);
  if (tables.includes('formula') && migrations.length === 0)
    throw new UnusableFile(
      file,
      'does not say which version of Alterum wrote it: its list of migrations is missing',
      ANOTHER,
    );
  const known = new Set<string>(migrationsList.map(({ name }) => name));
  const unknown = migrations.filter((name) => !known.has(name));
  if (unknown.length > 0)
    throw new UnusableFile(
      file,
      `was written by a newer Alterum (it knows ${unknown[0]})`,
      'Start the newer one on it, or choose another file (DATABASE_FILE=… npm start).',
    );
  return migrations;
}
