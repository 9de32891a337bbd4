import { expect, type Page, type Route } from '@playwright/test';
import { amount, ownFormula, saved } from './kitchen.js';
import { test } from './same-browser';

/** What this kitchen cooks with, whatever other tests cook in it at the same time. */
const habits = (page: Page, ...used: readonly string[]) =>
  page.route('**/api/household/used', (route) =>
    route.fulfill({ json: used.map((ingredient) => ({ ingredient, formulas: 3 })) }),
  );
const addField = (page: Page) => page.getByRole('combobox', { name: 'Add an ingredient' });
const firstFound = (page: Page) => page.getByRole('listbox').getByRole('option').first();

test('ten lines with their amounts take sixty keys in a kitchen that has cooked before', async ({ page }) => {
  await habits(
    page,
    'cashew',
    'water',
    'corn-starch',
    'salt',
    'lemon-juice',
    'garlic',
    'nutritional-yeast',
    'mustard',
    'rapeseed-oil',
    'turmeric',
  );
  const id = await ownFormula(page, 'By sixty keys', []);
  let keys = 0;
  const press = async (key: string) => {
    keys += 1;
    await page.keyboard.press(key === ' ' ? 'Space' : key);
  };
  await press('a');
  await expect(addField(page)).toBeFocused();
  const lines = [
    ['150 ca', 'Cashew nuts', '150'],
    ['360 wa', 'Water', '360'],
    ['14 co', 'Corn starch', '14'],
    ['4 sa', 'Salt, fine', '4'],
    ['18 le', 'Lemon juice', '18'],
    ['2 ga', 'Garlic', '8'],
    ['20 nutr', 'Nutritional yeast', '20'],
    ['5 mu', 'Mustard', '5'],
    ['9 ra', 'Rapeseed oil', '9'],
    ['1 tu', 'Turmeric', '1'],
  ] as const;
  for (const [typed, name] of lines) {
    for (const key of typed) await press(key);
    await expect(firstFound(page)).toContainText(name);
    await press('Enter');
    await expect(addField(page)).toHaveValue('');
  }
  for (const [, name, grams] of lines) await expect(amount(page, name)).toHaveValue(grams);
  expect(keys).toBeLessThanOrEqual(60);
  await saved(page);
  await page.request.delete(`/api/formulas/${id}`);
});

test('what is often used stands in the empty field; parts of the family are chosen one by one', async ({
  page,
}) => {
  await habits(page, 'swede', 'salt');
  const id = await ownFormula(page, 'Part by part', []);
  const parts = page.getByRole('group', { name: 'Still to choose' });
  await expect(parts.getByRole('button')).toHaveText([
    'Body',
    'Liquid',
    'Thickener',
    'Savory',
    'Sour',
    'Season',
  ]);
  await addField(page).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('listbox').getByRole('option')).toHaveCount(2);
  await expect(firstFound(page)).toContainText('Swede');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox').getByRole('option')).toHaveCount(0);
  await parts.getByRole('button', { name: 'Thickener' }).click();
  await expect(addField(page)).toBeFocused();
  await expect(firstFound(page)).toContainText('Corn starch');
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Corn starch')).toBeFocused();
  await page.keyboard.type('15');
  await page.keyboard.press('Enter');
  await expect(parts.getByRole('button', { name: 'Thickener' })).toHaveCount(0);
  // What the household uses for a part comes before what is usual.
  await parts.getByRole('button', { name: 'Body' }).click();
  await expect(firstFound(page)).toContainText('Swede');
  await saved(page);
  await page.request.delete(`/api/formulas/${id}`);
});

test('an amount that is said loosely stays as it was said, and widens what the figure may be', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Said loosely', [
    { ingredient: 'oat-drink', amount: 400, unit: 'g' },
    { ingredient: 'corn-starch', amount: 20, unit: 'g' },
  ]);
  const says = page.getByTestId('line-corn-starch');
  await amount(page, 'Corn starch').fill('2-4 tbsp');
  await expect(page.getByText('2–4 tbsp, 24 g')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(amount(page, 'Corn starch')).toHaveValue('24');
  await expect(says).toContainText('2–4 tbsp');
  await saved(page);
  await page.reload();
  await expect(says).toContainText('2–4 tbsp');
  await page.request.delete(`/api/formulas/${id}`);
});

test('the kitchen’s own spoons and cups are said once, beside the recipe, and its lines follow', async ({
  page,
}) => {
  const sent: unknown[] = [];
  await page.route('**/api/household/kitchen', (route) => {
    sent.push(route.request().postDataJSON());
    return route.fulfill({ json: {} });
  });
  await page.goto('/read');
  await page.getByLabel('The recipe').fill('3 tbsp water\n2 cups water');
  const lines = page.getByRole('list', { name: 'Lines that were read' });
  await expect(lines.getByTestId('read-line-0')).toContainText('45 g');
  await page.getByRole('combobox', { name: 'Spoons and cups' }).selectOption('australian');
  await expect(lines.getByTestId('read-line-0')).toContainText('60 g');
  await expect(lines.getByTestId('read-line-1')).toContainText('500 g');
  await expect.poll(() => sent).toEqual([{ kitchen: 'australian' }]);
});

