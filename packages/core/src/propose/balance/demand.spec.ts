import { eaterWith, requestOf, smallSauce } from './balance.fixture.js';
import { demandsOf, onlyWith, withChangedWish } from './demand.js';

const salty = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 1 }),
  easy = eaterWith('Ove');
const request = requestOf(smallSauce, 'pouring-sauce', {
  brief: { fat: { low: 5, high: 9 }, salt: { low: 0.8, high: 1 }, stretch: { low: 1, high: 2, kept: true } },
  holds: [undefined, { kind: 'pinned' }, undefined, { kind: 'bounded', leastG: 1, mostG: 20 }],
  eaters: [salty, easy],
  stock: new Map([['salt', 3]]),
});

test('everything that is asked is a demand; what only stays as it is, and a person without needs, is none', () => {
  expect(demandsOf(request)).toEqual([
    { kind: 'wish', rail: 'fat' },
    { kind: 'wish', rail: 'salt' },
    { kind: 'same-dish' },
    { kind: 'mass' },
    { kind: 'stock' },
    { kind: 'hold', line: 1 },
    { kind: 'hold', line: 3 },
    { kind: 'person', eater: 'Sunniva' },
  ]);
  const { stock: _stock, holds: _holds, eaters: _eaters, ...free } = request;
  expect(demandsOf({ ...free, brief: {}, sameDish: 'lifted', holdMass: false })).toEqual([]);
  expect(demandsOf({ ...free, brief: {}, holdMass: true })).toEqual([
    { kind: 'same-dish' },
    { kind: 'mass' },
  ]);
});

test('with only some of them left, only those are asked', () => {
  const some = onlyWith(request, [
    { kind: 'wish', rail: 'salt' },
    { kind: 'hold', line: 3 },
  ]);
  expect(some.brief).toEqual({ salt: { low: 0.8, high: 1 } });
  expect(some.holds?.map((hold) => hold?.kind)).toEqual([undefined, undefined, undefined, 'bounded']);
  expect(some).toMatchObject({ eaters: [], holdMass: false, sameDish: 'lifted' });
  expect(some.stock).toBeUndefined();
  expect(some.recipe).toBe(request.recipe);
  const others = onlyWith(request, [
    { kind: 'person', eater: 'Sunniva' },
    { kind: 'mass' },
    { kind: 'stock' },
    { kind: 'same-dish' },
  ]);
  expect(others).toMatchObject({ brief: {}, eaters: [salty], holdMass: true, sameDish: 'kept' });
  expect(others.stock).toBe(request.stock);
  expect(others.holds).toEqual([undefined, undefined, undefined, undefined]);
  // A person who was not asked for stays away, whatever else is.
  expect(onlyWith(request, [{ kind: 'person', eater: 'Ove' }]).eaters).toEqual([easy]);
  const { holds: _holds, eaters: _eaters, ...bare } = request;
  expect(onlyWith(bare, [])).toMatchObject({ holds: [], eaters: [] });
  expect('stock' in onlyWith(request, [])).toBe(false);
});

test('all demands together are the request itself', () => {
  const all = onlyWith(request, demandsOf(request));
  expect(all).toMatchObject({ holdMass: true, sameDish: 'kept', stock: request.stock, eaters: [salty] });
  expect(demandsOf(all)).toEqual(demandsOf(request));
});

test('one wish is put in place of another, or taken out', () => {
  expect(withChangedWish(request, 'salt', { low: 2, high: 3 }).brief.salt).toEqual({ low: 2, high: 3 });
  expect(Object.keys(withChangedWish(request, 'salt', undefined).brief)).toEqual(['fat', 'stretch']);
});
