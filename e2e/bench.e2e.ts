import { expect } from '@playwright/test';
import { amount, figure, openBench, ownFormula, place, saved, openOperation } from './kitchen';
import { test } from './same-browser';

test('the app opens on the Bench with a demo formula that is balanced and one conflict to solve', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue('Flatbread melt');
  await expect(page.getByTestId('rails').getByText(/the brief$/)).toHaveCount(0);
  await expect(page.getByTestId('person-Marte')).toHaveAttribute('data-verdict', 'does-not');
  await expect(page.getByTestId('person-Marte')).toContainText('miso');
  await expect(page.getByTestId('person-Ilva')).toHaveAttribute('data-verdict', 'fits');
});

test('at 1280 by 800 lines, rails, curve, people and method are seen without scrolling', async ({ page }) => {
  await openBench(page);
  const seen = async () => {
    for (const name of ['In the pot', 'Rails', 'From pan to fridge', 'Who can eat', 'Method'])
      await expect(page.getByRole('region', { name, exact: true })).toBeInViewport({ ratio: 0.98 });
  };
  // What is told once stands at the foot, and takes nothing of the rest.
  await seen();
  await page.getByRole('button', { name: 'Understood' }).click();
  await seen();
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800);
});

test('a cook changes an amount, sees the bead move and the figure change, and takes it back', async ({
  page,
}) => {
  await ownFormula(page, 'More nuts');
  const before = await place(page, 'fat');
  const text = await figure(page, 'fat').textContent();
  await amount(page, 'Cashew nuts').fill('160');
  await page.keyboard.press('Enter');
  await expect(figure(page, 'fat')).not.toHaveText(text ?? '');
  await expect.poll(() => place(page, 'fat')).toBeGreaterThan(before + 0.02);
  await expect(page.getByTestId('ghost-fat')).toBeAttached();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(figure(page, 'fat')).toHaveText(text ?? '');
  await page.keyboard.press('Control+Shift+Z');
  await expect(amount(page, 'Cashew nuts')).toHaveValue('160');
});

test('amounts are typed in any unit, stepped with arrow keys and dragged along', async ({ page }) => {
  await ownFormula(page, 'Any unit');
  const water = amount(page, 'Water');
  await water.fill('1 1/2 cup');
  await water.press('Enter');
  await expect(water).toHaveValue('360');
  await expect(page.getByTestId('line-water')).toContainText('1 1/2 cups');
  await water.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(water).toHaveValue('370');
  await page.keyboard.press('Control+z');
  await expect(water).toHaveValue('360');
  await page.getByRole('heading', { name: 'In the pot' }).click();
  const box = await water.boundingBox();
  if (!box) throw new Error('the amount is not on the page');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 50, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(water).toHaveValue('410');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(water).toHaveValue('360');
});

test('an amount that cannot be read stays in the field with the reason, and the figures keep', async ({
  page,
}) => {
  await ownFormula(page, 'Unreadable');
  const fat = await figure(page, 'fat').textContent();
  await amount(page, 'Cashew nuts').fill('2 blobs');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“blobs” is not a unit');
  await expect(amount(page, 'Cashew nuts')).toHaveValue('2 blobs');
  await expect(figure(page, 'fat')).toHaveText(fat ?? '');
});

test('an ingredient is found by another name, added, and somebody turns to “cannot eat” with the line and the reason', async ({
  page,
}) => {
  await ownFormula(page, 'Something in it');
  await expect(page.getByTestId('person-Joram')).not.toHaveAttribute('data-verdict', 'does-not');
  await page.keyboard.press('a');
  await page.keyboard.type('shoyu');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('line-soy-sauce')).toBeVisible();
  await expect(amount(page, 'Soy sauce, with wheat')).toBeFocused();
  await expect(page.getByTestId('person-Joram')).toHaveAttribute('data-verdict', 'does-not');
  await expect(page.getByTestId('person-Joram')).toContainText('soya in soy sauce');
  await page.getByTestId('person-Marte').click();
  await expect(page.getByRole('dialog')).toContainText('wheat in soy sauce');
  await expect(page.getByRole('dialog')).toContainText('Read the labels');
});

test('lines are taken out, moved by keyboard and by dragging, and made ready', async ({ page }) => {
  await ownFormula(page, 'Order');
  const names = () =>
    page
      .getByRole('list', { name: 'Lines' })
      .locator('> li')
      .evaluateAll((items) => items.map((item) => item.getAttribute('data-testid')));
  await expect.poll(() => names()).toEqual(['line-cashew', 'line-water', 'line-tapioca-starch', 'line-salt']);
  await amount(page, 'Salt, fine').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(() => names()).toEqual(['line-cashew', 'line-water', 'line-salt', 'line-tapioca-starch']);
  await expect(amount(page, 'Salt, fine')).toBeFocused();
  const grip = await page.getByRole('button', { name: 'Move Tapioca starch' }).boundingBox();
  const target = await page.getByRole('button', { name: 'Move Cashew nuts' }).boundingBox();
  if (!grip || !target) throw new Error('the grips are not on the page');
  await page.mouse.move(grip.x + 5, grip.y + 8);
  await page.mouse.down();
  await page.mouse.move(target.x + 5, target.y + 4, { steps: 12 });
  await page.mouse.up();
  await expect.poll(names).toEqual(['line-tapioca-starch', 'line-cashew', 'line-water', 'line-salt']);
  const grain = page.getByRole('region', { name: 'At the table' });
  const before = await grain.textContent();
  await page.getByRole('button', { name: 'More for Cashew nuts' }).click();
  await page.getByRole('menuitemradio', { name: 'as it is' }).click();
  await expect(grain).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'More for Water' }).click();
  await page.getByRole('menuitem', { name: 'Take out of the pot' }).click();
  await expect(page.getByTestId('line-water')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('line-water')).toBeVisible();
});

