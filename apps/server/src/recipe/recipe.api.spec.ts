import type { RecipeReadResponse } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const read = async (body: object) =>
  (await server.ask().post('/api/recipes/read').send(body).expect(200)).body as RecipeReadResponse;

test('a recipe is read: lines with range, weight and how sure, steps as operations, and what was not read', async () => {
  const answer = await read({
    text: 'Quick sauce\nServes 4-6\n2-3 tbsp nutritional yeast\n1 cup (140 g) cashews, soaked overnight\nsalt to taste\n1 tsp zorblax\nPrep time: 5 min\n\nMethod\nBlend for 60 seconds. Heat to 90 °C for 5 minutes.\nServe with love.',
  });
  expect(answer).toMatchObject({ name: 'Quick sauce', portions: { low: 4, mid: 5, high: 6 } });
  expect(answer.lines[0]).toMatchObject({
    text: '2-3 tbsp nutritional yeast',
    amount: { low: 2, mid: 2.5, high: 3 },
    unit: 'tbsp',
    ingredient: 'nutritional-yeast',
    optional: false,
    toTaste: false,
    alternatives: [],
  });
  expect(answer.lines[1]).toMatchObject({ grams: 140, ingredient: 'cashew', preparation: 'soaked' });
  expect(answer.lines[1]?.ready?.[0]).toMatchObject({ kind: 'soak' });
  expect(answer.lines[2]).toMatchObject({ toTaste: true, amount: null, ingredient: 'salt' });
  expect(answer.lines[3]).toMatchObject({ ingredient: null, confidence: 0, grams: null });
  expect(answer.method.map(({ operations }) => operations.map(({ kind }) => kind))).toEqual([
    ['blend'],
    ['heat'],
    [],
  ]);
  expect(answer.method[1]?.operations[0]).toMatchObject({ temperatureC: 90, minutes: 5 });
  expect(answer.unread).toEqual([{ text: 'Prep time: 5 min', why: expect.any(String) as string }]);
});

test('an ingredient of one’s own is found by its name', async () => {
  const label = { perG: 100, fat: 30, carbohydrate: 10, protein: 5, salt: 1 };
  const own = (
    await server.ask().post('/api/own-ingredients').send({ name: 'Glimmer spread', label }).expect(201)
  ).body as { id: string };
  expect((await read({ text: '2 tbsp glimmer spread' })).lines[0]).toMatchObject({ ingredient: own.id });
});

test('the source of a page with linked data; markup and control characters harm nothing', async () => {
  const recipe = {
    '@type': 'Recipe',
    name: 'Paged',
    recipeIngredient: ['100 g tahini', '<b>2 tbsp</b> lemon juice'],
  };
  const html = `<script type="application/ld+json">${JSON.stringify(recipe)}</script><img src=x onerror=alert(1)>`;
  const answer = await read({ html });
  expect(answer.lines.map(({ ingredient }) => ingredient)).toEqual(['tahini', 'lemon-juice']);
  expect((await read({ text: '\u0007 100 g tahini \u200b' })).lines[0]?.grams).toBe(100);
  expect(JSON.stringify(await read({ text: '<script>alert(1)</script>\n100 g tahini' }))).not.toContain(
    'alert',
  );
});

test('what is no text, or longer than any recipe, is refused with what to do', async () => {
  for (const body of [{}, { text: 5 }, { text: 'x'.repeat(200_001) }, { html: [] }]) {
    const problem = problemOf(await server.ask().post('/api/recipes/read').send(body).expect(400));
    expect(problem.errors?.[0]?.message).toMatch(/Send|read|text/);
  }
  const whole = await read({ text: Array.from({ length: 9000 }, (_, i) => `${i} g cashews`).join('\n') });
  expect(whole.lines.length + whole.unread.length).toBe(9000);
});
