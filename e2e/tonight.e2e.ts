import { expect, type Page, test } from '@playwright/test';

interface Sent {
  readonly evening: Record<string, unknown>;
  readonly tonight: { readonly pots: readonly object[]; readonly dishes?: readonly object[] };
}

/** The household of this test alone, kept for as long as the test goes on; how far it is stands on the server. */
async function ownHousehold(page: Page, formulas: readonly string[], more: object = {}): Promise<Sent> {
  const here = {
    law: 'eu',
    lawChosen: true,
    kitchen: null,
    evening: { serveAt: 1140, burners: 2, ovens: 1, blenders: 1, cooks: 1, keepWarmMin: 20, ...more },
    pots: formulas.map((formula) => ({ formula, tools: [], washedBefore: false })) as object[],
    dishes: [] as object[],
    versions: null,
  };
  const sent: { evening: Record<string, unknown>; tonight: Sent['tonight'] } = {
    evening: here.evening,
    tonight: { pots: here.pots },
  };
  await page.route('**/api/household', (route) => route.fulfill({ json: here }));
  await page.route('**/api/household/evening', (route) => {
    sent.evening = here.evening = route.request().postDataJSON() as typeof here.evening;
    return route.fulfill({ json: here });
  });
  await page.route('**/api/household/tonight', (route) => {
    sent.tonight = route.request().postDataJSON() as Sent['tonight'];
    here.pots = [...sent.tonight.pots];
    here.dishes = [...(sent.tonight.dishes ?? here.dishes)];
    return route.fulfill({ json: here });
  });
  return sent;
}

const stove = (name: string, minutes = 6) => ({
  name,
  family: 'pouring-sauce',
  lines: [
    { id: 'drink', ingredient: 'oat-drink', amount: 400, unit: 'g' },
    { id: 'flour', ingredient: 'wheat-flour', amount: 24, unit: 'g' },
  ],
  method: [
    { kind: 'put-in', lines: ['drink', 'flour'] },
    { kind: 'blend', seconds: 60 },
    { kind: 'heat', temperatureC: 92, minutes },
  ],
});
const soaked = (name: string) => ({
  name,
  family: 'pouring-sauce',
  lines: [
    { id: 'nuts', ingredient: 'cashew', amount: 120, unit: 'g', ready: [{ kind: 'soak', minutes: 600 }] },
    { id: 'water', ingredient: 'water', amount: 300, unit: 'g' },
  ],
  method: [
    { kind: 'put-in', lines: ['nuts', 'water'] },
    { kind: 'blend', seconds: 90 },
    { kind: 'heat', temperatureC: 80, minutes: 5 },
  ],
});
const made = async (page: Page, body: object) =>
  ((await (await page.request.post('/api/formulas', { data: body })).json()) as { id: string }).id;
const list = (page: Page) => page.getByRole('region', { name: 'By the clock' });
const row = (page: Page, words: string | RegExp) =>
  list(page).getByRole('listitem').filter({ hasText: words });
/** A day that no other test cooks on. */
const on = (day: number, hour: number, minute = 0) => new Date(2027, 0, day, hour, minute);

