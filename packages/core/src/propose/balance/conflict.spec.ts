import { assess } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import { finish } from '../../numeric/finish.js';
import { eaterWith, nothingElse, requestOf } from './balance.fixture.js';
import { completeBalanceOptions, type BalanceRequest } from './balance-request.js';
import { conflictIn, feasible, type Conflict } from './conflict.js';
import { lacksOf } from './helped.js';
import { searchSpace } from './search-space.js';
import { aimsOf } from './aim.js';

const options = completeBalanceOptions({ starts: 2, iterations: 10 });
/** Beans, water and salt: few lines, so that every question is answered at once. */
const beans = (more: Partial<BalanceRequest>) =>
  requestOf(
    [
      ['white-bean-boiled', 200],
      ['water', 300],
      ['salt', 5],
    ],
    'pouring-sauce',
    { ...nothingElse, ...more },
  );
const conflict = (
  request: BalanceRequest,
  ...missed: Parameters<typeof conflictIn>[1] extends ReadonlySet<infer R> ? R[] : never
): Conflict => finish(conflictIn(request, new Set(missed), options));

test('salt pinned, more salt wished and the batch as heavy as before exclude each other; fat does not', () => {
  const request = beans({
    brief: { salt: { low: 1.5, high: 1.7 }, fat: { low: 0, high: 20 } },
    holds: [undefined, undefined, { kind: 'pinned' }],
  });
  const { conflicting, relaxations } = conflict(request, 'salt');
  expect(conflicting).toEqual([{ kind: 'wish', rail: 'salt' }, { kind: 'mass' }, { kind: 'hold', line: 2 }]);
  // Smallest first: to free a line counts as one step, the wish is nearly four off, the batch would be much lighter.
  expect(relaxations.map(({ kind }) => kind)).toEqual(['free-line', 'widen', 'free-mass']);
  expect(relaxations[0]).toEqual({ kind: 'free-line', line: 2 });
  const [, wider, mass] = relaxations;
  if (wider?.kind !== 'widen' || mass?.kind !== 'free-mass') throw new Error('another order');
  // Down to the salt that is there, less a little room: 5 g and what the beans bring are 0.99 %.
  expect(wider).toMatchObject({ rail: 'salt', to: { high: 1.7 } });
  const salt = assess(request.recipe, 4).prediction.salt.mid;
  expect(wider.to.low).toBeLessThan(salt);
  expect(wider.to.low).toBeGreaterThan(0.9 * salt);
  expect(wider.by).toBeCloseTo(3.7, 1);
  expect(mass.massG).toBeGreaterThan(5 / 0.018);
  expect(mass.massG).toBeLessThan(5 / 0.0148);
});

test('a wish below what is there is widened upwards, just far enough', () => {
  const request = beans({
    brief: { salt: { low: 0, high: 0.3 } },
    holds: [{ kind: 'pinned' }, { kind: 'pinned' }, { kind: 'pinned' }],
  });
  const { relaxations } = conflict(request, 'salt');
  const wider = relaxations.find((one) => one.kind === 'widen');
  if (wider?.kind !== 'widen') throw new Error('nothing to widen');
  const salt = assess(request.recipe, 4).prediction.salt.mid;
  expect(wider.to.low).toBe(0);
  expect(wider.to.high).toBeGreaterThan(salt);
  expect(wider.to.high).toBeLessThan(salt * 1.2);
  expect(wider.by).toBeGreaterThan(1);
  // With all three held, no single one of them would help.
  expect(relaxations.some(({ kind }) => kind === 'free-line')).toBe(false);
});

test('the dish itself is in the way: the lines at their limit are named, with side and grams', () => {
  const request = beans({ brief: { energy: { low: 85, high: 110 } } });
  const { conflicting } = conflict(request, 'energy');
  expect(conflicting.map(({ kind }) => kind)).toContain('wish');
  const same = conflicting.find(({ kind }) => kind === 'same-dish');
  if (same?.kind !== 'same-dish') throw new Error('the dish is not named');
  const [most] = same.lines ?? [];
  expect(most).toMatchObject({ line: 0, side: 'most' });
  expect(most!.atG).toBeCloseTo(searchSpace(request).limits[0]!.high, 0);
});

test('a person’s limit is never weakened, and a line they cannot have is to be swapped', () => {
  const salt = beans({
    brief: { salt: { low: 1.2, high: 1.6 } },
    eaters: [eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.4 })],
    sameDish: 'lifted',
  });
  const limited = conflict(salt, 'salt');
  expect(limited.conflicting).toContainEqual({ kind: 'person', eater: 'Sunniva' });
  expect(limited.relaxations.every(({ kind }) => kind === 'widen' || kind === 'free-mass')).toBe(true);
});

test('a search that is stopped names no conflict', () => {
  expect(
    finish(
      conflictIn(beans({ brief: { salt: { low: 9, high: 10 } } }), new Set(['salt']), {
        ...options,
        stop: () => true,
      }),
    ),
  ).toEqual({ conflicting: [], relaxations: [] });
});

test('amounts that are feasible meet what is asked; where no mass is possible there are none', () => {
  const request = beans({ brief: { salt: { low: 1.4, high: 1.6 } } });
  const found = finish(feasible(request, options));
  expect(found).toBeDefined();
  const { salt } = assess(withMasses(request.recipe, found!), 4).prediction;
  expect(salt.mid).toBeGreaterThan(1.35);
  expect(salt.mid).toBeLessThan(1.65);
  expect(
    finish(
      feasible(
        { ...request, batchG: 2000, holds: [{ kind: 'pinned' }, { kind: 'pinned' }, { kind: 'pinned' }] },
        options,
      ),
    ),
  ).toBeUndefined();
});

test('what a pot lacks is what was asked for and is missed, each on its side', () => {
  const aims = aimsOf({
    salt: { low: 1, high: 2 },
    fat: { low: 5, high: 9 },
    thickness: { low: 100, high: 500 },
    stretch: { low: 1, high: 2, kept: true },
  });
  const middle = { fat: -2, thickness: 3, salt: 0.02, stretch: -9 } as const;
  const misses = aims.map(({ rail }) => ({ middle: middle[rail as keyof typeof middle], band: 0 }));
  expect(lacksOf(aims, misses)).toEqual({ short: ['fat'], over: ['thickness'] });
});
