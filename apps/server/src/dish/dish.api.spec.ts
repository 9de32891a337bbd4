import type { DishResponse, FormulaView } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const vessel = { shape: 'rectangular', lengthCm: 30, widthCm: 24, depthCm: 6 };
const white = [
  { id: 'drink', ingredient: 'oat-drink', amount: 500, unit: 'g' },
  { id: 'flour', ingredient: 'wheat-flour', amount: 35, unit: 'g' },
  { id: 'salt', ingredient: 'salt', amount: 5, unit: 'g' },
];
const lasagne = {
  vessel,
  components: [
    { id: 'red', ingredient: 'passata', grams: 800 },
    { id: 'white', name: 'White sauce', lines: white, process: { maxTemperatureC: 92, holdMin: 5 } },
    { id: 'sheets', ingredient: 'pasta-sheet-dry', grams: 250 },
  ],
  layers: ['red', 'sheets', 'white', 'red', 'sheets', 'white'].map((component) => ({ component })),
  oven: [
    { temperatureC: 190, minutes: 25, cover: 'foil' },
    { temperatureC: 190, minutes: 15 },
  ],
  restMin: 15,
  portions: 6,
};
const ask = async (body: object) =>
  (await server.ask().post('/api/dish').send(body).expect(200)).body as DishResponse;
const refused = async (body: object) =>
  problemOf(await server.ask().post('/api/dish').send(body).expect(400)).errors?.map(({ field }) => field);

test('a layered dish: layers, room, water, portions', async () => {
  const dish = await ask(lasagne);
  expect(dish).toMatchObject({ fits: 'fits', areaDm2: 7.2, advice: expect.any(Array) as unknown[] });
  expect(dish.layers.map(({ component }) => component)).toEqual(
    lasagne.layers.map(({ component }) => component),
  );
  expect(dish.massG).toBeCloseTo(
    dish.layers.reduce((all, { grams }) => all + grams, 0),
    6,
  );
  expect(dish.heightMm).toBeCloseTo(
    dish.layers.reduce((all, { mm }) => all + mm, 0),
    6,
  );
  expect(dish.roomMm).toBeCloseTo(60 - 15 - dish.heightMm, 6);
  const { reachableG, releasedG, drunkG, evaporatedG, boundG, freeG } = dish.water;
  expect(reachableG + releasedG - drunkG - evaporatedG - boundG).toBeCloseTo(freeG.mid, 6);
  expect(['just set', 'soft']).toContain(dish.water.verdict);
  expect(dish.layers[2]!.measure).toMatch(/cup/);
  expect(dish.layers[1]!.measure).toBeNull();
  expect(dish.portion.grams).toBeCloseTo((dish.massG - evaporatedG) / 6, 6);
  // 250 g of dry sheets bring some 900 kcal, a sixth of them in each portion.
  expect(dish.portion.energyKcal).toBeGreaterThan(150);
  expect(dish.portion.energyKcal).toBeLessThan(350);
  expect(dish.minutesToMiddle).toBeGreaterThan(5);
  expect(['pale', 'golden', 'brown']).toContain(dish.top.verdict);
  expect(dish.top.browning.low).toBeLessThan(dish.top.browning.mid);
});

test('a kept formula is a part by its grams or all of it; another portion of it is another height', async () => {
  const kept = (
    await server
      .ask()
      .post('/api/formulas')
      .send({ name: 'Kept white', process: { maxTemperatureC: 92, holdMin: 5 }, lines: white })
      .expect(201)
  ).body as FormulaView;
  const of = (grams?: number) =>
    ask({ vessel, components: [{ id: 'white', formula: kept.id, ...(grams ? { grams } : {}) }] });
  const all = await of(),
    half = await of(270);
  expect(all.components[0]).toMatchObject({ name: 'Kept white' });
  expect(all.components[0]!.grams).toBeCloseTo(540, 0);
  expect(half.heightMm / all.heightMm).toBeCloseTo(0.5, 1);
  expect(half.portion.saltG / all.portion.saltG).toBeCloseTo(0.5, 1);
});