test('two cooks by name: a pot is given to one, a task of it to the other, and who comes later does nothing before', async ({
  page,
}) => {
  const id = await made(page, stove('Given away sauce'));
  await page.clock.setFixedTime(on(4, 15));
  const sent = await ownHousehold(page, [id]);
  await page.goto('/plan');
  await expect(row(page, '92 °C').last()).toBeVisible();
  await page.getByRole('button', { name: /^The kitchen/ }).click();
  await page.getByRole('textbox', { name: 'Cooks' }).fill('2');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'who cooks' }).press('Enter');
  const plate = page.getByRole('dialog', { name: 'Who cooks' });
  await plate.getByRole('combobox', { name: 'Cook 1' }).fill('Ilva');
  await page.keyboard.press('Enter');
  await plate.getByRole('combobox', { name: 'Cook 2' }).fill('Teo');
  await page.keyboard.press('Enter');
  await plate.getByRole('textbox', { name: 'Teo comes at' }).fill('18:10');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Ilva, Teo' })).toBeFocused();
  await expect
    .poll(() => sent.evening)
    .toMatchObject({ cooks: 2, named: [{ name: 'Ilva' }, { name: 'Teo', from: 1090 }] });
  await page.getByRole('combobox', { name: 'Who makes Given away sauce' }).selectOption('Teo');
  await expect(row(page, 'jug 60 s')).toContainText('Teo');
  await expect.poll(() => sent.tonight.pots).toMatchObject([{ formula: id, cook: 'Teo' }]);
  // One task of it to the other, by keyboard.
  await row(page, 'jug 60 s')
    .getByRole('button', { name: /^jug 60 s/ })
    .press('Enter');
  await row(page, 'jug 60 s')
    .getByRole('combobox', { name: /^Who does jug/ })
    .selectOption('Ilva');
  await expect(row(page, 'jug 60 s')).toContainText(/min, Ilva/);
  await expect(row(page, '92 °C').last()).toContainText('Teo');
  await page.reload();
  await expect(row(page, 'jug 60 s')).toContainText(/min, Ilva/);
  await page.request.delete(`/api/formulas/${id}`);
});

test('a time that is typed stays, a bar that is dragged stays where it is put; left to the plan, both go back', async ({
  page,
}) => {
  const id = await made(page, stove('Pinned sauce'));
  await page.clock.setFixedTime(on(5, 15));
  await ownHousehold(page, [id]);
  await page.goto('/plan');
  const blend = row(page, 'jug 60 s');
  const planned = (await blend.locator('b').first().textContent()) ?? '';
  await blend.getByRole('button', { name: /^jug 60 s/ }).press('Enter');
  const field = blend.getByRole('textbox', { name: /begins at/ });
  await field.fill('18:10');
  await field.press('Enter');
  await expect(blend).toContainText('put there by hand');
  await expect(blend.locator('b').first()).toHaveText('18:10');
  await expect(field).toBeFocused();
  await page.reload();
  await expect(blend.locator('b').first()).toHaveText('18:10');
  await blend.getByRole('button', { name: /^jug 60 s/ }).press('Enter');
  await blend.getByRole('button', { name: 'Leave it to the plan' }).press('Enter');
  await expect(blend.locator('b').first()).toHaveText(planned);
  await expect(blend).not.toContainText('put there by hand');
  // Dragged: a press alone moves nothing, a drag puts it earlier.
  const bar = page.locator('svg g g', { has: page.locator('title', { hasText: 'jug 60 s' }) }).last();
  // Focus stands in the list below: the picture may lie above what is seen.
  await page.getByRole('region', { name: 'Over time' }).evaluate((plate) => plate.scrollIntoView());
  const box = (await bar.locator('> rect').first().boundingBox())!;
  await page.mouse.click(box.x + box.width / 2, box.y + 10);
  await expect(blend).not.toContainText('put there by hand');
  await page.mouse.move(box.x + box.width / 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 120, box.y + 14, { steps: 6 });
  await page.mouse.up();
  await expect(blend).toContainText('put there by hand');
  await expect.poll(async () => (await blend.locator('b').first().textContent())! < planned).toBe(true);
  await page.request.delete(`/api/formulas/${id}`);
});

test('a finger that goes along the timeline puts a bar elsewhere; one that goes up or down scrolls past it', async ({
  page,
}) => {
  const id = await made(page, stove('By finger sauce'));
  await page.clock.setFixedTime(on(12, 15));
  await ownHousehold(page, [id]);
  await page.goto('/plan');
  const blend = row(page, 'jug 60 s');
  const planned = (await blend.locator('b').first().textContent()) ?? '';
  const bar = page.locator('svg g g', { has: page.locator('title', { hasText: 'jug 60 s' }) }).last();
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setTouchEmulationEnabled', { enabled: true });
  const swipe = async (dx: number, dy: number) => {
    await page.getByRole('region', { name: 'Over time' }).evaluate((plate) => plate.scrollIntoView());
    const box = (await bar.locator('> rect').first().boundingBox())!;
    const x = box.x + box.width / 2,
      y = box.y + 10;
    await cdp.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] });
    for (let i = 1; i <= 10; i++)
      await cdp.send('Input.dispatchTouchEvent', {
        type: 'touchMove',
        touchPoints: [{ x: x + (dx * i) / 10, y: y + (dy * i) / 10 }],
      });
    await cdp.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  };
  await swipe(4, -150);
  await expect(blend.locator('b').first()).toHaveText(planned);
  await swipe(-120, 6);
  await expect(blend).toContainText('put there by hand');
  await expect.poll(async () => (await blend.locator('b').first().textContent())! < planned).toBe(true);
  await page.request.delete(`/api/formulas/${id}`);
});

