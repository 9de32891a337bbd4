import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openBench } from './kitchen';

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

for (const scheme of ['light', 'dark'] as const) {
  for (const address of ['/', '/formulas', '/table', '/larder', '/card', '/compare', '/bench/nowhere']) {
    test(`axe finds nothing on ${address} in ${scheme === 'light' ? 'day' : 'night'}`, async ({ page }) => {
      await page.emulateMedia({ colorScheme: scheme });
      await page.goto(address);
      await expect(page.getByRole('main')).toBeVisible();
      // By night only the colours are others.
      expect(await found(page, scheme === 'light' ? rules : ['color-contrast'])).toEqual([]);
    });
  }
}

/** A layer that is open lies outside the places of the page. */
async function clean(page: Page, what: string): Promise<void> {
  expect([what, ...(await found(page, rules, ['region']))]).toEqual([what]);
}

test('axe finds nothing in a rail’s causes, while adding, and in the command menu', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Fat: what holds it there' }).click();
  await clean(page, 'causes');
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'Add an ingredient' }).fill('bean');
  await clean(page, 'adding');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog', { name: 'Find or do' })).toBeVisible();
  await clean(page, 'commands');
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
    await expect(page.getByTestId(shown).first()).toBeVisible();
    await clean(page, shown);
    await page.keyboard.press('Escape');
  }
  await page.goto('/formulas');
  await page.getByRole('link', { name: 'Compare', exact: true }).click();
  await expect(page.getByTestId('compare')).toBeVisible();
  await clean(page, 'compare');
});

test('axe finds nothing in any tab of the table and in the form of a person', async ({ page }) => {
  await page.goto('/table');
  for (const tab of ['Who can eat what', 'Pots of tonight', 'Versions of one base']) {
    await page.getByRole('tab', { name: tab }).click();
    await clean(page, tab);
  }
  await page.getByRole('tab', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Change Teo' }).click();
  await clean(page, 'form');
});

test('axe finds nothing in the forms of the larder', async ({ page }) => {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Own ingredient' }).click();
  await clean(page, 'own ingredient');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Read a label' }).click();
  await page.getByRole('textbox', { name: 'Text of the label' }).fill('Milk, zorblax, may contain nuts.');
  await clean(page, 'label');
});
