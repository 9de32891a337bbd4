import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { kitchenLimits } from '@alterum/contract';
import { DemoLoader } from '../demo/demo-loader.js';
import { FormulaService } from '../formula/formula.service.js';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';
import type { FormulaSummary, FormulaView, IngredientView } from '@alterum/contract';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
});
afterAll(() => server.close());

test('the server says that it is well', async () => {
  expect((await server.ask().get('/api/health').expect(200)).body).toEqual({ status: 'ok' });
});

test('broken JSON, a body that is too large and an unknown address are problems too', async () => {
  const broken = await server
    .ask()
    .post('/api/formulas')
    .set('content-type', 'application/json')
    .send('{"name": ')
    .expect(400);
  expect(problemOf(broken).type).toBe('/problems/unreadable-body');
  const large = await server
    .ask()
    .post('/api/formulas')
    .send({ name: 'x', note: 'n'.repeat(1_200_000) })
    .expect(413);
  expect(problemOf(large).type).toBe('/problems/too-large');
  expect(problemOf(await server.ask().get('/api/nothing-here').expect(404)).type).toBe('/problems/not-found');
  expect(problemOf(await server.ask().get('/api/formulas/no-such-id').expect(404)).type).toBe(
    '/problems/not-found',
  );
});

test.each([
  ['get', '/api/formulas/%00'],
  ['delete', '/api/formulas/a%00b'],
  ['get', '/api/dishes/%00'],
  ['put', '/api/stock/%00'],
  ['delete', '/api/labels/%00'],
  ['get', '/api/formulas?search=a%00b'],
  ['get', '/bench/%00'],
] as const)('%s %s: an address with NUL in it is refused, and stops nothing', async (method, address) => {
  const { status } = await server.ask()[method](address);
  expect(status).toBe(400);
  await server.ask().get('/api/health').expect(200);
});

test('answers are of the moment: nobody between keeps them, nor what was refused', async () => {
  for (const address of ['/api/formulas', '/api/household', '/api/formulas/no-such-id', '/api/nothing-here'])
    expect((await server.ask().get(address)).headers['cache-control']).toBe('no-store');
});

test.each(['gzip', 'deflate', 'br', 'zstd', 'nonsense'])(
  'a body that says it is packed as %s and is not is refused, not failed at',
  async (encoding) => {
    const answer = await server
      .ask()
      .post('/api/formulas')
      .set('content-type', 'application/json')
      .set('content-encoding', encoding)
      .send('{"name":"x"}')
      .expect(400);
    expect(problemOf(answer).type).toBe('/problems/unreadable-body');
  },
);

test('a part of a file that there is not is refused; a part that there is, is given', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-web-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<p>kitchen</p>');
  writeFileSync(join(folder, 'assets/a.js'), '0123456789');
  await server.close();
  server = await startKitchenServer({ demo: true, web: folder });
  for (const range of ['bytes=99-', 'bytes=5-2', 'bytes=-0']) {
    for (const address of ['/assets/a.js', '/formulas']) {
      const answer = await server.ask().get(address).set('range', range).expect(416);
      expect(problemOf(answer).type).toBe('/problems/no-such-part');
    }
  }
  await server.ask().get('/assets/a.js').set('range', 'bytes=2-4').expect(206, '234');
  await server.ask().get('/assets/a.js').set('range', 'nonsense').expect(200, '0123456789');
  await server.ask().get('/assets/b.js').expect(404);
  rmSync(folder, { recursive: true });
});

