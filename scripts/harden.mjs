import { ensureBuilt } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { run } from './run.mjs';

/** Tries what accidents and strangers do; prints each figure with its goal. `-- --short` as in the tests, `-- --only=kills,busy` some parts. */
await ensureInstalled();
await ensureBuilt();
if (!(await ensureChromium())) process.exit(1);
process.exit(
  await run('node', [
    '-C',
    '@alterum/source',
    '-r',
    './scripts/swc-hook.cjs',
    'harden/run.ts',
    ...process.argv.slice(2),
  ]),
);
