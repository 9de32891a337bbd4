import type { EaterView, FormulaSummary, FormulaView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeEach(async () => {
  server = await startKitchenServer();
});
afterEach(() => server.close());

type Line = readonly [ingredient: string, grams: number];
const make = async (name: string, lines: readonly Line[], more: object = {}) =>
  (
    await server
      .ask()
      .post('/api/formulas')
      .send({
        name,
        lines: lines.map(([ingredient, amount]) => ({ ingredient, amount, unit: 'g' })),
        ...more,
      })
      .expect(201)
  ).body as FormulaView;
const person = async (name: string, ...needs: readonly object[]) =>
  (await server.ask().post('/api/eaters').send({ name, eatsTonight: true, needs }).expect(201))
    .body as EaterView;
const allergic = (allergen: string) => ({ kind: 'allergen', allergen, strictness: 'allergy', traces: false });
const find = async (query: string) =>
  ((await server.ask().get(`/api/formulas?${query}`).expect(200)).body as FormulaSummary[]).map(
    ({ name }) => name,
  );

const potato: Line = ['potato-boiled', 300],
  cashew: Line = ['cashew', 100],
  water: Line = ['water', 200];

test('all formulas are looked through, not those of the first page', async () => {
  await make('Potato soup', [potato, water]);
  for (let i = 0; i < 5; i++) await make(`Nuts ${i}`, [cashew, water]);
  await person('Nola', allergic('cashew'));
  expect(await find('suits=fits&limit=2')).toEqual(['Potato soup']);
  const { headers, body } = await server.ask().get('/api/formulas?suits=conflict&limit=2').expect(200);
  expect((body as unknown[]).length).toBe(2);
  expect((headers as Record<string, string>)['x-total-count']).toBe('5');
  const next = /<([^>]+)>/.exec((headers as Record<string, string>)['link'] ?? '')?.[1] ?? '';
  const following = (await server.ask().get(next).expect(200)).body as FormulaSummary[];
  expect(following.map(({ name }) => name)).toEqual(['Nuts 2', 'Nuts 1']);
});

test('by one person, by those of tonight, by everybody; nothing in it suits nobody', async () => {
  const nola = await person('Nola', allergic('cashew')),
    pat = await person('Pat', allergic('celery'));
  await make('Potatoes', [potato]);
  await make('Nuts', [cashew]);
  await make('Celery', [['celery', 200]]);
  await make('Empty', []);
  expect(await find(`suits=fits&person=${nola.id}`)).toEqual(['Celery', 'Potatoes']);
  expect(await find(`person=${nola.id}`)).toEqual(['Celery', 'Potatoes']);
  expect(await find(`suits=conflict&person=${pat.id}`)).toEqual(['Celery']);
  expect(await find('suits=fits')).toEqual(['Potatoes']);
  await server
    .ask()
    .put(`/api/eaters/${pat.id}`)
    .send({ name: 'Pat', eatsTonight: false, needs: [allergic('celery')], version: pat.version })
    .expect(200);
  expect(await find('suits=fits&person=tonight')).toEqual(['Celery', 'Potatoes']);
});

test('what is written, said of a person, of a label or of a formula inside, turns what is found at once', async () => {
  const inner = await make('Inner', [potato, water]);
  await make('Outer', [[`formula:${inner.id}`, 100]]);
  const nola = await person('Nola', allergic('milk'));
  expect(await find('suits=fits')).toEqual(['Outer', 'Inner']);
  await server
    .ask()
    .put(`/api/formulas/${inner.id}`)
    .send({ name: 'Inner', version: 1, lines: [{ ingredient: 'dairy-cream', amount: 50, unit: 'g' }] })
    .expect(200);
  expect(await find('suits=fits')).toEqual([]);
  await server
    .ask()
    .put(`/api/eaters/${nola.id}`)
    .send({ name: 'Nola', eatsTonight: true, needs: [], version: nola.version })
    .expect(200);
  expect(await find('suits=fits')).toEqual(['Inner', 'Outer']);
  await person('Meno', allergic('celery'));
  expect(await find('suits=fits')).toEqual(['Inner', 'Outer']);
  // Of what is put away nobody knows any more what it holds; what it stood in asks.
  const third = await make('Third', [potato]);
  await server.ask().delete(`/api/formulas/${inner.id}`).expect(204);
  expect(await find('suits=fits')).toEqual(['Third']);
  expect(await find('suits=possible')).toEqual(['Third', 'Outer']);
  await server.ask().post(`/api/formulas/${inner.id}/restore`).expect(200);
  await server.ask().delete(`/api/formulas/${third.id}`).expect(204);
  expect(await find('suits=fits')).toEqual(['Inner', 'Outer']);
  await server.ask().put('/api/labels/dairy-cream').send({ text: 'Ingredients: cream, celery.' }).expect(200);
  expect(await find('suits=fits')).toEqual([]);
});

test('what is in the house: enough of everything, water aside, and of what stands in a formula inside', async () => {
  const say = (ingredient: string, grams: number) =>
    server.ask().put(`/api/stock/${ingredient}`).send({ grams }).expect(200);
  const inner = await make('Inner', [cashew, water]);
  await make('Half of it', [[`formula:${inner.id}`, 150], potato]);
  await make('Carrots', [['carrot', 100]]);
  expect(await find('house=yes')).toEqual([]);
  await say('cashew', 60);
  await say('potato-boiled', 300);
  // Half a batch of 300 g wants 50 g of the nuts; the whole of it 100.
  expect(await find('house=yes')).toEqual(['Half of it']);
  await say('cashew', 40);
  expect(await find('house=yes')).toEqual([]);
  await say('cashew', 100);
  expect(await find('house=yes')).toEqual(['Half of it', 'Inner']);
});

test('a mark is kept without a new version or another place, is found, and a copy has none', async () => {
  const first = await make('First', [potato]);
  await make('Second', [potato]);
  const marked = await server
    .ask()
    .put(`/api/formulas/${first.id}/favourite`)
    .send({ favourite: true })
    .expect(200);
  expect(marked.body).toMatchObject({ favourite: true, version: 1 });
  expect(await find('')).toEqual(['Second', 'First']);
  expect(await find('favourite=yes')).toEqual(['First']);
  await server
    .ask()
    .put(`/api/formulas/${first.id}`)
    .send({ name: 'First, changed', version: 1 })
    .expect(200);
  expect(await find('favourite=yes')).toEqual(['First, changed']);
  const copy = (await server.ask().post(`/api/formulas/${first.id}/duplicate`).expect(201))
    .body as FormulaView;
  expect(copy.favourite).toBe(false);
  const backup = await server.ask().get('/api/backup').expect(200);
  await server.ask().put(`/api/formulas/${first.id}/favourite`).send({ favourite: false }).expect(200);
  expect(await find('favourite=yes')).toEqual([]);
  await server
    .ask()
    .post('/api/restore?mode=replace')
    .set('content-type', 'application/json')
    .send(JSON.stringify(backup.body))
    .expect(200);
  expect(await find('favourite=yes')).toEqual(['First, changed']);
  expect(
    problemOf(await server.ask().put(`/api/formulas/${first.id}/favourite`).send({}).expect(400)).errors?.[0]
      ?.field,
  ).toBe('favourite');
});

test('by name, page by page, each once; by kind', async () => {
  for (const name of ['pear', 'Apple', 'quince', 'Bean']) await make(name, [potato]);
  await make('Dip', [potato], { family: 'dip' });
  const seen: string[] = [];
  let address: string | undefined = '/api/formulas?order=name&limit=2';
  while (address) {
    const answer: { readonly body: unknown; readonly headers: unknown } = await server
      .ask()
      .get(address)
      .expect(200);
    seen.push(...(answer.body as FormulaSummary[]).map(({ name }) => name));
    address = /<([^>]+)>/.exec((answer.headers as Record<string, string>)['link'] ?? '')?.[1];
  }
  expect(seen).toEqual(['Apple', 'Bean', 'Dip', 'pear', 'quince']);
  expect(await find('kind=dip')).toEqual(['Dip']);
});

test.each([
  ['kind=soup', 'kind'],
  ['suits=maybe', 'suits'],
  ['order=size', 'order'],
  ['house=perhaps', 'house'],
])('%s is refused by name', async (query, field) => {
  const { body } = await server.ask().get(`/api/formulas?${query}`).expect(400);
  expect((body as { errors: { field: string }[] }).errors[0]?.field).toBe(field);
});

test('somebody who is not at the table is not taken for somebody who can eat everything', async () => {
  await server.ask().post('/api/formulas').send(cashewSauce).expect(201);
  await server.ask().get('/api/formulas?suits=fits&person=00000000-0000-4000-8000-000000000000').expect(404);
});
