import { existsSync, renameSync, rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { copyDatabase } from '../storage/copies.js';
import { holdDatabase } from '../storage/database-lock.js';
import { checkDatabaseFile, UnusableFile } from '../storage/file-check.js';
import { databaseFile } from '../storage/orm.config.js';

/** Puts a backup in the place of the database. The server must not run; what was there is kept beside it. */
function restore(given: string | undefined): void {
  if (given === undefined) throw new Error('Say which backup is to be restored: npm run restore -- FILE.sqlite');
  const from = resolve(given),
    to = databaseFile();
  if (!existsSync(from)) throw new Error(`${from} is not there; nothing was changed.`);
  if (checkDatabaseFile(from).length === 0) throw new UnusableFile(from, 'holds nothing', 'Choose another backup.');
  const letGo = holdDatabase(to);
  try {
    const fresh = `${to}.restoring`;
    rmSync(fresh, { force: true });
    copyDatabase(from, fresh);
    let kept: string | undefined;
    if (existsSync(to)) {
      kept = join(dirname(to), 'backups', `before-restore-${new Date().toISOString().replace(/[:.]/g, '-')}.sqlite`);
      copyDatabase(to, kept);
    }
    // A log that belongs to the old file must not be read into the new one.
    for (const beside of ['-wal', '-shm']) rmSync(to + beside, { force: true });
    renameSync(fresh, to);
    console.log(`${to} is now what ${from} holds.${kept ? ` What was there is kept in ${kept}.` : ''}`);
  } finally {
    letGo();
  }
} // prettier-ignore

try {
  restore(process.argv[2]);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
