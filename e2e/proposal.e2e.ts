import { expect } from '@playwright/test';
import {
  amount,
  benchStands,
  figure,
  forEverybody,
  letter,
  place,
  proposed,
  saved,
  verdict,
  wish,
} from './kitchen';
import { test } from './same-browser';

test('with nobody at the table and a good formula, there is nothing to do', async ({ page }) => {
  await forEverybody(page, 'Good as it is');
  await expect(page.getByRole('button', { name: 'Brief: as it is' })).toBeVisible();
  await page.keyboard.press('b');
  await expect(verdict(page)).toHaveText('Nothing to do: it is good as it is.');
  await expect(page.getByRole('list', { name: 'Changes' })).toHaveCount(0);
  await expect(page.getByTestId('rails').getByText(/the brief$/)).toHaveCount(0);
});

test('thicker in one press: a line or two moves, the rest stays, and both can be cooked', async ({
  page,
}) => {
  const id = await forEverybody(page, 'Thicker');
  const before = await place(page, 'thickness');
  await page.keyboard.press('b');
  await wish(page, 'Thicker');
  await expect(verdict(page)).toHaveText('With these amounts everything asked for is met.');
  await expect.poll(() => proposed(page, 'thickness')).toBeGreaterThan(before + 0.03);
  const changes = page.getByRole('list', { name: 'Changes' }).getByRole('listitem');
  expect(await changes.count()).toBeLessThanOrEqual(3);
  await page.getByRole('button', { name: 'Keep as a version: thicker' }).click();
  await expect(page.getByText('Kept as version “thicker”').first()).toBeVisible();
  await expect(amount(page, 'Water')).toHaveValue('300');
  const kept = (await (await page.request.get(`/api/formulas/${id}/versions`)).json()) as {
    name: string;
    content: { lines: { ingredient: string; amount: number }[] };
  }[];
  expect(kept.map(({ name }) => name)).toEqual(['thicker']);
  expect(kept[0]?.content.lines.map(({ amount: g }) => g)).not.toEqual([200, 300, 20, 12, 3]);
  await page.getByRole('button', { name: 'Take all' }).click();
  await expect.poll(() => place(page, 'thickness')).toBeGreaterThan(before + 0.03);
  await saved(page);
});

