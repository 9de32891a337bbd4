import { withTheRestAsItIs } from '../../brief/as-it-is.js';
import { assess } from '../../property/assess.js';
import { aimsOf, askedMet } from './aim.js';
import { requestOf, seedSauce } from './balance.fixture.js';
import { completeBalanceOptions } from './balance-request.js';
import { fewestChanges } from './few-changes.js';
import { searchSpace } from './search-space.js';
import { finish } from '../../numeric/finish.js';
import { solve, type Solution } from './solve.js';

const plain = requestOf(seedSauce, 'pouring-sauce');
const before = assess(plain.recipe, 4);
const saltier = before.prediction.salt.mid + 0.3;
const request = {
  ...plain,
  brief: withTheRestAsItIs({ salt: { low: saltier, high: saltier + 0.3, weight: 3 } }, before),
};
const space = searchSpace(request),
  aims = aimsOf(request.brief),
  options = completeBalanceOptions();
const whole = finish(solve(space, aims, options));
const changedIn = ({ masses }: Pick<Solution, 'masses'>) =>
  [...masses].flatMap((g, i) =>
    Math.abs(g - (space.present[i] ?? 0)) > 0.005 * g ? [seedSauce[i]?.[0]] : [],
  );

test('a wish for salt moves the salt, and what fills up; the solver alone moves nearly everything', () => {
  expect(changedIn(whole).length).toBeGreaterThan(3);
  const few = finish(fewestChanges(space, aims, options, whole));
  expect(few.met).toBe(true);
  expect(askedMet(aims, few.misses)).toBe(true);
  expect(changedIn(few)).toContain('salt');
  expect(changedIn(few).length).toBeLessThanOrEqual(2);
  expect([...few.masses].reduce((all, g) => all + g, 0)).toBeCloseTo(space.batch[0], 6);
  expect(few.evaluations).toBeGreaterThan(whole.evaluations);
});

test('lines that are left are left to the gram', () => {
  const few = finish(fewestChanges(space, aims, options, whole));
  const exact = [...few.masses].filter((g, i) => g === space.present[i]);
  expect(exact.length).toBeGreaterThanOrEqual(seedSauce.length - 3);
});

test('what cannot stay is not left: a line beyond what is in the house', () => {
  const short = searchSpace({ ...request, stock: new Map([['carrot', 50]]) });
  const solved = finish(solve(short, aims, options));
  const few = finish(fewestChanges(short, aims, options, solved));
  const carrot = seedSauce.findIndex(([id]) => id === 'carrot');
  expect(few.masses[carrot]).toBeLessThanOrEqual(50 + 1e-9);
});

test('stopped, it hands back what it was given', () => {
  const few = finish(fewestChanges(space, aims, { ...options, stop: () => true }, whole));
  expect([...few.masses]).toEqual([...whole.masses]);
});

test('what brings what is asked for is not what is left out to make room for it', () => {
  const curry = requestOf(
    [
      ['passata', 250],
      ['coconut-milk', 200],
      ['onion', 80],
      ['rapeseed-oil', 6],
      ['salt', 4],
    ],
    'cream-sauce',
  );
  const now = assess(curry.recipe, 4),
    richer = now.prediction.fat.mid * 1.35;
  const brief = withTheRestAsItIs({ fat: { low: richer, high: richer * 1.4, weight: 3 } }, now);
  const room = searchSpace({ ...curry, brief }),
    wishes = aimsOf(brief);
  const few = finish(fewestChanges(room, wishes, options, finish(solve(room, wishes, options))));
  expect(few.met).toBe(true);
  const [passata, coconut] = [...few.masses];
  expect(coconut).toBeGreaterThanOrEqual(200);
  expect(passata).toBeLessThan(250);
});
