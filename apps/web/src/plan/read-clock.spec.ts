import { readClock } from './read-clock';

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
