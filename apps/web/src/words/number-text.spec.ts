import { figure, gramsText, gramStep } from './number-text';

test.each([
  [225, '225'],
  [24.4, '24'],
  [15.3, '15.3'],
  [3, '3'],
  [1.55, '1.55'],
  [0.5, '0.5'],
  [10, '10'],
])('%f g stand on the line as %s', (grams, text) => {
  expect(gramsText(grams)).toBe(text);
});

test('figures set thousands apart and keep three of their digits', () => {
  expect(figure(0.4523, 2)).toBe('0.45');
  expect(figure(6.44, 1)).toBe('6.4');
  expect(figure(999.4, 0)).toBe('999');
  expect(figure(8163, 0)).toBe('8\u202f160');
  expect(figure(1_234_567, 0)).toBe('1\u202f230\u202f000');
});

test('an arrow key moves small amounts less', () => {
  const steps = [0.5, 3, 24, 300].map(gramStep);
  expect(steps).toEqual([...steps].sort((a, b) => a - b));
  expect(steps[0]).toBeLessThan(1);
});
