import { type APIRequestContext, expect, type Page } from '@playwright/test';

/** Waits until everything on the Bench that takes keys is there. */
export async function benchStands(page: Page): Promise<void> {
  await expect(page.getByTestId('bench')).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'Add an ingredient' })).toBeVisible();
}

/** Formulas that the journey under way has made for itself. */
const madeHere = new Set<string>();

/** Puts away what the journey has made: a list holds fifty, and those of the demonstration are to stay among them. */
export async function putAwayMade(request: APIRequestContext): Promise<void> {
  for (const id of madeHere) await request.delete(`/api/formulas/${id}`);
  madeHere.clear();
}

/** The id of a formula by its whole name, however many others the kitchen has by now. */
export async function idOfFormula(page: Page, name: string): Promise<string | undefined> {
  const formulas = (await (
    await page.request.get(`/api/formulas?limit=200&search=${encodeURIComponent(name)}`)
  ).json()) as { id: string; name: string }[];
  return formulas.find((formula) => formula.name === name)?.id;
}

/** Opens the demo formula that is opened first, and waits until the Bench stands. */
export async function openBench(page: Page, name = 'Flatbread melt'): Promise<void> {
  const id = await idOfFormula(page, name);
  await page.goto(id ? `/bench/${id}` : '/');
  await benchStands(page);
}

const nutSauce = [
  { id: 'nuts', ingredient: 'cashew', amount: 100, unit: 'g', preparation: 'soaked' },
  { id: 'water', ingredient: 'water', amount: 300, unit: 'ml' },
  { id: 'starch', ingredient: 'tapioca-starch', amount: 2, unit: 'tbsp', stage: 'slurry' },
  { id: 'salt', ingredient: 'salt', amount: 3, unit: 'g' },
];
/** What nobody of the demonstration household has anything against. */
const beanSauce = [
  { id: 'beans', ingredient: 'white-bean-boiled', amount: 200, unit: 'g' },
  { id: 'water', ingredient: 'water', amount: 300, unit: 'ml' },
  { id: 'oil', ingredient: 'rapeseed-oil', amount: 20, unit: 'g' },
  { id: 'starch', ingredient: 'tapioca-starch', amount: 12, unit: 'g', stage: 'slurry' },
  { id: 'salt', ingredient: 'salt', amount: 3, unit: 'g' },
];

/** A bean sauce of this test's own that everybody can eat, opened on the Bench. */
export const forEverybody = (page: Page, name: string): Promise<string> => ownFormula(page, name, beanSauce);

/** Opens an operation of the method strip by the words on it. */
export async function openOperation(page: Page, words: RegExp | string): Promise<void> {
  await page
    .getByRole('list', { name: 'Operations' })
    .getByRole('button', { name: words })
    .and(page.getByRole('button', { name: /^Operation/ }))
    .click();
}

/** A formula of this test's own, opened on the Bench. */
export async function ownFormula(
  page: Page,
  name: string,
  lines: readonly object[] = nutSauce,
): Promise<string> {
  const response = await page.request.post('/api/formulas', {
    data: { name, family: 'pouring-sauce', lines },
  });
  expect(response.ok()).toBe(true);
  const { id } = (await response.json()) as { id: string };
  madeHere.add(id);
  await page.goto(`/bench/${id}`);
  await benchStands(page);
  return id;
}

export const amount = (page: Page, ingredient: string) =>
  page.getByRole('spinbutton', { name: `Amount of ${ingredient}` });
export const figure = (page: Page, rail: string) => page.getByTestId(`figure-${rail}`);
export const place = async (page: Page, rail: string): Promise<number> =>
  Number(await page.getByTestId(`bead-${rail}`).getAttribute('data-place'));
export const saved = (page: Page) => expect(page.getByTestId('save-state')).toContainText(/saved \d/);

/** A copy of a demo formula for one test, opened on the Bench; the demo itself stays as it is for the others. */
export async function copyOf(page: Page, name: string): Promise<string> {
  const whole = (await (
    await page.request.get(`/api/formulas/${await idOfFormula(page, name)}`)
  ).json()) as Record<string, unknown>;
  const { id: _id, version: _version, updatedAt: _updatedAt, favourite: _favourite, ...content } = whole;
  const made = await page.request.post('/api/formulas', { data: { ...content, name: 'On trial' } });
  expect(made.ok()).toBe(true);
  const { id } = (await made.json()) as { id: string };
  madeHere.add(id);
  await page.goto(`/bench/${id}`);
  await benchStands(page);
  return id;
}

/** Asks of the open formula what is usual for its kind. */
export async function askTheUsual(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Brief/ }).click();
  await page.getByRole('menuitem', { name: /^Usual for/ }).click();
  await expect(page.getByRole('button', { name: /^Brief: usual for/ })).toBeVisible();
}

/** Says a wish by one press in the balance. */
export async function wish(page: Page, words: string): Promise<void> {
  const row = page.getByRole('group', { name: 'One-press wishes' });
  const chip = row.getByRole('button', { name: words, exact: true });
  if (!(await chip.isVisible())) await row.getByRole('button', { name: 'more wishes' }).click();
  await chip.click();
}

export const verdict = (page: Page) => page.getByTestId('balance-verdict');
export const proposed = async (page: Page, rail: string): Promise<number> =>
  Number(await page.getByTestId(`proposed-${rail}`).getAttribute('data-place'));

/** Presses a single letter as a cook does who works in no field and on no button. */
export async function letter(page: Page, key: string): Promise<void> {
  await page.getByRole('heading', { name: 'In the pot' }).click();
  await page.keyboard.press(key);
}
