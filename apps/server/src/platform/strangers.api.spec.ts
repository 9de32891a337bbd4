import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';
import { knownHosts, strangeness } from './strangers.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const count = async () => ((await server.ask().get('/api/formulas').expect(200)).body as unknown[]).length;
const write = (headers: Readonly<Record<string, string>>) =>
  server.ask().post('/api/formulas').set(headers).send(cashewSauce);

test.each<[string, Readonly<Record<string, string>>]>([
  ['a page under a name that was rebound to this address', { host: 'evil.example:4173' }],
  ['another site’s script', { host: '127.0.0.1:4173', origin: 'http://evil.example' }],
  ['another site, as the browser says itself', { 'sec-fetch-site': 'cross-site' }],
  [
    'another port of this machine',
    { host: 'localhost:4173', origin: 'http://localhost:8080', 'sec-fetch-site': 'same-site' },
  ],
  ['a page without an origin', { host: 'localhost:4173', origin: 'null' }],
])('%s writes nothing', async (_who, headers) => {
  const before = await count();
  expect(problemOf(await write(headers).expect(403)).type).toBe('/problems/not-from-here');
  expect(await count()).toBe(before);
});

test('a rebound name reads nothing either', async () => {
  expect(
    problemOf(await server.ask().get('/api/eaters').set('host', 'evil.example').expect(403)).detail,
  ).toContain('is not called “evil.example”');
});

test('the kitchen’s own page, and a program that is no browser, may write', async () => {
  await write({
    host: 'localhost:4173',
    origin: 'http://localhost:4173',
    'sec-fetch-site': 'same-origin',
  }).expect(201);
  await write({ host: '192.168.1.20:4173', origin: 'http://192.168.1.20:4173' }).expect(201);
  await write({}).expect(201);
});

test('only names that were told are known, whatever their port', () => {
  const hosts = knownHosts('Kitchen.Test, pantry.local');
  const asked = (host: string) => strangeness({ method: 'GET', headers: { host } }, hosts);
  for (const host of [
    'kitchen.test:80',
    'PANTRY.local',
    'localhost',
    '127.0.0.1:4173',
    '[::1]:4173',
    '10.0.0.7',
  ])
    expect([host, asked(host)]).toEqual([host, undefined]);
  for (const host of ['kitchen.test.evil.example', '127.0.0.1.evil.example', 'local', ''])
    expect([host, typeof asked(host)]).toEqual([host, 'string']);
});

test.each(['application/x-www-form-urlencoded', 'text/plain', 'multipart/form-data; boundary=x'])(
  'a body of %s, as a form can send it, is refused',
  async (type) => {
    const before = await count();
    const answer = await server.ask().post('/api/formulas').set('content-type', type).send('name=Stranger');
    expect(answer.status).toBe(415);
    expect(problemOf(answer).type).toBe('/problems/wrong-content');
    expect(await count()).toBe(before);
  },
);

test('a method that an address does not know is told, with those it knows', async () => {
  const answer = await server.ask().patch('/api/formulas').send({}).expect(405);
  expect(problemOf(answer).type).toBe('/problems/not-allowed');
  expect(answer.headers['allow']).toBe('GET, POST');
  await server.ask().put('/api/nowhere').send({}).expect(404);
});

const nested = (depth: number): unknown => (depth === 0 ? 1 : { a: nested(depth - 1) });

test.each<[string, unknown]>([
  ['lists in a list', { ...cashewSauce, lines: [[]] }],
  ['a list for a line', { ...cashewSauce, lines: [[{ ingredient: 'cashew' }]] }],
  ['a list as the body', [cashewSauce]],
  ['nothing where a number belongs', { ...cashewSauce, portions: null, process: { holdMin: null } }],
  ['a text for a number', { ...cashewSauce, portions: '4' }],
  ['NUL in a name', { ...cashewSauce, name: 'Cash\0ew' }],
  ['NUL in a line', { ...cashewSauce, lines: [{ ...cashewSauce.lines[0], ingredient: 'cas\0hew' }] }],
  ['a nest of a hundred', { ...cashewSauce, note: nested(100) }],
  ['a process that is a list', { ...cashewSauce, process: [] }],
  ['a wish that is null', { ...cashewSauce, brief: [null] }],
  ['a line that is null', { ...cashewSauce, lines: [null] }],
])('%s is refused with its field, and nothing is stored', async (_what, body) => {
  const before = await count();
  const answer = await server
    .ask()
    .post('/api/formulas')
    .send(body as object);
  expect([answer.status, answer.text]).toEqual([400, answer.text]);
  expect(problemOf(answer).detail).toMatch(/Nothing was changed/);
  expect(await count()).toBe(before);
});
