import { isCalled } from './found-sauces';

test.each([
  ['House cheese sauce', 'house ch', true],
  ['House cheese sauce', 'sauce house', true],
  ['Crème for noodles', 'creme', true],
  ['One after the other', 'oat milk', false],
  ['Lentil pot', 'lemon', false],
] as const)('“%s” for “%s”: %s', (name, typed, called) => {
  expect(isCalled(name, typed)).toBe(called);
});
