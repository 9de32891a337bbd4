import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { must, root } from './run.mjs';

const mark = join(root, 'node_modules/.cache/alterum-installed');

/** What the installed packages follow from: the lock and every package.json. */
function wanted() {
  const manifests = ['packages', 'apps'].flatMap((folder) =>
    readdirSync(join(root, folder)).map((name) => join(root, folder, name, 'package.json')),
  );
  const hash = createHash('sha256');
  for (const file of [join(root, 'package.json'), join(root, 'package-lock.json'), ...manifests])
    if (existsSync(file)) hash.update(readFileSync(file));
  return hash.digest('hex');
}

/** Installs the packages when they are missing or no longer the ones asked for. */
export async function ensureInstalled() {
  const now = wanted();
  if (existsSync(mark) && readFileSync(mark, 'utf8') === now) return;
  console.log('Installing packages (about a minute) …');
  // `npm install` and not `npm ci`: see docs/decisions/0002.
  await must('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error']);
  mkdirSync(join(root, 'node_modules/.cache'), { recursive: true });
  // Installing may complete the lock file: the mark says what is installed now.
  writeFileSync(mark, wanted());
}
