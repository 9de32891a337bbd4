import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { test } from './same-browser';

interface Backup {
  readonly formulas: readonly { readonly id: string; readonly name: string }[];
}

test('everything is fetched in a file; a backup is looked at, then brought in, and what it lacked stays', async ({
  page,
}) => {
  const made = await page.request.post('/api/formulas', { data: { name: 'Sorrel foam', note: 'Lost once' } });
  const { id } = (await made.json()) as { id: string };
  await page.goto('/formulas');
  await page.getByRole('link', { name: 'Backup' }).click();
  const fetching = page.waitForEvent('download');
  await page.getByRole('link', { name: 'A document (JSON)' }).click();
  const download = await fetching;
  expect(download.suggestedFilename()).toMatch(/^alterum-[\d-]+\.json$/);
  const text = readFileSync(await download.path(), 'utf8');
  const backup = JSON.parse(text) as Backup;
  expect(backup.formulas.map(({ name }) => name)).toEqual(
    expect.arrayContaining(['Sorrel foam', 'Flatbread melt']),
  );
  // From another kitchen, where it has another id.
  const foreign = text.replaceAll(id, 'from-another-kitchen');
  await page.request.delete(`/api/formulas/${id}`);
  const file = page.getByLabel('Which file');
  await file.setInputFiles({
    name: 'other.json',
    mimeType: 'application/json',
    buffer: Buffer.from(foreign),
  });
  const row = page.getByTestId('restore-table').getByRole('row', { name: /^Formulas/ });
  await expect(row).toContainText('Sorrel foam');
  expect((await page.request.get('/api/formulas/from-another-kitchen')).status()).toBe(404);
  await page.getByRole('radio', { name: /Make the kitchen/ }).check();
  await expect(page.getByRole('columnheader', { name: 'go', exact: true })).toBeVisible();
  await page.getByRole('radio', { name: /Add what is missing/ }).check();
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByTestId('restored')).toContainText('What was here before is kept in');
  await expect(page.getByTestId('restored')).toBeFocused();
  await page.goto('/formulas?search=sorrel');
  await expect(page.getByRole('link', { name: 'Sorrel foam' })).toBeVisible();
  await page.goto('/formulas?search=flatbread');
  await expect(page.getByRole('link', { name: 'Flatbread melt', exact: true })).toBeVisible();
  await page.request.delete('/api/formulas/from-another-kitchen');
});

test('a file that is no backup is refused in a sentence, and can be chosen anew', async ({ page }) => {
  await page.goto('/backup');
  const file = page.getByLabel('Which file');
  const status = page.getByRole('region', { name: 'Bring a backup back' }).getByRole('status');
  await file.setInputFiles({
    name: 'recipes.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"soup": 1}'),
  });
  await expect(status).toContainText('This is no backup of a kitchen');
  await file.setInputFiles({
    name: 'kitchen',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from('SQLite format 3\0rest'),
  });
  await expect(status).toContainText('npm run restore -- FILE');
  await expect(page.getByRole('button', { name: 'Bring it in' })).toHaveCount(0);
});