test('there is an end to how many of a kind a kitchen takes', async () => {
  const there = ((await server.ask().get('/api/eaters').expect(200)).body as unknown[]).length;
  for (let i = there; i < kitchenLimits.people; i++)
    await server
      .ask()
      .post('/api/eaters')
      .send({ name: `Guest ${i}` })
      .expect(201);
  const problem = problemOf(
    await server.ask().post('/api/eaters').send({ name: 'One too many' }).expect(400),
  );
  expect(problem.detail).toMatch(/100 people at the table already/);
  const [first] = (await server.ask().get('/api/eaters').expect(200)).body as { id: string }[];
  await server.ask().delete(`/api/eaters/${first?.id}`).expect(204);
  await server.ask().post('/api/eaters').send({ name: 'Now there is room' }).expect(201);
  await server.ask().post(`/api/eaters/${first?.id}/restore`).expect(400);
});

test('the larder is searched by name and other name, and one ingredient is read', async () => {
  const found = (await server.ask().get('/api/ingredients?search=cornflour').expect(200))
    .body as IngredientView[];
  expect(found[0]).toMatchObject({ id: 'corn-starch', role: 'thickener', contains: ['maize'] });
  expect(
    ((await server.ask().get('/api/ingredients')).body as IngredientView[]).length,
  ).toBeGreaterThanOrEqual(90);
  expect((await server.ask().get('/api/ingredients/tahini').expect(200)).body).toMatchObject({
    contains: ['sesame'],
  });
  expect(problemOf(await server.ask().get('/api/ingredients/moon-cheese').expect(404)).detail).toContain(
    'moon-cheese',
  );
});

test('the API describes itself, bodies and problems included', async () => {
  const document = (await server.ask().get('/api/docs-json').expect(200)).body as {
    paths: Record<string, object>;
    components: { schemas: Record<string, { properties?: object; required?: string[] }> };
  };
  for (const path of [
    '/api/health',
    '/api/ingredients',
    '/api/formulas',
    '/api/formulas/{id}',
    '/api/eaters',
    '/api/predict',
  ])
    expect(Object.keys(document.paths)).toContain(path);
  expect(document.components.schemas['FormulaUpdate']?.required).toEqual(
    expect.arrayContaining(['name', 'version']),
  );
  expect(Object.keys(document.components.schemas['PredictRequest']?.properties ?? {})).toEqual(
    expect.arrayContaining(['lines', 'process', 'serve']),
  );
  expect(document.components.schemas).toHaveProperty('Problem');
  await server.ask().get('/api/docs').expect(200);
});

test('the demonstration household comes once into an empty database and does not come back', async () => {
  const list = async () => (await server.ask().get('/api/formulas')).body as FormulaSummary[];
  const demo = await list();
  expect(demo.length).toBeGreaterThanOrEqual(4);
  expect(new Set(demo.map((formula) => formula.family)).size).toBeGreaterThanOrEqual(4);
  for (const { id } of demo) await server.ask().delete(`/api/formulas/${id}`).expect(204);
  server = await server.restart();
  expect(await list()).toEqual([]);
});

test('what was answered as saved is there after the server is gone, and the file is an ordinary database', async () => {
  const made = (await server.ask().post('/api/formulas').send(cashewSauce).expect(201)).body as FormulaView;
  server = await server.restart();
  expect((await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body).toEqual(made);
});

test('the demonstration household arrives whole or not at all', async () => {
  const empty = await startKitchenServer();
  let left = 2;
  const { create } = FormulaService.prototype;
  const failing = jest.spyOn(FormulaService.prototype, 'create').mockImplementation(function (
    this: FormulaService,
    body,
  ) {
    if (left-- === 0) throw new Error('the power went');
    return create.call(this, body);
  });
  await expect(empty.app.get(DemoLoader).loadIfEmpty()).rejects.toThrow('the power went');
  failing.mockRestore();
  expect((await empty.ask().get('/api/formulas').expect(200)).body).toEqual([]);
  expect((await empty.ask().get('/api/eaters').expect(200)).body).toEqual([]);
  expect(await empty.app.get(DemoLoader).loadIfEmpty()).toBe(true);
  expect(
    ((await empty.ask().get('/api/eaters').expect(200)).body as unknown[]).length,
  ).toBeGreaterThanOrEqual(4);
  await empty.close();
});
