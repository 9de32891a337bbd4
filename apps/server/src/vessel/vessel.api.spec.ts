import type { VesselView } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const tin = { name: 'Blue tin', shape: 'rectangular', lengthCm: 30, widthCm: 20, depthCm: 6 };
const list = async () => (await server.ask().get('/api/vessels').expect(200)).body as VesselView[];

test('a vessel is kept by its inside, changed, put away and brought back', async () => {
  const made = (await server.ask().post('/api/vessels').send(tin).expect(201)).body as VesselView;
  expect(made).toEqual({ ...tin, id: made.id, version: 1 });
  const round = { name: 'Round one', shape: 'round', diameterCm: 26, depthCm: 5 };
  const changed = await server
    .ask()
    .put(`/api/vessels/${made.id}`)
    .send({ ...round, version: 1 })
    .expect(200);
  // What its new shape has no use for is gone.
  expect(changed.body).toEqual({ ...round, id: made.id, version: 2 });
  server = await server.restart();
  expect(await list()).toEqual([changed.body]);
  const older = await server
    .ask()
    .put(`/api/vessels/${made.id}`)
    .send({ ...tin, version: 1 })
    .expect(409);
  expect(problemOf(older).current).toMatchObject({ name: 'Round one' });
  await server.ask().delete(`/api/vessels/${made.id}`).expect(204);
  expect(await list()).toEqual([]);
  await server.ask().post(`/api/vessels/${made.id}/restore`).expect(200);
  expect((await list()).map(({ name }) => name)).toEqual(['Round one']);
});

test.each([
  ['no name', { ...tin, name: ' ' }, 'name'],
  ['no shape', { ...tin, shape: 'oval' }, 'shape'],
  ['no width', { name: 'x', shape: 'rectangular', lengthCm: 30, depthCm: 6 }, 'widthCm'],
  ['a lake', { ...tin, lengthCm: 900 }, 'lengthCm'],
])('%s is refused on its field', async (_name, body, field) => {
  const answer = problemOf(await server.ask().post('/api/vessels').send(body).expect(400));
  expect(answer.errors?.map((error) => error.field)).toContain(field);
});
