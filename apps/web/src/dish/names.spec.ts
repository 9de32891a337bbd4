import { shareText } from './names';

test.each([
  [1 / 3, 'a third of it'],
  [0.34, 'a third of it'],
  [0.5, 'half of it'],
  [0.28, '28 % of it'],
  [0.12, '12 % of it'],
  [0.97, ''],
  [0, ''],
])('%d of a part is %s', (share, words) => {
  expect(shareText(share)).toBe(words);
});