test('put to a time that is too late, everything is on the table later, and that is told', async ({
  page,
}) => {
  const id = await made(page, stove('Late sauce'));
  await page.clock.setFixedTime(on(6, 15));
  await ownHousehold(page, [id]);
  await page.goto('/plan');
  const heat = row(page, '92 °C').last();
  await heat.getByRole('button', { name: /^92 °C/ }).press('Enter');
  const field = heat.getByRole('textbox', { name: /begins at/ });
  await field.fill('18:55');
  await field.press('Enter');
  await expect(page.getByText(/\d+ minutes later than asked/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /on the table at 19:(0|1)\d/ })).toBeVisible();
  await page.request.delete(`/api/formulas/${id}`);
});

test('what is said on one device stands on the other', async ({ page, context }) => {
  const id = await made(page, stove('Shared stove sauce'));
  const other = await context.newPage();
  for (const one of [page, other]) {
    await one.clock.setFixedTime(on(7, 18, 30));
    await ownHousehold(one, [id]);
    await one.goto('/plan');
    await expect(row(one, 'jug 60 s')).toBeVisible();
  }
  await row(page, 'jug 60 s')
    .getByRole('button', { name: /^Begin/ })
    .click();
  await expect(row(page, 'jug 60 s').getByRole('button', { name: /^Done/ })).toBeVisible();
  await other.evaluate(() => window.dispatchEvent(new Event('focus')));
  await row(other, 'jug 60 s').getByRole('button', { name: /^Done/ }).click();
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(row(page, 'jug 60 s').getByRole('button', { name: /^Not done/ })).toBeVisible();
  await page.request.delete(`/api/formulas/${id}`);
});

test('without a server what is said while cooking stays here and is told; it is sent when there is one', async ({
  page,
}) => {
  const id = await made(page, stove('Cut off sauce'));
  await page.clock.setFixedTime(on(8, 18, 30));
  await ownHousehold(page, [id]);
  await page.goto('/plan');
  await expect(row(page, 'jug 60 s')).toBeVisible();
  await page.route('**/api/household/cooking', (route) => route.abort());
  await row(page, 'jug 60 s')
    .getByRole('button', { name: /^Begin/ })
    .click();
  await expect(page.getByText(/is in this browser alone/)).toBeVisible();
  await page.unroute('**/api/household/cooking');
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(page.getByText(/is in this browser alone/)).toHaveCount(0);
  const kept = (await (await page.request.get('/api/household/cooking')).json()) as { begun: object };
  expect(Object.keys(kept.begun)).toHaveLength(1);
  await page.request.delete(`/api/formulas/${id}`);
});

