import { families } from '../brief/family.js';
import { briefOfFamily } from '../brief/brief.js';
import { placeOnRail, rails, wordFor } from './rail.js';

test.each(rails.map((rail) => [rail.id, rail] as const))(
  'the rail of %s runs from left to right and knows a word for every place',
  (_id, rail) => {
    const { low, high } = rail.scale;
    const values = Array.from({ length: 20 }, (_, i) => low + ((high - low) * i) / 19);
    const places = values.map((value) => placeOnRail(rail.scale, value));
    expect(places[0]).toBeCloseTo(0, 9);
    expect(places[19]).toBeCloseTo(1, 9);
    places.forEach((place, i) => expect(place).toBeGreaterThanOrEqual(places[i - 1] ?? 0));
    expect(values.every((value) => wordFor(rail, value) !== '')).toBe(true);
    expect(rail.words.map((entry) => entry.from)).toEqual(
      [...rail.words.map((entry) => entry.from)].sort((a, b) => a - b),
    );
  },
);

test('values beyond a rail stay at its ends', () => {
  const { scale } = rails[0] ?? { scale: { kind: 'linear' as const, low: 0, high: 1 } };
  expect(placeOnRail(scale, -5)).toBe(0);
  expect(placeOnRail(scale, 1e6)).toBe(1);
});

test('every family lights stretches that lie on their rails', () => {
  for (const family of families) {
    const brief = briefOfFamily(family);
    expect(Object.keys(brief).length).toBeGreaterThanOrEqual(4);
    for (const rail of rails) {
      const lit = brief[rail.id];
      if (!lit) continue;
      expect(lit.low).toBeLessThan(lit.high);
      expect(lit.high).toBeLessThanOrEqual(rail.scale.high);
    }
  }
});
