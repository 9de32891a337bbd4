import { expect } from '@playwright/test';
import { amount, figure, openBench } from './kitchen';
import { test } from './same-browser';

for (const [device, width, height] of [
  ['phone', 390, 844],
  ['tablet', 820, 1180],
] as const) {
  test(`on a ${device} nothing runs over the side, and an amount can be changed`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const address of ['/formulas', '/table', '/larder', '/card', '/']) {
      await page.goto(address);
      await expect(page.getByRole('main')).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    }
    await openBench(page);
    const before = await figure(page, 'fat').textContent();
    await amount(page, 'Rapeseed oil').fill('4 tbsp');
    await page.keyboard.press('Enter');
    await expect(figure(page, 'fat')).not.toHaveText(before ?? '');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(figure(page, 'fat')).toHaveText(before ?? '');
    for (const [button, shown] of [
      ['Balance', 'balance-verdict'],
      ['Swap', 'swap-option'],
    ] as const) {
      await page.getByRole('button', { name: button, exact: true }).click();
      await expect(page.getByTestId(shown).first()).toBeInViewport();
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
      await page.getByRole('button', { name: `Close ${button.toLowerCase()}` }).click();
    }
  });
}

test('the licences of what the page is made of come with it', async ({ page }) => {
  await openBench(page);
  await page.keyboard.press('?');
  const opened = page.waitForEvent('popup');
  await page.getByRole('link', { name: 'Licences of what this app is made of' }).click();
  const text = (await (await opened).locator('body').textContent()) ?? '';
  for (const named of ['Name: react-dom', 'Name: d3-contour', 'MIT', 'SIL OPEN FONT LICENSE'])
    expect(text).toContain(named);
});

test('no page says anything on the console', async ({ page }) => {
  const said: string[] = [];
  page.on('console', (message) => ['error', 'warning'].includes(message.type()) && said.push(message.text()));
  page.on('pageerror', (error) => said.push(error.message));
  for (const address of ['/', '/formulas', '/table', '/larder']) {
    await page.goto(address);
    await expect(page.getByRole('main')).toBeVisible();
  }
  expect(said).toEqual([]);
});