test('a wish that was pressed stays pressed until it is pressed again', async ({ page }) => {
  await forEverybody(page, 'Pressed twice');
  await page.keyboard.press('b');
  await wish(page, 'Saltier');
  await expect(page.getByRole('button', { name: 'Saltier', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByTestId('change-salt')).toBeVisible();
  await page.getByRole('button', { name: 'Saltier', exact: true }).click();
  await expect(verdict(page)).toHaveText('Nothing to do: it is good as it is.');
});

test('for six in one press: everything is measured anew, and taken back by one', async ({ page }) => {
  await forEverybody(page, 'For six');
  await page.keyboard.press('b');
  await wish(page, 'For 6');
  await expect(amount(page, 'White beans, boiled')).toHaveValue('300');
  await expect(page.getByRole('spinbutton', { name: 'Portions' })).toHaveValue('6');
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(amount(page, 'White beans, boiled')).toHaveValue('200');
});

test('bounds are typed, kept to, and a least above the most is refused with the reason', async ({ page }) => {
  await forEverybody(page, 'Typed bounds');
  await page.getByRole('button', { name: 'More for Tapioca starch' }).click();
  await page.getByRole('menuitem', { name: 'Type bounds for balancing' }).click();
  await page.getByRole('textbox', { name: 'Least of Tapioca starch' }).fill('30');
  await page.getByRole('textbox', { name: 'Most of Tapioca starch' }).fill('18 g');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('lies above the most');
  await page.getByRole('textbox', { name: 'Least of Tapioca starch' }).fill('12');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('line-tapioca-starch')).toContainText('12 to 18 g');
  await letter(page, 'b');
  await wish(page, 'Thicker');
  await expect(verdict(page)).toBeVisible();
  await page.getByRole('button', { name: 'Take all' }).click();
  await expect
    .poll(async () => Number(await amount(page, 'Tapioca starch').inputValue()))
    .toBeLessThanOrEqual(18);
  await saved(page);
});

test('a bland sauce is salted: the proposal stands beside the present and says why', async ({ page }) => {
  await forEverybody(page, 'Bland');
  await page.keyboard.press('b');
  await wish(page, 'Saltier');
  await expect(verdict(page)).toBeVisible();
  const salt = page.getByTestId('change-salt');
  await expect(salt).toContainText(/salt was too low by /);
  const before = await place(page, 'salt');
  await expect.poll(() => proposed(page, 'salt')).toBeGreaterThan(before);
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await expect(page.getByRole('region', { name: 'From pan to fridge' })).toBeVisible();
});

test('a proposal is taken in part and taken back, and what was taken is saved', async ({ page }) => {
  const id = await forEverybody(page, 'In part');
  const brief = [
    { rail: 'salt', low: 1, high: 1.4 },
    { rail: 'fat', low: 5, high: 8 },
  ];
  await page.request.put(`/api/formulas/${id}`, { data: { name: 'In part', version: 1, brief } });
  await page.reload();
  await benchStands(page);
  await page.keyboard.press('b');
  await expect(verdict(page)).toBeVisible();
  const changes = page.getByRole('list', { name: 'Changes' }).getByRole('checkbox');
  const count = await changes.count();
  expect(count).toBeGreaterThan(1);
  for (let i = 0; i < count; i++) {
    const salt = await changes.nth(i).evaluate((box) => box.closest('[data-testid="change-salt"]') !== null);
    if (!salt) await changes.nth(i).uncheck();
  }
  const led = await proposed(page, 'salt');
  await page.getByRole('button', { name: 'Take the 1 ticked' }).click();
  await expect(amount(page, 'Salt, fine')).not.toHaveValue('3');
  await expect(amount(page, 'Water')).toHaveValue('300');
  await expect.poll(() => place(page, 'salt')).toBeCloseTo(led, 2);
  await saved(page);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(amount(page, 'Salt, fine')).toHaveValue('3');
  await saved(page);
});

test('a balance is stopped and still gives the best it has', async ({ page }) => {
  await forEverybody(page, 'Stopped');
  await page.keyboard.press('b');
  await wish(page, 'Richer');
  // It may be done before anybody could press.
  await page
    .getByRole('button', { name: 'Stop' })
    .click({ timeout: 700 })
    .catch(() => undefined);
  await expect(verdict(page)).toHaveAttribute('data-kind', /closest|infeasible|balanced/);
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await expect(amount(page, 'Water')).toHaveValue('300');
});

test('what excludes each other is said, and a relaxation that is pressed lets it be balanced', async ({
  page,
}) => {
  const id = await forEverybody(page, 'As rich as butter');
  const brief = [
    { rail: 'fat', low: 20, high: 30 },
    { rail: 'thickness', low: 100, high: 9000 },
  ];
  await page.request.put(`/api/formulas/${id}`, { data: { name: 'As rich as butter', version: 1, brief } });
  await page.reload();
  await benchStands(page);
  await page.keyboard.press('b');
  await expect(verdict(page)).toHaveAttribute('data-kind', 'infeasible');
  await expect(page.getByTestId('conflict')).toContainText('fat as asked');
  await expect(page.getByTestId('conflict')).toContainText('the dish staying what it is');
  await page
    .getByTestId('conflict')
    .getByRole('button', { name: /Ask for fat from/ })
    .click();
  await expect(verdict(page)).toHaveAttribute('data-kind', 'balanced');
  await expect(page.getByRole('button', { name: /^Brief/ })).toContainText('as you set it');
});

test('a pinned line stays when the rest is balanced', async ({ page }) => {
  await forEverybody(page, 'Pinned');
  await page.getByRole('button', { name: 'More for White beans, boiled' }).click();
  await page.getByRole('menuitemradio', { name: 'Pinned where it is' }).click();
  await expect(page.getByTestId('line-white-bean-boiled')).toContainText('pinned');
  await letter(page, 'b');
  await wish(page, 'Saltier');
  await expect(verdict(page)).toBeVisible();
  await expect(page.getByTestId('change-white-bean-boiled')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take all' }).click();
  await expect(amount(page, 'White beans, boiled')).toHaveValue('200');
  await expect(figure(page, 'salt')).not.toContainText(/0\.6/);
});
