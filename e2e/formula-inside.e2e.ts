import { expect } from '@playwright/test';
import { amount, benchStands, ownFormula, saved } from './kitchen.js';
import { test } from './same-browser';

const remove = async (request: { delete: (url: string) => Promise<unknown> }, ...ids: readonly string[]) => {
  for (const id of ids) await request.delete(`/api/formulas/${id}`);
};

test('one formula inside another: found by its name, weighed, its people and salt with it, and it follows what it is', async ({
  page,
}) => {
  const melt = await ownFormula(page, 'Melt of the house', [
    { id: 'nuts', ingredient: 'cashew', amount: 100, unit: 'g' },
    { id: 'water', ingredient: 'water', amount: 250, unit: 'ml' },
    { id: 'salt', ingredient: 'salt', amount: 5, unit: 'g' },
  ]);
  const bake = await ownFormula(page, 'Potato bake of the test', [
    { id: 'potato', ingredient: 'potato', amount: 400, unit: 'g' },
    { id: 'water', ingredient: 'water', amount: 100, unit: 'ml' },
  ]);
  await expect(page.getByTestId('figure-salt')).toContainText('0.0');
  await page.getByRole('combobox', { name: 'Add an ingredient' }).fill('melt of the house');
  await expect(page.getByRole('option', { name: /Melt of the house/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Melt of the house')).toBeFocused();
  await page.keyboard.type('200');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('figure-salt')).not.toContainText('0.0');
  await expect(page.getByTestId('person-Teo')).toContainText(/cannot: cashew nuts, in melt of the house/i);
  await saved(page);

  await page.goto(`/bench/${melt}`);
  await benchStands(page);
  await amount(page, 'Salt, fine').fill('15');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.goto(`/bench/${bake}`);
  await benchStands(page);
  await expect(page.getByTestId('figure-salt')).toContainText(/1\.\d/);

  await page.getByRole('button', { name: 'More for Melt of the house' }).click();
  await page.getByRole('menuitem', { name: 'Open this formula' }).click();
  await expect(page).toHaveURL(new RegExp(melt));
  // It cannot go into what stands in it.
  await benchStands(page);
  await page.getByRole('combobox', { name: 'Add an ingredient' }).fill('potato bake of the test');
  await page.getByRole('option', { name: /Potato bake of the test/ }).click();
  await expect(page.getByText(/holds this formula itself/).first()).toBeVisible();

  await page.request.delete(`/api/formulas/${melt}`);
  await page.goto(`/bench/${bake}`);
  await benchStands(page);
  await expect(page.getByText(/put away, is still empty, or holds this one itself/)).toBeVisible();
  await remove(page.request, bake);
});

test('the sauce of the house instead of bought shreds: its water is taken out of the dish', async ({
  page,
}) => {
  const melt = await ownFormula(page, 'Seed melt of the house', [
    { id: 'seeds', ingredient: 'sunflower-seed', amount: 120, unit: 'g' },
    { id: 'water', ingredient: 'water', amount: 260, unit: 'ml' },
    { id: 'starch', ingredient: 'tapioca-starch', amount: 20, unit: 'g' },
    { id: 'salt', ingredient: 'salt', amount: 4, unit: 'g' },
  ]);
  const bake = await ownFormula(page, 'Bake with shreds', [
    { id: 'shreds', ingredient: 'plant-shreds', amount: 120, unit: 'g' },
    { id: 'tomato', ingredient: 'tomato-canned', amount: 200, unit: 'g' },
    { id: 'stock', ingredient: 'vegetable-stock-unsalted', amount: 500, unit: 'g' },
    { id: 'starch', ingredient: 'corn-starch', amount: 20, unit: 'g' },
    { id: 'salt', ingredient: 'salt', amount: 4, unit: 'g' },
  ]);
  await page.getByRole('button', { name: /^More for .*hreds/ }).click();
  await page.getByRole('menuitem', { name: /Swap for something else/ }).click();
  const option = page.getByRole('listitem').filter({ hasText: 'Seed melt of the house' }).first();
  await expect(option).toBeVisible({ timeout: 30_000 });
  await option
    .getByRole('button', { name: /^(Take|Put)/ })
    .first()
    .click();
  await expect(amount(page, 'Seed melt of the house')).toBeVisible();
  // Amounts are drawn a moment after the lines.
  const stock = page.getByRole('spinbutton', { name: /^Amount of .*stock/i });
  await expect.poll(async () => Number(await stock.inputValue())).toBeLessThan(460);
  await saved(page);
  await remove(page.request, melt, bake);
});
