import { expect, type Page } from '@playwright/test';
import { test } from './same-browser';

const post = async (page: Page, path: string, data: object) =>
  (await (await page.request.post(`/api${path}`, { data })).json()) as { id: string; version: number };

const sauce = (name: string, drinkG: number) => ({
  name,
  family: 'cream-sauce',
  lines: [
    { id: 'drink', ingredient: 'oat-drink', amount: drinkG, unit: 'g' },
    { id: 'flour', ingredient: 'rice-flour', amount: drinkG * 0.07, unit: 'g' },
    { id: 'oil', ingredient: 'olive-oil', amount: drinkG * 0.05, unit: 'g' },
    { id: 'salt', ingredient: 'salt', amount: drinkG * 0.008, unit: 'g' },
  ],
  method: [
    { kind: 'put-in', lines: ['drink', 'flour', 'oil', 'salt'] },
    { kind: 'heat', temperatureC: 92, minutes: 5 },
  ],
});
const vessel = { shape: 'rectangular', lengthCm: 28, widthCm: 20, depthCm: 6 };

/** A dish of this test alone; it goes with its sauce. */
async function madeDish(page: Page, name: string, drinkG: number, body: (sauce: string) => object) {
  const formula = await post(page, '/formulas', sauce(`${name} sauce`, drinkG));
  const dish = await post(page, '/dishes', { name, vessel, ...body(formula.id) });
  return {
    formula: formula.id,
    dish: dish.id,
    away: async () => {
      await page.request.delete(`/api/dishes/${dish.id}`);
      await page.request.delete(`/api/formulas/${formula.id}`);
    },
  };
}
/** A sauce with nuts above it. */
const withNuts = (id: string) => ({
  parts: [
    { id: 'sauce', formula: id },
    { id: 'nuts', ingredient: 'cashew', grams: 60 },
  ],
  layers: [
    { id: '1', component: 'sauce' },
    { id: '2', component: 'nuts' },
  ],
});
const layers = (page: Page) => page.getByRole('list', { name: 'Layers, from the top' }).getByRole('listitem');
const cut = (page: Page) => page.getByRole('region', { name: 'When it is cut' });
const saved = (page: Page) => expect(page.getByTestId('save-state')).toContainText('saved');

test('a dish is written by keyboard: name, vessel, parts, layers, and it is there after a reload', async ({
  page,
}) => {
  const white = await post(page, '/formulas', sauce('Keyboard white sauce', 600));
  await page.goto('/plan/dishes');
  await page.getByRole('button', { name: 'New dish' }).press('Enter');
  const name = page.getByRole('textbox', { name: 'Name of the dish' });
  await expect(name).toBeFocused();
  await name.fill('Keyboard bake');
  await name.press('Enter');
  await expect(page.getByText('Choose what it is made in')).toBeVisible();
  await page.getByRole('button', { name: 'Describe one' }).press('Enter');
  await page.getByRole('textbox', { name: 'Depth' }).fill('5');
  await page.keyboard.press('Tab');
  const add = page.getByPlaceholder('+ a sauce of the house, or a thing');
  await add.fill('keyboard white');
  await expect(page.getByRole('option', { name: /Keyboard white sauce/ })).toBeVisible();
  // What comes in late is not lit by itself: it stands last.
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  // The cursor goes to its amount; all that the formula makes until somebody says less.
  await expect(page.getByRole('spinbutton', { name: 'Amount of Keyboard white sauce' })).toBeFocused();
  await add.fill('leek');
  await expect(page.getByRole('option', { name: /^Leek/ }).first()).toBeVisible();
  await page.keyboard.press('Enter');
  const leek = page.getByRole('spinbutton', { name: 'Amount of Leek' });
  await expect(leek).toBeFocused();
  await leek.fill('400');
  await page.keyboard.press('Enter');
  await expect(layers(page)).toHaveCount(2);
  await expect(layers(page).first()).toContainText('Leek');
  // The leek goes under the sauce.
  await page.getByRole('button', { name: 'Move the layer of Leek' }).press('Alt+ArrowDown');
  await expect(layers(page).last()).toHaveAttribute('data-testid', /^layer-Leek/);
  await expect(page.getByRole('button', { name: 'Move the layer of Leek' })).toBeFocused();
  await expect(cut(page)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).press('Enter');
  await expect(layers(page).first()).toHaveAttribute('data-testid', /^layer-Leek/);
  await page.getByRole('button', { name: 'Redo' }).press('Enter');
  await saved(page);
  await page.reload();
  await expect(layers(page).last()).toHaveAttribute('data-testid', /^layer-Leek/);
  await expect(page.getByRole('spinbutton', { name: 'Amount of Leek' })).toHaveValue('400');
  await expect(page.getByRole('textbox', { name: 'Depth' })).toHaveValue('5');
  await page.request.delete(`/api/dishes/${page.url().split('/').at(-1)}`);
  await page.request.delete(`/api/formulas/${white.id}`);
});

