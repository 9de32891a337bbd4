import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumPath, ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { root } from './run.mjs';

/** Remakes the pictures in docs/screenshots from the demo data, in a database of its own. */
await ensureInstalled();
if (!(await ensureChromium())) process.exit(1);
const { chromium } = await import('@playwright/test');

const port = await new Promise((resolve) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address();
    probe.close(() => resolve(free));
  });
});
const folder = mkdtempSync(join(tmpdir(), 'alterum-pictures-'));
const server = spawn(process.execPath, [join(root, 'scripts/start.mjs')], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, PORT: String(port), DATABASE_FILE: join(folder, 'demo.sqlite') },
});
const at = `http://127.0.0.1:${port}`;
for (let i = 0; i < 600; i++) {
  if (
    await fetch(`${at}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
  )
    break;
  await new Promise((wait) => setTimeout(wait, 200));
}

const desk = { width: 1280, height: 800 };
const causes = async (page) => {
  await page.getByRole('button', { name: 'Stretch: what holds it there' }).click();
  await page.getByTestId('pulls').waitFor();
};
/** The evening at five in the afternoon, what was soaked over night soaked. */
const plan = async (page) => {
  const now = new Date();
  await page.clock.setFixedTime(new Date(now.getFullYear(), now.getMonth(), now.getDate(), 17, 5));
  await page.reload();
  await page.getByRole('region', { name: 'By the clock' }).waitFor();
  const before = page.getByRole('region', { name: 'Long before' });
  await before
    .getByRole('button', { name: /^Begin: put to soak/ })
    .first()
    .click();
  await before
    .getByRole('button', { name: /^Done: put to soak/ })
    .first()
    .click();
  await page.evaluate(() => document.activeElement?.blur());
  await page.evaluate(() => window.scrollTo(0, 0));
};
const dish = async (page) => {
  await page.getByRole('link', { name: 'Friday’s aubergine bake' }).click();
  await page.getByRole('region', { name: 'When it is cut' }).waitFor();
};
const work = (key, shown) => async (page) => {
  await page.keyboard.press(key);
  await page.getByTestId(shown).first().waitFor({ timeout: 60_000 });
};
/** A sauce that everybody can have, made thicker by one press. */
const thicker = async (page) => {
  await page.goto(`${at}/formulas`);
  await page.getByRole('link', { name: 'Aubergine bake white sauce' }).first().click();
  await page.getByTestId('bench').waitFor();
  await page.getByRole('combobox', { name: 'Add an ingredient' }).waitFor();
  await work('b', 'balance-verdict')(page);
  await page.getByRole('button', { name: 'Thicker' }).click();
  await page.getByRole('list', { name: 'Changes' }).waitFor();
};
/** With what somebody cannot have left out, so that brief and people can both be met. */
const trade = async (page) => {
  await work('s', 'swap-option')(page);
  await page.keyboard.press('Enter');
  await page.waitForTimeout(900);
  await page.keyboard.press('t');
  await page.locator('[data-fine=true]').waitFor({ timeout: 60_000 });
};
const compare = async (page) => {
  await page.getByRole('link', { name: 'Compare', exact: true }).click();
  await page.getByTestId('compare').waitFor();
  await page.getByRole('combobox', { name: 'Put another beside it' }).selectOption({ index: 1 });
};
const pots = async (page) => {
  await page.getByRole('tab', { name: 'Pots of tonight' }).click();
  for (const name of ['Flatbread melt', 'Table spread']) await page.getByRole('checkbox', { name }).check();
};
/** A backup of this kitchen, looked at from one that lacks what was made since. */
const restore = async (page) => {
  const text = await (await page.request.get(`${at}/api/backup`)).text();
  const backup = JSON.parse(text);
  const [person] = backup.people;
  const guest = { ...person, id: 'guest-of-autumn', name: 'Guest of last autumn' };
  await page.getByLabel('Which file').setInputFiles({
    name: 'autumn.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...backup, people: [...backup.people, guest] })),
  });
  await page.getByTestId('restore-table').waitFor();
};
const label = async (page) => {
  await page.getByRole('button', { name: 'Read a label' }).click();
  await page
    .getByRole('textbox', { name: 'Text of the label' })
    .fill(
      'Plant shreds: water, coconut oil 23 %, modified starch, MUSTARD seed, emulsifier: lecithin (soya), flavouring, colour: beta-carotene. May contain traces of milk and nuts.',
    );
};
const pictures = [
  { name: 'bench', path: '/', size: desk },
  { name: 'bench-night', path: '/', size: desk, scheme: 'dark' },
  { name: 'bench-balance', path: '/', size: desk, act: thicker },
  { name: 'bench-swap', path: '/', size: desk, act: work('s', 'swap-option') },
  { name: 'bench-trade', path: '/', size: desk, act: trade },
  { name: 'compare', path: '/formulas', size: desk, act: compare },
  { name: 'bench-causes', path: '/', size: desk, act: causes },
  { name: 'dish', path: '/plan/dishes', size: desk, act: dish },
  { name: 'bench-phone', path: '/', size: { width: 390, height: 844 } },
  { name: 'formulas', path: '/formulas', size: desk },
  { name: 'table', path: '/table', size: desk },
  {
    name: 'table-matrix',
    path: '/table',
    size: desk,
    act: (page) => page.getByRole('tab', { name: 'Who can eat what' }).click(),
  },
  { name: 'table-pots', path: '/table', size: desk, act: pots },
  { name: 'plan', path: '/plan', size: desk, act: plan },
  {
    name: 'recipe',
    path: '/',
    size: desk,
    act: async (page) => {
      await page.getByRole('link', { name: 'Recipe', exact: true }).click();
      await page.getByTestId('recipe').waitFor();
    },
  },
  { name: 'card', path: '/card', size: desk },
  { name: 'larder', path: '/larder', size: desk },
  { name: 'backup', path: '/backup', size: desk, act: restore },
  { name: 'larder-label', path: '/larder', size: desk, act: label },
];

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
});
// A picture that cannot be taken ends it all; nothing is left running.
process.once('uncaughtException', (error) => {
  console.error(error);
  server.kill('SIGKILL');
  process.exit(1);
});
const wanted = process.argv.slice(2);
for (const { name, path, size, scheme = 'light', act } of pictures) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const page = await browser.newPage({ viewport: size, colorScheme: scheme });
  await page.goto(at + path);
  await page.getByRole('main').waitFor();
  await page.waitForTimeout(900);
  await act?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(root, `docs/screenshots/${name}.png`) });
  if (act === trade)
    await page
      .getByRole('button', { name: 'Undo' })
      .click()
      .then(() => page.waitForTimeout(1200));
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
server.kill('SIGTERM');
server.once('exit', () => {
  rmSync(folder, { recursive: true, force: true });
  process.exit(0);
});
