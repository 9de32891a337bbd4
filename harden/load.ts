import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { type Finding, most, none } from './finding';
import { folderOf, type Kitchen, memoryMB, startKitchen } from './kitchen';
import { seed } from './seed';

const ASKED = 60,
  WARM_UP = 15;
const addresses = {
  list: '/api/formulas',
  'list with lines': '/api/formulas?with=lines',
  search: '/api/formulas?search=velvet',
  'search of everything': '/api/formulas?search=b',
  'search of nothing': '/api/formulas?search=granite',
} as const;

/** Lower quarter of one request after another, ms: what the server takes when nothing else stands in its way. */
async function undisturbed(kitchen: Kitchen, address: string): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < ASKED + WARM_UP; i++) {
    const began = performance.now();
    await (await kitchen.ask(address)).arrayBuffer();
    if (i >= WARM_UP) times.push(performance.now() - began);
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 4)] ?? NaN;
}

/** ms from asking for the list until its formulas are seen, the app fetched before as on any day but the first; and requests of the API. */
async function pageShown(at: string): Promise<{ readonly ms: number; readonly requests: number }> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const open = async () => {
      await page.goto(`${at}/formulas`);
      await page.locator('ul[aria-label="Formulas"] a').first().waitFor();
    };
    await open();
    let requests = 0;
    page.on('request', (request) => (requests += request.url().includes('/api/formulas') ? 1 : 0));
    const times: number[] = [];
    for (let i = 0; i < 5; i++) {
      requests = 0;
      const began = performance.now();
      await open();
      times.push(performance.now() - began);
    }
    return { ms: times.sort((a, b) => a - b)[2] ?? NaN, requests };
  } finally {
    await browser.close();
  }
}

interface LoadOptions {
  /** Pages asked for while looking at the memory. */
  readonly pages: number;
  /** Whether the page is opened in a browser, too. */
  readonly withPage: boolean;
}

/** The same questions of kitchens of several sizes. */
export async function tryLoad(
  sizes: readonly number[],
  { pages, withPage }: LoadOptions,
): Promise<readonly Finding[]> {
  const findings: Finding[] = [];
  const figures = new Map<string, number[]>();
  for (const size of sizes)
    await folderOf(async (folder) => {
      const file = join(folder, 'kitchen.sqlite');
      await (await startKitchen(file, { demo: true })).end('SIGTERM');
      seed(file, size);
      const kitchen = await startKitchen(file, { demo: true });
      for (const [name, address] of Object.entries(addresses)) {
        const ms = await undisturbed(kitchen, address);
        figures.set(name, [...(figures.get(name) ?? []), ms]);
        findings.push(most('load', `${name}, ${size} formulas`, ms, 50, 'ms'));
      }
      if (size === sizes.at(-1)) {
        for (let i = 0; i < pages / 3; i++)
          await (await kitchen.ask(addresses['list with lines'])).arrayBuffer();
        const before = await memoryMB(kitchen.process.pid ?? 0);
        for (let i = 0; i < pages; i++) await (await kitchen.ask(addresses['list with lines'])).arrayBuffer();
        const after = await memoryMB(kitchen.process.pid ?? 0);
        findings.push(most('load', `memory after ${pages} more pages grew by`, after / before, 1.4, 'times'));
        if (withPage) {
          const { ms, requests } = await pageShown(kitchen.at);
          findings.push(
            most('load', `the page of formulas shown, ${size} formulas`, ms, 1000, 'ms'),
            none('load', 'requests of the list but the one', requests - 1),
          );
        }
      }
      await kitchen.end('SIGTERM');
    });
  const growth = (sizes.at(-1) ?? 1) / (sizes.at(-2) ?? 1);
  for (const [name, times] of figures)
    findings.push(
      most(
        'load',
        `${name}: ${growth} times as many cost`,
        (times.at(-1) ?? NaN) / Math.max(times.at(-2) ?? NaN, 1),
        growth * 0.7,
        'times',
      ),
    );
  return findings;
}
