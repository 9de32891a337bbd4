import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { amount, saved } from './kitchen';

const PORT = 4781;
const at = `http://127.0.0.1:${PORT}`;

async function startServer(folder: string): Promise<ChildProcess> {
  const env = { ...process.env, PORT: String(PORT), DATABASE_FILE: join(folder, 'kitchen.sqlite') };
  const server = spawn(process.execPath, ['apps/server/dist/main.js'], { stdio: 'ignore', env });
  const well = () =>
    fetch(`${at}/api/health`).then(
      (answer) => answer.ok,
      () => false,
    );
  await expect.poll(well, { timeout: 20_000 }).toBe(true);
  return server;
}

const ended = (server: ChildProcess) =>
  new Promise((resolve) => server.once('exit', (code, signal) => resolve(signal ?? code)));

test('a server killed in the middle of work loses nothing that was shown as saved, and what was typed after is sent when it is back', async ({
  page,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-killed-'));
  let server = await startServer(folder);
  try {
    await page.goto(at);
    await amount(page, 'Rapeseed oil').fill('51');
    await page.keyboard.press('Enter');
    await saved(page);
    const killed = ended(server);
    server.kill('SIGKILL');
    await killed;
    await amount(page, 'Coconut drink').fill('333');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('save-state')).toContainText('kept here, server away');
    server = await startServer(folder);
    await expect(page.getByTestId('save-state')).toContainText(/saved \d/, { timeout: 20_000 });
    await page.reload();
    await expect(amount(page, 'Rapeseed oil')).toHaveValue('51');
    await expect(amount(page, 'Coconut drink')).toHaveValue('333');
    const ending = ended(server);
    server.kill('SIGTERM');
    expect(await ending).toBe(0);
  } finally {
    server.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true });
  }
});
