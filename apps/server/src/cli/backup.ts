import 'reflect-metadata';
import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { documentText } from '../backup/document.js';
import { openCopy } from '../backup/kitchen-file.js';
import { copyDatabase } from '../storage/copies.js';
import { checkDatabaseFile } from '../storage/file-check.js';
import { databaseFile } from '../storage/orm.config.js';
import { runTool } from './run-tool.js';

/** Writes the kitchen down as a document. It has its name only when it is whole. */
async function writeDocument(from: string, target: string): Promise<void> {
  const part = `${target}.part`;
  const copy = await openCopy((to) => copyDatabase(from, to));
  try {
    await pipeline(Readable.from(documentText(copy.em, new Date())), createWriteStream(part));
    renameSync(part, target);
  } finally {
    rmSync(part, { force: true });
    await copy.close();
  }
}

/** Keeps everything in one file, whether the server runs or not: a document where the name ends in .json, otherwise the database itself. */
runTool(async ([to]) => {
  const from = databaseFile();
  if (to === undefined)
    throw new Error('Say where the backup goes: npm run backup -- FILE.json, or FILE.sqlite');
  const target = resolve(to);
  if (existsSync(target))
    throw new Error(`${target} is there already and was left as it is. Choose another name.`);
  if (checkDatabaseFile(from).length === 0)
    throw new Error(`${from} holds nothing yet, so there is nothing to back up.`);
  if (target.endsWith('.json')) await writeDocument(from, target);
  else copyDatabase(from, target);
  console.log(`${target} holds everything that was saved in ${from}.`);
});