test('the process changes what it will be: uncooked starch gives no pull', async ({ page }) => {
  await openBench(page);
  await openOperation(page, /°C/);
  const cook = page.getByRole('spinbutton', { name: 'Heat: temperature' });
  const pull = Number((await figure(page, 'stretch').textContent())?.replace(/[^\d.]/g, ''));
  await cook.fill('40');
  await cook.press('Enter');
  await expect
    .poll(async () => Number((await figure(page, 'stretch').textContent())?.replace(/[^\d.]/g, '')))
    .toBeLessThan(pull / 5);
  await expect(page.getByText('Some starch stays raw')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Some starch stays raw')).toHaveCount(0);
  await saved(page);
});

test('pressing a rail shows which lines hold the bead there, largest first', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Stretch: what holds it there' }).click();
  const causes = page.getByRole('dialog', { name: 'What holds stretch there' });
  const lines = causes.getByRole('list', { name: 'Lines that hold it' }).getByRole('listitem');
  await expect(lines.nth(1)).toContainText('Tapioca starch');
  await expect(lines.first()).toContainText('Coconut drink−');
  await expect(causes).toContainText('eight times in ten between');
  await expect(causes.getByRole('list', { name: 'Parameters' })).toContainText(
    'starch in the water before strands form',
  );
  await expect(causes).toContainText('Sources S-02');
  await page.keyboard.press('Escape');
  await expect(causes).toHaveCount(0);
});

test('every figure at the table opens to its lines, its law and its source', async ({ page }) => {
  await openBench(page);
  const plate = page.getByRole('region', { name: 'At the table' });
  await plate.getByRole('tab', { name: 'Portion' }).click();
  await plate.getByRole('button', { name: /^Cost,/ }).click();
  const causes = page.getByRole('dialog', { name: 'What made cost' });
  await expect(causes.getByRole('listitem').first()).toContainText('coins');
  await expect(causes).toContainText('Each line’s mass times its price');
  await page.keyboard.press('Escape');
  await plate.getByRole('tab', { name: 'Feel' }).click();
  await plate.getByRole('button', { name: /^Graininess,/ }).click();
  await expect(page.getByRole('dialog', { name: 'What made graininess' })).toContainText('Sources');
});

test('what becomes of it cold, frozen and kept is one tab away, with the caution that it proves nothing', async ({
  page,
}) => {
  await ownFormula(page, 'Kept');
  const plate = page.getByRole('region', { name: 'At the table' });
  await plate.getByRole('tab', { name: 'Kept' }).focus();
  await page.keyboard.press('Enter');
  await expect(plate).toContainText('no proof that it is good');
  await expect(plate.getByText(/^\d+(\.\d)? to \d+ days$/)).toBeVisible();
  await expect(plate).toContainText('too soft to slice');
});

test('against the dairy thing the melt loses protein and wins on climate', async ({ page }) => {
  await openBench(page);
  await page.getByRole('tab', { name: 'Against dairy' }).click();
  await expect(page.getByTestId('against-protein')).toContainText('lost');
  await expect(page.getByTestId('against-kgCO2e')).toContainText('won');
});

test('a sauce that is baked open loses water and thickens; foil keeps it in', async ({ page }) => {
  await ownFormula(page, 'Baked');
  const thickness = page.getByTestId('bead-thickness');
  const before = Number(await thickness.getAttribute('data-place'));
  await page.getByRole('button', { name: 'operation', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Bake' }).click();
  await openOperation(page, /bake 25 min/);
  const bake = page.getByRole('spinbutton', { name: 'Bake: time' });
  await bake.fill('40');
  await bake.press('Enter');
  await expect(page.getByRole('dialog').getByRole('status')).toContainText(/[1-9]\d* g of water lost/);
  await expect.poll(() => place(page, 'thickness')).toBeGreaterThan(before);
  const open = await place(page, 'thickness');
  await page.getByRole('combobox', { name: 'Bake: lid' }).selectOption('on');
  await expect.poll(() => place(page, 'thickness')).toBeLessThan(open);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Operation \d: bake 40 min/ })).toBeVisible();
});

test('an amount that is hardly meant is warned of, and the figures go on', async ({ page }) => {
  await ownFormula(page, 'A kilo of salt');
  await amount(page, 'Salt, fine').fill('1 kg');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Check the amount and the unit/)).toBeVisible();
  await expect(figure(page, 'salt')).toContainText('%');
  await expect(page.getByTestId('bench')).not.toContainText('NaN');
});
