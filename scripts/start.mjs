import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';
import { root } from './run.mjs';

/** Installs, builds, then hands over to the server, which migrates the database and fills an empty one. */
await ensureInstalled();
await ensureBuilt();
const server = spawn(process.execPath, [join(root, 'apps/server/dist/main.js')], {
  stdio: 'inherit',
  env: { DATABASE_FILE: join(root, 'data/alterum.sqlite'), ...process.env },
});
for (const signal of ['SIGTERM', 'SIGINT', 'SIGHUP'])
  process.on(signal, () => server.kill(signal === 'SIGHUP' ? 'SIGTERM' : signal));
server.once('exit', (code, signal) => process.exit(signal ? 0 : (code ?? 0)));
