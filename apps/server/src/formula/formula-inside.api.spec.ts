import {
  type FormulaView,
  lineOfFormula,
  type PredictResponse,
  type WhoCanEatResponse,
} from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const line = (id: string, ingredient: string, amount: number | null) => ({
  id,
  ingredient,
  amount,
  unit: 'g',
});
const create = async (name: string, lines: readonly object[], more: object = {}) =>
  (
    await server
      .ask()
      .post('/api/formulas')
      .send({ name, lines, ...more })
      .expect(201)
  ).body as FormulaView;
const melt = () =>
  create('House melt', [line('c', 'cashew', 100), line('w', 'water', 250), line('s', 'salt', 4)], {
    writesItself: true,
  });
const predicted = async (lines: readonly object[]) =>
  (await server.ask().post('/api/predict').send({ lines, method: [] }).expect(200)).body as PredictResponse;
const refused = async (asked: { expect: (code: number) => Promise<unknown> }) =>
  problemOf((await asked.expect(400)) as never).errors;

test('a kept sauce is a line of a pot: its salt, cost and water by share, and its parts by name', async () => {
  const { id } = await melt();
  const alone = await predicted([line('a', lineOfFormula(id), 300)]),
    mixed = await predicted([line('a', lineOfFormula(id), 100), line('b', 'oat-drink', 100)]);
  expect(alone.massG).toBeCloseTo(300, 3);
  expect(alone.saltPct).toBeGreaterThan(0.9);
  expect(alone.broughtG).toBeCloseTo(0, 6);
  expect(mixed.lines.map(({ ingredient, inside }) => [ingredient, inside])).toEqual([
    ['cashew', lineOfFormula(id)],
    ['water', lineOfFormula(id)],
    ['salt', lineOfFormula(id)],
    ['oat-drink', null],
  ]);
  // The nuts were soaked and heated in their own pot.
  expect(mixed.lines[0]!.hottestC).toBeGreaterThan(80);
  expect(mixed.lines[3]!.hottestC).toBeLessThan(30);
  expect(mixed.nutrition.batch.fatG).toBeGreaterThan(alone.nutrition.batch.fatG / 3);
});

test('it can be kept as a line, by weight or spoon, and counts for whoever eats', async () => {
  const { id } = await melt();
  const bake = await create('Bake', [
    line('a', lineOfFormula(id), 200),
    { id: 'b', ingredient: lineOfFormula(id), amount: 3, unit: 'tbsp' },
    line('p', 'potato', 400),
  ]);
  expect(bake.lines[0]).toMatchObject({ ingredient: lineOfFormula(id), role: 'body' });
  const eaters = [
    { needs: [{ kind: 'allergen', allergen: 'cashew', strictness: 'allergy' }] },
    { needs: [{ kind: 'allergen', allergen: 'sesame', strictness: 'allergy' }] },
  ];
  const answer = (
    await server.ask().post('/api/who-can-eat').send({ formulaId: bake.id, eaters }).expect(200)
  ).body as WhoCanEatResponse;
  expect(answer.people[0]?.verdict).toBe('does-not');
  expect(answer.people[0]?.reasons[0]?.chain).toEqual(expect.arrayContaining(['House melt']));
  expect(answer.people[1]?.verdict).not.toBe('does-not');
});

test('it follows the sauce as it is changed, and asks once that is put away', async () => {
  const { id, lines } = await melt();
  const bake = await create('Bake', [line('a', lineOfFormula(id), 200)]);
  await server
    .ask()
    .put(`/api/formulas/${id}`)
    .send({ name: 'House melt', lines: [...lines, line('t', 'tahini', 30)], version: 1 })
    .expect(200);
  const eaters = [{ needs: [{ kind: 'allergen', allergen: 'sesame', strictness: 'allergy' }] }];
  const verdict = async () =>
    (
      (await server.ask().post('/api/who-can-eat').send({ formulaId: bake.id, eaters }).expect(200))
        .body as WhoCanEatResponse
    ).people[0];
  expect((await verdict())?.verdict).toBe('does-not');
  await server.ask().delete(`/api/formulas/${id}`).expect(204);
  const asked = await verdict();
  expect(asked?.verdict).toBe('ask');
  expect(asked?.reasons[0]?.chain[0]).toBe('House melt');
  // What is kept of it can still be written, and comes back with it.
  await server
    .ask()
    .put(`/api/formulas/${bake.id}`)
    .send({ name: 'Bake', lines: bake.lines, version: 1 })
    .expect(200);
  await server.ask().post(`/api/formulas/${id}/restore`).expect(200);
  expect((await verdict())?.verdict).toBe('does-not');
});

test('what would hold itself, and what was never here, is refused on its line', async () => {
  const { id } = await melt();
  const outer = await create('Outer', [line('a', lineOfFormula(id), 100)]);
  const put = server.ask().put(`/api/formulas/${id}`);
  expect(
    await refused(put.send({ name: 'Round', lines: [line('x', lineOfFormula(outer.id), 10)], version: 1 })),
  ).toEqual([{ field: 'lines[0].ingredient', message: expect.stringContaining('hold itself') as string }]);
  const never = { name: 'Never', lines: [line('x', lineOfFormula('nowhere'), 10)] };
  expect(await refused(server.ask().post('/api/formulas').send(never))).toEqual([
    { field: 'lines[0].ingredient', message: expect.stringContaining('not here') as string },
  ]);
  expect(
    await refused(
      server
        .ask()
        .post('/api/predict')
        .send({ lines: [line('x', lineOfFormula('nowhere'), 10)] }),
    ),
  ).toHaveLength(1);
});
