import 'reflect-metadata';
import {
  closeSync,
  createReadStream,
  existsSync,
  mkdirSync,
  openSync,
  readSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { dirname, resolve } from 'node:path';
import { Readable } from 'node:stream';
import type { BackupDocument, Problem, RestoreMode, RestoreView } from '@alterum/contract';
import { createApplication } from '../application.js';
import { BackupService } from '../backup/backup.service.js';
import { documentText } from '../backup/document.js';
import { openCopy } from '../backup/kitchen-file.js';
import { readBackup } from '../backup/reader.js';
import { RequestScope } from '../storage/request-scope.js';
import { copyBefore, copyDatabase } from '../storage/copies.js';
import { DatabaseInUse } from '../storage/database-lock.js';
import { checkDatabaseFile, UnusableFile } from '../storage/file-check.js';
import { databaseFile } from '../storage/orm.config.js';
import { addressOf } from '../storage/server-address.js';
import { restoreWords } from './restore-words.js';
import { runTool } from './run-tool.js';

const USAGE = 'Say which backup is to be restored: npm run restore -- FILE [--merge] [--preview]';

/** A document begins with “{”; everything else is looked at as a database. */
function isDocument(file: string): boolean {
  const descriptor = openSync(file, 'r');
  const beginning = Buffer.alloc(64);
  try {
    readSync(descriptor, beginning, 0, beginning.length, 0);
  } finally {
    closeSync(descriptor);
  }
  return file.endsWith('.json') || beginning.toString().trimStart().startsWith('{');
}

/** The text of a backup, of either kind. */
async function* textOf(file: string): AsyncGenerator<string | Buffer> {
  if (isDocument(file)) {
    yield* createReadStream(file) as AsyncIterable<Buffer>;
    return;
  }
  if (checkDatabaseFile(file).length === 0)
    throw new UnusableFile(file, 'holds nothing', 'Choose another backup.');
  const copy = await openCopy((to) => copyDatabase(file, to));
  try {
    yield* documentText(copy.em, new Date());
  } finally {
    await copy.close();
  }
}

interface Wish {
  readonly mode: RestoreMode;
  readonly preview: boolean;
}

/** Asks the server that uses the database. */
async function throughServer(
  address: string,
  backup: BackupDocument,
  { mode, preview }: Wish,
): Promise<RestoreView> {
  const answer = await fetch(`${address}/api/restore${preview ? '/preview' : ''}?mode=${mode}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(backup),
  });
  const said = (await answer.json()) as RestoreView | Problem;
  if ('detail' in said) throw new Error(said.detail);
  return said;
}

/** Does it here, as no server uses the database. @throws DatabaseInUse when one does */
async function alone(backup: BackupDocument, { mode, preview }: Wish): Promise<RestoreView> {
  const app = await createApplication({ demo: false });
  try {
    const backups = app.get(BackupService);
    return await app
      .get(RequestScope)
      .run(() => (preview ? backups.preview(backup, mode) : backups.restore(backup, mode)));
  } finally {
    await app.close();
  }
}

/** A file that is no longer a database is what a backup is for: it is kept, and makes room. @returns where it is */
function makeRoom(file: string): string {
  const aside = copyBefore(file, 'restore', new Date()).replace(/\.sqlite$/, '.damaged');
  mkdirSync(dirname(aside), { recursive: true });
  renameSync(file, aside);
  // A log that belongs to it must not be read into the new one.
  for (const beside of ['-wal', '-shm']) rmSync(file + beside, { force: true });
  return aside;
}

async function restored(backup: BackupDocument, wish: Wish): Promise<RestoreView> {
  try {
    return await alone(backup, wish);
  } catch (error) {
    if (error instanceof UnusableFile && error.isDamaged && !wish.preview) {
      const kept = makeRoom(databaseFile());
      return { ...(await alone(backup, wish)), kept };
    }
    const address = error instanceof DatabaseInUse ? addressOf(databaseFile()) : undefined;
    if (address === undefined) throw error;
    return throughServer(address, backup, wish);
  }
}

/** Takes a backup in, the server running or not; what was there is kept beside the database. */
runTool(async (given) => {
  const files = given.filter((word) => !word.startsWith('--')),
    options = given.filter((word) => word.startsWith('--'));
  const unknown = options.find((option) => !['--merge', '--replace', '--preview'].includes(option));
  if (files.length !== 1 || files[0] === undefined || unknown !== undefined)
    throw new Error(unknown === undefined ? USAGE : `“${unknown}” is not known. ${USAGE}`);
  const from = resolve(files[0]),
    to = databaseFile();
  if (!existsSync(from)) throw new Error(`${from} is not there; nothing was changed.`);
  const wish: Wish = {
    mode: options.includes('--merge') ? 'merge' : 'replace',
    preview: options.includes('--preview'),
  };
  const view = await restored(await readBackup(Readable.from(textOf(from))), wish);
  console.log(
    `${wish.preview ? 'What restoring would do' : 'What was done'} to ${to}:\n${restoreWords(view)}`,
  );
  console.log(wish.preview ? 'Nothing was changed.' : `What was there is kept in ${view.kept ?? 'no file'}.`);
});
