import { chromium, expect, test } from '@playwright/test';
import { amount, benchStands, ownFormula, saved } from './kitchen';

test('a part that cannot be fetched says so in its place, keeps the rest, and works when the server is back', async ({
  page,
}) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await ownFormula(page, 'Offline');
  await page.route('**/assets/**', (route) => route.abort());
  await page.route('**/api/health', (route) => route.abort());
  await page.getByRole('button', { name: 'Balance', exact: true }).click();
  await expect(page.getByTestId('not-fetched')).toContainText(
    'could not be fetched: the server does not answer',
  );
  await amount(page, 'Cashew nuts').fill('160');
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Cashew nuts')).toHaveValue('160');
  await page.unroute('**/assets/**');
  await page.unroute('**/api/health');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByTestId('balance-verdict')).toBeVisible();
  await saved(page);
  expect(errors).toEqual([]);
});

test('after a new build an old page offers to be loaded anew', async ({ page }) => {
  await ownFormula(page, 'Old page');
  await page.route('**/assets/**', (route) => route.fulfill({ status: 404, body: '' }));
  await page.getByRole('button', { name: 'Stretch: what holds it there' }).click();
  await expect(page.getByRole('button', { name: 'Reload the page' })).toBeVisible();
  await page.unroute('**/assets/**');
  await page.getByRole('button', { name: 'Reload the page' }).click();
  await benchStands(page);
  await page.getByRole('button', { name: 'Stretch: what holds it there' }).click();
  await expect(page.getByRole('dialog', { name: 'What holds stretch there' })).toBeVisible();
});

test('going to another place while the server is away says so and comes back by itself', async ({ page }) => {
  await ownFormula(page, 'Going places');
  for (const pattern of ['**/api/**', '**/assets/**']) await page.route(pattern, (route) => route.abort());
  await page.getByRole('link', { name: 'Larder' }).click();
  await expect(page.getByRole('heading', { name: 'The server does not answer' })).toBeVisible();
  for (const pattern of ['**/api/**', '**/assets/**']) await page.unroute(pattern);
  await expect(page.getByRole('heading', { name: 'Larder', level: 1 })).toBeVisible();
});

test('plain http on a home network: under a name that is no secure context everything works', async ({
  baseURL,
}) => {
  const url = new URL(baseURL ?? '');
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--host-resolver-rules=MAP kitchen.test 127.0.0.1'],
  });
  try {
    const context = await browser.newContext({ baseURL: `http://kitchen.test:${url.port}` });
    const page = await context.newPage();
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    await page.goto('/');
    expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
    // Asked from within the page: only its browser knows the name.
    const id = await page.evaluate(async () => {
      const list = (await (await fetch('/api/formulas?limit=200&search=flatbread')).json()) as {
        id: string;
        name: string;
      }[];
      const melt = list.find(({ name }) => name === 'Flatbread melt');
      const made = (await (
        await fetch(`/api/formulas/${melt?.id}/duplicate`, { method: 'POST' })
      ).json()) as { id: string };
      return made.id;
    });
    await page.goto(`/bench/${id}`);
    await benchStands(page);
    await page.keyboard.press('a');
    await page.keyboard.type('oat milk');
    await page.keyboard.press('Enter');
    await page.keyboard.type('1 cup');
    await page.keyboard.press('Enter');
    await expect(amount(page, 'Oat drink, unsweetened')).toHaveValue(/^2\d\d$/);
    await saved(page);
    // A copied tab is another tab, and what a closed one left behind comes back.
    await page.route('**/api/formulas/**', (route) =>
      route.request().method() === 'PUT' ? route.abort() : route.continue(),
    );
    await amount(page, 'Rapeseed oil').fill('77');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('save-state')).toContainText('kept here, server away');
    const address = page.url();
    await page.close();
    const later = await context.newPage();
    await later.goto(address);
    await expect(amount(later, 'Rapeseed oil')).toHaveValue('77');
    await saved(later);
    await later.getByRole('heading', { name: 'In the pot' }).click();
    await later.keyboard.press('s');
    await later.getByTestId('swap-option').first().getByRole('button', { name: /^Take/ }).click();
    await saved(later);
    expect(errors).toEqual([]);
    // The demo stays as it is for the other journeys.
    await later.evaluate((gone) => fetch(`/api/formulas/${gone}`, { method: 'DELETE' }), id);
  } finally {
    await browser.close();
  }
});
