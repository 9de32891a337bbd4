import { aimsOf } from '../balance/aim.js';
import { rankOf, type Ranked, unmet } from './rank.js';

const same: Ranked = {
  unmet: 0,
  distance: 0,
  costRatio: 1,
  minutes: 0,
  notInHouse: 0,
  newThings: 0,
  unlike: 0,
  asking: 0,
  moved: 0,
};

/** In differences just noticed: what each costs the cook. */
test.each([
  ['a step outside the brief', { unmet: 1 }, 6],
  ['a step away from the original', { distance: 1 }, 1],
  ['twice the price', { costRatio: 2 }, 0.8],
  ['half the price', { costRatio: 0.5 }, -0.8],
  ['two hours of soaking', { minutes: 120 }, 0.5],
  ['two things to buy', { notInHouse: 2 }, 1],
  ['one thing wholly unlike', { unlike: 1 }, 2],
  ['two new lines', { newThings: 2 }, 1],
  ['two people to ask', { asking: 2 }, 1.6],
  ['four lines that move', { moved: 4 }, 0.6],
] as const)('%s', (_what, of, rank) => {
  expect(rankOf({ ...same, ...of })).toBeCloseTo(rank, 9);
  expect(rankOf(same)).toBe(0);
});

test('missed by weight: root of the squares, what is met counts nothing', () => {
  const aims = aimsOf({
    fat: { low: 5, high: 9, weight: 3 },
    salt: { low: 1, high: 2 },
    thickness: { low: 100, high: 500 },
  });
  const misses = aims.map(({ rail }) => ({
    middle: rail === 'fat' ? -2 : rail === 'salt' ? 3 : 0.02,
    band: 9,
  }));
  // Four times two squared, and three squared.
  expect(unmet(aims, misses)).toBeCloseTo(5, 9);
  expect(
    unmet(
      aims,
      misses.map(() => ({ middle: 0, band: 1 })),
    ),
  ).toBe(0);
});
