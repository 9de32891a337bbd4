import { existsSync, mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig, devices } from '@playwright/test';

async function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer().once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      probe.close(() => resolve(port));
    });
  });
}

/** Journeys at a time, each on a kitchen of its own; one a core. */
const KITCHENS = 2;

// This file is read again in every worker; the environment carries the first choice over to them.
process.env['E2E_PORTS'] ??= (await Promise.all(Array.from({ length: KITCHENS }, freePort))).join(',');
process.env['E2E_DIR'] ??= mkdtempSync(join(tmpdir(), 'alterum-e2e-'));
/** Debian’s browser, the one without windows where it is installed. */
process.env['CHROMIUM'] ??=
  ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync) ?? '/usr/bin/chromium';
const ports = process.env['E2E_PORTS'].split(',');
const addressOf = (kitchen: number) => `http://127.0.0.1:${ports[kitchen]}`;
const baseURL = addressOf(Number(process.env['TEST_PARALLEL_INDEX'] ?? 0));

export default defineConfig({
  testDir: 'e2e',
  testMatch: '**/*.e2e.ts',
  fullyParallel: false,
  workers: KITCHENS,
  forbidOnly: !!process.env['CI'],
  reporter: [['list']],
  // A busy machine with few cores is slow; what fails here failed for another reason than the clock.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  use: {
    ...devices['Desktop Chrome'],
    viewport: { width: 1280, height: 800 },
    baseURL,
    // A trace of every step costs a tenth of the time: TRACE=1 has one of what fails.
    trace: process.env['TRACE'] ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env['CHROMIUM'],
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: ports.map((port, kitchen) => ({
    command: 'node scripts/start.mjs',
    url: `${addressOf(kitchen)}/api/health`,
    timeout: 180_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
    stdout: 'ignore',
    stderr: 'pipe',
    // The name under which a test opens it as on a home network.
    env: {
      ALTERUM_HOSTS: 'kitchen.test',
      PORT: port,
      DATABASE_FILE: join(process.env['E2E_DIR'] ?? '', `kitchen-${kitchen}.sqlite`),
    },
  })),
});
