import { assess } from '../property/assess.js';
import { requestOf, seedSauce } from '../propose/balance/balance.fixture.js';
import { families } from './family.js';
import { briefOf, briefOfFamily, pinnedWish, standingOf, wishesOf, withWish } from './brief.js';
import { weightOf } from './wish.js';
import { coordinateOn, placeOnRail, railIds, railOf, rails, valueOnRail } from '../property/rail.js';

const assessed = assess(requestOf(seedSauce, 'pouring-sauce').recipe, 4);

test.each(families)('a %s has a brief whose stretches lie on their rails', (family) => {
  for (const { rail, wish } of wishesOf(briefOfFamily(family))) {
    const { scale } = railOf(rail);
    expect(wish.low).toBeLessThan(wish.high);
    expect(coordinateOn(scale, wish.low)).toBeGreaterThanOrEqual(-0.001);
    expect(coordinateOn(scale, wish.high)).toBeLessThanOrEqual(1.001);
  }
});

test.each(rails.map((rail) => [rail.id, rail] as const))(
  'on the %s rail a place and its value are each other’s inverse',
  (_id, { scale }) => {
    for (const place of [0, 0.13, 0.5, 0.92, 1])
      expect(placeOnRail(scale, valueOnRail(scale, place))).toBeCloseTo(place, 9);
  },
);

test('a band has its ends the right way round on every rail', () => {
  for (const rail of rails) {
    const { low, mid, high } = rail.value(assessed);
    expect(low).toBeLessThanOrEqual(mid);
    expect(mid).toBeLessThanOrEqual(high);
  }
});

test('a sauce that waits in the fridge is thicker than at the table, and raw starch is thin', () => {
  const of = (id: (typeof railIds)[number]) => railOf(id).value(assessed).mid;
  expect(of('cold-thickness')).toBeGreaterThan(of('thickness'));
  expect(of('raw-thickness')).toBeLessThan(of('thickness'));
  expect(of('reheated-thickness')).toBeGreaterThan(0);
});

test('cost, energy and mass are told by the portion', () => {
  const two = { ...assessed, portions: 8 };
  for (const id of ['cost', 'energy', 'portion'] as const)
    expect(railOf(id).value(assessed).mid / railOf(id).value(two).mid).toBeCloseTo(2, 9);
  expect(railOf('portion').value(assessed).mid * 4).toBeCloseTo(assessed.prediction.massG, 9);
});

test('nothing is asked by itself; a wish is put in and taken out', () => {
  const own = withWish({}, 'fat', { low: 1, high: 2 });
  expect(briefOf({ brief: own })).toBe(own);
  expect(briefOf({})).toEqual({});
  expect(withWish(own, 'fat', undefined)).toEqual({});
  const both = withWish(own, 'salt', { low: 0, high: 1, weight: 3 });
  expect(wishesOf(both).map(({ rail, wish }) => [rail, weightOf(wish)])).toEqual([
    ['fat', 2],
    ['salt', 3],
  ]);
});

test.each(rails.map(({ id }) => id))('pinning %s asks for it narrowly, where it stands, above all', (id) => {
  const wish = pinnedWish(id, assessed);
  expect(standingOf({ [id]: wish }, id, assessed)).toBe('inside');
  expect(wish.pinned).toBe(true);
  expect(weightOf(wish)).toBe(3);
  const { scale } = railOf(id);
  expect(placeOnRail(scale, wish.high) - placeOnRail(scale, wish.low)).toBeLessThan(0.05);
});
