import type { PackLabelView, TaughtWordView, WhoCanEatResponse } from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
});
afterAll(() => server.close());

const text = 'Ingredients: water, rapeseed oil, coconut oil, zorblax, salt.';
const teach = (word: string, means: string) =>
  server
    .ask()
    .put(`/api/words/${encodeURIComponent(word)}`)
    .send({ means });
const celeryVerdict = async () => {
  const needs = [{ kind: 'allergen', allergen: 'celery', strictness: 'allergy', traces: false }];
  const lines = [{ ingredient: 'plant-butter-block', amount: 20, unit: 'g' }];
  const { body } = await server
    .ask()
    .post('/api/who-can-eat')
    .send({ lines, eaters: [{ needs }] })
    .expect(200);
  return (body as WhoCanEatResponse).people[0]?.verdict;
};
const kept = async () =>
  ((await server.ask().get('/api/labels').expect(200)).body as PackLabelView[]).find(
    ({ ingredient }) => ingredient === 'plant-butter-block',
  );

test('a taught word turns every label it stands on, until it is taken back', async () => {
  await server.ask().put('/api/labels/plant-butter-block').send({ text }).expect(200);
  expect((await kept())?.unknown).toEqual(['zorblax']);
  expect(await celeryVerdict()).toBe('ask');
  const taught = (await teach('Zorblax', 'nothing').expect(200)).body as TaughtWordView;
  expect(taught).toMatchObject({ word: 'Zorblax', means: 'nothing' });
  expect(Date.parse(taught.taughtOn)).not.toBeNaN();
  expect((await kept())?.unknown).toEqual([]);
  expect(await celeryVerdict()).toBe('fits');
  await teach('zorblax', 'celery').expect(200);
  expect(await celeryVerdict()).toBe('does-not');
  expect((await server.ask().get('/api/words')).body).toEqual([
    expect.objectContaining({ word: 'zorblax', means: 'celery' }),
  ]);
  await server.ask().delete('/api/words/zorblax').expect(204);
  expect((await kept())?.unknown).toEqual(['zorblax']);
  expect(await celeryVerdict()).toBe('ask');
  problemOf(await server.ask().delete('/api/words/zorblax').expect(404));
});

test.each([
  ['a word that is known', 'milk', 'nothing', 'word', 'understood already'],
  ['a phrase with a known word in it', 'zorblax milk', 'nothing', 'word', 'understood already'],
  ['no word at all', '…', 'nothing', 'word', 'Teach a word'],
  ['a word of 2,000 letters', 'z'.repeat(2000), 'nothing', 'word', 'at most 80'],
  ['a meaning that is none', 'zorblax', 'moon', 'means', 'nothing'],
])('%s is refused', async (_case, word, means, field, message) => {
  const problem = problemOf(await teach(word, means).expect(400));
  expect(problem.errors?.[0]?.field).toBe(field);
  expect(problem.errors?.[0]?.message).toContain(message);
});
