import { expect, test } from '@playwright/test';
import {
  amount,
  benchStands,
  copyOf,
  figure,
  letter,
  ownFormula,
  place,
  proposed,
  saved,
  verdict,
} from './kitchen';

test('a bland, thin sauce is balanced: the proposal stands beside the present and says why', async ({
  page,
}) => {
  await ownFormula(page, 'Bland and thin');
  await page.keyboard.press('b');
  await expect(verdict(page)).toBeVisible();
  const salt = page.getByTestId('change-salt');
  await expect(salt).toContainText(/salt was .* short|keeps salt/);
  const before = await place(page, 'salt');
  expect(await proposed(page, 'salt')).toBeGreaterThan(before);
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await expect(page.getByRole('region', { name: 'From pan to fridge' })).toBeVisible();
});

test('a proposal is taken in part and taken back, and what was taken is saved', async ({ page }) => {
  await ownFormula(page, 'In part');
  await page.keyboard.press('b');
  await expect(verdict(page)).toBeVisible();
  const changes = page.getByRole('list', { name: 'Changes' }).getByRole('checkbox');
  const count = await changes.count();
  expect(count).toBeGreaterThan(1);
  for (let i = 0; i < count; i++) {
    const salt = await changes.nth(i).evaluate((box) => box.closest('[data-testid="change-salt"]') !== null);
    if (!salt) await changes.nth(i).uncheck();
  }
  const led = await proposed(page, 'salt');
  await page.getByRole('button', { name: 'Take the 1 ticked' }).click();
  await expect(amount(page, 'Salt, fine')).not.toHaveValue('3');
  await expect(amount(page, 'Water')).toHaveValue('300');
  expect(await place(page, 'salt')).toBeCloseTo(led, 2);
  await saved(page);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await saved(page);
});

test('a balance is stopped and still gives the best it has', async ({ page }) => {
  await copyOf(page, 'Dumpling cream');
  await page.keyboard.press('b');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(verdict(page)).toHaveAttribute('data-kind', /closest|infeasible|balanced/);
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await expect(amount(page, 'Rapeseed oil')).toHaveValue('27');
});

test('what excludes each other is said, and a relaxation that is pressed lets it be balanced', async ({
  page,
}) => {
  const id = await ownFormula(page, 'No pull in it');
  const formula = (await (await page.request.get(`/api/formulas/${id}`)).json()) as {
    version: number;
    lines: { ingredient: string }[];
  };
  const lines = formula.lines.map((line) =>
    line.ingredient === 'tapioca-starch' ? { ...line, ingredient: 'rice-flour' } : line,
  );
  const brief = [
    { rail: 'stretch', low: 8, high: 20 },
    { rail: 'thickness', low: 1000, high: 9000 },
  ];
  await page.request.put(`/api/formulas/${id}`, {
    data: { name: 'No pull in it', version: formula.version, lines, brief },
  });
  await page.reload();
  await benchStands(page);
  await page.keyboard.press('b');
  await expect(verdict(page)).toHaveAttribute('data-kind', 'infeasible');
  await expect(page.getByTestId('conflict')).toContainText('stretch as asked');
  await page
    .getByTestId('conflict')
    .getByRole('button', { name: /Ask for stretch from/ })
    .click();
  await expect(verdict(page)).toHaveAttribute('data-kind', 'balanced');
  await expect(page.getByRole('button', { name: /^Brief/ })).toContainText('as you set it');
});

test('a pinned line stays when the rest is balanced', async ({ page }) => {
  await ownFormula(page, 'Pinned');
  await page.getByRole('button', { name: 'More for Cashew nuts' }).click();
  await page.getByRole('menuitemradio', { name: 'Pinned where it is' }).click();
  await expect(page.getByTestId('line-cashew')).toContainText('pinned');
  await letter(page, 'b');
  await expect(verdict(page)).toBeVisible();
  await expect(page.getByTestId('change-cashew')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take all' }).click();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('100');
  await expect(figure(page, 'salt')).toContainText(/0\.8|0\.9|1\./);
});
