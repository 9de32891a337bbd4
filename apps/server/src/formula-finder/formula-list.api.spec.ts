import { createRequire } from 'node:module';
import type { FormulaSummary, FormulaView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';
import { matchOf } from '../formula/formula-list.js';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  exec(sql: string): void;
  close(): void;
};

let server: KitchenServer;
beforeEach(async () => {
  server = await startKitchenServer();
});
afterEach(() => server.close());

const make = async (body: object) =>
  (
    await server
      .ask()
      .post('/api/formulas')
      .send({ ...cashewSauce, ...body })
      .expect(201)
  ).body as FormulaView;
const page = async (query = '') => {
  const { body, headers } = await server.ask().get(`/api/formulas${query}`).expect(200);
  const next = /<([^>]+)>; rel="next"/.exec((headers as Record<string, string>)['link'] ?? '')?.[1];
  return {
    names: (body as FormulaSummary[]).map(({ name }) => name),
    total: Number((headers as Record<string, string>)['x-total-count']),
    next,
  };
};
const find = async (search: string) => (await page(`?search=${encodeURIComponent(search)}`)).names;

test('the list is a page at a time, last changed first; the pages together are the whole, each once', async () => {
  for (let i = 1; i <= 7; i++) await make({ name: `Sauce ${i}` });
  const seen: string[] = [];
  let address: string | undefined = '?limit=3';
  const sizes: number[] = [];
  while (address) {
    const { names, total, next } = await page(address);
    expect(total).toBe(7);
    seen.push(...names);
    sizes.push(names.length);
    address = next?.replace('/api/formulas', '');
  }
  expect(sizes).toEqual([3, 3, 1]);
  expect(seen).toEqual([7, 6, 5, 4, 3, 2, 1].map((i) => `Sauce ${i}`));
});

test('what is changed comes first; what is put away is gone from list and search, and comes back first', async () => {
  const first = await make({ name: 'First' });
  await make({ name: 'Second' });
  await server
    .ask()
    .put(`/api/formulas/${first.id}`)
    .send({ name: 'First, changed', version: 1 })
    .expect(200);
  expect((await page()).names).toEqual(['First, changed', 'Second']);
  expect(await find('first')).toEqual(['First, changed']);
  await server.ask().delete(`/api/formulas/${first.id}`).expect(204);
  expect(await page()).toEqual({ names: ['Second'], total: 1, next: undefined });
  expect(await find('first')).toEqual([]);
  await make({ name: 'Third' });
  await server.ask().post(`/api/formulas/${first.id}/restore`).expect(200);
  expect((await page()).names).toEqual(['First, changed', 'Third', 'Second']);
  expect(await find('changed')).toEqual(['First, changed']);
});

test.each([
  ['its name', 'lavender', true],
  ['the beginning of a word', 'LAVEN', true],
  ['a word without its accents', 'creme', true],
  ['its kind', 'pouring', true],
  ['an ingredient', 'cashew', true],
  ['its note', 'grandmother', true],
  ['words of several of these', 'cashew grandmother crème', true],
  ['a word that is nowhere', 'cashew parsnip', false],
  ['the end of a word', 'vender', false],
  ['what means something to a search engine', 'lavender" OR name:*', false],
  ['signs alone, which leave everything', '– "*" ()', true],
])('a search finds it by %s', async (_what, search, finds) => {
  await make({ name: 'Crème of lavender', note: 'As my grandmother made it.' });
  expect((await find(search)).length).toBe(finds ? 1 : 0);
});

test('with its lines, a page holds what each formula holds when it is read alone', async () => {
  const made = await make({
    name: 'Whole',
    process: { maxTemperatureC: 82 },
    brief: [{ rail: 'fat', low: 5, high: 20, weight: 2 }],
  });
  await server
    .ask()
    .put(`/api/formulas/${made.id}`)
    .send({
      ...cashewSauce,
      name: 'Whole',
      version: 1,
      lines: cashewSauce.lines.map((line) => ({
        ...line,
        amount: line.id === 'c' ? null : line.amount,
        hold: line.id === 'a' ? { kind: 'bounded', leastG: 10, mostG: 200 } : null,
      })),
    })
    .expect(200);
  const alone = (await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body as FormulaView;
  expect((await server.ask().get('/api/formulas?with=lines').expect(200)).body).toEqual([alone]);
});

test('an own ingredient with a new name is found by it, in the place the formula had', async () => {
  const own = (
    await server
      .ask()
      .post('/api/own-ingredients')
      .send({ name: 'Crumble of oats', label: { perG: 100, fat: 10, carbohydrate: 40, protein: 8, salt: 1 } })
      .expect(201)
  ).body as { id: string; version: number };
  await make({ name: 'Holds it', lines: [{ ingredient: own.id, amount: 50, unit: 'g' }] });
  await make({ name: 'Does not' });
  expect(await find('crumble')).toEqual(['Holds it']);
  await server
    .ask()
    .put(`/api/own-ingredients/${own.id}`)
    .send({
      name: 'Baked granola',
      version: own.version,
      label: { perG: 100, fat: 10, carbohydrate: 40, protein: 8, salt: 1 },
    })
    .expect(200);
  expect(await find('crumble')).toEqual([]);
  expect(await find('granola')).toEqual(['Holds it']);
  expect((await page()).names).toEqual(['Does not', 'Holds it']);
});

test('words written with an older larder, and formulas from before there was an index, are written anew at the start', async () => {
  await make({ name: 'From before' });
  await make({ name: 'Of an older larder' });
  await server.app.close();
  const database = new Database(server.file);
  database.exec(
    "delete from formula_search where name = 'From before'; update formula_search set larder = 'old', ingredients = 'sand'",
  );
  database.close();
  server = await server.restart();
  expect(await find('cashew')).toEqual(['Of an older larder', 'From before']);
  expect(await find('sand')).toEqual([]);
});

test.each([
  'limit=0',
  'limit=201',
  'limit=ten',
  'limit=3&limit=4',
  'before=-1',
  'before=1.5',
  'before=99999999999999999999',
])('%s is refused, naming it', async (query) => {
  const problem = problemOf(await server.ask().get(`/api/formulas?${query}`).expect(400));
  expect(problem.errors?.[0]?.field).toBe(query.slice(0, query.indexOf('=')));
});

test('a question to the index is words and nothing else', () => {
  expect(matchOf('a-b "c" NEAR(d)')).toBe('"a"* "b"* "c"* "NEAR"* "d"*');
  expect(matchOf(' \t–"*')).toBeUndefined();
  expect(matchOf('x '.repeat(99))?.split(' ')).toHaveLength(12);
});
