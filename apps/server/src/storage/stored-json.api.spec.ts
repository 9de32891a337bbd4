import { MikroORM } from '@mikro-orm/core';
import type { FormulaView, SavedBriefView, VersionView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const sql = (text: string, values: readonly unknown[] = []) =>
  server.app
    .get(MikroORM)
    .em.getConnection()
    .execute(text, [...values]);
const wish = { low: 0, high: 3.5 };

test('what an older build kept is read as it was meant, and kept anew with the number of its form', async () => {
  const made = (await server.ask().post('/api/formulas').send(cashewSauce).expect(201)).body as FormulaView;
  await server.ask().post(`/api/formulas/${made.id}/versions`).send({ name: 'Then', why: '' }).expect(201);
  const { id: _id, version: _version, updatedAt: _at, favourite: _favourite, ...content } = made;
  await sql('update formula set brief = ?, process = ? where id = ?', [
    JSON.stringify({ smoothness: wish, splitting: { low: 0, high: 35 }, colour: wish, salt: wish }),
    JSON.stringify({ maxTemperatureC: 92, holdMin: 3 }),
    made.id,
  ]);
  await sql('update formula_version set content = ?', [
    JSON.stringify({ ...content, brief: [{ rail: 'splitting', low: 0, high: 35 }] }),
  ]);
  const read = (await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body as FormulaView;
  expect(read.brief?.map(({ rail }) => rail).sort()).toEqual([
    'curdling',
    'graininess',
    'salt',
    'yellowness',
  ]);
  expect(read.process).toMatchObject({ maxTemperatureC: 92, holdMin: 3, bakeMin: 0, ovenC: 180 });
  const [version] = (await server.ask().get(`/api/formulas/${made.id}/versions`).expect(200))
    .body as VersionView[];
  expect(version?.content.brief).toEqual([{ rail: 'curdling', low: 0, high: 35 }]);

  await server.ask().put(`/api/formulas/${made.id}`).send({ name: 'Again', version: 1 }).expect(200);
  const [row] = (await sql('select brief, process from formula where id = ?', [made.id])) as {
    brief: string;
    process: string;
  }[];
  expect(JSON.parse(row?.brief ?? '')).toMatchObject({ form: 2, value: { graininess: wish } });
  expect(JSON.parse(row?.process ?? '')).toMatchObject({ form: 2, value: { maxTemperatureC: 92 } });
});

test('a tab that was opened before a property got its name can still keep a brief', async () => {
  const wishes = [{ rail: 'smoothness', ...wish }];
  const kept = (await server.ask().post('/api/briefs').send({ name: 'Old tab', wishes }).expect(201))
    .body as SavedBriefView;
  expect(kept.wishes).toEqual([{ rail: 'graininess', ...wish }]);
});

test('a form that only a newer build knows is not guessed at', async () => {
  const made = (await server.ask().post('/api/formulas').send(cashewSauce).expect(201)).body as FormulaView;
  await sql('update formula set serve = ? where id = ?', [
    JSON.stringify({ form: 99, value: { somewhere: true } }),
    made.id,
  ]);
  await server.ask().get(`/api/formulas/${made.id}`).expect(500);
});
