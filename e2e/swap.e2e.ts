import { expect } from '@playwright/test';
import { amount, benchStands, copyOf, figure, saved, wish } from './kitchen';
import { test } from './same-browser';

test('the demo conflict is solved by swap, by keyboard alone, in under a minute', async ({ page }) => {
  await copyOf(page, 'Flatbread melt');
  for (const name of ['Marte', 'Joram'])
    await expect(page.getByTestId(`person-${name}`)).toHaveAttribute('data-verdict', 'does-not');
  const began = Date.now();
  await page.keyboard.press('s');
  const first = page.getByTestId('swap-option').first();
  await expect(first.getByRole('button', { name: /^Take/ })).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(first.getByRole('button', { name: /^Take/ })).not.toBeFocused();
  await page.keyboard.press('Shift+Tab');
  await expect(first.getByRole('button', { name: /^Take/ })).toBeFocused();
  await page.keyboard.press('Enter');
  for (const name of ['Ilva', 'Teo', 'Marte', 'Joram', 'Sunniva'])
    await expect(page.getByTestId(`person-${name}`)).not.toHaveAttribute('data-verdict', 'does-not');
  await expect(page.getByTestId('rails').getByText(/the brief$/)).toHaveCount(0);
  await saved(page);
  expect(Date.now() - began).toBeLessThan(60_000);
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('person-Marte')).toHaveAttribute('data-verdict', 'does-not');
});

test('a line is swapped: clearly different ways, each with what is lost and won, the substitute in its place', async ({
  page,
}) => {
  await copyOf(page, 'Flatbread melt');
  await page.getByRole('button', { name: 'More for Tapioca starch' }).click();
  await page.getByRole('menuitem', { name: 'Swap for something else' }).click();
  const options = page.getByTestId('swap-option');
  await expect(options.first()).toBeVisible();
  const titles = await options.getByRole('heading').allTextContents();
  for (const title of titles) expect(title).toMatch(/^Out: tapioca starch\. In: .+\.$/);
  expect(titles.length).toBeGreaterThan(1);
  expect(new Set(titles).size).toBe(titles.length);
  await expect(page.getByTestId('work-swap')).toContainText(
    /about as it was|(falls|rises) from [\d.\s]+ to [\d.\s]+/,
  );
  await options.nth(1).hover();
  await options.nth(1).getByRole('button', { name: /^Take/ }).click();
  await expect(amount(page, 'Tapioca starch')).toHaveCount(0);
  await expect(page.getByTestId('work-swap')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(amount(page, 'Tapioca starch')).toHaveValue('40');
});

test('a school that is shut is kept to, and an answer of nothing to swap says what to do', async ({
  page,
}) => {
  await copyOf(page, 'Smoked pumpkin-seed dip');
  await page.keyboard.press('s');
  await page.getByText('Schools: yeast, oil, soaking, stretch').click();
  await page.getByRole('combobox', { name: 'Nutritional yeast' }).selectOption('without');
  await expect(page.getByTestId('swap-option').first()).toBeVisible();
  await page.getByTestId('swap-option').first().getByRole('button', { name: /^Take/ }).click();
  await expect(page.getByTestId('line-nutritional-yeast')).toHaveCount(0);
  await expect(figure(page, 'savoriness')).toBeVisible();
  await page.keyboard.press('s');
  await expect(
    page.getByRole('status').filter({ hasText: 'Nothing in the pot is in anybody’s way' }),
  ).toBeVisible();
});

test('a guest with a nut allergy comes: the nut drink is swapped, and the rest hardly moves', async ({
  page,
}) => {
  const guest = (await (
    await page.request.post('/api/eaters', {
      data: {
        name: 'Nilo',
        eatsTonight: true,
        needs: [{ kind: 'allergen', allergen: 'tree-nut', strictness: 'allergy', traces: false }],
      },
    })
  ).json()) as { id: string; version: number };
  const made = await page.request.post('/api/formulas', {
    data: {
      name: 'Nut milk sauce',
      family: 'cream-sauce',
      lines: [
        { id: 'milk', ingredient: 'almond-drink', amount: 400, unit: 'g' },
        { id: 'cauliflower', ingredient: 'cauliflower', amount: 200, unit: 'g', preparation: 'boiled' },
        { id: 'oil', ingredient: 'rapeseed-oil', amount: 20, unit: 'g' },
        { id: 'starch', ingredient: 'corn-starch', amount: 14, unit: 'g', stage: 'slurry' },
        { id: 'salt', ingredient: 'salt', amount: 4, unit: 'g' },
      ],
    },
  });
  const { id } = (await made.json()) as { id: string };
  try {
    await page.goto(`/bench/${id}`);
    await benchStands(page);
    await page.keyboard.press('b');
    await expect(page.getByTestId('swap-first')).toContainText('Nilo cannot have almond drink');
    await page.getByRole('button', { name: /^Swap almond drink/ }).click();
    const first = page.getByTestId('swap-option').first();
    await expect(first.getByRole('heading')).toHaveText(/^Out: almond drink \(unsweetened\)\. In: .+/);
    await expect(first).not.toContainText(/cashew|hazelnut|pine nut/i);
    await first.getByRole('button', { name: /^Take/ }).click();
    await expect(page.getByTestId('person-Nilo')).not.toHaveAttribute('data-verdict', 'does-not');
    for (const [name, g] of [
      ['Cauliflower', 200],
      ['Rapeseed oil', 20],
    ] as const) {
      const now = Number(await amount(page, name).inputValue());
      expect(Math.abs(now / g - 1)).toBeLessThan(0.3);
    }
    await saved(page);
  } finally {
    await page.request.delete(`/api/eaters/${guest.id}?version=${guest.version}`);
    await page.request.delete(`/api/formulas/${id}`);
  }
});

test('without oil in one press: the oil is swapped for what brings fat of its own', async ({ page }) => {
  await copyOf(page, 'Dumpling cream');
  await page.keyboard.press('b');
  await wish(page, 'Without oil');
  await expect(page.getByRole('combobox', { name: 'What to swap' })).toHaveValue('without:oil');
  const first = page.getByTestId('swap-option').first();
  await expect(first.getByRole('heading')).toContainText('Out: rapeseed oil');
  await first.getByRole('button', { name: /^Take/ }).click();
  await expect(page.getByTestId('line-rapeseed-oil')).toHaveCount(0);
});

test('from a person who cannot eat it, a swap for that person is one press away', async ({ page }) => {
  await copyOf(page, 'Dumpling cream');
  await page.getByTestId('person-Marte').click();
  await page.getByRole('button', { name: 'Find a swap for Marte' }).click();
  await expect(page.getByRole('combobox', { name: 'What to swap' })).toHaveValue('person:Marte');
  await expect(page.getByTestId('swap-option').first()).toBeVisible();
  await page.getByTestId('swap-option').first().getByRole('button', { name: /^Take/ }).click();
  await expect(page.getByTestId('person-Marte')).not.toHaveAttribute('data-verdict', 'does-not');
});
