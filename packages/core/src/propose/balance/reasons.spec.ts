import { aimsOf } from './aim.js';
import { eaterWith, requestOf, seedSauce } from './balance.fixture.js';
import { changesOf } from './reasons.js';
import { searchSpace } from './search-space.js';

type Changed = Readonly<Partial<Record<(typeof seedSauce)[number][0], number>>>;
const masses = (changes: Changed) => Float64Array.from(seedSauce, ([id, g]) => changes[id] ?? g);
const lineOf = (id: string) => seedSauce.findIndex(([other]) => other === id);

function reasonFor(id: string, changes: Changed, more: Parameters<typeof requestOf>[2] = {}) {
  const request = requestOf(seedSauce, 'pouring-sauce', more);
  return changesOf(searchSpace(request), aimsOf(request.brief), masses(changes)).find(
    ({ line }) => line === lineOf(id),
  )?.reason;
}

test('a change that brings a property back says how far it was off', () => {
  const brief = { thickness: { low: 9000, high: 30_000 } };
  const reason = reasonFor('rice-flour', { 'rice-flour': 55 }, { brief });
  expect(reason).toMatchObject({ kind: 'was-off', rail: 'thickness' });
  expect(reason?.kind === 'was-off' && reason.by).toBeLessThan(0);
});

test('a change that serves no property fills the batch', () => {
  expect(reasonFor('water', { water: 385 }, { brief: {} })).toEqual({ kind: 'fills' });
});

test('less of what a person is limited in says whose limit it is', () => {
  const eaters = [eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.5 })];
  expect(reasonFor('salt', { salt: 1 }, { eaters, brief: {} })).toEqual({
    kind: 'limit',
    eater: 'Sunniva',
    what: 'salt',
  });
});

test('what hardly changes is not listed, and the largest change comes first', () => {
  const request = requestOf(seedSauce, 'pouring-sauce');
  const changes = changesOf(
    searchSpace(request),
    aimsOf(request.brief),
    masses({ water: 380.5, salt: 10, 'rapeseed-oil': 18 }),
  );
  expect(changes.map(({ line }) => seedSauce[line]?.[0])).toEqual(['salt', 'rapeseed-oil']);
  expect(changes[0]).toMatchObject({ fromG: 5, toG: 10 });
});
