import type { HouseholdView, UsedIngredientView } from '@alterum/contract';
import { cashewSauce, type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
let formulas: readonly string[];
beforeAll(async () => {
  // Of the demonstration household an evening is chosen already.
  server = await startKitchenServer();
  for (const name of ['Base', 'Beside', 'Spread'])
    await server
      .ask()
      .post('/api/formulas')
      .send({ ...cashewSauce, name })
      .expect(201);
  formulas = ((await server.ask().get('/api/formulas')).body as { id: string }[]).map(({ id }) => id);
});
afterAll(() => server.close());

const evening = { serveAt: 1140, burners: 3, ovens: 1, blenders: 1, cooks: 2, keepWarmMin: 20 };

const read = async () => (await server.ask().get('/api/household').expect(200)).body as HouseholdView;
const put = (part: string, body: object) => server.ask().put(`/api/household/${part}`).send(body);

test('nothing is chosen at first; each choice is kept and leaves the others alone', async () => {
  expect(await read()).toEqual({
    law: 'eu',
    lawChosen: false,
    kitchen: null,
    evening: null,
    pots: [],
    dishes: [],
    versions: null,
  });
  const pots = [
    { formula: formulas[1], tools: ['spoon', 'frying fat'], washedBefore: false },
    { formula: formulas[0], tools: [], washedBefore: true },
  ];
  const versions = {
    base: formulas[0],
    inBase: [{ ingredient: 'butter', grams: null }],
    versions: [
      {
        name: 'hot',
        added: [
          { ingredient: 'cayenne', grams: 0.4 },
          { ingredient: `formula:${formulas[1]}`, grams: 20 },
        ],
      },
    ],
  };
  await put('law', { law: 'us' }).expect(200);
  await put('kitchen', { kitchen: 'australian' }).expect(200);
  await put('evening', evening).expect(200);
  await put('tonight', { pots }).expect(200);
  await put('versions', versions).expect(200);
  expect(await read()).toEqual({
    law: 'us',
    dishes: [],
    lawChosen: true,
    kitchen: 'australian',
    evening,
    pots,
    versions,
  });
  await put('tonight', { pots: [] }).expect(200);
  expect(await read()).toEqual({
    law: 'us',
    lawChosen: true,
    dishes: [],
    kitchen: 'australian',
    evening,
    pots: [],
    versions,
  });
});

test.each([
  ['a law that is none', 'law', { law: 'moon' }, 'law'],
  ['half a cook', 'evening', { ...evening, cooks: 1.5 }, 'cooks'],
  ['a meal after midnight of the next day', 'evening', { ...evening, serveAt: 1500 }, 'serveAt'],
  ['one name for two cooks', 'evening', { ...evening, named: [{ name: 'Ilva' }] }, 'named'],
  [
    'a shop open for nobody',
    'evening',
    { ...evening, shop: { from: 1080, to: 540, minutes: 30, buys: [] } },
    'shop.to',
  ],
  ['sleep before rising', 'evening', { ...evening, up: { from: 1300, to: 400 } }, 'up.to'],
  ['a day of no calendar', 'evening', { ...evening, day: 'Friday' }, 'day'],
  ['an evening without its burners', 'evening', { ...evening, burners: undefined }, 'burners'],
  ['spoons of nowhere', 'kitchen', { kitchen: 'moon' }, 'kitchen'],
  [
    'a formula that is not there',
    'tonight',
    { pots: [{ formula: 'moon', tools: [], washedBefore: false }] },
    'pots[0].formula',
  ],
  [
    'a tool that is none',
    'tonight',
    { pots: [{ formula: 'x', tools: ['moon'], washedBefore: false }] },
    'pots[0].tools',
  ],
  ['an entry that is null', 'tonight', { pots: [null] }, 'pots[0]'],
  ['a base that is not there', 'versions', { base: 'moon', inBase: [], versions: [] }, 'base'],
  [
    'an ingredient that is not there',
    'versions',
    { base: null, inBase: [{ ingredient: 'moon', grams: 1 }], versions: [] },
    'inBase[0].ingredient',
  ],
  [
    'an amount below zero',
    'versions',
    { base: null, inBase: [], versions: [{ name: 'v', added: [{ ingredient: 'salt', grams: -1 }] }] },
    'versions[0].added[0].grams',
  ],
  [
    'the same thing twice',
    'versions',
    {
      base: null,
      inBase: [
        { ingredient: 'salt', grams: 1 },
        { ingredient: 'salt', grams: 2 },
      ],
      versions: [],
    },
    'inBase',
  ],
  [
    'a name of 2,000 letters',
    'versions',
    { base: null, inBase: [], versions: [{ name: 'v'.repeat(2000), added: [] }] },
    'versions[0].name',
  ],
])('%s is refused, naming the field, and what was kept stays', async (_case, part, body, field) => {
  const before = await read();
  const problem = problemOf(await put(part, body).expect(400));
  expect(problem.errors?.map((error) => error.field)).toContain(field);
  expect(await read()).toEqual(before);
});

test('a shop and a day in order, cooks with their hours, and versions of nothing yet are kept', async () => {
  const whole = {
    ...evening,
    shop: { from: 540, to: 541, minutes: 30, buys: [] },
    up: { from: 400, to: 1300 },
    named: [{ name: 'Ilva', from: 900, to: 901 }, { name: 'Teo' }],
  };
  await put('evening', whole).expect(200);
  expect((await read()).evening).toEqual(whole);
  for (const [field, wrong] of [
    ['shop.to', { ...whole, shop: { ...whole.shop, to: 540 } }],
    ['up.to', { ...whole, up: { from: 400, to: 400 } }],
    ['named[0].to', { ...whole, named: [{ name: 'Ilva', from: 900, to: 900 }, { name: 'Teo' }] }],
  ] as const)
    expect(problemOf(await put('evening', wrong).expect(400)).errors?.map((error) => error.field)).toEqual([
      field,
    ]);
  expect((await read()).evening).toEqual(whole);
  const nothingYet = { base: null, inBase: [], versions: [{ name: 'hot', added: [] }] };
  await put('versions', nothingYet).expect(200);
  expect((await read()).versions).toEqual(nothingYet);
});

test('what the household cooks with is told, that of the last changed formula first; what is put away does not count', async () => {
  const used = async () =>
    (await server.ask().get('/api/household/used').expect(200)).body as UsedIngredientView[];
  const before = await used();
  expect(before.find(({ ingredient }) => ingredient === 'salt')!.formulas).toBeGreaterThan(1);
  const line = (ingredient: string) => ({ ingredient, amount: 1, unit: 'g' });
  const made = (
    await server
      .ask()
      .post('/api/formulas')
      .send({ name: 'Of late', lines: [line('kohlrabi'), line('salt'), line('salt')] })
      .expect(201)
  ).body as { id: string };
  const now = await used();
  expect(now.slice(0, 2).map(({ ingredient }) => ingredient)).toEqual(['kohlrabi', 'salt']);
  const saltIn = (list: readonly UsedIngredientView[]) =>
    list.find(({ ingredient }) => ingredient === 'salt')!.formulas;
  expect(saltIn(now)).toBe(saltIn(before) + 1);
  await server.ask().delete(`/api/formulas/${made.id}`).expect(204);
  expect((await used()).some(({ ingredient }) => ingredient === 'kohlrabi')).toBe(false);
});
