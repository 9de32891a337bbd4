import { cookingAfter, nothingCooked } from './cooking.convert.js';

const day = '2026-11-27';
const at = (id: string, minute: number | null) => ({ id, at: minute });

test('only what is said changes; null takes one back, and saying it twice is saying it once', () => {
  const begun = cookingAfter(nothingCooked(day), { day, begun: [at('a', 5), at('b', 6)] });
  const said = { day, done: [at('a', 9)], begun: [at('b', null)] };
  const after = cookingAfter(begun, said);
  expect(after).toEqual({ ...nothingCooked(day), begun: { a: 5 }, done: { a: 9 } });
  expect(cookingAfter(after, said)).toEqual(after);
});

test('what two say of two tasks comes out the same in either order', () => {
  const one = { day, done: [at('a', 9)] },
    other = { day, begun: [at('b', 8)], by: [{ id: 'b', cook: 'Teo' }] };
  const start = cookingAfter(nothingCooked(day), { day, begun: [at('a', 5)] });
  expect(cookingAfter(cookingAfter(start, one), other)).toEqual(
    cookingAfter(cookingAfter(start, other), one),
  );
});

test('planned again counts how often; what is not said of it stays', () => {
  const once = cookingAfter(nothingCooked(day), { day, from: 100 });
  expect([once.from, once.round]).toEqual([100, 1]);
  expect(cookingAfter(once, { day, from: 100 }).round).toBe(2);
  expect(cookingAfter(once, { day, done: [at('a', 9)] })).toMatchObject({ from: 100, round: 1 });
});

test('another day, or anew, begins with what is said and nothing else', () => {
  const before = cookingAfter(nothingCooked(day), { day, done: [at('a', 9)], from: 100 });
  expect(cookingAfter(before, { day: '2026-11-28' })).toEqual(nothingCooked('2026-11-28'));
  expect(cookingAfter(before, { day, anew: true, pinned: [at('b', 7)] })).toEqual({
    ...nothingCooked(day),
    pinned: { b: 7 },
  });
  expect(cookingAfter(before, { day, anew: false }).done).toEqual({ a: 9 });
});

test('a cook is taken back with null, or with nothing', () => {
  const given = cookingAfter(nothingCooked(day), { day, by: [{ id: 'a', cook: 'Teo' }] });
  expect(given.by).toEqual({ a: 'Teo' });
  expect(cookingAfter(given, { day, by: [{ id: 'a', cook: null }] }).by).toEqual({});
});