test('two long sauces on one burner: one press makes one of them the day before, and tonight it is only warmed', async ({
  page,
}) => {
  await page.clock.install({ time: on(26, 10) });
  const ids = [
    await made(page, stove('Long white sauce', 45)),
    await made(page, stove('Long brown sauce', 45)),
  ];
  const sent = await ownHousehold(page, ids, { burners: 1, keepWarmMin: 15 });
  await page.goto('/plan');
  const alert = page.getByRole('alert').filter({ hasText: 'cannot be done' });
  await alert.getByRole('button', { name: /^Make Long white sauce the day before/ }).press('Enter');
  const before = page.getByRole('region', { name: 'Long before' }).getByRole('listitem');
  await expect(before.filter({ hasText: '92 °C, 45 min' })).toContainText(
    /the day before.*Long white sauce/s,
  );
  await expect(row(page, '60 °C, 10 min')).toContainText('Long white sauce');
  await expect(alert).toBeHidden();
  await expect
    .poll(() => sent.tonight.pots)
    .toMatchObject([{ formula: ids[0], dayBefore: true }, { formula: ids[1] }]);
  const pressed = page.getByRole('button', { name: 'Long white sauce is made the day before' });
  await expect(pressed).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await expect(pressed).toHaveAttribute('aria-pressed', 'true');
  await pressed.press('Enter');
  await expect(alert).toBeVisible();
  for (const id of ids) await page.request.delete(`/api/formulas/${id}`);
});

test('what has to be bought is bought while the shop is open, before what needs it', async ({ page }) => {
  const id = await made(page, stove('Bought sauce'));
  await page.clock.setFixedTime(on(9, 12));
  const sent = await ownHousehold(page, [id]);
  await page.goto('/plan');
  await expect(row(page, '92 °C').last()).toBeVisible();
  await page.getByRole('button', { name: 'anything to buy?' }).press('Enter');
  const plate = page.getByRole('dialog', { name: 'To be bought' });
  await plate.getByRole('checkbox', { name: /Oat drink/ }).press('Space');
  await plate.getByRole('textbox', { name: 'The shop closes at' }).fill('17:00');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'to buy: 1' })).toBeVisible();
  await expect
    .poll(() => sent.evening)
    .toMatchObject({ shop: { to: 1020, minutes: 40, buys: ['oat-drink'] } });
  // Forty minutes, a fifth longer, and back by five.
  await expect(row(page, 'buy one thing')).toContainText('16:12');
  await page.request.delete(`/api/formulas/${id}`);
});

