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

test('the list is narrowed by kind, person, stock and marks, over all that there is; the address keeps it', async ({
  page,
}) => {
  const person = await page.request.post('/api/eaters', {
    data: {
      name: 'Corvin',
      eatsTonight: false,
      needs: [{ kind: 'allergen', allergen: 'potato', strictness: 'allergy', traces: false }],
    },
  });
  const { id: corvin } = (await person.json()) as { id: string };
  await ownFormula(page, 'Zz potato dip', [{ id: 'p', ingredient: 'potato-boiled', amount: 200, unit: 'g' }]);
  await ownFormula(page, 'Zz carrot dip', [{ id: 'c', ingredient: 'carrot', amount: 200, unit: 'g' }]);
  await page.goto('/formulas?search=zz');
  const row = (name: string) => page.getByTestId(`formula-${name}`);
  await expect(row('Zz potato dip')).toBeVisible();
  // By keyboard: whom it has to suit.
  await page.getByRole('combobox', { name: 'For whom' }).focus();
  await page.keyboard.type('nothing found against Corvin');
  await expect(row('Zz potato dip')).toHaveCount(0);
  await expect(row('Zz carrot dip')).toBeVisible();
  await page.reload();
  await expect(row('Zz potato dip')).toHaveCount(0);
  await expect(row('Zz carrot dip')).toBeVisible();
  await page.getByRole('combobox', { name: 'For whom' }).selectOption({ label: 'for anybody' });
  await expect(row('Zz potato dip')).toBeVisible();
  // What is in the house.
  await page.request.put('/api/stock/carrot', { data: { grams: 500 } });
  await page.getByRole('checkbox', { name: 'all of it in the house' }).check();
  await expect(row('Zz potato dip')).toHaveCount(0);
  await expect(row('Zz carrot dip')).toBeVisible();
  await page.getByRole('checkbox', { name: 'all of it in the house' }).uncheck();
  // A mark, and only those.
  await page.getByRole('button', { name: 'Favourite: Zz potato dip' }).click();
  await expect(page.getByRole('button', { name: 'Favourite: Zz potato dip' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('checkbox', { name: 'favourites' }).check();
  await expect(row('Zz carrot dip')).toHaveCount(0);
  await expect(row('Zz potato dip')).toBeVisible();
  await page.getByRole('checkbox', { name: 'favourites' }).uncheck();
  // By name, and by kind.
  const names = () => page.getByRole('list', { name: 'Formulas' }).getByRole('link').allTextContents();
  await page.getByRole('button', { name: 'Duplicate Zz potato dip' }).click();
  await page.goto('/formulas?search=zz');
  await expect.poll(names).toEqual(['Zz potato dip, copy', 'Zz carrot dip', 'Zz potato dip']);
  await page.getByRole('combobox', { name: 'Order' }).selectOption({ label: 'by name' });
  await expect.poll(names).toEqual(['Zz carrot dip', 'Zz potato dip', 'Zz potato dip, copy']);
  await page.getByRole('combobox', { name: 'Kind' }).selectOption({ label: 'creamy dressing or dip' });
  await expect(page.getByText('No formula is left under these filters.')).toBeVisible();
  await page.request.delete(`/api/eaters/${corvin}`);
  await page.request.delete('/api/stock/carrot');
});

test('the matrix looks at all formulas, not at the first page of them', async ({ page }) => {
  const made: string[] = [];
  const post = async (name: string, ingredient: string) => {
    const answer = await page.request.post('/api/formulas', {
      data: { name, lines: [{ ingredient, amount: 100, unit: 'g' }] },
    });
    made.push(((await answer.json()) as { id: string }).id);
  };
  await post('Yy the first, of butter', 'butter');
  for (let i = 0; i < 55; i++) await post(`Yy water ${i}`, 'water');
  await page.goto('/table?tab=matrix');
  await page.getByRole('searchbox', { name: 'Search formulas at the table' }).fill('yy');
  await page.getByRole('combobox', { name: 'Show' }).selectOption({ label: 'somebody cannot' });
  await expect(page.getByTestId('matrix').getByRole('rowheader')).toHaveText(['Yy the first, of butter']);
  for (const id of made) await page.request.delete(`/api/formulas/${id}`);
});
