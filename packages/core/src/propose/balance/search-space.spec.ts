import fc from 'fast-check';
import { requestOf, seedSauce } from './balance.fixture.js';
import { holdMass, massesAt, massOutOfReach, searchSpace, variablesOf } from './search-space.js';

const sum = (values: Float64Array): number => values.reduce((all, g) => all + g, 0);

test('whatever point is tried, the mass is held and the bounds are kept', () => {
  const space = searchSpace(
    requestOf(seedSauce, 'pouring-sauce', {
      holds: seedSauce.map(([id, g]) =>
        id === 'salt'
          ? { kind: 'pinned' }
          : id === 'water'
            ? { kind: 'bounded', leastG: 300, mostG: g }
            : undefined,
      ),
    }),
  );
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 6, noNaN: true }), {
        minLength: space.free.length,
        maxLength: space.free.length,
      }),
      (at) => {
        const masses = massesAt(space, Float64Array.from(at));
        expect(sum(masses)).toBeCloseTo(space.batch[0], 5);
        masses.forEach((g, i) => {
          expect(g).toBeGreaterThanOrEqual((space.low[i] ?? 0) - 1e-9);
          expect(g).toBeLessThanOrEqual((space.high[i] ?? 0) + 1e-9);
        });
        expect(masses[8]).toBe(5);
      },
    ),
    { seed: 3, numRuns: 200 },
  );
});

test('the present amounts are a point of the space', () => {
  const space = searchSpace(requestOf(seedSauce, 'pouring-sauce'));
  const there = massesAt(space, variablesOf(space, space.present));
  there.forEach((g, i) => expect(g).toBeCloseTo(space.present[i] ?? 0, 6));
});

test('without holding the mass nothing is scaled until it halves or doubles', () => {
  const space = searchSpace(requestOf(seedSauce, 'pouring-sauce', { holdMass: false, sameDish: 'lifted' }));
  const less = space.present.map((g) => g * 0.7);
  holdMass(space, less).forEach((g, i) => expect(g).toBeCloseTo(less[i] ?? 0, 6));
  expect(
    sum(
      holdMass(
        space,
        space.present.map((g) => g / 5),
      ),
    ),
  ).toBeCloseTo(sum(space.present) / 2, 5);
});

test('bounds that cannot reach the mass are noticed, and a hold upside down is a bug', () => {
  const tight = seedSauce.map(([, g]) => ({ kind: 'bounded' as const, leastG: g / 4, mostG: g / 2 }));
  expect(massOutOfReach(searchSpace(requestOf(seedSauce, 'dip', { holds: tight })))).toBe(true);
  const stock = new Map(seedSauce.map(([id]) => [id, 1] as const));
  expect(massOutOfReach(searchSpace(requestOf(seedSauce, 'dip', { stock })))).toBe(true);
  expect(massOutOfReach(searchSpace(requestOf(seedSauce, 'dip')))).toBe(false);
});