test('an evening is kept, cooked again, and taken back; deleted, it comes back too', async ({ page }) => {
  const first = await made(page, stove('Kept first sauce')),
    second = await made(page, stove('Kept second sauce'));
  await page.clock.setFixedTime(on(11, 12));
  const sent = await ownHousehold(page, [first, second]);
  await page.goto('/plan');
  await expect(row(page, '92 °C').last()).toBeVisible();
  const open = () => page.getByRole('button', { name: 'Kept evenings' }).press('Enter');
  const plate = page.getByRole('dialog', { name: 'Kept evenings' });
  await open();
  await plate.getByRole('textbox', { name: 'Name of this evening' }).fill('Two of a kind');
  await page.keyboard.press('Enter');
  await expect(plate.getByText('Two of a kind')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Not tonight: Kept second sauce' }).click();
  await expect(page.getByRole('list', { name: 'Pots of tonight' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('textbox', { name: 'On the table at' }).fill('20:15');
  await page.keyboard.press('Enter');
  await open();
  await plate.getByRole('button', { name: 'Cook Two of a kind' }).click();
  await expect(page.getByRole('list', { name: 'Pots of tonight' }).getByRole('listitem')).toHaveCount(2);
  await expect(page.getByRole('heading', { name: /on the table at 19:00/ })).toBeVisible();
  await expect.poll(() => sent.tonight.pots).toHaveLength(2);
  const undo = (told: string) =>
    page.locator('li', { hasText: told }).getByRole('button', { name: 'Undo' }).click();
  await undo('“Two of a kind” is on the plan.');
  await expect(page.getByRole('list', { name: 'Pots of tonight' }).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('heading', { name: /on the table at 20:15/ })).toBeVisible();
  await plate.getByRole('button', { name: 'Delete Two of a kind' }).click();
  await expect(plate.getByText('Two of a kind')).toHaveCount(0);
  await undo('“Two of a kind” is deleted.');
  await expect(plate.getByText('Two of a kind')).toBeVisible();
  await plate.getByRole('button', { name: 'Delete Two of a kind' }).click();
  for (const id of [first, second]) await page.request.delete(`/api/formulas/${id}`);
});

test('tomorrow’s evening has its soak tonight, and who wants to be is reminded of it on every page', async ({
  page,
}) => {
  const id = await made(page, soaked('Soaked nut sauce'));
  await page.clock.install({ time: on(13, 22, 0) });
  const sent = await ownHousehold(page, [id]);
  await page.goto('/plan');
  // Ten at night: seven in the evening has gone by.
  await expect(page.getByText(/19:00 has gone by/)).toBeVisible();
  await page.getByRole('button', { name: 'Tomorrow instead' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Tomorrow, on the table at 19:00' })).toBeVisible();
  await expect.poll(() => sent.evening).toMatchObject({ day: '2027-01-14' });
  const before = page.getByRole('region', { name: 'Long before' });
  const soak = before.getByRole('listitem').filter({ hasText: 'put to soak: cashew' });
  await expect(soak).toBeVisible();
  await soak.getByRole('button', { name: /^put to soak/ }).press('Enter');
  await soak.getByRole('textbox', { name: /begins at/ }).fill('22:30');
  await page.keyboard.press('Enter');
  await expect(soak.locator('b').first()).toHaveText('22:30');
  await page.getByRole('button', { name: 'Remind me' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Reminding' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('link', { name: 'Larder' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.clock.fastForward('20:00');
  await expect(page.getByText(/22:30: put to soak: cashew/)).toHaveCount(0);
  await page.clock.fastForward('06:00');
  await expect(page.getByText(/22:30: put to soak: cashew/).first()).toBeVisible();
  await page.request.delete(`/api/formulas/${id}`);
});

test('an evening of a bake, a melt and a dip is planned by keyboard alone in under three minutes', async ({
  page,
}) => {
  const melt = await made(page, stove('Keyed melt')),
    dip = await made(page, soaked('Overnight nut sauce'));
  const bake = (
    (await (
      await page.request.post('/api/dishes', {
        data: {
          name: 'Keyed bake',
          vessel: { shape: 'rectangular', lengthCm: 28, widthCm: 20, depthCm: 6 },
          parts: [
            { id: 's', formula: melt, grams: null },
            { id: 'l', ingredient: 'leek', grams: 400, ready: [] },
          ],
          layers: [
            { id: 'a', component: 'l' },
            { id: 'b', component: 's' },
          ],
          oven: [{ temperatureC: 190, minutes: 30, cover: 'open' }],
          restMin: 10,
        },
      })
    ).json()) as { id: string }
  ).id;
  await page.clock.setFixedTime(on(15, 12));
  const sent = await ownHousehold(page, []);
  const began = Date.now();
  await page.goto('/plan');
  const field = page.getByRole('combobox', { name: 'Cook tonight' });
  for (const [typed, name] of [
    ['keyed ba', 'Keyed bake'],
    ['keyed me', 'Keyed melt'],
    ['overnight', 'Overnight nut sauce'],
  ] as const) {
    await field.focus();
    await page.keyboard.type(typed);
    await expect(page.getByRole('option', { name: new RegExp(name) })).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: `${name} is eaten at` })).toBeVisible();
  }
  await page.getByRole('textbox', { name: 'Overnight nut sauce is eaten at' }).focus();
  await page.keyboard.type('18:30');
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'Day of the evening' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('button', { name: /^The kitchen/ }).click();
  await page.getByRole('textbox', { name: 'Cooks' }).focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('2');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Tomorrow, on the table at 19:00' })).toBeVisible();
  await expect(row(page, 'lay 2 layers')).toBeVisible();
  await expect(row(page, /rest 10 min/)).toContainText('18:50');
  await expect(page.getByRole('region', { name: 'Long before' })).toContainText('put to soak: cashew');
  expect(Date.now() - began).toBeLessThan(180_000);
  await expect.poll(() => sent.evening).toMatchObject({ day: '2027-01-16', cooks: 2 });
  await expect
    .poll(() => sent.tonight.pots)
    .toMatchObject([{ formula: melt }, { formula: dip, serveAt: 1110 }]);
  await page.request.delete(`/api/dishes/${bake}`);
  for (const id of [melt, dip]) await page.request.delete(`/api/formulas/${id}`);
});
