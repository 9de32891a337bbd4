import { expect } from '@playwright/test';
import { ownFormula, saved } from './kitchen';
import { test } from './same-browser';

test('a formula is made, renamed, duplicated, found by search, deleted and brought back', async ({
  page,
}) => {
  await page.goto('/formulas');
  await page.getByRole('button', { name: 'New formula' }).click();
  const name = page.getByRole('textbox', { name: 'Name of the formula' });
  await expect(name).toHaveValue('New formula');
  await expect(page.getByText('The pot is empty')).toBeVisible();
  await name.fill('Celery lake');
  await name.press('Enter');
  await page.getByRole('combobox', { name: 'Add an ingredient' }).fill('celeriac');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'More for this formula' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(name).toHaveValue('Celery lake, copy');
  await page.goto('/formulas');
  await page.getByRole('searchbox', { name: 'Search formulas' }).fill('celery lake');
  await expect(page.getByRole('link', { name: /Celery lake/ })).toHaveCount(2);
  await page.getByRole('button', { name: 'Delete Celery lake, copy' }).click();
  await expect(page.getByRole('link', { name: 'Celery lake, copy' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(name).toHaveValue('Celery lake, copy');
  await expect(page.getByTestId('line-celeriac')).toBeVisible();
});

test('deleting from the Bench leads to the list and can be undone', async ({ page }) => {
  await ownFormula(page, 'Not for long');
  await page.getByRole('button', { name: 'More for this formula' }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { name: 'Formulas' })).toBeVisible();
  await expect(page.getByText('“Not for long” was deleted.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue('Not for long');
});

test('the command menu finds a formula and things to do; the keys are listed', async ({ page }) => {
  await ownFormula(page, 'From here');
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('a formula, a place, something to do').fill('dumpling');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue('Dumpling cream');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('add an ingredient');
});

test('what is looked for with one quick Enter is opened once the server has found it, and nothing else', async ({
  page,
}) => {
  await ownFormula(page, 'Parsnip lake');
  // Changed later, and holds what the other one is called.
  await ownFormula(page, 'Seen before', [
    { id: 'root', ingredient: 'parsnip', amount: 300, unit: 'g', preparation: 'boiled' },
    { id: 'water', ingredient: 'water', amount: 200, unit: 'g' },
  ]);
  const name = page.getByRole('textbox', { name: 'Name of the formula' }),
    menu = page.getByRole('dialog', { name: 'Find or do' }),
    field = page.getByPlaceholder('a formula, a place, something to do');
  await page.keyboard.press('Control+k');
  await expect(menu.getByRole('option', { name: /Seen before/ })).toBeVisible();
  await page.route('**/api/formulas?**', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500));
    await route.continue();
  });
  // Nothing is called so: what was found before is not what is taken instead.
  await field.fill('xylophone');
  await page.keyboard.press('Enter');
  await expect(menu.getByText('Nothing of that name.')).toBeVisible();
  await expect(page).toHaveURL(/bench/);
  await page.keyboard.press('Escape');
  await expect(name).toHaveValue('Seen before');

  await page.goto('/table');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Control+k');
  await field.fill('parsnip');
  await expect(menu.getByText('Looking …')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(name).toHaveValue('Parsnip lake');
});

test('an address that leads nowhere says so and where to go', async ({ page }) => {
  await page.goto('/bench/no-such-formula');
  await expect(page.getByRole('heading', { name: 'It is not here' })).toBeVisible();
  await page.getByRole('link', { name: 'All formulas' }).click();
  await expect(page.getByRole('heading', { name: 'Formulas' })).toBeVisible();
});
