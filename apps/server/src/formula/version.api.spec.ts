import type { FormulaView, VersionView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const make = async () =>
  (await server.ask().post('/api/formulas').send(cashewSauce).expect(201)).body as FormulaView;
const keep = async (id: string, name: string, why = '') =>
  (await server.ask().post(`/api/formulas/${id}/versions`).send({ name, why }).expect(201))
    .body as VersionView;

test('a version keeps what stood, with the reason, whatever is written over it later', async () => {
  const made = await make();
  const version = await keep(made.id, 'First pot', '  before the salt was halved ');
  const lines = made.lines.map((line) => (line.ingredient === 'salt' ? { ...line, amount: 0.25 } : line));
  await server.ask().put(`/api/formulas/${made.id}`).send({ name: made.name, lines, version: 1 }).expect(200);
  const [kept] = (await server.ask().get(`/api/formulas/${made.id}/versions`).expect(200))
    .body as VersionView[];
  expect(kept).toEqual(version);
  expect(kept).toMatchObject({ name: 'First pot', why: 'before the salt was halved' });
  expect(kept?.content.lines).toEqual(made.lines);
});

test('versions stand in the order in which they were kept, and one can be forgotten', async () => {
  const made = await make();
  await keep(made.id, 'One');
  const two = await keep(made.id, 'Two');
  await keep(made.id, 'Three');
  await server.ask().delete(`/api/formulas/${made.id}/versions/${two.id}`).expect(204);
  const names = ((await server.ask().get(`/api/formulas/${made.id}/versions`)).body as VersionView[]).map(
    ({ name }) => name,
  );
  expect(names).toEqual(['One', 'Three']);
  problemOf(await server.ask().delete(`/api/formulas/${made.id}/versions/${two.id}`).expect(404));
});

test('a proposal is kept beside the formula: checked like one, and the formula stays as it is', async () => {
  const made = await make();
  const lines = made.lines.map((line) => (line.ingredient === 'salt' ? { ...line, amount: 9 } : line));
  const keepContent = (content: object) =>
    server.ask().post(`/api/formulas/${made.id}/versions`).send({ name: 'Saltier', content });
  const version = (await keepContent({ name: made.name, lines }).expect(201)).body as VersionView;
  expect(version.content.lines).toEqual(lines);
  expect(version.content.process).toEqual(made.process);
  const stands = (await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body as FormulaView;
  expect(stands.lines).toEqual(made.lines);
  expect(stands.version).toBe(made.version);
  problemOf(await keepContent({ name: made.name, lines: [{ ingredient: 'moon-cheese' }] }).expect(400));
  problemOf(await keepContent({ name: made.name, portions: -3 }).expect(400));
  problemOf(await keepContent([]).expect(400));
});

test('a branch is a formula of its own that begins as the version stood', async () => {
  const made = await make();
  const version = await keep(made.id, 'Root');
  const branch = (
    await server
      .ask()
      .post(`/api/formulas/${made.id}/versions/${version.id}/branch`)
      .send({ name: 'Smoky branch' })
      .expect(201)
  ).body as FormulaView;
  expect(branch).toMatchObject({
    name: 'Smoky branch',
    version: 1,
    lines: made.lines,
    process: made.process,
  });
  expect(branch.id).not.toBe(made.id);
});

test('a name twice, no name, and somebody else’s version are refused', async () => {
  const made = await make(),
    other = await make();
  const version = await keep(made.id, 'Only');
  const twice = await server
    .ask()
    .post(`/api/formulas/${made.id}/versions`)
    .send({ name: 'Only' })
    .expect(400);
  expect(problemOf(twice).errors?.[0]?.message).toMatch(/already/);
  problemOf(await server.ask().post(`/api/formulas/${made.id}/versions`).send({ name: '  ' }).expect(400));
  problemOf(
    await server
      .ask()
      .post(`/api/formulas/${other.id}/versions/${version.id}/branch`)
      .send({ name: 'x' })
      .expect(404),
  );
  problemOf(await server.ask().get('/api/formulas/nowhere/versions').expect(404));
});