test('too little sauce for the top says how much, one press makes enough of it, and one takes that back', async ({
  page,
}) => {
  const { formula, dish, away } = await madeDish(page, 'Short bake', 280, (id) => ({
    parts: [
      { id: 'sauce', formula: id },
      { id: 'potato', ingredient: 'potato-boiled', grams: 600 },
    ],
    layers: [
      { id: '1', component: 'sauce', mm: 3 },
      { id: '2', component: 'potato' },
      { id: '3', component: 'sauce', mm: 5 },
    ],
  }));
  const amount = async () =>
    ((await (await page.request.get(`/api/formulas/${formula}`)).json()) as { lines: { amount: number }[] })
      .lines[0]!.amount;
  await page.goto(`/plan/dishes/${dish}`);
  const part = page.getByTestId('part-Short bake sauce');
  await expect(part).toContainText(/too little: \d+ g for the layer below and \d+ g for the top/);
  await part.getByRole('button', { name: /^Make 1\.\d+ times/ }).press('Enter');
  await expect(page.getByText(/times as much now/).first()).toBeVisible();
  await expect(part).not.toContainText('too little');
  const more = await amount();
  // 3 and 5 mm on 5.6 dm², and what stays on the spoon.
  expect(more / 280).toBeGreaterThan(1.3);
  expect(more / 280).toBeLessThan(1.9);
  await page.getByRole('button', { name: 'Undo' }).last().press('Enter');
  await expect(part).toContainText('too little');
  await expect.poll(() => amount()).toBe(280);
  await away();
});

test('a soupy dish becomes set by one proposed change, which undo takes back', async ({ page }) => {
  const { dish, away } = await madeDish(page, 'Soupy bake', 300, (id) => ({
    parts: [
      { id: 'sauce', formula: id },
      { id: 'courgette', ingredient: 'courgette', grams: 700 },
    ],
    layers: [
      { id: '1', component: 'courgette' },
      { id: '2', component: 'sauce' },
      { id: '3', component: 'courgette' },
      { id: '4', component: 'sauce' },
    ],
    oven: [{ temperatureC: 190, minutes: 40, cover: 'foil' }],
    restMin: 0,
  }));
  await page.goto(`/plan/dishes/${dish}`);
  const verdict = cut(page).getByRole('heading');
  await expect(verdict).toContainText('When it is cut: soupy');
  const can = page.getByRole('list', { name: 'What can be done' }).getByRole('listitem');
  const sets = can.filter({ hasText: /: just set/ }).first();
  await expect(sets).toContainText(/fry Courgette \d+ minutes before it goes in/i);
  await sets.getByRole('button', { name: /^Do it/ }).press('Enter');
  await expect(verdict).toContainText('When it is cut: just set');
  await expect(page.getByTestId('part-Courgette')).toContainText(/fry gently \d+ min/);
  await page.getByRole('button', { name: 'Undo' }).press('Enter');
  await expect(verdict).toContainText('When it is cut: soupy');
  await away();
});

