import { expect } from '@playwright/test';
import { amount, figure, openBench } from './kitchen';
import { test } from './same-browser';

test('a cook writes an ingredient down from its label, uses it, changes it and takes it away again', async ({
  page,
}) => {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Own ingredient' }).click();
  const form = page.getByRole('dialog', { name: 'An ingredient of your own' });
  await form.getByLabel('Name').fill('Corner shop oat barista');
  await form.getByLabel('Most like').selectOption({ label: 'Oat drink, unsweetened' });
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert').first()).toContainText('Copy this from the label');
  for (const [field, value] of [
    ['Fat', '3'],
    ['Carbohydrate', '6,6'],
    ['of which sugars', '9'],
    ['Protein', '1'],
    ['Salt', '0.1'],
  ] as const)
    await form.getByRole('textbox', { name: field, exact: true }).fill(value);
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert').first()).toContainText('more sugar than carbohydrate');
  await form.getByRole('textbox', { name: 'of which sugars' }).fill('3.4');
  await form.getByLabel('Contains', { exact: true }).selectOption({ label: 'oat' });
  await form.getByRole('button', { name: 'Save' }).click();
  const card = page.getByTestId('ingredient-card');
  await expect(card).toContainText('Corner shop oat barista');
  await expect(card).toContainText('guessed as for oat drink');

  await openBench(page);
  const before = await figure(page, 'fat').textContent();
  await page.keyboard.press('a');
  await page.keyboard.type('corner shop');
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Corner shop oat barista')).toBeFocused();
  await page.keyboard.type('200');
  await page.keyboard.press('Enter');
  await expect(figure(page, 'fat')).not.toHaveText(before ?? '');
  await page.reload();
  await expect(amount(page, 'Corner shop oat barista')).toBeVisible();
  await page.getByRole('button', { name: 'More for Corner shop oat barista' }).click();
  await page.getByRole('menuitem', { name: 'Take out of the pot' }).click();
  await expect(page.getByTestId('save-state')).toContainText(/saved \d/);

  await page.goto('/larder');
  await page.getByRole('searchbox').fill('corner shop');
  await page.getByRole('button', { name: 'Take away' }).click();
  await expect(page.getByText('was taken out of the larder').first()).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: /Corner shop oat barista/ })).toBeVisible();
});

test('the larder says how to make a thing ready and what can stand in for it', async ({ page }) => {
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic');
  await page.getByRole('button', { name: /^Garlic alliums|^Garlic savory/ }).click();
  const card = page.getByTestId('ingredient-card');
  await expect(card).toContainText('garlic powder');
  await expect(card).toContainText('98 kcal');
});
