import { expect } from '@playwright/test';
import { amount, benchStands, ownFormula, saved } from './kitchen.js';
import { test } from './same-browser';

const messy = `Weeknight cashew sauce!!
Serves 4-6 (or 2 hungry ones)

You need
- 1 cup (140 g) raw cashews, soaked overnight and drained
- 1½ cups oat milk
- 4–5 cloves garlic, minced
- half an onion, diced
- a handful of parsley, finely chopped
- 1 tbsp quennet
- salt and pepper to taste

Method
1. Blend the cashews, milk, onion and garlic for 2 minutes until smooth.
2. Heat gently until thick, about 5 minutes. Scatter with parsley.`;

test('a messy recipe is pasted, looked over once and cooked: its lines, its method, its words', async ({
  page,
}) => {
  await page.goto('/formulas');
  await page.getByRole('link', { name: 'Paste a recipe' }).click();
  await page.getByLabel('The recipe').fill(messy);
  await expect(page.getByTestId('reading-says')).toContainText('8 lines, 1 to look at, for 5');
  const unknown = page.locator('[data-standing=unknown]');
  await expect(unknown).toContainText('quennet');
  // What is not known is written down without leaving.
  await unknown.getByRole('combobox').selectOption('own');
  const form = page.getByRole('dialog', { name: 'An ingredient of your own' });
  await expect(form.getByLabel('Name')).toHaveValue('quennet');
  for (const field of ['Fat', 'Carbohydrate', 'Protein', 'Salt'])
    await form.getByRole('textbox', { name: field, exact: true }).fill('2');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('reading-says')).toContainText('all understood');
  // What was saved in the dialog was not sent here as well.
  await expect(page).toHaveURL(/\/read$/);
  await page.getByRole('button', { name: 'Make a formula of it' }).click();
  await benchStands(page);
  await expect(amount(page, 'Cashew nuts')).toHaveValue('140');
  await expect(amount(page, 'Garlic')).toHaveValue('18');
  await expect(amount(page, 'Onion')).toHaveValue('55');
  await expect(amount(page, 'Parsley, fresh')).toHaveValue('12');
  await expect(page.getByRole('list', { name: 'Operations' })).toContainText('jug 120 s');
  await expect(page.getByRole('textbox', { name: /note/i })).toHaveValue(/Serves 4-6/);
  const id = page.url().split('/').pop() ?? '';
  await page.request.delete(`/api/formulas/${id}`);
});

test('a file of linked data is dropped and becomes a formula by one key', async ({ page }) => {
  await page.goto('/read');
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Dropped dressing',
    recipeYield: '4 servings',
    recipeIngredient: ['80 g tahini', '2 tbsp lemon juice', '90 ml water'],
    recipeInstructions: 'Whisk everything together.',
  };
  const transfer = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], 'recipe.json', { type: 'application/ld+json' }));
    return data;
  }, JSON.stringify(recipe));
  await page.dispatchEvent('main', 'drop', { dataTransfer: transfer });
  await expect(page.getByTestId('reading-says')).toContainText(
    'Dropped dressing: 3 lines, all understood, for 4',
  );
  await page.getByLabel('The recipe').press('Control+Enter');
  await benchStands(page);
  await expect(amount(page, 'Sesame paste')).toHaveValue('80');
  const id = page.url().split('/').pop() ?? '';
  await page.request.delete(`/api/formulas/${id}`);
});

test('ten lines are typed with their amounts in one go, and a list is pasted into the pot', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Typed in one go', []);
  await page.keyboard.press('a');
  const typed = [
    '150 g cashew',
    '3 tbsp tahini',
    '2 cloves garlic',
    '4-5 tbsp water',
    'half a lemon, juiced',
  ];
  let keys = 1;
  for (const text of typed) {
    await page.keyboard.type(text);
    await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
    await page.keyboard.press('Enter');
    keys += text.length + 1;
  }
  expect(keys / typed.length).toBeLessThan(18);
  await expect(amount(page, 'Cashew nuts')).toHaveValue('150');
  await expect(amount(page, 'Sesame paste')).toHaveValue('45');
  await expect(amount(page, 'Garlic')).toHaveValue('8');
  await expect(amount(page, 'Lemon juice')).toHaveValue('23');
  // What it is stirred into comes along, and goes with it by one undo.
  await page.keyboard.type('1 tbsp tapioca starch mixed with 50 ml oat milk');
  await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Tapioca starch')).toHaveValue('8');
  await expect(page.getByRole('spinbutton', { name: /^Amount of Oat drink/ })).toHaveValue(/^5[12]/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amount(page, 'Tapioca starch')).toHaveCount(0);
  await expect(page.getByRole('spinbutton', { name: /^Amount of Oat drink/ })).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Add an ingredient' }).focus();
  await page.getByRole('combobox', { name: 'Add an ingredient' }).evaluate((field, text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    field.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, '1 tsp salt\n200 ml oat milk\n1 tbsp corn starch');
  const dialog = page.getByRole('dialog', { name: 'A recipe was pasted' });
  await expect(dialog.getByTestId('reading-says')).toContainText('3 lines');
  await dialog.getByLabel('The recipe').press('Control+Enter');
  await expect(amount(page, 'Salt, fine')).toHaveValue('6');
  await saved(page);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveCount(0);
  await page.request.delete(`/api/formulas/${id}`);
});
