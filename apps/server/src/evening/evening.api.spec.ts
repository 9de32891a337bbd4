import type { FormulaView, KeptEveningView, PutAwayView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
let sauce: FormulaView;
beforeAll(async () => {
  server = await startKitchenServer();
  sauce = (await server.ask().post('/api/formulas').send(cashewSauce).expect(201)).body as FormulaView;
});
afterAll(() => server.close());

const evening = {
  serveAt: 1170,
  burners: 3,
  ovens: 1,
  blenders: 1,
  cooks: 2,
  keepWarmMin: 20,
  named: [{ name: 'Ilva' }, { name: 'Teo', from: 1080, to: 1320 }],
  shop: { from: 540, to: 1080, minutes: 40, buys: ['leek'] },
};
const friday = () => ({
  name: ' Friday ',
  evening,
  tonight: {
    pots: [{ formula: sauce.id, tools: ['jar'], washedBefore: false, cook: 'Teo' }],
    dishes: [],
  },
});
const make = async (body: object = friday()) =>
  (await server.ask().post('/api/evenings').send(body).expect(201)).body as KeptEveningView;

test('an evening is kept with its cooks, its shop and who makes what, through a restart; its day is not', async () => {
  const made = await make({ ...friday(), evening: { ...evening, day: '2026-11-27' } });
  server = await server.restart();
  const { id, version, updatedAt, ...content } = (
    await server.ask().get(`/api/evenings/${made.id}`).expect(200)
  ).body as KeptEveningView;
  expect({ id, version }).toEqual({ id: made.id, version: 1 });
  expect(Date.parse(updatedAt)).toBeGreaterThan(0);
  expect(content).toEqual({ ...friday(), name: 'Friday' });
});

test('a write made on an older version is refused with what stands, and overwrites nothing', async () => {
  const { id } = await make();
  const put = (name: string) =>
    server
      .ask()
      .put(`/api/evenings/${id}`)
      .send({ ...friday(), name, version: 1 });
  expect(((await put('First').expect(200)).body as KeptEveningView).version).toBe(2);
  const refused = await put('Second').expect(409);
  expect(problemOf(refused).current).toMatchObject({ name: 'First', version: 2 });
  await server.ask().delete(`/api/evenings/${id}?version=1`).expect(409);
  expect(((await server.ask().get(`/api/evenings/${id}`)).body as KeptEveningView).name).toBe('First');
});

test('what is deleted leaves the list, stands among what was put away, and comes back', async () => {
  const { id } = await make({ ...friday(), name: 'Away' });
  const names = async () =>
    ((await server.ask().get('/api/evenings').expect(200)).body as KeptEveningView[]).map(({ name }) => name);
  expect((await names())[0]).toBe('Away');
  await server.ask().delete(`/api/evenings/${id}`).expect(204);
  expect(await names()).not.toContain('Away');
  await server.ask().get(`/api/evenings/${id}`).expect(404);
  const away = (await server.ask().get('/api/put-away').expect(200)).body as PutAwayView[];
  expect(away).toContainEqual(expect.objectContaining({ kind: 'evening', id, name: 'Away' }));
  await server.ask().post(`/api/evenings/${id}/restore`).expect(200);
  expect(await names()).toContain('Away');
});

test.each([
  ['a name of blanks', { name: '  ' }, 'name'],
  ['nothing of when it is eaten', { evening: undefined }, 'evening'],
  [
    'a formula that is not there',
    { tonight: { pots: [{ formula: 'moon', tools: [], washedBefore: false }] } },
    'tonight.pots[0].formula',
  ],
  [
    'a dish that is not there',
    { tonight: { pots: [], dishes: [{ dish: 'moon' }] } },
    'tonight.dishes[0].dish',
  ],
  ['a cook without a name', { evening: { ...evening, named: [{ from: 5 }, null] } }, 'evening.named[0].name'],
  [
    'a cook who is a number',
    { evening: { ...evening, named: [{ name: 5 }, { name: 5 }] } },
    'evening.named[0].name',
  ],
  ['more names than cooks', { evening: { ...evening, cooks: 1 } }, 'evening.named'],
  [
    'a cook who leaves before coming',
    { evening: { ...evening, named: [{ name: 'Ilva' }, { name: 'Teo', from: 1200, to: 1100 }] } },
    'evening.named[1].to',
  ],
  [
    'two cooks of one name',
    { evening: { ...evening, named: [{ name: 'Teo' }, { name: 'Teo ' }] } },
    'evening.named',
  ],
  [
    'a shop that closes before it opens',
    { evening: { ...evening, shop: { ...evening.shop, to: 500 } } },
    'evening.shop.to',
  ],
  ['a day that there is not', { evening: { ...evening, day: '2026-02-30' } }, 'evening.day'],
])('%s is refused, naming the field', async (_case, more, field) => {
  const refused = problemOf(
    await server
      .ask()
      .post('/api/evenings')
      .send({ ...friday(), ...more })
      .expect(400),
  );
  expect(refused.errors?.map((error) => error.field)).toContain(field);
});
