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

test('a property that was too much says so with a figure above nought, one that was inside is kept', () => {
  const salty = reasonFor('salt', { salt: 2 }, { brief: { salt: { low: 0.2, high: 0.45 } } });
  if (salty?.kind !== 'was-off') throw new Error('no reason');
  expect(salty.rail).toBe('salt');
  expect(salty.by).toBeGreaterThan(0.2);
  expect(salty.by).toBeLessThan(0.5);
  const short = reasonFor('salt', { salt: 9 }, { brief: { salt: { low: 1.3, high: 1.6 } } });
  if (short?.kind !== 'was-off') throw new Error('no reason');
  expect(short.by).toBeGreaterThan(-0.8);
  expect(short.by).toBeLessThan(-0.3);
  // Twice the water would thin it out of its stretch: the starch is there to keep it inside.
  const kept = reasonFor(
    'rice-flour',
    { water: 900, 'rice-flour': 40 },
    { brief: { thickness: { low: 300, high: 20_000 } } },
  );
  expect(kept).toEqual({ kind: 'keeps', rail: 'thickness' });
});

test('what somebody must not have goes for that reason, and more of what is limited is no one’s limit', () => {
  const noBeans = eaterWith('Ove', {
    kind: 'ingredient',
    ingredient: 'white-bean-boiled',
    strictness: 'allergy',
  });
  expect(
    reasonFor('white-bean-boiled', { 'white-bean-boiled': 0 }, { eaters: [noBeans], brief: {} }),
  ).toMatchObject({
    kind: 'forbidden',
    eater: 'Ove',
  });
  expect(
    reasonFor('white-bean-boiled', { 'white-bean-boiled': 20 }, { eaters: [noBeans], brief: {} }),
  ).toEqual({
    kind: 'fills',
  });
  const sunniva = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.5 });
  expect(reasonFor('salt', { salt: 6 }, { eaters: [sunniva], brief: {} })).toEqual({ kind: 'fills' });
  const generous = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 5 });
  expect(reasonFor('salt', { salt: 1 }, { eaters: [generous], brief: {} })).toEqual({ kind: 'fills' });
});