test('a layer is taken to the top with the mouse, and back with the keys of its grip', async ({ page }) => {
  const { dish, away } = await madeDish(page, 'Dragged bake', 400, (id) => ({
    parts: [
      { id: 'sauce', formula: id },
      { id: 'potato', ingredient: 'potato-boiled', grams: 400 },
      { id: 'leek', ingredient: 'leek', grams: 200 },
    ],
    layers: [
      { id: '1', component: 'leek' },
      { id: '2', component: 'potato' },
      { id: '3', component: 'sauce' },
    ],
  }));
  await page.goto(`/plan/dishes/${dish}`);
  await expect(layers(page)).toHaveCount(3);
  const grip = page.getByRole('button', { name: /^Move the layer of Leek/ });
  const from = (await grip.boundingBox())!,
    to = (await layers(page).first().boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2, from.y - 20, { steps: 4 });
  await page.mouse.move(from.x + from.width / 2, to.y + to.height / 3, { steps: 8 });
  await page.mouse.up();
  await expect(layers(page).first()).toHaveAttribute('data-testid', /^layer-Leek/);
  await grip.focus();
  // What is told to whoever listens says when each press was taken.
  await page.keyboard.press('Space');
  await expect(page.getByText(/^The layer of Leek.* is taken, from place 1 of 3\.$/)).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(/^The layer of Leek.* would come to place 2 of 3\.$/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(layers(page).nth(1)).toHaveAttribute('data-testid', /^layer-Leek/);
  await saved(page);
  const kept = (await (await page.request.get(`/api/dishes/${dish}`)).json()) as {
    layers: { component: string }[];
  };
  expect(kept.layers.map(({ component }) => component)).toEqual(['potato', 'leek', 'sauce']);
  await away();
});

test('a dish that was changed somewhere else asks; nothing of either is lost', async ({ page }) => {
  const { dish, away } = await madeDish(page, 'Two cooks', 400, (id) => ({
    parts: [{ id: 'sauce', formula: id }],
    layers: [{ id: '1', component: 'sauce' }],
  }));
  await page.goto(`/plan/dishes/${dish}`);
  await saved(page);
  await page.request.put(`/api/dishes/${dish}`, { data: { name: 'Theirs', version: 1 } });
  const name = page.getByRole('textbox', { name: 'Name of the dish' });
  await name.fill('Mine');
  await name.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'This dish was changed somewhere else' });
  await dialog.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await expect(name).toHaveValue('Mine, my copy');
  const copy = page.url().split('/').at(-1)!;
  expect(copy).not.toBe(dish);
  const theirs = (await (await page.request.get(`/api/dishes/${dish}`)).json()) as { name: string };
  expect(theirs.name).toBe('Theirs');
  await page.request.delete(`/api/dishes/${copy}`);
  await away();
});

