import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { idOfFormula } from './kitchen';

/** The household of this test alone, whatever others choose at the same time. */
async function ownEvening(page: Page, formulas: readonly string[] = []): Promise<object[]> {
  const sent: object[] = [];
  const evening = { serveAt: 1140, burners: 2, ovens: 1, blenders: 1, cooks: 1, keepWarmMin: 20 };
  await page.route('**/api/household', (route) =>
    route.fulfill({
      json: {
        law: 'eu',
        lawChosen: true,
        kitchen: null,
        evening,
        pots: formulas.map((formula) => ({ formula, tools: [], washedBefore: false })),
        dishes: [],
        versions: null,
      },
    }),
  );
  await page.route('**/api/household/{evening,tonight}', (route) => {
    sent.push(route.request().postDataJSON() as object);
    return route.fulfill({ json: {} });
  });
  return sent;
}

const nuts = {
  name: 'Planned nut sauce',
  family: 'pouring-sauce',
  lines: [
    { id: 'nuts', ingredient: 'cashew', amount: 120, unit: 'g', ready: [{ kind: 'soak', minutes: 600 }] },
    { id: 'water', ingredient: 'water', amount: 300, unit: 'g' },
    { id: 'salt', ingredient: 'salt', amount: 4, unit: 'g' },
  ],
  method: [
    { kind: 'put-in', lines: ['nuts', 'water', 'salt'] },
    { kind: 'blend', seconds: 90 },
    { kind: 'heat', temperatureC: 80, minutes: 5 },
  ],
};
const made = async (page: Page, body: object = nuts) =>
  ((await (await page.request.post('/api/formulas', { data: body })).json()) as { id: string }).id;
const clock = (page: Page) => page.getByRole('region', { name: 'By the clock' });

