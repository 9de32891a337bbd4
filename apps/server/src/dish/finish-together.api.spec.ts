import type { FinishedTogether } from '@alterum/core';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const pieces = [
  { id: 'a', ingredient: 'cauliflower', sizeMm: 40 },
  { id: 'b', ingredient: 'carrot' },
  { id: 'c', ingredient: 'cashew' },
];

test('pieces in one pot get their moments and sizes; of what nobody knows is told', async () => {
  const answer = (await server.ask().post('/api/finish-together').send({ pieces }).expect(200))
    .body as FinishedTogether;
  expect(answer.minutes).toBeCloseTo(13.5, 6);
  expect(answer.pieces.map(({ id, goesInAt }) => [id, Math.round(goesInAt)])).toEqual([
    ['b', 0],
    ['a', 4],
  ]);
  expect(answer.unknown).toEqual(['c']);
  const sour = (await server.ask().post('/api/finish-together').send({ pieces, pH: 4.3 }).expect(200))
    .body as FinishedTogether;
  expect(sour.minutes).toBeGreaterThan(18);
});

test.each([
  ['nothing', { pieces: [] }, 'pieces'],
  ['ice', { pieces, temperatureC: 0 }, 'temperatureC'],
  ['dust', { pieces: [{ id: 'a', ingredient: 'carrot', sizeMm: 0 }] }, 'pieces[0].sizeMm'],
])('%s is refused on its field', async (_name, body, field) => {
  const answer = problemOf(await server.ask().post('/api/finish-together').send(body).expect(400));
  expect(answer.errors?.map((error) => error.field)).toContain(field);
});
