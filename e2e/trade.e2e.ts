import { expect } from '@playwright/test';
import { amount, ownFormula, saved, benchStands } from './kitchen';
import { test } from './same-browser';

const brief = [
  { rail: 'thickness', low: 500, high: 12_000 },
  { rail: 'salt', low: 0.3, high: 1.5 },
];

/** A point of the region, on the page, around which there is room on all sides. */
function wellInside(region: Element): { x: number; y: number } | undefined {
  const path = region as SVGPathElement,
    svg = path.ownerSVGElement;
  if (!svg) return undefined;
  const box = path.getBBox(),
    page = svg.getBoundingClientRect();
  const inside = (x: number, y: number) => path.isPointInFill(Object.assign(svg.createSVGPoint(), { x, y }));
  for (const room of [14, 9, 5, 2])
    for (let x = box.x; x < box.x + box.width; x += 3)
      for (let y = box.y; y < box.y + box.height; y += 3)
        if (
          [
            [-1, -1],
            [1, -1],
            [-1, 1],
            [1, 1],
            [0, 0],
          ].every(([dx = 0, dy = 0]) => inside(x + dx * room, y + dy * room))
        )
          return { x: page.left + x, y: page.top + y };
  return undefined;
}

test('the dot on the trade map is dragged into the region and the brief is met', async ({ page }) => {
  const id = await ownFormula(page, 'Traded');
  const lines = [
    { id: 'seeds', ingredient: 'sunflower-seed', amount: 60, unit: 'g', preparation: 'soaked' },
    { id: 'water', ingredient: 'water', amount: 300, unit: 'g' },
    { id: 'starch', ingredient: 'tapioca-starch', amount: 16, unit: 'g', stage: 'slurry' },
    { id: 'salt', ingredient: 'salt', amount: 3, unit: 'g' },
  ];
  await page.request.put(`/api/formulas/${id}`, { data: { name: 'Traded', version: 1, lines, brief } });
  await page.reload();
  await benchStands(page);
  await amount(page, 'Tapioca starch').fill('3');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('rail-thickness')).toContainText('below the brief');
  await page.getByRole('heading', { name: 'In the pot' }).click();
  await page.keyboard.press('t');
  const frame = page.getByTestId('trade-frame');
  await expect(frame).toHaveAttribute('data-fine', 'true');
  await page.getByRole('combobox', { name: 'Upwards' }).selectOption('seeds');
  await expect(frame).toHaveAttribute('data-fine', 'true');
  const dot = page.getByTestId('trade-dot');
  const from = await dot.boundingBox();
  const middle = await page.getByTestId('trade-region').evaluate(wellInside);
  if (!from || !middle) throw new Error('dot and region are not on the page');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(middle.x, middle.y, { steps: 12 });
  await expect(amount(page, 'Tapioca starch')).not.toHaveValue('3');
  await page.mouse.up();
  await expect(page.getByTestId('rail-thickness')).not.toContainText('the brief');
  await expect(page.getByTestId('trade-ghost')).toBeAttached();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amount(page, 'Tapioca starch')).toHaveValue('3');
});

test('the dot moves by arrow keys, and the formula follows', async ({ page }) => {
  await ownFormula(page, 'By keys');
  await page.keyboard.press('t');
  const dot = page.getByTestId('trade-dot');
  await dot.focus();
  const before = await page.getByTestId('rail-thickness').textContent();
  const starch = Number(await amount(page, 'Tapioca starch').inputValue());
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight');
  // On a busy machine the last press is drawn a moment later.
  await expect
    .poll(async () => Number(await amount(page, 'Tapioca starch').inputValue()))
    .toBeGreaterThan(starch * 1.3);
  await expect(page.getByTestId('rail-thickness')).not.toHaveText(before ?? '');
  await expect(dot).toHaveAttribute('aria-valuetext', /Tapioca starch .* grams, Water 300 grams/);
});
