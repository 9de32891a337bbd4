import { assess } from '../property/assess.js';
import { potOf } from '../larder/pot-of.js';
import { noticed, railOf } from '../property/rail.js';
import { briefAsItIs, withTheRestAsItIs } from './as-it-is.js';
import { wishesOf } from './brief.js';
import { onePressWish, onePressWishes } from './one-press.js';

const pot = (lines: Parameters<typeof potOf>[0]) =>
  assess(potOf(lines, { maxTemperatureC: 92, holdMin: 5 }, { atC: 60 }), 4);
const sauce = pot([
  ['white-bean-boiled', 200],
  ['water', 250],
  ['rapeseed-oil', 20],
  ['corn-starch', 12],
  ['lemon-juice', 12],
  ['salt', 5],
]);
const vinaigrette = pot([
  ['olive-oil', 150],
  ['wine-vinegar', 50],
  ['salt', 2],
]);

test.each([
  ['a sauce', sauce],
  ['a dressing beyond the end of a rail', vinaigrette],
])('%s meets its own brief, with room on both sides where more and less both matter', (_name, assessed) => {
  for (const { rail, wish } of wishesOf(briefAsItIs(assessed))) {
    const { value, scale, better } = railOf(rail);
    const { mid } = value(assessed);
    expect(wish.kept).toBe(true);
    expect(wish.low).toBeLessThanOrEqual(mid);
    expect(wish.high).toBeGreaterThanOrEqual(mid);
    expect(noticed(scale, mid, wish.high)).toBeGreaterThan(1);
    if (better === 'less') expect(wish.low).toBe(scale.low);
  }
});

test('what is asked goes before what stays; an empty pot asks for nothing', () => {
  const asked = { salt: { low: 0.2, high: 0.4 } };
  const brief = withTheRestAsItIs(asked, sauce);
  expect(brief.salt).toBe(asked.salt);
  expect(brief.fat?.kept).toBe(true);
  expect(brief.cost).toBeUndefined();
  expect(briefAsItIs(pot([]))).toEqual({});
});

test.each(onePressWishes(sauce).map((one) => [one.words, one] as const))(
  '%s: the present lies outside of what is asked, about one or two noticeable differences away',
  (_words, { rail, wish, id }) => {
    const { value, scale } = railOf(rail);
    const { mid } = value(sauce);
    const more = wish.low > mid;
    const steps = noticed(scale, mid, more ? wish.low : wish.high);
    expect(more ? steps : -steps).toBeGreaterThan(0.3);
    if (id !== 'stretchier') expect(Math.abs(steps)).toBeLessThan(2.5);
    expect(wish.high).toBeGreaterThan(wish.low);
  },
);

test('thicker is up and thinner down; less is only offered where there is something to take away', () => {
  const ids = onePressWishes(sauce).map(({ id }) => id);
  expect(ids).toEqual(expect.arrayContaining(['thicker', 'thinner', 'less-salty', 'cheaper']));
  const { mid } = railOf('thickness').value(sauce);
  expect(onePressWish('thicker', sauce)?.low).toBeGreaterThan(1.5 * mid);
  expect(onePressWish('thinner', sauce)?.high).toBeLessThan(mid / 1.5);
  const plain = pot([
    ['white-bean-boiled', 200],
    ['water', 250],
  ]);
  expect(onePressWish('less-salty', plain)).toBeUndefined();
  expect(onePressWish('stretchier', plain)?.low).toBeGreaterThanOrEqual(3);
  expect(onePressWishes(pot([]))).toEqual([]);
});
