import type { FormulaView, PutAwayView, VersionView } from '@alterum/contract';
import { Clock } from '../platform/clock.js';
import { cashewSauce, type KitchenServer, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
/** Minutes that have passed since the first; every deletion has its own. */
let minutes = 0;
beforeAll(async () => {
  jest.spyOn(Clock.prototype, 'now').mockImplementation(() => new Date(Date.UTC(2026, 10, 20, 18, minutes)));
  server = await startKitchenServer();
});
afterAll(() => server.close());

const make = async (name = cashewSauce.name) =>
  (
    await server
      .ask()
      .post('/api/formulas')
      .send({ ...cashewSauce, name })
      .expect(201)
  ).body as FormulaView;
/** A dish of one layer of a formula. */
const oneLayer = (formula: string) => ({
  portions: 2,
  vessel: { shape: 'round', diameterCm: 26, depthCm: 5 },
  parts: [{ id: 'sauce', formula, grams: null }],
  layers: [{ id: 'a', component: 'sauce' }],
  oven: [],
});
const away = async () => (await server.ask().get('/api/put-away').expect(200)).body as PutAwayView[];

test('what is deleted of each kind is listed, newest first, and is back as it was when it is restored', async () => {
  const formula = await make('Put away');
  const kept = await make('Stays');
  const version = (
    await server
      .ask()
      .post(`/api/formulas/${kept.id}/versions`)
      .send({ name: 'Old', why: 'too thin' })
      .expect(201)
  ).body as VersionView;
  const eater = (
    await server
      .ask()
      .post('/api/eaters')
      .send({
        name: 'Pelle',
        needs: [{ kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: true }],
      })
      .expect(201)
  ).body as { id: string };
  const own = (
    await server
      .ask()
      .post('/api/own-ingredients')
      .send({ name: 'House cream', label: { perG: 100, fat: 3, carbohydrate: 4, protein: 1, salt: 0.1 } })
      .expect(201)
  ).body as { id: string };
  const made = async (path: string, body: object) =>
    ((await server.ask().post(path).send(body).expect(201)).body as { id: string }).id;
  const vessel = await made('/api/vessels', { name: 'Blue tin', shape: 'round', diameterCm: 26, depthCm: 5 });
  const dish = await made('/api/dishes', { name: 'Bake', ...oneLayer(kept.id) });
  const evening = await made('/api/evenings', {
    name: 'Friday',
    evening: { serveAt: 1140, burners: 4, ovens: 1, blenders: 1, cooks: 1, keepWarmMin: 20 },
    tonight: { pots: [], dishes: [] },
  });
  expect(await away()).toEqual([]);
  const paths = [
    `/api/vessels/${vessel}`,
    `/api/dishes/${dish}`,
    `/api/evenings/${evening}`,
    `/api/formulas/${formula.id}`,
    `/api/formulas/${kept.id}/versions/${version.id}`,
    `/api/eaters/${eater.id}`,
    `/api/own-ingredients/${own.id}`,
  ];
  for (const path of paths) {
    minutes += 1;
    await server.ask().delete(path).expect(204);
  }
  expect((await away()).map(({ kind, name, formula: of }) => [kind, name, of?.name])).toEqual([
    ['own-ingredient', 'House cream', undefined],
    ['person', 'Pelle', undefined],
    ['version', 'Old', 'Stays'],
    ['formula', 'Put away', undefined],
    ['evening', 'Friday', undefined],
    ['dish', 'Bake', undefined],
    ['vessel', 'Blue tin', undefined],
  ]);
  for (const path of paths) await server.ask().post(`${path}/restore`).expect(200);
  expect(await away()).toEqual([]);
  const again = (await server.ask().get(`/api/formulas/${formula.id}`).expect(200)).body as FormulaView;
  expect(again.lines).toEqual(formula.lines);
  const versions = (await server.ask().get(`/api/formulas/${kept.id}/versions`).expect(200))
    .body as VersionView[];
  expect(versions).toEqual([version]);
});

test('a version whose name was taken in the meantime is not brought back over the other one', async () => {
  const { id } = await make();
  const keep = () => server.ask().post(`/api/formulas/${id}/versions`).send({ name: 'Same', why: '' });
  const first = (await keep().expect(201)).body as VersionView;
  await server.ask().delete(`/api/formulas/${id}/versions/${first.id}`).expect(204);
  await keep().expect(201);
  await keep().expect(400);
  const refused = await server.ask().post(`/api/formulas/${id}/versions/${first.id}/restore`).expect(400);
  expect(JSON.stringify(refused.body)).toContain('There is a version called “Same” already');
  expect((await away()).some((view) => view.id === first.id)).toBe(true);
});

test('a formula keeps a line whose amount was not said; a prediction asks for it', async () => {
  const lines = [
    { ingredient: 'cashew', amount: 100, unit: 'g' },
    { ingredient: 'olive-oil', amount: null, unit: 'g' },
  ];
  const made = (await server.ask().post('/api/formulas').send({ name: 'Waits', lines }).expect(201))
    .body as FormulaView;
  const read = (await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body as FormulaView;
  expect(read.lines.map(({ ingredient, amount }) => [ingredient, amount])).toEqual([
    ['cashew', 100],
    ['olive-oil', null],
  ]);
  const refused = await server.ask().post('/api/predict').send({ lines }).expect(400);
  expect(refused.body).toMatchObject({
    errors: [{ field: 'lines[1].amount', message: 'Say how much olive oil goes in.' }],
  });
  for (const amount of ['2', undefined, -1, [100]])
    await server
      .ask()
      .post('/api/formulas')
      .send({ name: 'No', lines: [{ ingredient: 'cashew', amount, unit: 'g' }] })
      .expect(400);
});
