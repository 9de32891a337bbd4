import type { EaterView } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer();
});
afterAll(() => server.close());

const body = {
  name: 'Ode',
  needs: [
    { kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: true },
    { kind: 'salt-limit', gramsPerPortion: 1.5 },
    { kind: 'ingredient', ingredient: 'tahini', strictness: 'dislike' },
  ],
};
const create = async () => (await server.ask().post('/api/eaters').send(body).expect(201)).body as EaterView;

test('a person and their needs are kept, changed, taken away and brought back', async () => {
  const made = await create();
  expect(made).toMatchObject({ name: 'Ode', eatsTonight: true, version: 1, needs: body.needs });
  const changed = (
    await server
      .ask()
      .put(`/api/eaters/${made.id}`)
      .send({ name: 'Ode', eatsTonight: false, needs: [body.needs[1]], version: 1 })
      .expect(200)
  ).body as EaterView;
  expect(changed).toMatchObject({ eatsTonight: false, version: 2, needs: [body.needs[1]] });
  await server.ask().delete(`/api/eaters/${made.id}`).expect(204);
  await server.ask().get(`/api/eaters/${made.id}`).expect(404);
  expect((await server.ask().post(`/api/eaters/${made.id}/restore`).expect(200)).body).toMatchObject({
    needs: [body.needs[1]],
  });
});

test('needs that are left out of a change stay', async () => {
  const made = await create();
  const changed = (
    await server.ask().put(`/api/eaters/${made.id}`).send({ name: 'Odette', version: 1 }).expect(200)
  ).body as EaterView;
  expect(changed).toMatchObject({ name: 'Odette', needs: body.needs });
});

test('a change against an older version is refused', async () => {
  const made = await create();
  await server.ask().put(`/api/eaters/${made.id}`).send({ name: 'A', version: 1 }).expect(200);
  expect(
    problemOf(await server.ask().put(`/api/eaters/${made.id}`).send({ name: 'B', version: 1 }).expect(409)),
  ).toMatchObject({ current: { name: 'A' } });
});

test.each([
  [
    'an unknown allergen',
    { name: 'x', needs: [{ kind: 'allergen', allergen: 'moonlight', strictness: 'allergy' }] },
    'needs[0].allergen',
  ],
  [
    'an allergen without strictness',
    { name: 'x', needs: [{ kind: 'allergen', allergen: 'milk' }] },
    'needs[0].strictness',
  ],
  [
    'an ingredient that is not there',
    { name: 'x', needs: [{ kind: 'ingredient', ingredient: 'moon', strictness: 'diet' }] },
    'needs[0].ingredient',
  ],
  [
    'a salt limit of nothing',
    { name: 'x', needs: [{ kind: 'salt-limit', gramsPerPortion: 0 }] },
    'needs[0].gramsPerPortion',
  ],
  ['an unknown kind', { name: 'x', needs: [{ kind: 'mood' }] }, 'needs[0].kind'],
  ['an unknown field', { name: 'x', age: 7 }, 'age'],
  ['no name', { needs: [] }, 'name'],
])('%s is refused, naming the field', async (_case, wrong, field) => {
  const problem = problemOf(await server.ask().post('/api/eaters').send(wrong).expect(400));
  expect(problem.errors?.map((error) => error.field)).toContain(field);
});

test('an ingredient that is told by its name is kept as that ingredient, and found in a pot', async () => {
  const needs = [{ kind: 'ingredient', ingredient: 'Cashew nuts', strictness: 'allergy' }];
  const made = (await server.ask().post('/api/eaters').send({ name: 'By name', needs }).expect(201))
    .body as EaterView;
  expect(made.needs).toEqual([{ kind: 'ingredient', ingredient: 'cashew', strictness: 'allergy' }]);
  const lines = [{ id: 'n', ingredient: 'cashew', amount: 50, unit: 'g' }];
  const verdictOf = async (people: object) =>
    (
      (
        await server
          .ask()
          .post('/api/who-can-eat')
          .send({ lines, ...people })
          .expect(200)
      ).body as {
        people: { verdict: string }[];
      }
    ).people.map(({ verdict }) => verdict);
  expect(await verdictOf({ eaterIds: [made.id] })).toEqual(['does-not']);
  expect(await verdictOf({ eaters: [{ needs }] })).toEqual(['does-not']);
  const refused = problemOf(
    await server
      .ask()
      .post('/api/who-can-eat')
      .send({ lines, eaters: [{ needs: [{ ...needs[0], ingredient: 'moon' }] }] })
      .expect(400),
  );
  expect(refused.errors).toEqual([
    { field: 'eaters[0].needs[0].ingredient', message: '“moon” is not in the larder.' },
  ]);
});

test('something of the house is avoided: what it holds is asked of other things, and of everything once it is put away', async () => {
  const own = (
    await server
      .ask()
      .post('/api/own-ingredients')
      .send({
        name: 'Pepper relish',
        label: { perG: 100, fat: 1, carbohydrate: 10, protein: 1, salt: 1 },
        contains: ['celery'],
      })
      .expect(201)
  ).body as { id: string };
  const needs = [{ kind: 'ingredient', ingredient: own.id, strictness: 'allergy' }];
  const made = (await server.ask().post('/api/eaters').send({ name: 'No relish', needs }).expect(201))
    .body as EaterView;
  expect(made.needs).toEqual([{ ...needs[0], what: { name: 'Pepper relish', contains: ['celery'] } }]);
  // What was read may be sent back as it is.
  await server
    .ask()
    .put(`/api/eaters/${made.id}`)
    .send({ name: 'No relish', needs: made.needs, version: 1 })
    .expect(200);
  const said = async (ingredient: string) => {
    const answer = await server
      .ask()
      .post('/api/who-can-eat')
      .send({ lines: [{ id: 'l', ingredient, amount: 50, unit: 'g' }], eaterIds: [made.id] })
      .expect(200);
    return (answer.body as { people: { verdict: string; reasons: { because: string }[] }[] }).people[0];
  };
  expect(await said(own.id)).toMatchObject({ verdict: 'does-not', reasons: [{ because: 'pepper relish' }] });
  expect(await said('potato')).toMatchObject({ verdict: 'fits', reasons: [] });
  await server.ask().delete(`/api/own-ingredients/${own.id}`).expect(204);
  expect(await said('potato')).toMatchObject({
    verdict: 'ask',
    reasons: [{ because: 'pepper relish is no longer in the larder, so what else holds it is not known' }],
  });
});
