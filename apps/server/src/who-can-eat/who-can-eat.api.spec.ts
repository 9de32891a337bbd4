import type { EaterView, WhoCanEatResponse } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
});
afterAll(() => server.close());

const allergy = (allergen: string, traces = false) => ({
  kind: 'allergen',
  allergen,
  strictness: 'allergy',
  traces,
});
const judge = async (ingredients: readonly string[], needs: readonly object[]) => {
  const lines = ingredients.map((ingredient) => ({ ingredient, amount: 100, unit: 'g' }));
  const answer = await server
    .ask()
    .post('/api/who-can-eat')
    .send({ lines, eaters: [{ needs }] })
    .expect(200);
  return (answer.body as WhoCanEatResponse).people[0];
};

test.each([
  ['milk', 'butter', 'does-not'],
  ['milk', 'goat-cheese', 'does-not'],
  ['egg', 'mayonnaise-egg', 'does-not'],
  ['sesame', 'chickpea-dip', 'does-not'],
  ['wheat', 'soy-sauce', 'does-not'],
  ['barley', 'barley-miso', 'does-not'],
  ['celery', 'vegetable-stock', 'does-not'],
  ['sulphite', 'white-wine', 'does-not'],
  ['cashew', 'cashew', 'does-not'],
  ['oat', 'oat-drink', 'does-not'],
  ['mustard', 'mustard', 'does-not'],
  ['milk', 'cocoa-butter', 'ask'],
  ['milk', 'butter-bean-boiled', 'fits'],
  ['chickpea', 'chickpea-flour', 'does-not'],
] as const)('%s and %s: %s', async (allergen, ingredient, verdict) => {
  const person = await judge(['water', ingredient], [allergy(allergen)]);
  expect(person?.verdict).toBe(verdict);
  if (verdict !== 'fits') {
    expect(person?.reasons[0]).toMatchObject({ ingredient, allergen });
    expect(person?.reasons[0]?.chain.length).toBeGreaterThan(1);
    expect(person?.reasons[0]?.wouldChange).not.toBe('');
  }
});

test('the chain goes through the part of a compound to the source, and words promise nothing', async () => {
  const answer = await server
    .ask()
    .post('/api/who-can-eat')
    .send({
      lines: [{ ingredient: 'chickpea-dip', amount: 60, unit: 'g' }],
      eaters: [{ name: 'Perrin', needs: [allergy('sesame')] }],
    })
    .expect(200);
  const { people, caution } = answer.body as WhoCanEatResponse;
  expect(people[0]?.reasons[0]?.chain).toEqual(
    expect.arrayContaining(['Chickpea dip, bought', 'sesame paste']),
  );
  expect(caution).toContain('no medical advice');
  expect(JSON.stringify(answer.body)).not.toMatch(/\bsafe\b|allergen-free/i);
});

test('a reason names the line that it is about by its place; an allergen only where one is', async () => {
  const { body } = await server
    .ask()
    .post('/api/who-can-eat')
    .send({
      lines: [
        { id: 'wet', ingredient: 'water', amount: 100, unit: 'g' },
        { id: 'nuts', ingredient: 'cashew', amount: 100, unit: 'g' },
        { id: 'salty', ingredient: 'salt', amount: 9, unit: 'g' },
      ],
      eaters: [
        { needs: [allergy('cashew')] },
        { needs: [{ kind: 'ingredient', ingredient: 'cashew', strictness: 'allergy' }] },
        { needs: [{ kind: 'salt-limit', gramsPerPortion: 1 }] },
      ],
    })
    .expect(200);
  const told = (body as WhoCanEatResponse).people.map(({ verdict, reasons }) => [
    verdict,
    reasons[0]?.line,
    reasons[0]?.allergen,
  ]);
  expect(told).toEqual([
    ['does-not', '1', 'cashew'],
    ['does-not', '1', null],
    ['does-not', null, null],
  ]);
});

test('people at the table and a formula are judged by their ids', async () => {
  const eaters = (await server.ask().get('/api/eaters')).body as EaterView[];
  const formulas = (await server.ask().get('/api/formulas?search=flatbread')).body as { id: string }[];
  const answer = await server
    .ask()
    .post('/api/who-can-eat')
    .send({ formulaId: formulas[0]?.id, eaterIds: eaters.map(({ id }) => id) })
    .expect(200);
  const verdicts = Object.fromEntries(
    (answer.body as WhoCanEatResponse).people.map((p) => [p.name, p.verdict]),
  );
  expect(verdicts).toMatchObject({ Marte: 'does-not', Joram: 'does-not', Teo: 'fits' });
});