test('a version of a base is a part with what it gets at the Table, and people are judged by that', async () => {
  const base = (
    await server.ask().post('/api/formulas').send({ name: 'Divided', portions: 4, lines: white }).expect(201)
  ).body as FormulaView;
  await server
    .ask()
    .put('/api/household/versions')
    .send({
      base: base.id,
      inBase: [],
      versions: [
        { name: 'Mild', added: [] },
        { name: 'Nutty', added: [{ ingredient: 'almond', grams: 10 }] },
        { name: 'Salty', added: [{ ingredient: 'salt', grams: 1 }] },
      ],
    })
    .expect(200);
  const people = [
    {
      name: 'No almond',
      needs: [{ kind: 'allergen', allergen: 'almond', strictness: 'allergy', traces: false }],
    },
  ];
  const of = (version: string) =>
    ask({ vessel, components: [{ id: 'white', formula: base.id, version }], eaters: people, portions: 4 });
  const mild = await of('Mild'),
    nutty = await of('Nutty');
  expect(nutty.massG - mild.massG).toBeGreaterThan(35);
  expect(nutty.components[0]!.name).toBe('Divided, Nutty');
  expect(nutty.people[0]!.verdict).toBe('does-not');
  expect(mild.people[0]!.verdict).not.toBe('does-not');
  // A gram more of salt in each portion, of the base as much as before: what somebody may have of it lies between.
  const saltOf = async (version: string, gramsPerPortion: number) =>
    (
      await ask({
        vessel,
        components: [{ id: 'white', formula: base.id, version }],
        eaters: [{ name: 'Little salt', needs: [{ kind: 'salt-limit', gramsPerPortion }] }],
        portions: 4,
      })
    ).people[0]!.verdict;
  const plain = mild.portion.saltG;
  expect(await saltOf('Mild', plain * 1.3)).not.toBe('does-not');
  expect(await saltOf('Mild', plain * 0.8)).toBe('does-not');
  expect(await saltOf('Salty', plain * 0.7 + 1)).toBe('does-not');
  expect(await saltOf('Salty', (plain + 1) * 1.3)).not.toBe('does-not');
  expect(await refused({ vessel, components: [{ id: 'white', formula: base.id, version: 'Hot' }] })).toEqual([
    'components[0].version',
  ]);
});

test('too little sauce says how many times as much, the top first', async () => {
  const dish = await ask({
    ...lasagne,
    layers: [
      { component: 'white', grams: 410 },
      { component: 'sheets' },
      { component: 'red' },
      { component: 'white', grams: 250 },
    ],
  });
  const sauce = dish.components.find(({ id }) => id === 'white')!;
  expect(sauce).toMatchObject({ topG: 250, belowG: 410, leftG: 0 });
  expect(sauce.times).toBeCloseTo(660 / (540 - 15), 1);
  expect(dish.layers[3]!.grams).toBe(250);
});

test('who can eat it is judged for the whole dish, by what is in its layers', async () => {
  const people = [
    {
      name: 'No wheat',
      needs: [{ kind: 'allergen', allergen: 'wheat', strictness: 'allergy', traces: false }],
    },
    {
      name: 'No milk',
      needs: [{ kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: false }],
    },
  ];
  const verdicts = async (body: object) =>
    new Map((await ask({ ...body, eaters: people })).people.map(({ name, verdict }) => [name, verdict]));
  expect((await verdicts(lasagne)).get('No wheat')).toBe('does-not');
  expect((await verdicts(lasagne)).get('No milk')).not.toBe('does-not');
  const rice = {
    vessel,
    components: [
      { id: 'red', ingredient: 'passata', grams: 800 },
      { id: 'rice', ingredient: 'rice-dry', grams: 200 },
    ],
  };
  expect((await verdicts(rice)).get('No wheat')).not.toBe('does-not');
});

test('what only some eat of is in their portions; for the others it touches what they eat', async () => {
  const people = ['ann', 'bo', 'cy'].map((id) => ({
    id,
    needs: [
      {
        kind: 'allergen',
        allergen: 'tree-nut',
        strictness: id === 'bo' ? 'diet' : 'allergy',
        traces: false,
      },
    ],
  }));
  const nuts = { id: 'nuts', name: 'Nuts', ingredient: 'cashew', grams: 120 };
  const rice = [
    { id: 'red', ingredient: 'passata', grams: 800 },
    { id: 'rice', ingredient: 'rice-dry', grams: 200 },
  ];
  const of = (onlyFor: readonly string[], eaters: readonly object[] = people) =>
    ask({ vessel, portions: 3, components: [...rice, { ...nuts, onlyFor }], eaters });
  const dish = await of(['dee', 'eve']);
  expect(dish.people.map(({ eater, verdict }) => [eater, verdict])).toEqual([
    ['ann', 'does-not'],
    ['bo', 'ask'],
    ['cy', 'does-not'],
  ]);
  expect(dish.people[0]!.reasons[0]!.because).toContain('by the vessel used for Nuts');
  const { people: mixed } = await of(['bo', 'dee']);
  expect(mixed[1]).toMatchObject({ eater: 'bo', verdict: 'does-not' });
  // Called by their place among all, whoever eats the same.
  expect(mixed.map(({ name }) => name)).toEqual(['Eater 1', 'Eater 2', 'Eater 3']);
  expect((await of([])).people.map(({ verdict }) => verdict)).toEqual(['does-not', 'does-not', 'does-not']);
  // 120 g of nuts for two, beside a third of the rest.
  const [dee, eve] = dish.portions;
  expect([dee!.eater, eve!.eater]).toEqual(['dee', 'eve']);
  const [red, grains, cashews] = dish.layers.map(({ grams }) => grams);
  const third = (red! + grains!) / 3;
  expect(dee!.grams / dish.portion.grams).toBeCloseTo((cashews! / 2 + third) / third, 6);
  expect((await of([])).portions).toEqual([]);
  expect(await refused({ vessel, components: [{ ...nuts, onlyFor: 'ann' }] })).toEqual([
    'components[0].onlyFor',
  ]);
});

