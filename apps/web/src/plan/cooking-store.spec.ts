import { cookingAfter, nothingCooked } from '@alterum/contract/convert';
import { progressOf } from './cooking-store';

const day = '2026-11-27';
const cooking = (more: Parameters<typeof cookingAfter>[1]) => cookingAfter(nothingCooked(day), more);

test('as long as the first plan is followed there is no progress to plan with', () => {
  expect(progressOf(cooking({ day, begun: [{ id: 'a', at: 5 }] }))).toBeUndefined();
});

test('what was said by the time of planning counts, and what is done goes on no more', () => {
  const at = (times: Readonly<Record<string, number>>) =>
    Object.entries(times).map(([id, minute]) => ({ id, at: minute }));
  const progress = progressOf(
    cooking({
      day,
      from: 100,
      begun: at({ a: 40, b: 90, c: 130 }),
      done: at({ a: 60, d: 120 }),
      pinned: at({ a: 30, b: 95, e: 140 }),
    }),
  );
  expect(progress).toEqual({
    now: 100,
    begun: new Map([['b', 90]]),
    done: new Map([['a', 60]]),
    pinned: new Map([['e', 140]]),
  });
});

test('what is put to a time is planned with before anything has begun, from the first minute on', () => {
  expect(progressOf(cooking({ day, pinned: [{ id: 'e', at: 140 }] }))).toEqual({
    now: 0,
    begun: new Map(),
    done: new Map(),
    pinned: new Map([['e', 140]]),
  });
});
