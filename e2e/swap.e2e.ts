import { expect, test } from '@playwright/test';
import { amount, copyOf, figure, saved } from './kitchen';

test('the demo conflict is solved by swap, by keyboard alone, in under a minute', async ({ page }) => {
  await copyOf(page, 'Flatbread melt');
  for (const name of ['Marte', 'Joram'])
    await expect(page.getByTestId(`person-${name}`)).toHaveAttribute('data-verdict', 'does-not');
  const began = Date.now();
  await page.keyboard.press('s');
  const first = page.getByTestId('swap-option').first();
  await expect(first.getByRole('button', { name: /^Take/ })).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByTestId('swap-option').nth(1).getByRole('button')).toBeFocused();
  await page.keyboard.press('Shift+Tab');
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
  expect(titles.length).toBeGreaterThan(1);
  expect(new Set(titles).size).toBe(titles.length);
  await expect(page.getByTestId('work-swap')).toContainText(/(falls|rises) from [\d.\s]+ to [\d.\s]+/);
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

test('from a person who cannot eat it, a swap for that person is one press away', async ({ page }) => {
  await copyOf(page, 'Dumpling cream');
  await page.getByTestId('person-Marte').click();
  await page.getByRole('button', { name: 'Find a swap for Marte' }).click();
  await expect(page.getByRole('combobox', { name: 'What to swap' })).toHaveValue('person:Marte');
  await expect(page.getByTestId('swap-option').first()).toBeVisible();
  await page.getByTestId('swap-option').first().getByRole('button', { name: /^Take/ }).click();
  await expect(page.getByTestId('person-Marte')).not.toHaveAttribute('data-verdict', 'does-not');
});
