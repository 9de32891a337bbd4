import { existsSync } from 'node:fs';
import { run } from './run.mjs';

/** Debian’s packages: the one without the windows of a browser has less to draw; either will do. */
const packages = ['chromium-headless-shell', 'chromium'];
const placeOf = (name) => `/usr/bin/${name}`;

/** Path of the browser for tests and pictures: the one that CHROMIUM names, or the first that is installed. */
export const chromiumPath = () =>
  process.env.CHROMIUM ?? packages.map(placeOf).find(existsSync) ?? placeOf('chromium');

/** Debian’s Chromium, installed where that is allowed; false, with one line that says what to do, where it is not. */
export async function ensureChromium() {
  for (const name of ['', ...packages]) {
    if (name !== '') await install(name);
    if (!existsSync(chromiumPath())) continue;
    // Whatever is started from here takes the same one.
    process.env.CHROMIUM = chromiumPath();
    return true;
  }
  console.error(
    'The browser tests need Chromium: run “sudo apt-get install chromium”, or set CHROMIUM to its path.',
  );
  return false;
}

async function install(name) {
  if (process.env.CHROMIUM || process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return;
  console.log(`Installing Debian’s ${name} …`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update', '-qq'], { env, quiet: true });
  await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], { env, quiet: true });
}
