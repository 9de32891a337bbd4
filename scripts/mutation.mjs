import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled } from './install.mjs';
import { root, run } from './run.mjs';

/**
 * `npm run mutation -- FOLDER [TEST …]`: changes every line of a folder of the core or the server by a little, one at a time, and says how many of the
 * changes a test notices. FOLDER as in `predict/stretch` or `apps/server/src/formula`, with a slash at its end for its own files alone; each TEST
 * is a part of a path that alone is run.
 */
const [given, ...only] = process.argv.slice(2);
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
const isServer = folder.startsWith('apps/server');
/** Specs that take long and say what quicker ones say too. */
const slow = [
  '/laws.spec',
  '/balance.spec',
  '/swap.spec',
  'label-generator',
  'label-corpus',
  'search.spec',
  'backup-and-restore',
];
const config = {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: {
    projectType: 'custom',
    configFile: 'jest.mutation.config.mjs',
    enableFindRelatedTests: only.length === 0,
  },
  coverageAnalysis: 'perTest',
  mutate: [
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
