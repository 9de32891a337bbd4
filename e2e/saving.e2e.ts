import { expect } from '@playwright/test';
import { amount, benchStands, ownFormula, saved } from './kitchen';
import { test } from './same-browser';

test('what is shown as saved is there after a reload', async ({ page }) => {
  await ownFormula(page, 'Kept');
  await amount(page, 'Cashew nuts').fill('145');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.reload();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('145');
});

test('a reload at once loses nothing, saved or not', async ({ page }) => {
  await ownFormula(page, 'At once');
  await amount(page, 'Cashew nuts').fill('133');
  await page.keyboard.press('Enter');
  await page.waitForTimeout(30);
  await page.reload();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('133');
  await saved(page);
});

test('while the server is away the work is kept in the browser, and it is sent when the server is back', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Away');
  await page.route('**/api/formulas/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await amount(page, 'Cashew nuts').fill('171');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('save-state')).toContainText('kept here, server away');
  await page.reload();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('171');
  await page.unroute('**/api/formulas/**');
  await expect(page.getByTestId('save-state')).toContainText(/saved \d/, { timeout: 20_000 });
  const view = (await (await page.request.get(`/api/formulas/${id}`)).json()) as {
    lines: { id: string; amount: number }[];
  };
  expect(view.lines.find((line) => line.id === 'nuts')?.amount).toBe(171);
});

test('a second tab’s change is not overwritten: the first tab asks, and nothing is lost', async ({
  page,
  context,
}) => {
  await ownFormula(page, 'Two tabs');
  const other = await context.newPage();
  await other.goto(page.url());
  await amount(other, 'Cashew nuts').fill('120');
  await other.keyboard.press('Enter');
  await saved(other);
  await amount(page, 'Water').fill('350');
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'This formula was changed somewhere else' });
  await expect(dialog).toContainText('Cashew nuts: 100 g here, 120 g there');
  await expect(dialog).toContainText('Water: 350 g here, 300 ml there');
  await dialog.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue('Two tabs, my copy');
  await expect(amount(page, 'Water')).toHaveValue('350');
  await other.reload();
  await expect(amount(other, 'Cashew nuts')).toHaveValue('120');
  await expect(amount(other, 'Water')).toHaveValue('300');
});

test('in a conflict mine can be saved over theirs, or theirs taken', async ({ page, context }) => {
  await ownFormula(page, 'Either way');
  const other = await context.newPage();
  await other.goto(page.url());
  const change = async (tab: typeof page, value: string) => {
    await amount(tab, 'Cashew nuts').fill(value);
    await tab.keyboard.press('Enter');
  };
  await change(other, '121');
  await saved(other);
  await change(page, '99');
  await page.getByRole('button', { name: 'Save mine over it' }).click();
  await saved(page);
  await change(other, '122');
  await other.getByRole('button', { name: 'Take theirs' }).click();
  await expect(amount(other, 'Cashew nuts')).toHaveValue('99');
});

test('a formula deleted in one tab and changed in another can be brought back, or kept as a new one', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Deleted meanwhile');
  await page.request.delete(`/api/formulas/${id}`);
  await amount(page, 'Cashew nuts').fill('140');
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'This formula was deleted somewhere else' });
  await dialog.getByRole('button', { name: 'Bring it back' }).click();
  await expect(dialog).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('140');
  await page.request.delete(`/api/formulas/${id}`);
  await amount(page, 'Cashew nuts').fill('150');
  await page.keyboard.press('Enter');
  await dialog.getByRole('button', { name: 'Keep mine as a new one' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue(
    'Deleted meanwhile, my copy',
  );
  await expect(amount(page, 'Cashew nuts')).toHaveValue('150');
});

test('what was done can be undone after a reload, and after a walk to another place', async ({ page }) => {
  await ownFormula(page, 'Undo stays');
  await amount(page, 'Cashew nuts').fill('160');
  await page.keyboard.press('Enter');
  await amount(page, 'Water').fill('350');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.reload();
  await benchStands(page);
  await expect(amount(page, 'Water')).toHaveValue('350');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amount(page, 'Water')).toHaveValue('300');
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  await page.getByRole('heading', { name: 'Larder' }).waitFor();
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await benchStands(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('100');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('160');
});
