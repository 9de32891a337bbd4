import { expect } from '@playwright/test';
import { openBench, ownFormula } from './kitchen';
import { test } from './same-browser';

test('a guest with an allergy is entered, checked against the formula, and taken away again', async ({
  page,
}) => {
  await page.goto('/table');
  await page.getByRole('button', { name: 'Add a person' }).click();
  const form = page.getByRole('dialog');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert')).toContainText('Give the person a name.');
  await form.getByLabel('Name').fill('Perrin');
  await form.getByRole('button', { name: 'Allergen' }).click();
  await form.getByRole('combobox', { name: 'Allergen' }).selectOption('coconut');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('eater-Perrin')).toContainText('coconut');
  await openBench(page);
  await expect(page.getByTestId('person-Perrin')).toHaveAttribute('data-verdict', 'does-not');
  await expect(page.getByTestId('person-Perrin')).toContainText('coconut drink');
  await page.goto('/table');
  await page.getByTestId('eater-Perrin').getByRole('checkbox').click();
  await expect(page.getByTestId('eater-Perrin').getByRole('checkbox')).not.toBeChecked();
  await openBench(page);
  await expect(page.getByTestId('person-Perrin')).toHaveCount(0);
  await page.goto('/table');
  await page.getByRole('button', { name: 'Remove Perrin' }).click();
  await expect(page.getByTestId('eater-Perrin')).toHaveCount(0);
});

test('a guest avoids something of the house: it can be chosen, is called by its name, and stays chosen', async ({
  page,
}) => {
  const made = await page.request.post('/api/own-ingredients', {
    data: { name: 'Relish of the shed', label: { perG: 100, fat: 1, carbohydrate: 9, protein: 1, salt: 1 } },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto('/table');
  await page.getByRole('button', { name: 'Add a person' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Quillon');
  await form.getByRole('button', { name: 'Ingredient' }).click();
  const ingredient = form.getByRole('combobox', { name: 'Ingredient' });
  // What is typed and taken from no list is no choice, and is told.
  await ingredient.fill('relish of the sh');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert')).toHaveText('Choose an ingredient from the larder.');
  await ingredient.press('ArrowDown');
  await ingredient.fill('relish');
  await form.getByRole('option', { name: /Relish of the shed/ }).click();
  await expect(ingredient).toHaveValue('Relish of the shed');
  await form.getByRole('button', { name: 'Save' }).click();
  const card = page.getByTestId('eater-Quillon');
  await expect(card).toContainText('relish of the shed');
  await page.getByRole('button', { name: 'Change Quillon' }).click();
  await expect(ingredient).toHaveValue('Relish of the shed');
  // By keys: another thing is looked for, Escape brings back what stood there, and the form stays open.
  await ingredient.focus();
  await page.keyboard.type('cashew');
  await expect(form.getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(ingredient).toHaveValue('Relish of the shed');
  await expect(page.getByText('What you typed is not kept yet.')).toHaveCount(0);
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toHaveCount(0);
  await expect(card).toContainText('relish of the shed');
  await page.getByRole('button', { name: 'Remove Quillon' }).click();
  await expect(card).toHaveCount(0);
  await page.request.delete(`/api/own-ingredients/${id}`);
});

test('a vegan sits down: butter is told as what is in the way, and by keys the rule is chosen', async ({
  page,
}) => {
  await page.goto('/table');
  await page.getByRole('button', { name: 'Add a person' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Fenja');
  await form.getByRole('button', { name: 'Way of eating or rule' }).click();
  await form.getByRole('combobox', { name: 'Rule' }).focus();
  await page.keyboard.type('vegan');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('eater-Fenja')).toContainText('vegan');
  await ownFormula(page, 'Buttered squash', [
    { id: 'l1', ingredient: 'squash', amount: 300, unit: 'g' },
    { id: 'l2', ingredient: 'butter', amount: 30, unit: 'g' },
  ]);
  await expect(page.getByTestId('person-Fenja')).toHaveAttribute('data-verdict', 'does-not');
  await expect(page.getByTestId('person-Fenja')).toContainText('butter');
  await page.goto('/table');
  await page.getByRole('button', { name: 'Remove Fenja' }).click();
  await expect(page.getByTestId('eater-Fenja')).toHaveCount(0);
});

test('allergens are offered by the law the household reads', async ({ page }) => {
  await page.goto('/table');
  await page.getByRole('combobox', { name: 'List of allergens on packs' }).selectOption('us');
  await page.getByRole('button', { name: 'Change Ilva' }).click();
  const groups = page.getByRole('combobox', { name: 'Allergen' }).locator('optgroup');
  await expect(groups.first()).toHaveAttribute('label', 'The nine of the US list');
  await expect(groups.first().locator('option')).toHaveCount(9);
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'List of allergens on packs' }).selectOption('eu');
  await page.getByRole('button', { name: 'Change Ilva' }).click();
  await expect(groups.first().locator('option')).toHaveCount(14);
});

test('the larder is searched and says what an ingredient holds', async ({ page }) => {
  await page.goto('/larder');
  await page.getByRole('searchbox', { name: 'Search the larder' }).fill('tahini');
  const card = page.getByTestId('ingredient-card');
  await expect(card.getByRole('heading', { name: 'Sesame paste' })).toBeVisible();
  await expect(card).toContainText('sesame');
  await expect(card).toContainText('57.0 g');
  await page.getByRole('searchbox', { name: 'Search the larder' }).fill('moon rock');
  await expect(page.getByText('The larder has nothing of that name')).toBeVisible();
});