test('what is spoken comes into the field; a microphone that is refused says so, and typing goes on', async ({
  page,
}) => {
  await page.addInitScript(() => {
    class Heard {
      onresult?: (event: object) => void;
      onerror?: (event: object) => void;
      onend?: () => void;
      start() {
        Object.assign(window, { heard: this });
      }
      stop() {
        this.onend?.();
      }
      abort() {}
    }
    Object.assign(window, { SpeechRecognition: Heard, webkitSpeechRecognition: Heard });
  });
  const say = (words: string) =>
    page.evaluate((said) => {
      const { heard } = window as unknown as { heard: { onresult: (event: object) => void } };
      heard.onresult({ resultIndex: 0, results: [Object.assign([{ said }], { isFinal: true })] });
    }, words);
  const id = await ownFormula(page, 'By ear', []);
  const microphone = page.getByRole('button', { name: 'Speak an ingredient' });
  await microphone.click();
  await expect(microphone).toHaveAttribute('aria-pressed', 'true');
  await say('two hundred grams cashews');
  await expect(firstFound(page)).toContainText('200 g Cashew nuts');
  await firstFound(page).click();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('200');
  await page.evaluate(() => {
    const { heard } = window as unknown as { heard: { onerror: (event: object) => void; onend: () => void } };
    heard.onerror({ error: 'not-allowed' });
    heard.onend();
  });
  await expect(page.getByText('may not use the microphone')).toBeVisible();
  await expect(microphone).toHaveAttribute('aria-pressed', 'false');
  await saved(page);
  await page.request.delete(`/api/formulas/${id}`);
});

test('of several kinds of a thing, what each means for people and sauce is seen before it is taken', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Which kind', [
    { ingredient: 'oat-drink-gluten-free', amount: 300, unit: 'g' },
    { ingredient: 'miso', amount: 40, unit: 'g' },
  ]);
  await page.getByRole('button', { name: /^More for Miso/ }).click();
  const barley = page.getByRole('menuitemradio', { name: /barley/i });
  await expect(barley).toContainText('✕ Marte cannot');
  await expect(page.getByRole('menuitemradio', { name: /chickpea/i })).not.toContainText('Marte cannot');
  await page.keyboard.press('Escape');
  await page.request.delete(`/api/formulas/${id}`);
});

test('the key after Enter is meant for the amount: the cursor stands there before the next frame', async ({
  page,
}) => {
  await ownFormula(page, 'Fast miso');
  await page.keyboard.press('a');
  await page.keyboard.type('miso');
  await expect(page.getByRole('option', { name: /^Miso/ }).first()).toBeVisible();
  const at = await page.evaluate(() => {
    const press = new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true });
    document.activeElement?.dispatchEvent(press);
    return document.activeElement?.id ?? '';
  });
  expect(at).toMatch(/^amount-/);
});

test('the list of what is found goes with the cursor, what is typed stays; back again, an entry is taken by pointer', async ({
  page,
}) => {
  const id = await ownFormula(page, 'Gone and back');
  const field = addField(page),
    found = page.getByRole('listbox', { name: 'Ingredients found' });
  await field.fill('white bean');
  await expect(found).toBeVisible();
  await page.getByRole('button', { name: 'Fat: what holds it there' }).click();
  await expect(found).toBeHidden();
  await expect(field).toHaveValue('white bean');
  const causes = page.getByRole('dialog', { name: 'What holds fat there' });
  await expect(causes).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(causes).toBeHidden();
  await field.click();
  await expect(found).toBeVisible();
  await found.getByRole('option', { name: /^White beans, boiled/ }).click();
  await expect(found).toBeHidden();
  await expect(amount(page, 'White beans, boiled')).toBeFocused();
  await saved(page);
  await page.request.delete(`/api/formulas/${id}`);
});

test('what opens is taken back before it has come: by Escape, or by turning to something else', async ({
  page,
}) => {
  await ownFormula(page, 'Turned away');
  const held: Route[] = [];
  await page.route('**/assets/popover-*', (route) => void held.push(route));
  const fat = page.getByRole('button', { name: 'Fat: what holds it there' }),
    salt = page.getByRole('button', { name: 'Salt: what holds it there' });
  await fat.click();
  await page.keyboard.press('Escape');
  await salt.click();
  await addField(page).click();
  await page.keyboard.type('mis');
  await expect.poll(() => held.length).toBe(1);
  const came = page.waitForResponse(/assets\/popover-/);
  await held[0]?.continue();
  await came;
  await page.keyboard.type('o');
  await expect(addField(page)).toHaveValue('miso');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // Wanted again, it comes.
  await salt.click();
  await expect(page.getByRole('dialog', { name: 'What holds salt there' })).toBeVisible();
});
