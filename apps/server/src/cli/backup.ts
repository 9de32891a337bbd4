import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { copyDatabase } from '../storage/copies.js';
import { checkDatabaseFile } from '../storage/file-check.js';
import { databaseFile } from '../storage/orm.config.js';

/** Copies the database, whole and in one file, whether the server runs or not. */
function backup(to: string | undefined): void {
  const from = databaseFile();
  if (to === undefined) throw new Error('Say where the backup goes: npm run backup -- FILE.sqlite');
  const target = resolve(to);
  if (existsSync(target)) throw new Error(`${target} is there already and was left as it is. Choose another name.`);
  if (checkDatabaseFile(from).length === 0) throw new Error(`${from} holds nothing yet, so there is nothing to back up.`);
  copyDatabase(from, target);
  console.log(`${target} holds everything that was saved in ${from}.`);
} // prettier-ignore

try {
  backup(process.argv[2]);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
