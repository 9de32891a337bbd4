import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './run.mjs';

/** Checks docs/words.md against the code: every word in it is used there, stands in it once, and no exported type has two homes. */
function sources(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true, recursive: true })
    .filter(
      (entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/\.(spec|fixture)\.tsx?$/.test(entry.name),
    )
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name));
}
const files = ['packages/core/src', 'packages/contract/src', 'apps/server/src', 'apps/web/src'].flatMap(
  sources,
);
const texts = new Map(files.map((file) => [file, readFileSync(file, 'utf8')]));
/** Names taken apart, so that `litRange` and `lit-range` both hold the words “lit range”. */
const everything = [...texts]
  .map(([file, text]) => `${file} ${text}`)
  .join('\n')
  .replace(/([a-z])([A-Z])/g, '$1 $2')
  .replace(/[-_]/g, ' ')
  .toLowerCase();

const rows = readFileSync(join(root, 'docs/words.md'), 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| word') && !line.startsWith('| ---'))
  .map((line) => line.split('|')[1].trim());
const words = rows.flatMap((cell) =>
  cell
    .replace(/\(.*?\)/g, '')
    .split(/[,:/]/)
    .map((word) => word.trim().toLowerCase())
    .filter(Boolean),
);
const faults = [];
for (const word of words)
  if (!everything.includes(word)) faults.push(`“${word}” stands in docs/words.md and nowhere in the code`);
const seen = new Set();
for (const cell of rows) {
  if (seen.has(cell)) faults.push(`“${cell}” stands twice in docs/words.md`);
  seen.add(cell);
}

const homes = new Map();
for (const [file, text] of texts)
  for (const [, name] of text.matchAll(/^export (?:abstract )?(?:class|interface|type|enum) (\w+)/gm))
    homes.set(name, [...(homes.get(name) ?? []), file.slice(root.length)]);
for (const [name, where] of homes)
  if (where.length > 1) faults.push(`the type ${name} has ${where.length} homes: ${where.join(', ')}`);

for (const fault of faults) console.error(fault);
console.log(`${words.length} words, ${homes.size} exported types; ${faults.length} faults.`);
process.exit(faults.length === 0 ? 0 : 1);
