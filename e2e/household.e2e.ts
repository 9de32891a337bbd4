import { expect, type Page } from '@playwright/test';
import { amount, openBench, ownFormula } from './kitchen';
import { test } from './same-browser';

test('a household of three is entered by keyboard alone in under two minutes', async ({ page }) => {
  const start = Date.now();
  await page.goto('/table');
  const enter = async (name: string, button: string, choose: () => Promise<void>) => {
    await page.getByRole('button', { name: 'Add a person' }).focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Name').focus();
    await page.keyboard.type(name);
    await page.getByRole('button', { name: button, exact: true }).focus();
    await page.keyboard.press('Enter');
    await choose();
    await page.getByRole('button', { name: 'Save' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByTestId(`eater-${name}`)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save' })).toHaveCount(0);
  };
  await enter('Quill', 'Allergen', async () => {
    await page.getByRole('combobox', { name: 'Allergen' }).focus();
    await page.keyboard.type('peanut');
  });
  await enter('Oda', 'Way of eating or rule', async () => {
    await page.getByRole('combobox', { name: 'Rule' }).focus();
    await page.keyboard.type('mild');
  });
  await enter('Bru', 'Threshold', async () => {
    await page.getByRole('textbox', { name: 'Limit' }).focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('0.2');
  });
  await expect(page.getByTestId('eater-Quill')).toContainText('peanut');
  await expect(page.getByTestId('eater-Oda')).toContainText('mild');
  await expect(page.getByTestId('eater-Bru')).toContainText('fructans to 0.2 g');
  expect(Date.now() - start).toBeLessThan(120_000);
  for (const name of ['Quill', 'Oda', 'Bru']) {
    await page.getByRole('button', { name: `Remove ${name}` }).click();
    await expect(page.getByTestId(`eater-${name}`)).toHaveCount(0);
  }
});

test('a pasted label turns a person from “nothing found” to “cannot”, with the label as the reason', async ({
  page,
}) => {
  await openBench(page);
  await expect(page.getByTestId('person-Ilva')).toHaveAttribute('data-verdict', 'fits');
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic powder');
  await page.getByRole('button', { name: 'Type its label, so that it counts beside the table' }).click();
  const dialog = page.getByRole('dialog', { name: 'The label of garlic powder' });
  await dialog
    .getByRole('textbox', { name: 'Text of the label' })
    .fill('Garlic 92 %, anti-caking agent, LACTOSE (milk). May contain celery.');
  await expect(dialog.getByTestId('finding-milk')).toContainText('contains milk');
  await expect(dialog.getByTestId('finding-celery')).toContainText('may contain');
  await dialog.getByRole('button', { name: 'Keep for garlic powder' }).click();
  await expect(page.getByTestId('pack-label')).toContainText('Label read on');
  await openBench(page);
  const ilva = page.getByTestId('person-Ilva');
  await expect(ilva).toHaveAttribute('data-verdict', 'does-not');
  await ilva.click();
  await expect(page.getByRole('dialog')).toContainText('its label, read on');
  await expect(page.getByRole('dialog')).toContainText('Would change with');
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic powder');
  await page.getByRole('button', { name: 'Go back to the table' }).click();
  await expect(page.getByTestId('pack-label')).toHaveCount(0);
});

test('a foreign label turns a person to “ask”, with the word that was not understood; in a language that is known, to “cannot”', async ({
  page,
}) => {
  const keep = async (text: string) => {
    await page.goto('/larder');
    await page.getByRole('searchbox').fill('garlic powder');
    await page.getByRole('button', { name: /^Type its label|^Read it again/ }).click();
    const dialog = page.getByRole('dialog', { name: 'The label of garlic powder' });
    await dialog.getByRole('textbox', { name: 'Text of the label' }).fill(text);
    await dialog.getByRole('button', { name: 'Keep for garlic powder' }).click();
    await expect(page.getByTestId('pack-label')).toContainText('Label read on');
  };
  const ilva = page.getByTestId('person-Ilva');
  await keep('Összetevők: fokhagyma, tejpor.');
  await expect(page.getByTestId('pack-label')).toContainText('Not understood');
  await openBench(page);
  await expect(ilva).toHaveAttribute('data-verdict', 'ask');
  await ilva.click();
  await expect(page.getByRole('dialog')).toContainText('not understood: what is it?');
  await keep('Zutaten: Knoblauch, Magermilchpulver, Salz.');
  await openBench(page);
  await expect(ilva).toHaveAttribute('data-verdict', 'does-not');
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic powder');
  await page.getByRole('button', { name: 'Go back to the table' }).click();
  await expect(page.getByTestId('pack-label')).toHaveCount(0);
});

test('a word is taught: the person is asked no more; taken back, the question returns', async ({ page }) => {
  const ilva = page.getByTestId('person-Ilva');
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic powder');
  await page.getByRole('button', { name: 'Type its label' }).click();
  const dialog = page.getByRole('dialog', { name: 'The label of garlic powder' });
  await dialog
    .getByRole('textbox', { name: 'Text of the label' })
    .fill('Ingredients: garlic, rice, florbanite, salt. May contain celery.');
  await expect(dialog.getByRole('group', { name: 'Not recognised' })).toContainText('“florbanite”');
  await dialog.getByRole('button', { name: 'Keep for garlic powder' }).click();
  await openBench(page);
  await expect(ilva).toHaveAttribute('data-verdict', 'ask');
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic powder');
  const note = page.getByTestId('pack-label');
  await note.getByRole('button', { name: 'Teach it' }).click();
  await expect(note.getByRole('alert')).toContainText('Choose what it is');
  await note
    .getByRole('combobox', { name: 'What “florbanite” is' })
    .selectOption({ label: 'it holds none of the allergens' });
  await note.getByRole('button', { name: 'Teach it' }).click();
  await expect(page.getByTestId('taught-florbanite')).toContainText(
    /holds none of the allergens taught on \d{4}-/,
  );
  await expect(note).not.toContainText('Not understood');
  await openBench(page);
  await expect(ilva).toHaveAttribute('data-verdict', 'fits');
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Take back what “florbanite” means' }).click();
  await expect(page.getByTestId('taught-florbanite')).toHaveCount(0);
  await openBench(page);
  await expect(ilva).toHaveAttribute('data-verdict', 'ask');
  await page.goto('/larder');
  await page.getByRole('searchbox').fill('garlic powder');
  await page.getByRole('button', { name: 'Go back to the table' }).click();
  await expect(page.getByTestId('pack-label')).toHaveCount(0);
});

test('a kind of miso is chosen and the verdict changes; it is one step that can be taken back', async ({
  page,
}) => {
  await ownFormula(page, 'Which miso');
  const marte = page.getByTestId('person-Marte');
  await expect(marte).toHaveAttribute('data-verdict', 'fits');
  await page.keyboard.press('a');
  await page.keyboard.type('miso');
  await page.keyboard.press('Enter');
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  await expect(marte).toHaveAttribute('data-verdict', 'ask');
  await expect(marte).toContainText('which kind is it?');
  const choose = async (name: string, kind: string) => {
    await page.getByRole('button', { name: `More for ${name}` }).click();
    await page.getByRole('menuitemradio', { name: kind }).click();
  };
  await choose('Miso', 'Light miso, barley');
  await expect(marte).toHaveAttribute('data-verdict', 'does-not');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(marte).toHaveAttribute('data-verdict', 'ask');
  await choose('Miso', 'Chickpea miso');
  await expect(page.getByTestId('line-chickpea-miso')).toBeVisible();
  await expect(amount(page, 'Chickpea miso')).toHaveValue('20');
});

/** Two versions with nothing in them, whatever was divided before. */
const emptyVersions = (page: Page) =>
  page.request.put('/api/household/versions', {
    data: {
      base: null,
      inBase: [],
      versions: [
        { name: 'First version', added: [] },
        { name: 'Second version', added: [] },
      ],
    },
  });

test('soya sauce and cayenne added to one version turn the salt-watcher and the mild eater, of that version only; it is kept', async ({
  page,
}) => {
  const mild = await page.request.post('/api/eaters', {
    data: { name: 'Linnea', needs: [{ kind: 'rule', rule: 'mild' }] },
  });
  const { id } = (await mild.json()) as { id: string };
  await emptyVersions(page);
  await page.goto('/table');
  await page.getByRole('tab', { name: 'Versions of one base' }).click();
  await page.getByRole('combobox', { name: 'Base' }).selectOption({ label: 'Aubergine bake white sauce' });
  const person = (version: number, name: string) =>
    page.getByTestId(`version-${version}-${name}`).getByRole('button');
  for (const name of ['Sunniva', 'Linnea'])
    await expect(person(1, name)).toHaveAttribute('data-verdict', 'fits');
  const add = async (words: string, name: string, grams: string) => {
    await page.getByLabel('Add to first version').fill(words);
    await page.getByRole('button', { name, exact: true }).click();
    const field = page.getByRole('textbox', { name: `Grams of ${name} in a portion, first version` });
    await field.fill(grams);
    await field.press('Enter');
  };
  await page.getByLabel('Add to first version').fill('shoyu');
  await page.getByRole('button', { name: 'Soy sauce, with wheat', exact: true }).click();
  await expect(person(1, 'Sunniva')).toHaveAttribute('data-verdict', 'ask');
  const grams = page.getByRole('textbox', { name: 'Grams of Soy sauce, with wheat in a portion' });
  await grams.fill('9');
  await grams.press('Enter');
  await expect(person(1, 'Sunniva')).toHaveAttribute('data-verdict', 'does-not');
  await expect(person(1, 'Linnea')).toHaveAttribute('data-verdict', 'fits');
  await add('cayenne', 'Cayenne, ground', '0.5');
  await expect(person(1, 'Linnea')).toHaveAttribute('data-verdict', 'ask');
  for (const name of ['Sunniva', 'Linnea'])
    await expect(person(2, name)).toHaveAttribute('data-verdict', 'fits');
  // Another look, in any browser, finds it as it was left.
  await page.reload();
  await page.getByRole('tab', { name: 'Versions of one base' }).click();
  await expect(person(1, 'Sunniva')).toHaveAttribute('data-verdict', 'does-not');
  await page.getByRole('button', { name: 'Take out Cayenne, ground' }).click();
  await page.getByRole('button', { name: 'Take out Soy sauce, with wheat' }).click();
  await expect(person(1, 'Linnea')).toHaveAttribute('data-verdict', 'fits');
  expect((await page.request.delete(`/api/eaters/${id}`)).ok()).toBe(true);
});

test('butter in the base forbids both versions made from it', async ({ page }) => {
  await emptyVersions(page);
  await page.goto('/table');
  await page.getByRole('tab', { name: 'Versions of one base' }).click();
  await page.getByRole('combobox', { name: 'Base' }).selectOption({ label: 'Aubergine bake white sauce' });
  const ilva = (version: number) => page.getByTestId(`version-${version}-Ilva`).getByRole('button');
  await expect(ilva(1)).toHaveAttribute('data-verdict', 'fits');
  await page.getByLabel('Add to first version').fill('butter, salted');
  await page.getByRole('button', { name: 'Butter, salted', exact: true }).click();
  await expect(ilva(1)).toHaveAttribute('data-verdict', 'does-not');
  await expect(ilva(2)).toHaveAttribute('data-verdict', 'fits');
  await page.getByRole('button', { name: 'Take out Butter, salted' }).click();
  await page.getByLabel('Add to the base').fill('butter, salted');
  await page.getByRole('button', { name: 'Butter, salted', exact: true }).click();
  await expect(ilva(1)).toHaveAttribute('data-verdict', 'does-not');
  await expect(ilva(2)).toHaveAttribute('data-verdict', 'does-not');
  await ilva(2).click();
  await expect(page.getByRole('dialog')).toContainText('Aubergine bake white sauce › Butter, salted');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Take out Butter, salted' }).click();
});

test('a shared spoon carries, washing ends it, and the strictest is cooked first', async ({ page }) => {
  await page.request.put('/api/household/tonight', { data: { pots: [], dishes: [] } });
  await page.goto('/table');
  await page.getByRole('tab', { name: 'Pots of tonight' }).click();
  await page.getByRole('checkbox', { name: 'Flatbread melt' }).check();
  await page.getByRole('checkbox', { name: 'Table spread' }).check();
  const marte = page
    .getByTestId('pot-Table spread')
    .getByRole('listitem')
    .filter({ hasText: 'Marte' })
    .getByRole('button');
  await expect(marte).not.toHaveAttribute('data-verdict', 'fits');
  await page.getByRole('button', { name: 'Cook the strictest first, wash, then the rest' }).click();
  await expect(page.getByRole('list', { name: 'Order of work' }).locator('> li').first()).toContainText(
    'Table spread',
  );
  await expect(page.getByTestId('evening')).toContainText('A portion of everything');
  // The evening is the household’s, not the browser’s.
  await page.reload();
  await page.getByRole('tab', { name: 'Pots of tonight' }).click();
  await expect(page.getByRole('list', { name: 'Order of work' }).locator('> li')).toHaveCount(2);
  for (const name of ['Flatbread melt', 'Table spread']) await page.getByRole('checkbox', { name }).uncheck();
});

test('the matrix is filtered, and the card prints with the cautions on it', async ({ page }) => {
  await page.goto('/table');
  await page.getByRole('tab', { name: 'Who can eat what' }).click();
  await expect(page.getByTestId('matrix').getByRole('row')).not.toHaveCount(1);
  await page.getByRole('combobox', { name: 'Show' }).selectOption('conflict');
  await expect(page.getByTestId('matrix')).toContainText('Flatbread melt');
  await page.getByRole('searchbox', { name: 'Search formulas at the table' }).fill('dumpling');
  await expect(page.getByTestId('matrix')).not.toContainText('Flatbread melt');
  await page.getByRole('button', { name: 'Read; put them away' }).click();
  await expect(page.getByRole('button', { name: 'Read the cautions' })).toBeVisible();
  await page.getByRole('link', { name: 'Card to print' }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByTestId('print-cautions')).toContainText('no medical advice');
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByText('barley in light miso').first()).toBeVisible();
  const words = await page.getByRole('main').textContent();
  expect(words).not.toMatch(/\bsafe\b|allergen-free/i);
});

test('what an ingredient would mean for people is seen before it is added', async ({ page }) => {
  await openBench(page);
  await page.getByRole('combobox', { name: 'Add an ingredient' }).fill('cashew nuts');
  await expect(page.getByRole('option', { name: 'Cashew nuts' }).first()).toContainText('Teo cannot');
});

test('cautions stand where they apply, can be put away, and never leave the print', async ({ page }) => {
  await openBench(page);
  await expect(page.getByRole('complementary', { name: 'What Alterum knows' })).toContainText(
    'It does not know the packs',
  );
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.getByRole('button', { name: 'Cautions' }).click();
  const card = page.getByRole('dialog', { name: 'Cautions for this formula' });
  await expect(card).toContainText('hard boil of ten minutes');
  await card.getByRole('button', { name: /^Put away: Raw kidney/ }).click();
  await expect(card).not.toContainText('hard boil of ten minutes');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Understood' })).toHaveCount(0);
  await page.goto('/card');
  await expect(page.getByRole('main')).toContainText('hard boil of ten minutes');
});
