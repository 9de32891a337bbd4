import { existsSync, realpathSync } from 'node:fs';
import { hostname } from 'node:os';
import { basename, dirname, join } from 'node:path';
import Database from 'libsql';

/** The file is used by another server already. */
export class DatabaseInUse extends Error {
  constructor(file: string, owner: string) {
    super(
      `${owner} is using ${file} already, so this one stops; nothing was touched. Use that one, stop it first, or choose another file: DATABASE_FILE=… npm start`,
    );
    this.name = 'DatabaseInUse';
  }
}

/** The same file has one lock, whatever way leads to it. */
function lockFileOf(file: string): string {
  const real = existsSync(file) ? realpathSync(file) : join(realpathSync(dirname(file)), basename(file));
  return `${real}.lock`;
}

/** ms that the operating system may take to let a lock of a process go that was just killed. */
const PATIENCE_MS = 300;

/**
 * Holds a database file for one server. The lock is a write lock on a small database beside it, so it dies with the process however that
 * ends: a file that was left behind holds nobody up.
 * @returns what lets it go
 * @throws DatabaseInUse when another process holds it
 */
export function holdDatabase(file: string): () => void {
  const lock = new Database(lockFileOf(file));
  try {
    lock.exec(
      `pragma busy_timeout = ${PATIENCE_MS}; create table if not exists owner (process integer, host text, since text)`,
    );
    lock.exec('begin immediate; delete from owner');
    lock
      .prepare('insert into owner values (?, ?, ?)')
      .run([process.pid, hostname(), new Date().toISOString()]);
    lock.exec('commit; begin immediate');
  } catch (error) {
    const owner = ownerOf(lock);
    lock.close();
    if (/locked|BUSY/.test(String(error))) throw new DatabaseInUse(file, owner);
    throw error;
  }
  let held = true;
  return () => {
    if (!held) return;
    held = false;
    lock.exec('rollback');
    lock.close();
  };
}

function ownerOf(lock: Database.Database): string {
  try {
    const [row] = lock.prepare('select process, host, since from owner').all() as {
      process: number;
      host: string;
      since: string;
    }[];
    return row
      ? `Another Alterum (process ${row.process} on ${row.host}, since ${row.since})`
      : 'Another Alterum';
  } catch {
    return 'Another Alterum';
  }
}
