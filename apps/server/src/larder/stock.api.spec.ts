import type { StockView } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const list = async () => (await server.ask().get('/api/stock').expect(200)).body as StockView[];

test('what is in the house is said, said again, and forgotten', async () => {
  await server.ask().put('/api/stock/cashew').send({ grams: 120 }).expect(200);
  await server.ask().put('/api/stock/cashew').send({ grams: 40 }).expect(200);
  await server.ask().put('/api/stock/water').send({ grams: 0 }).expect(200);
  expect(await list()).toEqual([
    { ingredient: 'cashew', grams: 40 },
    { ingredient: 'water', grams: 0 },
  ]);
  await server.ask().delete('/api/stock/water').expect(204);
  server = await server.restart();
  expect(await list()).toEqual([{ ingredient: 'cashew', grams: 40 }]);
});

test('less than nothing, and what is not in the larder, are refused', async () => {
  expect(
    problemOf(await server.ask().put('/api/stock/cashew').send({ grams: -1 }).expect(400)).errors?.[0]?.field,
  ).toBe('grams');
  expect(
    problemOf(await server.ask().put('/api/stock/moonbeam').send({ grams: 1 }).expect(404)).detail,
  ).toMatch(/not in the larder/);
});
