import { minuteMeant, readClock } from './read-clock';

test.each([
  ['19:30', 1170],
  ['7.15', 435],
  [' 18 ', 1080],
  ['0:00', 0],
])('%s is %d minutes after midnight', (text, value) => {
  expect(readClock(text)).toEqual({ kind: 'value', value });
});

test.each(['24:00', '19:60', 'half past', '', '7:5'])('%s is no time of the day', (text) => {
  expect(readClock(text)).toMatchObject({ kind: 'unreadable' });
});

test.each([
  ['an evening task a little later', 1135, 2566, 1135 + 1440],
  ['a soak of the morning put to the night before', 1350, 1948, 1350],
  ['a soak of last night put to the morning', 420, 1377, 420 + 1440],
])('%s', (_what, typed, planned, meant) => {
  expect(minuteMeant(typed, planned)).toBe(meant);
});
