import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { type Browser, chromium } from '@playwright/test';
import { percentile, type Result } from './result';

/** A cook taps about eight times a second; ms between presses. */
const KEY_GAP_MS = 125;
const THROTTLE = 4,
  KEYS = 120,
  FRAME_MS = 1000 / 60,
  JS_LIMIT_KB = 200,
  JS_QUIET_LIMIT_KB = 240;
const PORT = 4790;
const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
];

/** A formula of fourteen lines that uses every part of the model. */
const fourteen = {
  name: 'Fourteen lines',
  family: 'stretchy-melt',
  lines: [
    ['white-bean-boiled', 120],
    ['potato', 110],
    ['cashew', 40],
    ['oat-drink', 250],
    ['tapioca-starch', 30],
    ['xanthan', 0.5],
    ['rapeseed-oil', 25],
    ['lemon-juice', 12],
    ['barley-miso', 20],
    ['shiitake-dried', 4],
    ['tomato-paste', 12],
    ['garlic-powder', 2],
    ['salt', 3],
    ['paprika-sweet', 1],
  ].map(([ingredient, amount], i) => ({ id: `l${i}`, ingredient, amount, unit: 'g' })),
  process: { maxTemperatureC: 90, holdMin: 4, evaporatedG: 20 },
  serve: { temperatureC: 68 },
};

interface ManifestEntry {
  readonly file: string;
  readonly imports?: readonly string[];
}

/** The page's script, the Bench's, and all that they import before they can run, kB. */
function firstRouteKb(): number {
  const dist = resolve('apps/web/dist');
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8')) as Record<
    string,
    ManifestEntry
  >;
  const needed = new Set<string>();
  const need = (key: string): void => {
    if (needed.has(key)) return;
    needed.add(key);
    manifest[key]?.imports?.forEach(need);
  };
  need('index.html');
  Object.keys(manifest)
    .filter((key) => key.endsWith('bench/bench-page.tsx'))
    .forEach(need);
  const files = [...needed].map((key) => manifest[key]?.file ?? '').filter((file) => file.endsWith('.js'));
  return files.reduce((sum, file) => sum + gzipSync(readFileSync(join(dist, file))).length, 0) / 1000;
}

async function startServer(folder: string): Promise<ChildProcess> {
  const server = spawn(process.execPath, [resolve('scripts/start.mjs')], {
    stdio: 'ignore',
    env: { ...process.env, PORT: String(PORT), DATABASE_FILE: join(folder, 'bench.sqlite') },
  });
  for (let i = 0; i < 600; i++) {
    if (
      await fetch(`http://127.0.0.1:${PORT}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return server;
    await new Promise((wait) => setTimeout(wait, 200));
  }
  throw new Error('the server did not start');
}

/** Everything of JavaScript on the wire (compressed) until the page is quiet, the chart that follows included, kB. */
async function quietKb(browser: Browser): Promise<number> {
  const page = await browser.newPage();
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Network.enable');
  const scripts = new Set<string>();
  let bytes = 0;
  cdp.on('Network.responseReceived', ({ requestId, response }) => {
    if (/\.js(\?|$)/.test(response.url)) scripts.add(requestId);
  });
  cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await page.goto(`http://127.0.0.1:${PORT}/`);
  await page.getByTestId('rails').waitFor();
  await page.waitForTimeout(500);
  await page.close();
  return bytes / 1000;
}

/** From the key press to the rails changed in the document, ms, with a slow processor. */
async function keyToRails(browser: Browser): Promise<readonly number[]> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const made = (await (
    await page.request.post(`http://127.0.0.1:${PORT}/api/formulas`, { data: fourteen })
  ).json()) as { id: string };
  await page.goto(`http://127.0.0.1:${PORT}/bench/${made.id}`);
  await page.getByTestId('rails').waitFor();
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE });
  await page.evaluate(() => {
    const times: number[] = [];
    (window as unknown as { keyTimes: number[] }).keyTimes = times;
    let pressed: number | undefined;
    window.addEventListener('keydown', (event) => (pressed = event.timeStamp), { capture: true });
    new MutationObserver(() => {
      if (pressed !== undefined) times.push(performance.now() - pressed);
      pressed = undefined;
    }).observe(document.querySelector('[data-testid="rails"]') as Element, {
      subtree: true,
      childList: true,
      characterData: true,
      attributes: true,
    });
  });
  await page.getByRole('spinbutton', { name: 'Amount of Tapioca starch' }).focus();
  for (let i = 0; i < KEYS; i++) {
    await page.keyboard.press(i % 40 < 20 ? 'ArrowUp' : 'ArrowDown');
    await page.waitForTimeout(KEY_GAP_MS);
  }
  const times = await page.evaluate(() => (window as unknown as { keyTimes: number[] }).keyTimes);
  await page.close();
  // The first presses meet code that is not compiled yet.
  return times.slice(10);
}

export async function benchBrowser(): Promise<readonly Result[]> {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-bench-'));
  const server = await startServer(folder);
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args,
  });
  try {
    const kb = await quietKb(browser);
    const times = await keyToRails(browser);
    return [
      {
        name: 'JavaScript of the first route (what the Bench needs to work), gzip',
        value: firstRouteKb(),
        unit: 'kB',
        goal: JS_LIMIT_KB,
        sense: 'most',
      },
      {
        name: 'the same with the chart and all that follows, on the wire',
        value: kb,
        unit: 'kB',
        goal: JS_QUIET_LIMIT_KB,
        sense: 'most',
      },
      {
        name: `key press to rails, 14 lines, ${THROTTLE}× slower processor, median`,
        value: percentile(times, 0.5),
        unit: 'ms',
        goal: FRAME_MS,
        sense: 'most',
      },
      {
        name: `key press to rails, 14 lines, ${THROTTLE}× slower processor, p95`,
        value: percentile(times, 0.95),
        unit: 'ms',
        goal: FRAME_MS,
        sense: 'most',
      },
    ];
  } finally {
    await browser.close();
    server.kill('SIGTERM');
    rmSync(folder, { recursive: true, force: true });
  }
}
