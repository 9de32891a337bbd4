import type { FormulaView, OperationView, PredictResponse, Problem } from '@alterum/contract';
import { predictExamples } from './predict.examples.js';
import { type KitchenServer, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const lines = [
  { id: 'soya', ingredient: 'soya-drink', amount: 300, unit: 'g' },
  { id: 'starch', ingredient: 'corn-starch', amount: 8, unit: 'g' },
  { id: 'lemon', ingredient: 'lemon-juice', amount: 18, unit: 'g' },
];
const predict = async (body: object): Promise<PredictResponse> =>
  (await server.ask().post('/api/predict').send(body).expect(200)).body as PredictResponse;

test('a pot is predicted by its method: lemon behind the heat splits less', async () => {
  const heat = { kind: 'heat', temperatureC: 90, minutes: 4 };
  const together = await predict({ lines, method: [heat] }),
    behind = await predict({ lines, method: [heat, { kind: 'put-in', lines: ['lemon'] }] });
  expect(behind.curdlingProbability).toBeLessThan(together.curdlingProbability - 0.1);
  expect(behind.massG).toBeCloseTo(together.massG, 6);
});

test('flat words and the method they mean give the same figures', async () => {
  const flat = await predict({
    lines,
    process: { maxTemperatureC: 92, holdMin: 3, blenderPower: 0.6, blendSeconds: 40, evaporatedG: 12 },
  });
  const method = await predict({
    lines,
    method: [
      { kind: 'heat', temperatureC: 92, minutes: 3, lossG: 12 },
      { kind: 'blend', seconds: 40, power: 0.6 },
    ],
  });
  expect(method.viscosityMPaS.mid).toBeCloseTo(flat.viscosityMPaS.mid, 6);
  expect(method.evaporatedG).toBeCloseTo(12, 6);
});

test('what is done to a line is sent with it, weighed before or as made ready', async () => {
  const pot = (line: object) => ({
    lines: [{ ingredient: 'cashew', amount: 100, unit: 'g', ...line }, lines[0]],
  });
  const soak = [{ kind: 'soak', minutes: 600, temperatureC: 5 }];
  const before = await predict(pot({ ready: soak })),
    after = await predict(pot({ ready: soak, weighed: 'ready' }));
  expect(before.massG).toBeGreaterThan(400 + 30);
  expect(after.massG).toBeCloseTo(400, 6);
  expect(before.broughtG).toBeCloseTo(before.massG - 400, 6);
});

test('a line that is not there, and a figure out of bounds, are refused by the name of the operation', async () => {
  const refused = async (method: object) =>
    (await server.ask().post('/api/predict').send({ lines, method }).expect(400)).body as Problem;
  const stranger = await refused([{ kind: 'put-in', lines: ['pepper'] }]);
  expect(stranger.errors?.[0]).toMatchObject({ field: 'method[0].lines[0]' });
  expect(stranger.errors?.[0]?.message).toMatch(/“Put in” \(operation 1\) puts in the line “pepper”/);
  const hot = await refused([{ kind: 'rest' }, { kind: 'heat', temperatureC: 900 }]);
  expect(hot.errors?.[0]?.field).toBe('method[1].temperatureC');
  expect(hot.errors?.[0]?.message).toMatch(/“Heat”/);
});

test('the requests shown as examples are answered as they stand', async () => {
  for (const { value } of Object.values(predictExamples))
    expect((await predict(value)).massG).toBeGreaterThan(300);
});

test('the kinds of operations are listed with their fields', async () => {
  const list = (await server.ask().get('/api/operations').expect(200)).body as OperationView[];
  const soak = list.find(({ kind }) => kind === 'soak');
  expect(soak?.place).toBe('line');
  expect(soak?.figures.map(({ field }) => field)).toContain('temperatureC');
  expect(soak?.choices.map(({ field }) => field)).toEqual(['pour', 'water']);
});

test('a method is kept with its formula, its copy and its versions, and read back as it was', async () => {
  const method = [
    { kind: 'put-in', lines: ['soya', 'starch'] },
    { kind: 'heat', temperatureC: 91, minutes: 6 },
    { kind: 'put-in', lines: ['lemon'] },
  ];
  const ready = [{ kind: 'soak', minutes: 90, pour: 'boiling' }];
  const made = (
    await server
      .ask()
      .post('/api/formulas')
      .send({
        name: 'With a method',
        method,
        lines: [{ ...lines[0], ready, weighed: 'ready' }, ...lines.slice(1)],
      })
      .expect(201)
  ).body as FormulaView;
  const read = (await server.ask().get(`/api/formulas/${made.id}`).expect(200)).body as FormulaView;
  expect(read.method).toEqual(method);
  expect(read.writesItself).toBe(false);
  expect(read.lines[0]).toMatchObject({ ready, weighed: 'ready' });
  expect(read.process).toMatchObject({ maxTemperatureC: 91, holdMin: 6 });
  const listed = (await server.ask().get('/api/formulas?with=lines').expect(200)).body as FormulaView[];
  expect(listed.find(({ id }) => id === made.id)).toEqual(read);
  const copy = (await server.ask().post(`/api/formulas/${made.id}/duplicate`).expect(201))
    .body as FormulaView;
  expect(copy.method).toEqual(method);
  const self = (await server.ask().post('/api/formulas').send({ name: 'By itself' }).expect(201))
    .body as FormulaView;
  expect(self).toMatchObject({ method: null, writesItself: true });
});