test('an evening is planned by keyboard: a pot chosen, the time typed, and the soak stands long before', async ({
  page,
}) => {
  const id = await made(page);
  const sent = await ownEvening(page);
  await page.goto('/plan');
  await expect(page.getByText('Nothing is cooked tonight yet.')).toBeVisible();
  const field = page.getByRole('combobox', { name: 'Cook tonight' });
  await field.focus();
  await page.keyboard.type('planned nut');
  await expect(page.getByRole('option', { name: /Planned nut sauce/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(field).toBeFocused();
  await expect(clock(page)).toContainText('jug 90 s');
  await page.getByRole('textbox', { name: 'On the table at' }).fill('20:30');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Tonight, on the table at 20:30' })).toBeVisible();
  const last = clock(page).getByRole('listitem').last();
  await expect(last).toContainText('80 °C');
  // Nine minutes from where it wants stirring, a fifth longer: done at half past eight.
  await expect(last).toContainText('20:19');
  await expect(page.getByRole('region', { name: 'Long before' })).toContainText('put to soak: cashew');
  await expect.poll(() => sent.at(-1)).toMatchObject({ serveAt: 1230 });
  await page.request.delete(`/api/formulas/${id}`);
});

test('what cannot be read as a time says so, stays, and changes nothing', async ({ page }) => {
  const id = await made(page);
  const sent = await ownEvening(page, [id]);
  await page.goto('/plan');
  await expect(clock(page)).toContainText('jug 90 s');
  const field = page.getByRole('textbox', { name: 'On the table at' });
  await field.fill('half past');
  await field.press('Tab');
  await expect(page.getByText('Type a time of the day, such as 19:30.')).toBeVisible();
  await expect(field).toHaveValue('half past');
  expect(sent).toEqual([]);
  await page.request.delete(`/api/formulas/${id}`);
});

test('an evening without a blender says what is missing, and one press plans it', async ({ page }) => {
  const id = await made(page);
  await ownEvening(page, [id]);
  await page.goto('/plan');
  await expect(clock(page)).toContainText('jug 90 s');
  await page.getByRole('button', { name: /^The kitchen/ }).click();
  await page.getByRole('textbox', { name: 'Blenders' }).fill('0');
  await page.keyboard.press('Enter');
  const alert = page.getByRole('alert').filter({ hasText: 'cannot be done' });
  await expect(alert).toContainText('Planned nut sauce');
  await alert.getByRole('button', { name: 'One more blender' }).click();
  await expect(clock(page)).toContainText('jug 90 s');
  await expect(alert).toHaveCount(0);
  await page.request.delete(`/api/formulas/${id}`);
});

test('the calendar file holds the soak and every task by its time', async ({ page }) => {
  const id = await made(page);
  await ownEvening(page, [id]);
  await page.goto('/plan');
  await expect(clock(page)).toContainText('jug 90 s');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('alterum-evening.ics');
  const text = readFileSync(await file.path(), 'utf8').replace(/\r\n[ \t]/g, '');
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(6);
  expect(text).toContain('SUMMARY:soak 10 h: cashew nuts (Planned nut sauce)');
  expect(text.match(/BEGIN:VALARM/g)).toHaveLength(6);
  await page.request.delete(`/api/formulas/${id}`);
});

test('late by a quarter of an hour is planned again: what is done stays, and serving moves as little as it can', async ({
  page,
}) => {
  const id = await made(page, {
    name: 'Planned stove sauce',
    family: 'pouring-sauce',
    lines: [
      { id: 'drink', ingredient: 'oat-drink', amount: 400, unit: 'g' },
      { id: 'flour', ingredient: 'wheat-flour', amount: 24, unit: 'g' },
    ],
    method: [
      { kind: 'put-in', lines: ['drink', 'flour'] },
      { kind: 'blend', seconds: 60 },
      { kind: 'heat', temperatureC: 92, minutes: 6 },
    ],
  });
  await page.clock.setFixedTime(new Date(2026, 10, 27, 18, 50));
  await ownEvening(page, [id]);
  await page.goto('/plan');
  await expect(page.getByRole('heading', { name: 'Tonight, on the table at 19:00' })).toBeVisible();
  await expect(page.getByText(/^Likely ready 18:5\d to (18:5\d|19:00)/)).toBeVisible();
  const blend = clock(page).getByRole('listitem').filter({ hasText: 'jug 60 s' });
  await blend.getByRole('button', { name: /^Begin/ }).press('Enter');
  await blend.getByRole('button', { name: /^Done/ }).press('Enter');
  await expect(blend.getByRole('button', { name: /^Not done/ })).toBeFocused();
  await page.getByRole('button', { name: '15 minutes late' }).press('Enter');
  await expect(page.getByText(/minutes later than asked/)).toBeVisible();
  await expect(page.getByRole('button', { name: '15 minutes late' })).toBeFocused();
  await expect(page.getByRole('heading', { name: /on the table at 19:(2\d|3\d)/ })).toBeVisible();
  // Done is done: it stands where it was, struck through, and nothing left begins before 19:05.
  await expect(blend).toContainText('18:5');
  const heat = clock(page).getByRole('listitem').filter({ hasText: '92 °C' }).last();
  await expect(heat).toContainText(/19:(0[5-9]|1\d)/);
  await page.reload();
  await expect(page.getByText(/minutes later than asked/)).toBeVisible();
  await page.getByRole('button', { name: 'Start over' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Tonight, on the table at 19:00' })).toBeVisible();
  await page.request.delete(`/api/formulas/${id}`);
});

test('the evening of the demonstration household stands ready: a bake, a melt in two versions, a dip before, one soak overnight', async ({
  page,
}) => {
  const melt = await idOfFormula(page, 'Flatbread melt'),
    dip = await idOfFormula(page, 'Smoked pumpkin-seed dip');
  const [bake] = (
    (await (await page.request.get('/api/dishes')).json()) as { id: string; name: string }[]
  ).filter(({ name }) => name.endsWith('aubergine bake'));
  await page.route('**/api/household', (route) =>
    route.fulfill({
      json: {
        law: 'eu',
        lawChosen: true,
        kitchen: null,
        evening: null,
        pots: [
          { formula: melt, tools: ['spoon'], washedBefore: false },
          { formula: dip, tools: [], washedBefore: false, serveAt: 1110 },
        ],
        dishes: [{ dish: bake!.id }],
        versions: {
          base: melt,
          inBase: [],
          versions: [
            { name: 'Mild', added: [] },
            { name: 'Hot', added: [{ ingredient: 'cayenne', grams: 0.1 }] },
          ],
        },
      },
    }),
  );
  const sent: { dividedAfter?: number; versions: { name: string; eaters?: string[] }[] }[] = [];
  await page.route('**/api/household/versions', (route) => {
    sent.push(route.request().postDataJSON() as (typeof sent)[number]);
    return route.fulfill({ json: {} });
  });
  await page.goto('/plan');
  const list = clock(page);
  await expect(list).toContainText('lay 9 layers');
  const row = (words: string | RegExp) => list.getByRole('listitem').filter({ hasText: words });
  await expect(row('heat the oven to 190 °C')).toContainText('17:');
  await expect(row(/bake 30 min at 190 °C, under foil/)).toContainText('18:05');
  await expect(row(/rest 10 min/)).toContainText('18:50');
  // The dip is cold by half past six; its seeds are put to soak the day before.
  await expect(row('chill 3 h')).toContainText('15:30');
  const before = page.getByRole('region', { name: 'Long before' });
  await expect(before.getByRole('listitem').first()).toContainText(
    /the day before.*put to soak: pumpkin seeds/s,
  );
  // Two from one base: grams by heads, and who eats which is changed by one choice.
  const plate = page.getByRole('region', { name: 'Versions from one base' });
  await expect(plate.getByTestId('share-Hot')).toContainText(/\d+ g Hot/);
  await expect(plate).toContainText('Mild, then Hot');
  await plate.getByRole('combobox', { name: 'Ilva eats' }).selectOption('Mild');
  await expect(plate.getByTestId('share-Mild')).toContainText('Ilva');
  await plate.getByRole('combobox', { name: 'Divide it after' }).selectOption('1');
  await expect.poll(() => sent.at(-1)).toMatchObject({ dividedAfter: 1 });
  await expect.poll(() => sent.at(-1)?.versions[0]?.eaters).toHaveLength(1);
});
