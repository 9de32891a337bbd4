import { ensureInstalled } from './install.mjs';
import { run } from './run.mjs';

/** Server and web with hot reload; the web app is at WEB_PORT (5173) and asks the server at API_PORT (4173). */
await ensureInstalled();
const apiPort = process.env.API_PORT ?? '4173';
const server =
  'node --watch --watch-preserve-output --enable-source-maps -C @alterum/source -r ./scripts/swc-hook.cjs apps/server/src/main.ts';
process.exit(
  await run('npx', ['concurrently', '-k', '-n', 'api,web', server, 'npm run dev -w @alterum/web'], {
    env: { PORT: apiPort, API_PORT: apiPort },
  }),
);
