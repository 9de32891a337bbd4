import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { must, root } from './run.mjs';

/** Newest change under a path, ms; tests do not count. */
function newest(path) {
  if (!existsSync(path)) return 0;
  const stat = statSync(path);
  if (!stat.isDirectory()) return /\.spec\.tsx?$/.test(path) ? 0 : stat.mtimeMs;
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))));
}

const shared = ['packages/core/src', 'packages/contract/src', 'package-lock.json', 'tsconfig.base.json'];
const parts = [
  {
    name: 'server',
    made: 'apps/server/dist/.tsbuildinfo',
    from: ['apps/server/src', 'apps/server/tsconfig.json', ...shared],
    command: ['npx', ['tsc', '-b', 'apps/server']],
  },
  {
    name: 'web app',
    made: 'apps/web/dist/index.html',
    from: ['apps/web/src', 'apps/web/index.html', 'apps/web/public', 'apps/web/vite.config.ts', ...shared],
    command: ['npm', ['run', '--silent', 'build', '-w', '@alterum/web']],
  },
];

/** Builds what is older than its sources. */
export async function ensureBuilt() {
  for (const { name, made, from, command } of parts) {
    const done = existsSync(join(root, made)) ? statSync(join(root, made)).mtimeMs : 0;
    if (Math.max(...from.map((path) => newest(join(root, path)))) <= done) continue;
    console.log(`Building the ${name} …`);
    // The build information may say that nothing changed while the file times say it did.
    if (name === 'server') rmSync(join(root, made), { force: true });
    await must(command[0], command[1], { quiet: true });
  }
}
