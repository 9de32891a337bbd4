import { existsSync } from 'node:fs';
import { run } from './run.mjs';

export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** Debian's Chromium, installed where that is allowed; false, with one line that says what to do, where it is not. */
export async function ensureChromium() {
  if (existsSync(chromiumPath)) return true;
  const mayInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (mayInstall) {
    console.log('Installing Debian’s chromium …');
    const env = { DEBIAN_FRONTEND: 'noninteractive' };
    await run('apt-get', ['update', '-qq'], { env, quiet: true });
    await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      env,
      quiet: true,
    });
  }
  if (existsSync(chromiumPath)) return true;
  console.error(
    'The browser tests need Chromium: run “sudo apt-get install chromium”, or set CHROMIUM to its path.',
  );
  return false;
}
