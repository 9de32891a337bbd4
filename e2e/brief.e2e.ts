import { expect } from '@playwright/test';
import { askTheUsual, copyOf, ownFormula, saved } from './kitchen';
import { test } from './same-browser';

test('a lit range is pulled by pointer and by keys, kept, and taken by another formula', async ({ page }) => {
  await ownFormula(page, 'Pulled');
  await expect(page.getByRole('slider', { name: 'Fat, most asked' })).toHaveCount(0);
  await expect(page.getByTestId('usual-fat')).toBeAttached();
  await askTheUsual(page);
  const end = page.getByRole('slider', { name: 'Fat, most asked' });
  await expect(end).toHaveAttribute('aria-valuetext', '25.0 %');
  const box = await end.boundingBox();
  if (!box) throw new Error('the end is not on the page');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(end).not.toHaveAttribute('aria-valuetext', '25.0 %');
  await expect(page.getByRole('button', { name: 'Brief: as you set it' })).toBeVisible();
  const low = page.getByRole('slider', { name: 'Salt, least asked' });
  await low.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
  await expect(low).not.toHaveAttribute('aria-valuetext', '0.40 %');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(low).toHaveAttribute('aria-valuetext', '0.40 %');
  const pulled = await end.getAttribute('aria-valuetext');
  await page.getByRole('button', { name: 'Brief: as you set it' }).click();
  await page.getByRole('menuitem', { name: 'Keep this brief for other formulas' }).click();
  await page.getByRole('textbox', { name: 'Name of the brief' }).fill('Friday melts');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The brief is kept as').first()).toBeVisible();
  await saved(page);
  await copyOf(page, 'Dumpling cream');
  await page.getByRole('button', { name: /^Brief/ }).click();
  await page.getByRole('menuitem', { name: 'Friday melts', exact: true }).click();
  await expect(page.getByRole('slider', { name: 'Fat, most asked' })).toHaveAttribute(
    'aria-valuetext',
    pulled ?? '',
  );
  await page.getByRole('button', { name: 'Brief: as you set it' }).click();
  await page.getByRole('menuitem', { name: /^Usual for/ }).click();
  await expect(page.getByRole('slider', { name: 'Fat, most asked' })).toHaveAttribute(
    'aria-valuetext',
    '38.0 %',
  );
});

test('a property is pinned, weighed and asked for by number; where to pull is told by gram and by coin', async ({
  page,
}) => {
  await ownFormula(page, 'Pinned and weighed');
  await page.getByRole('button', { name: 'Sweetness: what holds it there' }).click();
  await expect(page.getByText('it stays about as it is')).toBeVisible();
  await page.getByRole('button', { name: 'Ask for it' }).click();
  await page.getByRole('textbox', { name: 'Sweetness, most' }).fill('2');
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'How much it matters' }).selectOption('must be so');
  await expect(page.getByTestId('pulls').getByRole('listitem').first()).toContainText(/Cashew nuts.*a gram/);
  await page.getByRole('radio', { name: 'by the coin' }).click();
  await expect(page.getByTestId('pulls')).toContainText('a coin');
  await page.getByRole('button', { name: 'Pin here' }).click();
  await expect(page.getByRole('group', { name: 'Pinned' })).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Sweetness: what holds it there' }).click();
  await expect(page.getByRole('group', { name: 'Pinned' })).toBeVisible();
});

test('all properties can be shown, cold thickness and cost among them', async ({ page }) => {
  await ownFormula(page, 'All of them');
  await page.getByRole('button', { name: /All 16 properties/ }).click();
  for (const rail of [
    'cold-thickness',
    'raw-thickness',
    'reheated-thickness',
    'cost',
    'energy',
    'portion',
    'yellowness',
  ])
    await expect(page.getByTestId(`rail-${rail}`)).toBeAttached();
  await page.getByRole('button', { name: 'Cost: what holds it there' }).click();
  await page.getByRole('button', { name: 'Ask for it' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Usual 7 properties' }).click();
  await expect(page.getByTestId('rail-cost')).toBeAttached();
});
