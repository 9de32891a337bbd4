import { join, resolve } from 'node:path';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';
import { root, run } from './run.mjs';

/** `npm run backup -- FILE` and `npm run restore -- FILE`: paths are taken from where the command was given. */
const [tool, ...words] = process.argv.slice(2);
await ensureInstalled();
await ensureBuilt();
const from = process.env.INIT_CWD ?? process.cwd();
const given = words.map((word) => (word.startsWith('--') ? word : resolve(from, word)));
const database = process.env.DATABASE_FILE
  ? resolve(from, process.env.DATABASE_FILE)
  : join(root, 'data/alterum.sqlite');
process.exit(
  await run(process.execPath, [join(root, `apps/server/dist/cli/${tool}.js`), ...given], {
    env: { DATABASE_FILE: database },
  }),
);
