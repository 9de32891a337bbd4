import { spawn } from 'node:child_process';
import { join, resolve } from 'node:path';
import { type Finding, holds } from './finding';
import { folderOf, freePort } from './kitchen';

/** ms in which both have to stand, and to be gone; how often it is looked, ms. */
const STAND_MS = 60_000,
  GONE_MS = 8000,
  LOOK_MS = 200;

const answers = (address: string): Promise<boolean> =>
  fetch(address).then(
    () => true,
    () => false,
  );

/** Looks until something is so. @returns whether it came to be */
async function comesToBe(is: () => Promise<boolean>, withinMs: number): Promise<boolean> {
  for (const end = Date.now() + withinMs; Date.now() < end;) {
    if (await is()) return true;
    await new Promise((done) => setTimeout(done, LOOK_MS));
  }
  return false;
}

/** `npm run dev` starts a server and a builder, each a tree of processes: what it began ends with it. */
export function tryDev(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const [api, web] = [await freePort(), await freePort()];
    const places = [`http://127.0.0.1:${api}/api/health`, `http://127.0.0.1:${web}/`];
    const dev = spawn(process.execPath, ['scripts/dev.mjs'], {
      cwd: resolve(__dirname, '..'),
      env: {
        ...process.env,
        API_PORT: String(api),
        WEB_PORT: String(web),
        DATABASE_FILE: join(folder, 'dev.sqlite'),
      },
      stdio: 'ignore',
    });
    const ended = new Promise((done) => dev.once('exit', done));
    const all = async () => (await Promise.all(places.map(answers))).every(Boolean);
    const none = async () => !(await Promise.all(places.map(answers))).some(Boolean);
    const stood = await comesToBe(all, STAND_MS);
    dev.kill('SIGTERM');
    const gone = await comesToBe(none, GONE_MS);
    if (!gone) dev.kill('SIGKILL');
    await ended;
    return [
      holds('dev', 'server and page stand', stood),
      holds('dev', 'SIGTERM ends all that was begun: both ports are free', stood && gone),
    ];
  });
}