test('rules, thresholds and cross-reactions', async () => {
  expect((await judge(['olive-oil', 'water'], [{ kind: 'rule', rule: 'no-added-oil' }]))?.verdict).toBe(
    'does-not',
  );
  expect((await judge(['cashew', 'water'], [{ kind: 'rule', rule: 'small-child' }]))?.verdict).toBe(
    'does-not',
  );
  expect(
    (await judge(['garlic', 'water'], [{ kind: 'compound', compound: 'fructans', gramsPerPortion: 0.3 }]))
      ?.verdict,
  ).toBe('does-not');
  expect(
    (await judge(['potato', 'water'], [{ kind: 'compound', compound: 'fructans', gramsPerPortion: 0.3 }]))
      ?.verdict,
  ).toBe('fits');
  expect((await judge(['water'], [allergy('cashew')]))?.askTheClinician.join(' ')).toContain('pistachio');
});

test('a label typed for a known ingredient adds to the table and clears what is only often so; it can be taken back', async () => {
  const needs = [allergy('milk', true)];
  expect((await judge(['plant-butter-block'], needs))?.verdict).toBe('ask');
  await server
    .ask()
    .put('/api/labels/plant-butter-block')
    .send({ text: 'Ingredients: rapeseed oil, coconut oil, water, salt, buttermilk powder.' })
    .expect(200);
  const typed = await judge(['plant-butter-block'], needs);
  expect(typed?.verdict).toBe('does-not');
  expect(typed?.reasons[0]?.chain.join(' ')).toContain('label, read on');
  await server
    .ask()
    .put('/api/labels/plant-butter-block')
    .send({
      text: 'Ingredients: rapeseed oil, coconut oil, water, salt, sunflower lecithin. May contain traces of soya.',
    })
    .expect(200);
  expect((await judge(['plant-butter-block'], needs))?.verdict).toBe('fits');
  await server.ask().delete('/api/labels/plant-butter-block').expect(204);
  expect((await judge(['plant-butter-block'], needs))?.verdict).toBe('ask');
});

test('a label is read without being kept', async () => {
  const text =
    'Ingredients: oats, SKIMMED MILK powder (2 %), emulsifier: soya lecithin. May contain traces of hazelnuts.';
  const { body } = (await server.ask().post('/api/labels/read').send({ text }).expect(200)) as {
    body: { findings: { allergen: string; kind: string; start: number; end: number }[] };
  };
  const kinds = Object.fromEntries(body.findings.map(({ allergen, kind }) => [allergen, kind]));
  expect(kinds).toMatchObject({
    oat: 'contains',
    milk: 'contains',
    soya: 'derived',
    hazelnut: 'may-contain',
  });
  const milk = body.findings.find(({ allergen }) => allergen === 'milk');
  expect(text.slice(milk?.start, milk?.end)).toBe('SKIMMED MILK powder');
});

test.each([
  ['neither lines nor a formula', { eaters: [{ needs: [] }] }, 'lines'],
  ['nobody to judge for', { lines: [{ ingredient: 'salt', amount: 1, unit: 'g' }] }, 'eaters'],
  [
    'an unknown ingredient',
    { lines: [{ ingredient: 'moon', amount: 1, unit: 'g' }], eaters: [{ needs: [] }] },
    'lines[0].ingredient',
  ],
  [
    'an unknown allergen',
    { lines: [{ ingredient: 'salt', amount: 1, unit: 'g' }], eaters: [{ needs: [allergy('moon')] }] },
    'eaters[0].needs[0].allergen',
  ],
])('%s is refused, naming the field', async (_case, sent, field) => {
  const problem = problemOf(await server.ask().post('/api/who-can-eat').send(sent).expect(400));
  expect(problem.errors?.map((error) => error.field)).toContain(field);
});

test('a book is no label, and neither is nothing; markup and control characters are harmless', async () => {
  problemOf(
    await server
      .ask()
      .post('/api/labels/read')
      .send({ text: 'milk '.repeat(60_000) })
      .expect(400),
  );
  problemOf(
    await server
      .ask()
      .post('/api/labels/read')
      .send({ text: 'a'.repeat(1_200_000) })
      .expect(413),
  );
  problemOf(await server.ask().post('/api/labels/read').send({ text: '' }).expect(400));
  expect(
    problemOf(await server.ask().post('/api/labels/read').send({ text: 'milk\u0000' }).expect(400))
      .errors?.[0]?.field,
  ).toBe('text');
  const { body } = (await server
    .ask()
    .post('/api/labels/read')
    .send({ text: '<script>alert(1)</script>\u0001\u0007 <b>milk</b>' })
    .expect(200)) as { body: { contains: string[] } };
  expect(body.contains).toEqual(['milk']);
});

