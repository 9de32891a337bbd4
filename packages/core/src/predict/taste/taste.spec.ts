import { equivalentUmami } from './taste.js';

const none = { glutamate: 0, aspartate: 0, imp: 0, gmp: 0, amp: 0 };

test('glutamate alone is itself; mushrooms alone are silent', () => {
  expect(equivalentUmami({ ...none, glutamate: 0.2 })).toBeCloseTo(0.2, 9);
  expect(equivalentUmami({ ...none, gmp: 0.1 })).toBe(0);
});

test('together they are far more than their sum (Yamaguchi)', () => {
  expect(equivalentUmami({ ...none, glutamate: 0.1, imp: 0.1 })).toBeCloseTo(0.1 + 1218 * 0.01, 6);
  expect(equivalentUmami({ ...none, glutamate: 0.1, gmp: 0.1 })).toBeCloseTo(0.1 + 1218 * 0.1 * 0.23, 6);
});
