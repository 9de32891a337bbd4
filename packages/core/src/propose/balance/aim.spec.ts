import { aimsOf, met, missOf } from './aim.js';

const [aim] = aimsOf({ salt: { low: 0.9, high: 1.5 } });
const band = (low: number, mid: number, high: number) => ({ low, mid, high });
if (!aim) throw new Error('no aim');

test('inside with its whole band misses nothing', () => {
  expect(missOf(aim, band(1, 1.2, 1.4))).toEqual({ middle: 0, band: 0 });
});

test('a step of the salt rail is 0.15 %: so much too little is one step', () => {
  expect(missOf(aim, band(0.7, 0.75, 0.8)).middle).toBeCloseTo(-1, 9);
  expect(missOf(aim, band(1.6, 1.65, 1.7)).middle).toBeCloseTo(1, 9);
});

test('an end of the band outside counts although the middle is inside', () => {
  const { middle, band: out } = missOf(aim, band(0.75, 1, 1.2));
  expect(middle).toBe(0);
  expect(out).toBeCloseTo(1, 9);
});

test('a band wider than its stretch is best in the middle', () => {
  const [narrow] = aimsOf({ salt: { low: 0.9, high: 1 } });
  if (!narrow) throw new Error('no aim');
  expect(missOf(narrow, band(0.65, 0.95, 1.25)).band).toBeCloseTo(0, 9);
  expect(missOf(narrow, band(0.7, 0.98, 1.3)).band).toBeGreaterThan(0.2);
});

test('a hair outside counts as met, a step does not', () => {
  expect(met([{ middle: -0.02, band: 3 }])).toBe(true);
  expect(
    met([
      { middle: 0, band: 0 },
      { middle: 0.5, band: 0 },
    ]),
  ).toBe(false);
});
