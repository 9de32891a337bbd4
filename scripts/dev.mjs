import concurrently from 'concurrently';
import { ensureInstalled } from './install.mjs';
import { root } from './run.mjs';

/** Server and web with hot reload; the web app is at WEB_PORT (5173) and asks the server at API_PORT (4173). All that was started ends with it. */
await ensureInstalled();
const apiPort = process.env.API_PORT ?? '4173';
const env = { ...process.env, PORT: apiPort, API_PORT: apiPort };
const { commands, result } = concurrently(
  [
    {
      name: 'api',
      command:
        'node --watch --watch-preserve-output --enable-source-maps -C @alterum/source -r ./scripts/swc-hook.cjs apps/server/src/main.ts',
      env,
    },
    { name: 'web', command: 'npm run dev -w @alterum/web', env },
  ],
  { cwd: root, killOthersOn: ['failure', 'success'] },
);
// Each command is a tree of processes; a signal to this one alone would leave them at the ports.
let ending = false;
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => {
    ending = true;
    for (const command of commands) command.kill('SIGTERM');
  });
await result.then(
  () => process.exit(0),
  () => process.exit(ending ? 0 : 1),
);
