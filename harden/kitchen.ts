import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const root = resolve(__dirname, '..');
/** ms that a server may take to stand, and a request to be answered; longer is a hang. */
const STAND_MS = 60_000,
  HANG_MS = 15_000;

export interface Kitchen {
  readonly at: string;
  readonly file: string;
  readonly process: ChildProcess;
  /** @returns how it ended: the signal or the code, and how long that took, ms */
  readonly end: (
    signal: NodeJS.Signals,
  ) => Promise<{ readonly how: string | number | null; readonly ms: number }>;
  /** What it wrote on its outputs so far. */
  readonly said: () => string;
  readonly ask: (path: string, init?: RequestInit) => Promise<Response>;
  readonly send: (method: string, path: string, body: unknown) => Promise<Response>;
}

export const freePort = (): Promise<number> =>
  new Promise((done, fail) => {
    const probe = createServer().once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0));
    });
  });

export async function folderOf<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-harden-'));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

export interface Start {
  readonly demo?: boolean;
  /** Command in front of node, such as a limit of the shell. */
  readonly shell?: string;
  readonly uid?: number;
  /** Most memory its values may take, MB: a server that leaks does not live long with little. */
  readonly heapMB?: number;
  readonly port?: number;
}

/** The process of a server on a file, whether it comes to stand or not. */
export function launch(
  file: string,
  { demo = false, shell, uid, heapMB, port = 0 }: Start = {},
): ChildProcess {
  const env = {
    ...process.env,
    DATABASE_FILE: file,
    PORT: String(port),
    ALTERUM_DEMO: demo ? '1' : '0',
    ...(heapMB === undefined ? {} : { NODE_OPTIONS: `--max-old-space-size=${heapMB}` }),
  };
  const main = join(root, 'apps/server/dist/main.js');
  const options = { env, cwd: root, stdio: 'pipe' as const, ...(uid === undefined ? {} : { uid, gid: uid }) };
  const child =
    shell === undefined
      ? spawn(process.execPath, [main], options)
      : spawn('bash', ['-c', `${shell}; exec "${process.execPath}" "${main}"`], options);
  // None is left behind when a part breaks off.
  process.once('exit', () => child.kill('SIGKILL'));
  return child;
}

/** Starts the built server on a file and waits until it answers. @throws with what it said when it does not */
export async function startKitchen(file: string, start: Start = {}): Promise<Kitchen> {
  const port = start.port ?? (await freePort());
  const child = launch(file, { ...start, port });
  let said = '';
  child.stdout?.on('data', (part) => (said += part));
  child.stderr?.on('data', (part) => (said += part));
  const gone = new Promise<string | number | null>((done) =>
    child.once('exit', (code, signal) => done(signal ?? code)),
  );
  const at = `http://127.0.0.1:${port}`;
  const until = Date.now() + STAND_MS;
  while (!said.includes('Alterum is at')) {
    if (child.exitCode !== null || Date.now() > until) throw new Error(`The server does not stand: ${said}`);
    await new Promise((done) => setTimeout(done, 20));
  }
  const ask = (path: string, init: RequestInit = {}) =>
    fetch(at + path, { signal: AbortSignal.timeout(HANG_MS), ...init });
  return {
    at,
    file,
    process: child,
    said: () => said,
    ask,
    send: (method, path, body) =>
      ask(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    end: async (signal) => {
      const began = Date.now();
      child.kill(signal);
      return { how: await gone, ms: Date.now() - began };
    },
  };
}

/** Memory of a process, MB. */
export async function memoryMB(pid: number): Promise<number> {
  const { readFile } = await import('node:fs/promises');
  const kB = /VmRSS:\s+(\d+)/.exec(await readFile(`/proc/${pid}/status`, 'utf8'))?.[1];
  return Number(kB ?? NaN) / 1024;
}

/** A small formula that says in its name what must be in it. */
export const numbered = (n: number, grams = n) => ({
  name: `Number ${n}`,
  family: 'pouring-sauce',
  note: `grams ${grams}`,
  lines: [
    { id: 'a', ingredient: 'cashew', amount: grams, unit: 'g' },
    { id: 'b', ingredient: 'water', amount: grams * 3, unit: 'ml' },
    { id: 'c', ingredient: 'salt', amount: 2, unit: 'g' },
  ],
});
