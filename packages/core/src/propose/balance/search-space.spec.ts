import fc from 'fast-check';
import { eaterWith, requestOf, seedSauce } from './balance.fixture.js';
import { holdMass, massesAt, massOutOfReach, searchSpace, variableOf, variablesOf } from './search-space.js';

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

describe('between what and what a line may move', () => {
  const small = [
    ['white-bean-boiled', 200],
    ['water', 300],
    ['salt', 5],
  ] as const;
  const rangesOf = (more: object, line = 1) => {
    const { low, high } = searchSpace(requestOf(small, 'pouring-sauce', more));
    return [low[line], high[line]];
  };
  const holding = (hold: object) => small.map((_one, i) => (i === 1 ? hold : undefined));

  test('pinned not at all, bounded between its bounds, no further than the house has', () => {
    expect(rangesOf({ holds: holding({ kind: 'pinned' }) })).toEqual([300, 300]);
    const bounded = { kind: 'bounded', leastG: 250, mostG: 400 };
    expect(rangesOf({ holds: holding(bounded) })).toEqual([250, 400]);
    expect(rangesOf({ holds: holding(bounded), stock: new Map([['water', 350]]) })).toEqual([250, 350]);
    // What the cook holds at least stands, whatever is in the house.
    expect(rangesOf({ holds: holding(bounded), stock: new Map([['water', 100]]) })).toEqual([250, 250]);
  });

  test('as far as it is the same dish; where that is lifted, from a twentieth to what is sensible', () => {
    const space = searchSpace(requestOf(small, 'pouring-sauce'));
    expect(rangesOf({})).toEqual([space.limits[1]!.low, space.limits[1]!.high]);
    expect(rangesOf({ stock: new Map([['water', 310]]) })[1]).toBe(310);
    const [low, high] = rangesOf({ sameDish: 'lifted' });
    expect(low).toBeCloseTo(15, 9);
    expect(high).toBeGreaterThan(400);
    expect(rangesOf({ sameDish: 'lifted', stock: new Map([['water', 10]]) })).toEqual([10, 10]);
    // A batch that may halve or double lets each line do so.
    expect(rangesOf({ holdMass: false })).toEqual([space.limits[1]!.low / 2, space.limits[1]!.high * 2]);
    expect(searchSpace(requestOf(small, 'pouring-sauce', { holdMass: false })).batch).toEqual([252.5, 1010]);
    expect(space.batch).toEqual([505, 505]);
    expect(searchSpace(requestOf(small, 'pouring-sauce', { batchG: 600 })).batch).toEqual([600, 600]);
  });

  test('what somebody must not have goes out, unless the cook holds it', () => {
    const noBeans = eaterWith('Ove', {
      kind: 'ingredient',
      ingredient: 'white-bean-boiled',
      strictness: 'allergy',
    });
    expect(rangesOf({ eaters: [noBeans] }, 0)).toEqual([0, 0]);
    expect(rangesOf({ eaters: [noBeans], holds: [{ kind: 'pinned' }, undefined, undefined] }, 0)).toEqual([
      200, 200,
    ]);
    expect(rangesOf({ eaters: [noBeans] }, 1)[1]).toBeGreaterThan(0);
  });

  test('flavours stay to the gram where nothing is asked of the taste and nobody has too much', () => {
    const yeast = seedSauce.findIndex(([id]) => id === 'nutritional-yeast'),
      thick = { brief: { thickness: { low: 500, high: 3000 } } };
    const ranges = (more: object) => {
      const { low, high } = searchSpace(requestOf(seedSauce, 'pouring-sauce', more));
      return [low[yeast], high[yeast]];
    };
    expect(ranges(thick)).toEqual([12, 12]);
    expect(ranges({ brief: { ...thick.brief, salt: { low: 1, high: 2 } } })[0]).toBeLessThan(12);
    expect(ranges({ brief: { ...thick.brief, salt: { low: 1, high: 2, kept: true } } })).toEqual([12, 12]);
    // Nothing asked at all is no reason to hold them.
    expect(ranges({ brief: {} })[1]).toBeGreaterThan(12);
    const salty = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 1 });
    expect(ranges({ ...thick, eaters: [salty] })[0]).toBeLessThan(12);
    expect(ranges({ ...thick, stock: new Map([['nutritional-yeast', 7]]) })).toEqual([7, 7]);
    expect(ranges({ ...thick, arrivals: new Set([yeast]) })[1]).toBeGreaterThan(12);
  });

  test('a hold upside down is a bug', () => {
    const down = { kind: 'bounded' as const, leastG: 300, mostG: 200 };
    expect(rangesOf({ holds: holding(down) })).toEqual([300, 300]);
  });
});

test('a hundredth of what is small counts in grams: variables are nought at nothing, and come back to what they were', () => {
  const space = searchSpace(requestOf(seedSauce, 'pouring-sauce', { sameDish: 'lifted' }));
  expect(variableOf(space, 0, 0)).toBe(0);
  expect(space.small[3]).toBeCloseTo(0.15 * 380, 9);
  const batch = seedSauce.reduce((all, [, g]) => all + g, 0);
  expect(space.small[10]).toBeCloseTo(Math.max(0.15 * 0.4, 0.0005 * batch), 9);
  expect(variableOf(space, 3, 380)).toBeCloseTo(Math.log1p(380 / 57), 9);
  const at = variablesOf(space, space.present);
  expect(at).toHaveLength(space.free.length);
  massesAt(space, at).forEach((g, i) => expect(g).toBeCloseTo(seedSauce[i]![1], 6));
});

test('mass is held by one factor on what can move, each within its bounds', () => {
  const space = searchSpace(requestOf(seedSauce, 'pouring-sauce', { sameDish: 'lifted' }));
  const half = space.present.map((g) => g / 2);
  // All halved: doubled again, the water as far as the others.
  holdMass(space, half).forEach((g, i) => expect(g).toBeCloseTo(seedSauce[i]![1], 4));
  const water = 3;
  const only = holdMass(space, half, [water]);
  expect(only.filter((_g, i) => i !== water)).toEqual(half.filter((_g, i) => i !== water));
  const rest = sum(half) - half[water]!;
  expect(only[water]).toBeCloseTo(Math.min(sum(space.present) - rest, space.high[water]!), 4);
  expect(holdMass(space, half, [])).toBe(half);
  expect(holdMass(space, space.present)).toBe(space.present);
});
