import { expect } from '@playwright/test';
import { amount, ownFormula, benchStands } from './kitchen';
import { test } from './same-browser';

test('a version is kept with its reason, gone back to, branched from and compared', async ({ page }) => {
  const id = await ownFormula(page, 'With versions');
  await page.keyboard.press('v');
  const keep = async (name: string, why: string) => {
    await page.getByLabel('Name of this version').fill(name);
    await page.getByLabel('Why').fill(why);
    await page.getByRole('button', { name: 'Keep this version' }).click();
    await expect(page.getByTestId(`version-${name}`)).toContainText(why);
  };
  await keep('First pot', 'as it came');
  await amount(page, 'Salt, fine').fill('5');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('work-versions')).toContainText('Since “First pot”: salt, fine 3 → 5 g');
  await keep('Saltier', 'the bread wanted it');
  await expect(page.getByTestId('version-Saltier')).toContainText('salt, fine 3 → 5 g');
  await page.getByRole('button', { name: 'Go back to First pot' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveValue('5');

  await page.getByTestId('version-First pot').getByRole('link', { name: 'Compare' }).click();
  await expect(page.getByTestId('compare')).toBeVisible();
  const salt = page.getByRole('row', { name: /Salt, fine/ });
  await expect(salt.getByRole('cell')).toHaveText(['5', '3']);
  await expect(page.getByTestId('compared-salt-A')).toBeAttached();
  await expect(page.getByTestId('curve-B')).toBeAttached();
  // In a kitchen of many formulas it is not among the last changed ones: then it is searched.
  const beside = page.getByRole('combobox', { name: 'Put another beside it' });
  await expect(beside).toBeVisible();
  const search = page.getByLabel('Search formulas to compare');
  if ((await search.count()) > 0) await search.fill('Flatbread melt');
  await beside.selectOption({ label: 'Flatbread melt' });
  await expect(page.getByRole('row', { name: 'Coconut drink' }).getByRole('cell')).toHaveText([
    '–',
    '–',
    '364',
  ]);
  await expect(page.getByRole('row', { name: /Marte/ })).toContainText('cannot');

  await page.goto(`/bench/${id}`);
  await benchStands(page);
  await page.keyboard.press('v');
  await page.getByRole('button', { name: 'Branch from First pot' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue(/from First pot/);
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
});

test('a version without a name is not kept, and one twice is refused with the reason', async ({ page }) => {
  await ownFormula(page, 'Twice');
  await page.keyboard.press('v');
  await expect(page.getByRole('button', { name: 'Keep this version' })).toBeDisabled();
  for (let i = 0; i < 2; i++) {
    await page.getByLabel('Name of this version').fill('Only one');
    await page.getByRole('button', { name: 'Keep this version' }).click();
    if (i === 0) await expect(page.getByTestId('version-Only one')).toBeVisible();
  }
  await expect(page.getByRole('alert')).toContainText('already');
});
