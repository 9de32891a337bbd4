import { spawn } from 'node:child_process';
import { root } from './run.mjs';

/**
 * Runs a command and gathers what it prints, to be shown when it is done: what runs beside it would mix with it.
 * @returns its exit code, what it printed, and how long it took in s
 */
export function runAside(command, args, { env = {} } = {}) {
  const started = Date.now();
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, FORCE_COLOR: '0', ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (text += chunk));
    child.once('error', reject);
    child.once('exit', (code, signal) =>
      resolve({ code: signal ? 1 : (code ?? 1), text, seconds: Math.round((Date.now() - started) / 1000) }),
    );
  });
}

/** Jobs in the order in which they begin, as many beside each other as there are lanes: one lane a core. */
export const inLanes = (lanes, jobs) => {
  const waiting = [...jobs];
  return Promise.all(
    Array.from({ length: lanes }, async () => {
      for (let job = waiting.shift(); job !== undefined; job = waiting.shift()) await job();
    }),
  );
};
