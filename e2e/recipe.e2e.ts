import { expect, type Page } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import { forEverybody, idOfFormula, openBench } from './kitchen';
import { test } from './same-browser';

const recipe = (page: Page) => page.getByTestId('recipe');

/** Words of a printed page, and how many sheets it takes. */
async function printed(page: Page): Promise<{ readonly text: string; readonly sheets: number }> {
  const paper = await page.pdf({
    format: 'A4',
    margin: { top: '12mm', bottom: '12mm', left: '14mm', right: '14mm' },
  });
  const { text, totalPages } = await extractText(await getDocumentProxy(new Uint8Array(paper)), {
    mergePages: true,
  });
  return { text, sheets: totalPages };
}

test('from the Bench to a page to cook from: amounts in both measures, sentences with their things, who can eat', async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole('link', { name: 'Recipe', exact: true }).click();
  await expect(page).toHaveURL(/\/bench\/[^/]+\/recipe$/);
  await expect(recipe(page).getByRole('heading', { name: 'Flatbread melt' })).toBeVisible();
  await expect(recipe(page)).toContainText('364 g');
  await expect(recipe(page)).toContainText('Coconut drink 1 1/2 cups');
  await expect(recipe(page)).toContainText('Marte: cannot eat (barley in light miso)');
  const steps = recipe(page).getByRole('list', { name: 'Steps: What goes in' });
  await expect(steps).toContainText('5 tbsp tapioca starch (40 g)');
  await expect(steps).toContainText('Blend everything in the jug blender for 60 s.');
  await expect(recipe(page)).toContainText('How it keeps');
});

test('for twice as many, everything goes along, the address says so, and the formula stays as it is', async ({
  page,
}) => {
  const id = await forEverybody(page, 'Portions trial');
  await page.goto(`/bench/${id}/recipe`);
  await expect(recipe(page)).toContainText('200 g');
  await page.getByRole('textbox', { name: 'Portions' }).fill('8');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/portions=8/);
  await expect(recipe(page)).toContainText('400 g');
  await page.reload();
  await expect(recipe(page)).toContainText('400 g');
  const kept = (await (await page.request.get(`/api/formulas/${id}`)).json()) as { portions: number };
  expect(kept.portions).toBe(4);
  await page.getByRole('button', { name: 'as written: 4' }).click();
  await expect(recipe(page)).toContainText('200 g');
});

test('copied as text and as Markdown', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const id = await idOfFormula(page, 'Flatbread melt');
  await page.goto(`/bench/${id}/recipe`);
  await page.getByRole('button', { name: 'Copy text' }).click();
  await expect(page.getByText('The recipe is copied as text.').first()).toBeVisible();
  const text = await page.evaluate(() => navigator.clipboard.readText());
  expect(text).toContain('- 40 g Tapioca starch (5 tbsp)');
  expect(text).toContain('2. Blend everything in the jug blender for 60 s.');
  await page.getByRole('button', { name: 'Copy Markdown' }).click();
  await expect.poll(() => page.evaluate(() => navigator.clipboard.readText())).toContain('# Flatbread melt');
});

test('every formula of the demonstration prints on one sheet, black on white, without controls', async ({
  page,
}) => {
  const demo = [
    'Flatbread melt',
    'Aubergine bake white sauce',
    'Dumpling cream',
    'Table spread',
    'Smoked pumpkin-seed dip',
    'Tomato lentils',
  ];
  for (const name of demo) {
    await page.goto(`/bench/${await idOfFormula(page, name)}/recipe`);
    await expect(recipe(page)).toBeVisible();
    const { text, sheets } = await printed(page);
    expect([name, sheets]).toEqual([name, 1]);
    expect(text).toContain(name);
    for (const control of ['Copy', 'Find or do', 'To the Bench', 'Larder'])
      expect(text).not.toContain(control);
    const lines = await recipe(page).getByRole('listitem').count();
    expect(lines).toBeGreaterThan(8);
    expect(text).toMatch(/\d g/);
    expect(text).toMatch(/Checked against what was entered/);
  }
});

test('the Bench itself prints as its recipe', async ({ page }) => {
  await openBench(page);
  // What is printed is fetched a moment after the Bench stands.
  await expect.poll(async () => (await printed(page)).text).toContain('5 tbsp tapioca starch (40 g)');
  const { text } = await printed(page);
  expect(text).not.toContain('Balance');
  expect(text).not.toContain('add an ingredient');
});

test('a dish and the evening have their pages, and a step of the plan opens to the same sentence', async ({
  page,
}) => {
  await page.goto('/plan/dishes');
  await page.getByRole('link', { name: 'Friday’s aubergine bake' }).first().click();
  await page.getByRole('link', { name: 'Recipe', exact: true }).click();
  await expect(recipe(page)).toContainText(
    'Strew 10.5 g of salt on 700 g aubergine (1 1/2 large) and let it weep for 30 min',
  );
  await expect(recipe(page)).toContainText('Lay from the bottom up in the Blue baking dish: ');
  // Other journeys of this kitchen cook something else, or nothing.
  const dip = await idOfFormula(page, 'Smoked pumpkin-seed dip');
  await page.request.put('/api/household/tonight', {
    data: { pots: [{ formula: dip, tools: [], washedBefore: false }], dishes: [] },
  });
  await page.goto('/plan');
  const clock = page.getByRole('region', { name: 'By the clock' });
  await clock
    .getByRole('button', { name: /^strong jug 90 s/ })
    .first()
    .click();
  const sentence = 'Blend everything in a strong jug blender for 90 s.';
  await expect(clock).toContainText(sentence);
  await page.getByRole('link', { name: 'Recipe', exact: true }).click();
  await expect(page).toHaveURL(/\/plan\/recipe$/);
  await expect(recipe(page).getByRole('list', { name: 'Steps: By the clock' })).toContainText(sentence);
});
