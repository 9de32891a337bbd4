import { expect } from '@playwright/test';
import { amount, ownFormula, saved } from './kitchen.js';
import { test } from './same-browser';

const lines = [
  { id: 'nuts', ingredient: 'cashew', amount: 1, unit: 'cup' },
  { id: 'water', ingredient: 'water', amount: 400, unit: 'ml' },
  { id: 'starch', ingredient: 'corn-starch', amount: 2, unit: 'tbsp' },
  { id: 'salt', ingredient: 'salt', amount: 1, unit: 'tsp' },
];

test('another size by keyboard: by what there is of one thing, measured with spoons, taken and taken back', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Sauce to be scaled', lines);
  const nuts = Number(await amount(page, 'Cashew nuts').inputValue());
  await page.keyboard.press('p');
  const panel = page.getByTestId('work-scale');
  await expect(panel).toBeFocused();
  await panel.getByRole('combobox', { name: 'Scale' }).selectOption('line');
  await panel.getByRole('textbox', { name: 'Grams there are' }).fill(String(nuts * 1.5));
  await expect(panel.getByTestId('scaled-by')).toContainText('× 1.5, 6 portions');
  await panel.getByRole('textbox', { name: 'Grams there are' }).press('Enter');
  await expect(panel).toBeHidden();
  await expect(page.getByRole('spinbutton', { name: 'Portions' })).toHaveValue('6');
  await expect
    .poll(async () => Number(await amount(page, 'Cashew nuts').inputValue()))
    .toBeCloseTo(nuts * 1.5, -1);
  await expect(page.getByTestId('line-corn-starch')).toContainText('3 tbsp');
  await saved(page);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByTestId('line-corn-starch')).toContainText('2 tbsp');
  await page.request.delete(`/api/formulas/${id}`);
});

test('by the dish and by what is to come out; what cannot be read waits, and nothing is lost', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Sauce for a dish', lines);
  await page.getByRole('button', { name: 'More for this formula' }).click();
  await page.getByRole('menuitem', { name: 'Another size' }).click();
  const panel = page.getByTestId('work-scale');
  await panel.getByRole('combobox', { name: 'Scale' }).selectOption('dish');
  await panel.getByRole('textbox', { name: 'from: cm across' }).fill('20');
  await expect(panel.getByTestId('scaled-by')).toContainText('× 1.91');
  await panel.getByRole('textbox', { name: 'to: cm wide' }).fill('wide');
  await expect(panel.getByText('Say how much it is to be.')).toBeVisible();
  await expect(panel.getByRole('button', { name: 'Measure it so' })).toBeDisabled();
  await panel.getByRole('combobox', { name: 'Scale' }).selectOption('mass');
  await panel.getByRole('textbox', { name: 'Grams wanted' }).fill('1000');
  await panel.getByRole('combobox', { name: 'Measured' }).selectOption('exact');
  await panel.getByRole('button', { name: 'Measure it so' }).click();
  await expect(page.getByText(/(99\d|100\d) g$/).first()).toBeVisible();
  await saved(page);
  await page.request.delete(`/api/formulas/${id}`);
});