test('Fahrenheit is the same oven, the fan a drier one; what was fried first gives less', async () => {
  const oven = (stage: object) => ask({ ...lasagne, oven: [{ minutes: 40, ...stage }] });
  const celsius = await oven({ temperatureC: 190 });
  expect((await oven({ temperatureF: 374 })).water.evaporatedG).toBeCloseTo(celsius.water.evaporatedG, 6);
  expect((await oven({ temperatureC: 190, fan: true })).water.evaporatedG).toBeGreaterThan(
    celsius.water.evaporatedG,
  );
  const mushrooms = (ready: object[]) =>
    ask({
      ...lasagne,
      layers: undefined,
      components: [...lasagne.components, { id: 'm', ingredient: 'mushroom', grams: 400, ready }],
    });
  const raw = await mushrooms([]),
    fried = await mushrooms([{ kind: 'fry', minutes: 10, flame: 'medium' }]);
  expect(fried.water.releasedG).toBeLessThan(raw.water.releasedG);
  expect(fried.massG).toBeLessThan(raw.massG - 50);
});

test.each([
  ['no vessel', { vessel: undefined }, 'vessel'],
  ['a vessel without a size', { vessel: { shape: 'round', depthCm: 5 } }, 'vessel.diameterCm'],
  ['no parts', { components: [], layers: undefined }, 'components'],
  [
    'a part that is two things',
    { components: [{ id: 'a', ingredient: 'passata', formula: 'x', grams: 1 }], layers: undefined },
    'components[0]',
  ],
  ['a part that is nothing', { components: [{ id: 'a' }], layers: undefined }, 'components[0]'],
  [
    'a part without an amount',
    { components: [{ id: 'a', ingredient: 'passata' }], layers: undefined },
    'components[0].grams',
  ],
  [
    'a thing of nowhere',
    { components: [{ id: 'a', ingredient: 'moon', grams: 5 }], layers: undefined },
    'components[0].ingredient',
  ],
  [
    'two parts of one name',
    {
      components: [
        { id: 'a', ingredient: 'passata', grams: 5 },
        { id: 'a', ingredient: 'salt', grams: 5 },
      ],
      layers: undefined,
    },
    'components',
  ],
  ['a layer of nothing', { layers: [{ component: 'moon' }] }, 'layers[0].component'],
  ['no portions at all', { portions: 0 }, 'portions'],
  ['an oven without a temperature', { oven: [{ minutes: 10 }] }, 'oven[0].temperatureC'],
  ['an oven below nothing', { oven: [{ temperatureC: 180, minutes: -1 }] }, 'oven[0].minutes'],
])('%s is refused, naming the field', async (_case, change, field) => {
  expect(await refused({ ...lasagne, ...change })).toContain(field);
});

test('a formula that is not there is said so', async () => {
  await server
    .ask()
    .post('/api/dish')
    .send({ vessel, components: [{ id: 'a', formula: 'moon' }] })
    .expect(404);
});

test('nothing that goes in weighs anything: a dish of nothing has figures of nothing', async () => {
  const dish = await ask({ vessel, components: [{ id: 'a', ingredient: 'passata', grams: 0 }] });
  expect(dish).toMatchObject({ massG: 0, heightMm: 0 });
  expect(JSON.stringify(dish)).not.toMatch(/null,"mid"|NaN/);
  expect(dish.water.verdict).toBe('dry');
});
