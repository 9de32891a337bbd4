import AxeBuilder from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';
import { openBench } from './kitchen';
import { test } from './same-browser';

const rules = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * What axe finds on the page as it stands, open layers included. There are no frames, so it need not gather what it found in a page of its own,
 * and what is right need not be described: that takes a third of the time.
 */
async function found(
  page: Page,
  only: readonly string[],
  without: readonly string[] = [],
): Promise<readonly string[]> {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({
      resultTypes: ['violations'],
      runOnly: [...only],
      rules: Object.fromEntries(without.map((rule) => [rule, { enabled: false }])),
    })
    .analyze();
  return violations.map((v) => `${v.id}: ${v.nodes.map((node) => node.html).join(' | ')}`);
}

/** What the page is written in, and on what. */
const colours = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const { color, backgroundColor } = getComputedStyle(document.body);
    return [color, backgroundColor];
  });

/** Every place, and what stands there once it is whole: an empty frame has nothing to be found. */
const places: readonly (readonly [address: string, whole: (page: Page) => Locator])[] = [
  ['/', (page) => page.getByRole('combobox', { name: 'Add an ingredient' })],
  ['/formulas', (page) => page.getByTestId('formula-Flatbread melt')],
  ['/compare', (page) => page.getByRole('heading', { name: 'Compare' })],
  ['/plan', (page) => page.getByRole('heading', { level: 1 })],
  ['/plan/dishes', (page) => page.getByRole('main').getByRole('listitem').first()],
  ['/table', (page) => page.getByTestId('eater-Teo')],
  ['/card', (page) => page.getByTestId('print-cautions')],
  ['/put-away', (page) => page.getByRole('heading', { name: 'Put away' })],
  ['/read', (page) => page.getByRole('heading', { name: 'Paste a recipe' })],
  ['/backup', (page) => page.getByRole('heading', { name: 'Backup', exact: true })],
  ['/larder', (page) => page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem').first()],
  ['/bench/nowhere', (page) => page.getByRole('main').getByRole('link').first()],
];

for (const [address, whole] of places) {
  test(`axe finds nothing on ${address} by day and by night`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    await page.goto(address);
    await expect(whole(page)).toBeVisible();
    expect(await found(page, rules)).toEqual([]);
    const byDay = await colours(page);
    await page.emulateMedia({ colorScheme: 'dark' });
    // The page goes with the device.
    await expect.poll(() => colours(page)).not.toEqual(byDay);
    // By night only the colours are others.
    expect(await found(page, ['color-contrast'])).toEqual([]);
  });
}

/** A layer that is open lies outside the places of the page; it is looked at once it has come. */
async function clean(page: Page, what: string, layer?: Locator): Promise<void> {
  if (layer) await expect(layer).toBeVisible();
  expect([what, ...(await found(page, rules, ['region']))]).toEqual([what]);
}

test('axe finds nothing in a rail’s causes, while adding, and in the command menu', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Fat: what holds it there' }).click();
  await clean(page, 'causes', page.getByRole('dialog', { name: 'What holds fat there' }));
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'Add an ingredient' }).fill('bean');
  await clean(page, 'adding', page.getByRole('listbox').getByRole('option').first());
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await clean(page, 'commands', page.getByRole('dialog', { name: 'Find or do' }));
});

test('axe finds nothing while amounts are found: balance, swap, trade map, versions, compare', async ({
  page,
}) => {
  await openBench(page);
  for (const [key, shown] of [
    ['b', 'balance-verdict'],
    ['s', 'swap-option'],
    ['t', 'trade-dot'],
    ['v', 'work-versions'],
  ] as const) {
    await page.keyboard.press(key);
    await clean(page, shown, page.getByTestId(shown).first());
    await page.keyboard.press('Escape');
  }
  await page.goto('/formulas');
  await page.getByRole('link', { name: 'Compare', exact: true }).click();
  await clean(page, 'compare', page.getByTestId('compare'));
});

test('axe finds nothing in any tab of the table and in the form of a person', async ({ page }) => {
  await page.goto('/table');
  for (const [tab, shown] of [
    ['Who can eat what', page.getByTestId('matrix')],
    ['Pots of tonight', page.getByRole('list', { name: 'Order of work' })],
    ['Versions of one base', page.getByTestId('base')],
  ] as const) {
    await page.getByRole('tab', { name: tab }).click();
    await clean(page, tab, shown);
  }
  await page.getByRole('tab', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Change Teo' }).click();
  await clean(page, 'form', page.getByRole('dialog', { name: 'Teo at the table' }));
});

test('axe finds nothing in the forms of the larder', async ({ page }) => {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Own ingredient' }).click();
  await clean(page, 'own ingredient', page.getByRole('dialog', { name: 'An ingredient of your own' }));
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Read a label' }).click();
  await page.getByRole('textbox', { name: 'Text of the label' }).fill('Milk, zorblax, may contain nuts.');
  await clean(page, 'label', page.getByTestId('marked-label'));
});

test('axe finds nothing in the opened menu of a line, on the lines that were read, in a need being looked for', async ({
  page,
}) => {
  await openBench(page);
  await page
    .getByRole('button', { name: /^More for / })
    .first()
    .click();
  await clean(page, 'the menu of a line', page.getByRole('menu'));
  await page.goto('/read');
  await page
    .getByLabel('The recipe')
    .fill(
      'Nut sauce\nServes 4\nFor the sauce:\n1 cup cashews, soaked\n2 cups water\n1 tbsp of something odd\nFor the top:\n30 g bread\nBlend it all.',
    );
  await clean(page, 'the lines that were read', page.getByTestId('read-line-0'));
  await page.goto('/table');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('button', { name: 'Ingredient', exact: true }).click();
  await page.getByRole('combobox', { name: 'Ingredient' }).fill('pea');
  await clean(page, 'a need being looked for', page.getByRole('option').first());
});