test('while the server is away a dish goes on, is kept here, and is saved when it is back', async ({
  page,
}) => {
  const { dish, away } = await madeDish(page, 'Stormy bake', 400, (id) => ({
    parts: [{ id: 'sauce', formula: id }],
    layers: [{ id: '1', component: 'sauce' }],
  }));
  await page.goto(`/plan/dishes/${dish}`);
  await saved(page);
  await page.route('**/api/dishes/**', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Rest' }).fill('25');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('save-state')).toContainText('kept here, server away');
  await page.unroute('**/api/dishes/**');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Rest' })).toHaveValue('25');
  await saved(page);
  const kept = (await (await page.request.get(`/api/dishes/${dish}`)).json()) as { restMin: number };
  expect(kept.restMin).toBe(25);
  await away();
});

test('who cannot eat a part cannot eat the dish; what lies in no layer does not count', async ({ page }) => {
  const { dish, away } = await madeDish(page, 'Judged bake', 400, withNuts);
  await page.goto(`/plan/dishes/${dish}`);
  // Teo of the demonstration household bears no tree nuts.
  const teo = page
    .getByRole('region', { name: 'Who eats of it' })
    .getByRole('listitem')
    .filter({ hasText: 'Teo' });
  await expect(teo).toContainText('cannot');
  await page.getByRole('button', { name: 'Leave out this layer of Cashew' }).press('Enter');
  await expect(teo).not.toContainText('cannot');
  await away();
});

test('nuts for those who eat them: whoever bears none gets none, and is told what touches their share', async ({
  page,
}) => {
  const { dish, away } = await madeDish(page, 'Shared bake', 400, withNuts);
  await page.goto(`/plan/dishes/${dish}`);
  const people = page.getByRole('region', { name: 'Who eats of it' }),
    ilva = people.getByRole('listitem').filter({ hasText: 'Ilva' }),
    teo = people.getByRole('listitem').filter({ hasText: 'Teo' });
  for (const one of [ilva, teo]) await one.getByRole('checkbox').press('Space');
  const who = page.getByRole('button', { name: 'Who eats of Cashew' });
  await expect(who).toHaveText('for all');
  await who.press('Enter');
  await page
    .getByRole('dialog', { name: 'Who eats of Cashew' })
    .getByRole('checkbox', { name: 'Ilva' })
    .press('Space');
  await page.keyboard.press('Escape');
  await expect(who).toHaveText('only Ilva');
  await expect(who).toBeFocused();
  // 60 g of nuts in one of two portions.
  const grams = async (one: typeof ilva) => Number(/(\d+) g/.exec(await one.innerText())![1]);
  await expect.poll(async () => (await grams(ilva)) - (await grams(teo))).toBeGreaterThan(50);
  // An allergy to nuts in the same vessel is no less an allergy.
  await expect(teo).toContainText('cannot');
  await teo.getByRole('button', { name: /cannot/ }).click();
  await expect(page.getByText('by the vessel used for Cashew').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  await page.reload();
  await expect(who).toHaveText('only Ilva');
  await away();
});

test('a version of a dish is kept, taken again after a change, and undo brings the change back', async ({
  page,
}) => {
  const { dish, away } = await madeDish(page, 'Kept twice', 500, (formula) => ({
    portions: 4,
    parts: [
      { id: 's', formula, grams: null },
      { id: 'l', ingredient: 'leek', grams: 300, ready: [] },
    ],
    layers: [
      { id: 'a', component: 'l' },
      { id: 'b', component: 's' },
    ],
  }));
  await page.goto(`/plan/dishes/${dish}`);
  await expect(cut(page)).toBeVisible();
  await page.getByRole('button', { name: 'Versions', exact: true }).press('Enter');
  const plate = page.getByRole('dialog', { name: 'Versions of this dish' });
  await plate.getByRole('textbox', { name: 'Name of this version' }).fill('With leek');
  await page.keyboard.press('Enter');
  await expect(plate.getByRole('listitem')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Leave Leek.* out$/ }).click();
  await expect(layers(page)).toHaveCount(1);
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Versions (1)' }).press('Enter');
  await plate.getByRole('button', { name: 'Take With leek' }).press('Enter');
  await expect(layers(page)).toHaveCount(2);
  await page.locator('li', { hasText: 'as “With leek” again' }).getByRole('button', { name: 'Undo' }).click();
  await expect(layers(page)).toHaveCount(1);
  await away();
});

test('a dish holds one version of a base: what is added to it counts for who eats', async ({ page }) => {
  const { formula, dish, away } = await madeDish(page, 'Divided bake', 500, (id) => ({
    portions: 4,
    parts: [{ id: 's', formula: id, grams: null }],
    layers: [{ id: 'a', component: 's' }],
  }));
  const added = (await (await page.request.get('/api/household')).json()) as object;
  await page.route('**/api/household', (route) =>
    route.fulfill({
      json: {
        ...added,
        versions: {
          base: formula,
          inBase: [],
          versions: [
            { name: 'Mild', added: [] },
            { name: 'Nutty', added: [{ ingredient: 'almond', grams: 12 }] },
          ],
        },
      },
    }),
  );
  await page.goto(`/plan/dishes/${dish}`);
  await expect(cut(page)).toBeVisible();
  const amount = page.getByRole('spinbutton', { name: /^Amount of Divided bake sauce/ });
  const before = Number(((await amount.inputValue()) || '0').replace(/\D/g, ''));
  await page.getByRole('combobox', { name: 'Version of Divided bake sauce' }).selectOption('Nutty');
  await expect(page.getByText('Divided bake sauce, Nutty').first()).toBeVisible();
  // Twelve grams in each of four portions.
  await expect
    .poll(async () => Number(((await amount.inputValue()) || '0').replace(/\D/g, '')) - before)
    .toBeGreaterThan(40);
  await saved(page);
  const kept = (await (await page.request.get(`/api/dishes/${dish}`)).json()) as {
    parts: { version?: string }[];
  };
  expect(kept.parts[0]!.version).toBe('Nutty');
  await away();
});

for (const by of ['mouse', 'keyboard'] as const)
  test(`a part is taken from the list that hangs over the next plates, by ${by}`, async ({ page }) => {
    const made = await page.request.post('/api/dishes', { data: { name: `List trial by ${by}` } });
    const { id } = (await made.json()) as { id: string };
    await page.goto(`/plan/dishes/${id}`);
    await page
      .getByRole('combobox', { name: 'Add a part' })
      .or(page.getByPlaceholder('+ a sauce of the house, or a thing'))
      .first()
      .fill('150 g spinach');
    const list = page.getByRole('listbox', { name: 'Sauces and things found' });
    if (by === 'keyboard') await page.keyboard.press('Enter');
    else {
      const last = list.getByRole('option').last();
      const box = (await last.boundingBox())!;
      // What lies on top at that place is the entry itself.
      const on = await page.evaluate(
        ([x, y]) => document.elementFromPoint(x!, y!)?.closest('[role=option]') !== null,
        [box.x + 20, box.y + box.height / 2],
      );
      expect(on).toBe(true);
      await page.mouse.click(box.x + 20, box.y + box.height / 2);
    }
    await expect(page.getByRole('region', { name: 'Parts' }).getByRole('spinbutton')).toHaveValue('150');
    await page.request.delete(`/api/dishes/${id}`);
  });
