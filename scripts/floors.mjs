import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { posix } from 'node:path';
import { root } from './run.mjs';

/**
 * Checks that folders import one way only. In the core they stand on floors, the lowest first; in the web app parts never
 * import pages; nowhere do two folders import each other, however far round.
 */

/** Of the core, from what knows nothing to what knows most. */
const coreFloors = [
  'numeric',
  'quantity',
  'plan',
  'allergen',
  'ingredient',
  'recipe',
  'predict',
  'larder',
  'label',
  'property',
  'brief',
  'formula',
  'dish',
  'evening',
  'reading',
  'household',
  'propose',
  'handbook',
  'writer',
];
/** Places of the web app: whatever is no place is a part. */
const pages = [
  'app',
  'bench',
  'formulas',
  'table',
  'larder',
  'compare',
  'backup',
  'put-away',
  'read',
  'plan',
  'dish',
];

/** Folder a file belongs to, seen from `base`; files of the base itself are '.'. */
const folderOf = (path) => (path.includes('/') ? path.slice(0, path.indexOf('/')) : '.');

/** Imports between the folders of a base, tests left out. */
function importsIn(base) {
  const found = [];
  const walk = (folder) => {
    for (const entry of readdirSync(join(root, folder), { withFileTypes: true })) {
      const path = posix.join(folder, entry.name);
      if (entry.isDirectory()) walk(path);
      else if (/\.tsx?$/.test(entry.name) && !/\.(spec|fixture)\.tsx?$/.test(entry.name))
        for (const [, target] of readFileSync(join(root, path), 'utf8').matchAll(
          /(?:from|import\()\s*'(\.[^']+)'/g,
        )) {
          const file = posix.relative(base, path),
            to = posix.relative(base, posix.join(posix.dirname(path), target));
          if (!to.startsWith('..') && folderOf(file) !== folderOf(to))
            found.push({ file, to, from: folderOf(file), into: folderOf(to) });
        }
    }
  };
  walk(base);
  return found;
}

/** A way from a folder back to itself, if there is one. */
function ringIn(imports) {
  const next = new Map();
  for (const { from, into } of imports) next.set(from, (next.get(from) ?? new Set()).add(into));
  const done = new Set();
  const visit = (folder, path) => {
    if (path.includes(folder)) return [...path.slice(path.indexOf(folder)), folder];
    if (done.has(folder)) return undefined;
    done.add(folder);
    for (const into of next.get(folder) ?? []) {
      const ring = visit(into, [...path, folder]);
      if (ring) return ring;
    }
    return undefined;
  };
  for (const folder of next.keys()) {
    const ring = visit(folder, []);
    if (ring) return ring;
  }
  return undefined;
}

const faults = [];
const core = importsIn('packages/core/src').filter(({ from }) => from !== '.');
for (const { file, to, from, into } of core) {
  const unknown = [from, into].find((folder) => !coreFloors.includes(folder));
  if (unknown) faults.push(`core: “${unknown}” has no floor; give it one in scripts/floors.mjs`);
  else if (coreFloors.indexOf(into) > coreFloors.indexOf(from))
    faults.push(`core: ${file} imports ${to}, which stands above it`);
}
const web = importsIn('apps/web/src').filter(({ from }) => from !== '.');
for (const { file, to, from, into } of web) {
  if (pages.includes(into) && !pages.includes(from))
    faults.push(`web: the part ${file} imports the page ${to}`);
  if (pages.includes(into) && pages.includes(from) && from !== 'app')
    faults.push(`web: the page ${file} imports another page, ${to}`);
}
for (const [name, imports] of [
  ['predict', importsIn('packages/core/src/predict').filter(({ from }) => from !== '.')],
  ['propose', importsIn('packages/core/src/propose')],
  ['web', web],
]) {
  const ring = ringIn(imports);
  if (ring) faults.push(`${name}: ${ring.join(' → ')}`);
}
for (const fault of [...new Set(faults)]) console.error(fault);
console.log(`${core.length + web.length} imports between folders; ${faults.length} go the wrong way.`);
process.exit(faults.length === 0 ? 0 : 1);