test('a sauce inside a dish is judged through it', async () => {
  const formulas = (await server.ask().get('/api/formulas?search=flatbread')).body as { id: string }[];
  const lines = [
    { ingredient: 'potato', amount: 300, unit: 'g' },
    { ingredient: `formula:${formulas[0]?.id}`, amount: 200, unit: 'g' },
  ];
  const answer = await server
    .ask()
    .post('/api/who-can-eat')
    .send({ lines, eaters: [{ needs: [allergy('barley')] }] })
    .expect(200);
  const [person] = (answer.body as WhoCanEatResponse).people;
  expect(person?.verdict).toBe('does-not');
  expect(person?.reasons[0]?.chain.slice(0, 2)).toEqual(['Flatbread melt', 'Light miso, barley']);
});

test('a kept formula is judged as far as it is known: an own ingredient that was put away, and a line without amount, are asked about by name', async () => {
  const own = (
    await server
      .ask()
      .post('/api/own-ingredients')
      .send({
        name: 'Spread from the market',
        label: { perG: 100, fat: 30, carbohydrate: 10, protein: 5, salt: 1 },
      })
      .expect(201)
  ).body as { id: string };
  const lines = [
    { id: 'p', ingredient: 'potato', amount: 300, unit: 'g' },
    { id: 'o', ingredient: own.id, amount: 50, unit: 'g' },
  ];
  const { id } = (
    await server.ask().post('/api/formulas').send({ name: 'With the spread', lines }).expect(201)
  ).body as { id: string };
  const eaters = [
    { name: 'Ane', needs: [{ kind: 'allergen', allergen: 'peanut', strictness: 'allergy', traces: false }] },
  ];
  const judge = async () =>
    (
      (await server.ask().post('/api/who-can-eat').send({ formulaId: id, eaters }).expect(200))
        .body as WhoCanEatResponse
    ).people[0];
  await server.ask().delete(`/api/own-ingredients/${own.id}`).expect(204);
  const away = await judge();
  expect(away?.verdict).toBe('ask');
  expect(JSON.stringify(away?.reasons)).toContain('Spread from the market');
  await server
    .ask()
    .put(`/api/formulas/${id}`)
    .send({
      name: 'With peanuts some day',
      version: 1,
      lines: [lines[0], { id: 'n', ingredient: 'peanut', amount: null, unit: 'g' }],
    })
    .expect(200);
  expect((await judge())?.verdict).toBe('does-not');
});

test('a large table is judged in a thread of its own, to the same verdicts; more needs than any table has are refused', async () => {
  const lines = ['butter', 'cashew', 'potato', ...Array.from({ length: 60 }, () => 'water')].map(
    (ingredient) => ({ ingredient, amount: 10, unit: 'g' }),
  );
  const needs = [
    allergy('milk'),
    allergy('cashew', true),
    allergy('fish'),
    { kind: 'salt-limit', gramsPerPortion: 1 },
  ];
  const ask = async (people: number) =>
    server
      .ask()
      .post('/api/who-can-eat')
      .send({ lines, eaters: Array.from({ length: people }, () => ({ needs })) });
  const [one] = ((await ask(1)).body as WhoCanEatResponse).people;
  const many = ((await ask(40)).body as WhoCanEatResponse).people;
  expect(many).toHaveLength(40);
  expect(many[39]).toEqual({ ...one, eater: 'eater-40', name: 'Eater 40' });
  const eaters = (people: number, needsOfLast: number) =>
    Array.from({ length: people }, (_none, i) => ({
      needs: Array.from({ length: i === people - 1 ? needsOfLast : 20 }, () => allergy('milk')),
    }));
  const send = (people: object) =>
    server
      .ask()
      .post('/api/who-can-eat')
      .send({ lines: lines.slice(0, 2), eaters: people });
  await send(eaters(30, 20)).expect(200);
  expect(problemOf(await send(eaters(31, 1)).expect(400)).errors?.[0]?.message).toMatch(
    /At most 600 needs .* these are 601/,
  );
});

