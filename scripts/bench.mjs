import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { ensureBuilt } from './build.mjs';
import { run } from './run.mjs';

/** Measures speed; figures are ratios in one run where they can be. `-- --json` prints one object a line. */
await ensureInstalled();
await ensureBuilt();
if (!(await ensureChromium())) process.exit(1);
process.exit(
  await run('node', [
    '--expose-gc',
    '-C',
    '@alterum/source',
    '-r',
    './scripts/swc-hook.cjs',
    'bench/run.ts',
    ...process.argv.slice(2),
  ]),
);
