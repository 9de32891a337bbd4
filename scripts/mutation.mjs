import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled } from './install.mjs';
import { root, run } from './run.mjs';

/**
 * `npm run mutation -- FOLDER [TEST …]`: changes every line of a folder of the core or the server by a little, one at a time, and says how many of the
 * changes a test notices. FOLDER as in `predict/stretch` or `apps/server/src/formula`, with a slash at its end for its own files alone; each TEST
 * is a part of a path that alone is run. `--every=4` takes every fourth stretch of lines: a sample, where the whole would take an hour.
 */
const asked = process.argv.slice(2),
  sampled = asked.find((one) => one.startsWith('--every='));
const [given, ...only] = asked.filter((one) => one !== sampled);
if (!given) {
  console.error('Say which folder: npm run mutation -- predict/stretch');
  process.exit(1);
}
await ensureInstalled();
const named = given.replace(/\/$/, '');
const folder = [named, `packages/core/src/${named}`, `apps/server/src/${named}`].find((path) =>
  existsSync(join(root, path)),
);
if (!folder) {
  console.error(`There is no folder “${given}” in the core or the server.`);
  process.exit(1);
}
/** Lines of a stretch of a sample. */
const STRETCH = 6;
function stretchesOf(every) {
  const files = readdirSync(join(root, folder), { recursive: !given.endsWith('/'), encoding: 'utf8' }).filter(
    (name) => /\.ts$/.test(name) && !/\.(spec|fixture|params|table|module)\.ts$/.test(name),
  );
  return files.flatMap((name, k) => {
    const lines = readFileSync(join(root, folder, name), 'utf8').split('\n').length,
      stretches = [];
    for (let at = 1 + (k % every) * STRETCH; at <= lines; at += every * STRETCH)
      stretches.push(`${folder}/${name}:${at}-${Math.min(at + STRETCH - 1, lines)}`);
    return stretches;
  });
}
const isServer = folder.startsWith('apps/server');
/** Specs that take long and say what quicker ones say too; one that is named is run. */
const slow = [
  '/laws.spec',
  '/balance.spec',
  '/swap.spec',
  'label-generator',
  'label-corpus',
  '/search.spec',
  'backup-and-restore',
].filter((spec) => !only.some((named) => named.endsWith(spec)));
const config = {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: {
    projectType: 'custom',
    configFile: 'jest.mutation.config.mjs',
    enableFindRelatedTests: only.length === 0,
  },
  coverageAnalysis: 'perTest',
  mutate: sampled
    ? stretchesOf(Number(sampled.slice('--every='.length)))
    : [
        given.endsWith('/') ? `${folder}/*.ts` : `${folder}/**/*.ts`,
        '!**/*.spec.ts',
        '!**/*.fixture.ts',
        '!**/*.params.ts',
        '!**/*.table.ts',
        '!**/*.module.ts',
      ],
  // A table of figures and the words of a message are no logic; the anchors and the screen hold them.
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration'] },
  ignorePatterns: ['dist', 'data', 'docs', 'test-results', 'reports', 'apps/web', 'e2e'],
  tempDirName: '.stryker',
  incrementalFile: `node_modules/.cache/stryker-${folder.replaceAll('/', '-')}.json`,
  reporters: ['clear-text', 'json', 'progress-append-only'],
  clearTextReporter: { allowColor: false, reportTests: false, logTests: false },
  jsonReporter: { fileName: `reports/mutation/${folder.replaceAll('/', '-')}.json` },
  // What is worked out once when a file is loaded would have every test run for each change of it.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 6_000,
  thresholds: { high: 90, low: 80, break: 80 },
};
mkdirSync(join(root, 'node_modules/.cache'), { recursive: true });
const file = join(root, 'node_modules/.cache/stryker.config.json');
writeFileSync(file, JSON.stringify(config, null, 2));
process.exit(
  await run('npx', ['stryker', 'run', file], {
    env: {
      MUTATED: isServer ? 'server' : 'core',
      MUTATION_LEAVES_OUT: slow.join(','),
      ...(only.length > 0 ? { MUTATION_ONLY: only.join('|') } : {}),
    },
  }),
);