describe('one meal', () => {
  const watcher = { needs: [{ kind: 'salt-limit', gramsPerPortion: 1.2 }] },
    mild = { needs: [{ kind: 'rule', rule: 'mild' }] };
  const line = (ingredient: string, amount: number | null) => ({ ingredient, amount, unit: 'g' });
  const judgeMeal = async (body: object) => {
    const answer = await server
      .ask()
      .post('/api/who-can-eat')
      .send({ eaters: [watcher, mild], ...body })
      .expect(200);
    return (answer.body as WhoCanEatResponse).people.map(({ verdict }) => verdict);
  };
  const make = async (name: string, lines: readonly object[]) =>
    (
      (await server.ask().post('/api/formulas').send({ name, lines, portions: 4 }).expect(201)).body as {
        id: string;
      }
    ).id;

  test('a formula inside counts with the amount that is used of it; without one, it is asked about', async () => {
    const id = await make('Salty and hot', [line('potato', 180), line('salt', 16), line('cayenne', 4)]);
    const inside = (amount: number | null) =>
      judgeMeal({ lines: [line('potato', 100), line(`formula:${id}`, amount)] });
    expect(await inside(1)).toEqual(['fits', 'fits']);
    expect(await inside(40)).toEqual(['does-not', 'ask']);
    expect(await inside(null)).toEqual(['ask', 'ask']);
    // As much as its lines: a fifth of it is 3.2 g of salt and 0.8 g of cayenne.
    expect(
      await judgeMeal({ lines: [line('potato', 136), line('salt', 3.2), line('cayenne', 0.8)] }),
    ).toEqual(['does-not', 'ask']);
    // By the millilitre it is used by what a millilitre of it weighs: 40 g of it are fewer ml.
    const { massG, volumeMl } = (
      await server
        .ask()
        .post('/api/predict')
        .send({ lines: [line('potato', 180), line('salt', 16), line('cayenne', 4)] })
        .expect(200)
    ).body as { massG: number; volumeMl: number };
    const most = (40 * volumeMl) / massG;
    const withMl = async (ml: number, gramsPerPortion: number) => {
      const answer = await server
        .ask()
        .post('/api/who-can-eat')
        .send({
          lines: [{ ingredient: `formula:${id}`, amount: ml, unit: 'ml' }],
          eaters: [{ needs: [{ kind: 'salt-limit', gramsPerPortion }] }],
        })
        .expect(200);
      return (answer.body as WhoCanEatResponse).people[0]?.verdict;
    };
    expect(await withMl(most, 3.2 * 0.85)).toBe('does-not');
    expect(await withMl(most, 3.2 * 1.25)).not.toBe('does-not');
    // Divided, it holds less salt, and bites as before.
    expect(
      await judgeMeal({ lines: [line('potato', 100), line(`formula:${id}`, 40)], portions: 20 }),
    ).toEqual(['fits', 'ask']);
  });

  test('what is added is divided among the portions of the formula, or among those that are asked for', async () => {
    const id = await make('Potatoes alone', [line('potato', 400)]);
    const salted = async (gramsPerPortion: number, of: object) =>
      (
        (
          await server
            .ask()
            .post('/api/who-can-eat')
            .send({
              eaters: [{ name: 'Little salt', needs: [{ kind: 'salt-limit', gramsPerPortion }] }],
              added: [line('salt', 8)],
              ...of,
            })
            .expect(200)
        ).body as { people: { verdict: string }[] }
      ).people[0]!.verdict;
    // Two grams in each of four portions, four in each of two, and all eight in the only one.
    for (const [of, each] of [
      [{ formulaId: id }, 2],
      [{ formulaId: id, portions: 2 }, 4],
      [{ lines: [line('potato', 400)] }, 8],
    ] as const) {
      expect(await salted(each * 0.9, of)).toBe('does-not');
      expect(await salted(each * 1.2, of)).not.toBe('does-not');
    }
  });

  test('a formula may be what is added: it counts by the grams that are stirred in', async () => {
    const plain = await make('Plain potatoes', [line('potato', 400)]),
      salty = await make('Salty water', [line('water', 90), line('salt', 10)]);
    const withGrams = async (grams: number) =>
      (await judgeMeal({ formulaId: plain, portions: 1, added: [line(`formula:${salty}`, grams)] }))[0];
    // A tenth of it is salt, and 1.2 g are let.
    expect(await withGrams(20)).toBe('does-not');
    expect(await withGrams(4)).not.toBe('does-not');
  });

  test('what is added to a version counts in that version, and what stands beside counts too', async () => {
    const id = await make('Calm base', [line('potato', 400), line('salt', 2)]);
    expect(await judgeMeal({ formulaId: id })).toEqual(['fits', 'fits']);
    expect(await judgeMeal({ formulaId: id, added: [line('soy-sauce', 30), line('cayenne', 2)] })).toEqual([
      'does-not',
      'ask',
    ]);
    const salty = await make('Salty side', [line('potato', 400), line('salt', 4)]);
    expect(await judgeMeal({ formulaId: salty })).toEqual(['fits', 'fits']);
    expect(await judgeMeal({ formulaId: id, beside: [salty] })).toEqual(['does-not', 'fits']);
    const problem = problemOf(
      await server
        .ask()
        .post('/api/who-can-eat')
        .send({ eaters: [mild], formulaId: id, added: [line('moon', 1)] })
        .expect(400),
    );
    expect(problem.errors?.[0]?.field).toBe('added[0].ingredient');
  });
});
