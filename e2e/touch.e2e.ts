import { type CDPSession, expect, type Page, test } from '@playwright/test';
import { amount, askTheUsual, benchStands, copyOf, ownFormula, saved } from './kitchen';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** A finger that goes over the screen. */
async function swipe(
  cdp: CDPSession,
  from: readonly [number, number],
  by: readonly [number, number],
): Promise<void> {
  const at = (x: number, y: number) => [{ x, y }];
  await cdp.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(...from) });
  for (let i = 1; i <= 12; i++)
    await cdp.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: at(from[0] + (by[0] * i) / 12, from[1] + (by[1] * i) / 12),
    });
  await cdp.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

async function middleOf(
  page: Page,
  name: string | RegExp,
  role: 'spinbutton' | 'slider',
): Promise<[number, number]> {
  const thing = page.getByRole(role, { name });
  await thing.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  const box = await thing.boundingBox();
  if (!box) throw new Error(`${String(name)} is not on the page`);
  return [box.x + box.width / 2, box.y + box.height / 2];
}

/** What the server would be sent. */
const held = async (page: Page) =>
  JSON.stringify(
    await page.evaluate(() =>
      Object.entries({ ...localStorage }).filter(([key]) => key.startsWith('alterum.draft')),
    ),
  );

test('a finger that scrolls or slips over figures, stretches and the map changes none of them', async ({
  page,
}) => {
  const id = await copyOf(page, 'Flatbread melt');
  await askTheUsual(page);
  await saved(page);
  const before = await (await page.request.get(`/api/formulas/${id}`)).json();
  const cdp = await page.context().newCDPSession(page);
  for (const [name, role] of [
    ['Amount of Coconut drink', 'spinbutton'],
    ['Amount of Rapeseed oil', 'spinbutton'],
    ['Serve at', 'spinbutton'],
    ['Fat, most asked', 'slider'],
    ['Salt, least asked', 'slider'],
  ] as const) {
    await swipe(cdp, await middleOf(page, name, role), [0, -160]);
    await swipe(cdp, await middleOf(page, name, role), [70, -20]);
    await swipe(cdp, await middleOf(page, name, role), [-60, 3]);
  }
  await page.waitForTimeout(1200);
  await expect.poll(() => held(page)).toBe('[]');
  expect(await (await page.request.get(`/api/formulas/${id}`)).json()).toEqual(before);
});

test('a finger changes an amount with the buttons that come with the field', async ({ page }) => {
  await ownFormula(page, 'By thumb');
  await amount(page, 'Cashew nuts').tap();
  const more = page.getByRole('button', { name: 'More, Amount of Cashew nuts' });
  await more.tap();
  await more.tap();
  await expect(amount(page, 'Cashew nuts')).toHaveValue('110');
  await expect(amount(page, 'Cashew nuts')).toBeFocused();
  const box = await more.boundingBox();
  expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(44);
});

test('a finger that rests on a grip takes a line elsewhere; one that only goes over it scrolls', async ({
  page,
}) => {
  await ownFormula(page, 'By resting finger');
  const names = () =>
    page
      .getByRole('list', { name: 'Lines' })
      .locator('> li')
      .evaluateAll((items) => items.map((item) => item.getAttribute('data-testid')));
  const before = await names();
  const cdp = await page.context().newCDPSession(page);
  const middle = async (name: string): Promise<[number, number]> => {
    const grip = page.getByRole('button', { name });
    const box = (await grip.boundingBox())!;
    return [box.x + box.width / 2, box.y + box.height / 2];
  };
  await page
    .getByRole('button', { name: 'Move Water' })
    .evaluate((grip) => grip.scrollIntoView({ block: 'center' }));
  await swipe(cdp, await middle('Move Water'), [0, -60]);
  expect(await names()).toEqual(before);
  await page
    .getByRole('button', { name: 'Move Water' })
    .evaluate((grip) => grip.scrollIntoView({ block: 'center' }));
  const [x, y] = await middle('Move Water'),
    [, to] = await middle('Move Cashew nuts');
  const touch = (type: 'touchStart' | 'touchMove', at: number) =>
    cdp.send('Input.dispatchTouchEvent', { type, touchPoints: [{ x, y: at }] });
  await touch('touchStart', y);
  await page.waitForTimeout(400);
  for (let i = 1; i <= 8; i++) await touch('touchMove', y + ((to - 4 - y) * i) / 8);
  await cdp.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect.poll(names).toEqual([before[1], before[0], ...before.slice(2)]);
});

test('in the swap list the second “Take” works at the first tap', async ({ page }) => {
  await copyOf(page, 'Flatbread melt');
  await page.getByRole('button', { name: 'Swap', exact: true }).tap();
  const options = page.getByTestId('swap-option');
  await expect(options.nth(1)).toBeVisible();
  await options.nth(1).getByRole('button', { name: /^Take/ }).tap();
  await expect(page.getByTestId('work-swap')).toHaveCount(0);
  await expect(page.getByTestId('person-Marte')).not.toHaveAttribute('data-verdict', 'does-not');
});

test('every popover is wholly on a phone’s screen', async ({ page }) => {
  await copyOf(page, 'Flatbread melt');
  const openers = page.locator('main [aria-haspopup=dialog]:visible');
  const count = await openers.count();
  expect(count).toBeGreaterThan(12);
  for (let i = 0; i < count; i++) {
    await openers.nth(i).tap();
    const plate = page.locator('[data-radix-popper-content-wrapper] [role=dialog]');
    await expect(plate).toBeVisible();
    await expect
      .poll(async () => {
        const box = await plate.boundingBox();
        // Whole, and never so low that hardly a line of it is seen.
        const least = await plate.evaluate((element) => Math.min(element.scrollHeight, 250));
        return (
          box &&
          box.x >= 0 &&
          box.y >= 0 &&
          box.x + box.width <= 390 &&
          box.y + box.height <= 844 &&
          box.height >= least
        );
      })
      .toBe(true);
    await page.keyboard.press('Escape');
    await expect(plate).toHaveCount(0);
  }
});

for (const [what, width, height] of [
  ['an upright tablet', 820, 1180],
  ['a laptop at 200 %', 640, 400],
  ['a narrow phone', 320, 700],
] as const)
  test(`on ${what} every verdict stands uncut and nothing scrolls sideways`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const address of ['/formulas', '/table', '/larder', '/card', '/compare', '/put-away', '/']) {
      await page.goto(address);
      await expect(page.getByRole('main')).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    }
    await benchStands(page);
    const cut = await page
      .getByTestId(/^person-/)
      .evaluateAll(
        (cards) =>
          cards.flatMap((card) =>
            [card, ...card.querySelectorAll('*')].filter(
              (element) =>
                element.scrollWidth > element.clientWidth + 1 &&
                getComputedStyle(element).overflowX !== 'visible',
            ),
          ).length,
      );
    expect(cut).toBe(0);
  });
