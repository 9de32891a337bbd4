import { progressOf } from './cooking-store';

test('as long as the first plan is followed there is no progress to plan with', () => {
  expect(progressOf({ day: '2026-11-27', round: 0, begun: { a: 5 }, done: {} })).toBeUndefined();
});

test('what was said by the time of planning counts, and what is done goes on no more', () => {
  const progress = progressOf({
    day: '2026-11-27',
    round: 1,
    from: 100,
    begun: { a: 40, b: 90, c: 130 },
    done: { a: 60, d: 120 },
  });
  expect(progress).toEqual({
    now: 100,
    begun: new Map([['b', 90]]),
    done: new Map([['a', 60]]),
    pinned: new Map(),
  });
});
