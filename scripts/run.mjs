import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** The folder of the whole project. */
export const root = fileURLToPath(new URL('..', import.meta.url));

/** Runs a command in the project and resolves with its exit code. */
export function run(command, args, { env = {}, quiet = false, cwd = root } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'ignore', 'inherit'] : ['ignore', 'inherit', 'inherit'],
    });
    child.once('error', reject);
    child.once('exit', (code, signal) => resolve(signal ? 1 : (code ?? 1)));
  });
}

/** The same, but a failure ends the script with its code. */
export async function must(command, args, options) {
  const code = await run(command, args, options);
  if (code !== 0) {
    console.error(`“${[command, ...args].join(' ')}” failed.`);
    process.exit(code);
  }
}
