import { ingredientById } from '../../larder/catalog/larder-table.js';
import { finish } from '../../numeric/finish.js';
import { grams } from '../../quantity/quantity.js';
import { aimsOf } from './aim.js';
import { balance, type BalanceOutcome } from './balance.js';
import { eaterWith, nothingElse, requestOf } from './balance.fixture.js';
import { type BalanceOptions, type BalanceRequest, completeBalanceOptions } from './balance-request.js';
import { conflictIn } from './conflict.js';
import { fewestChanges } from './few-changes.js';
import { helped } from './helped.js';
import { mayBeTooMuch, type PortionLimit } from './limits-of-people.js';
import { proposalOf } from './proposal.js';
import { massesAt, searchSpace, variablesOf } from './search-space.js';
import { solve } from './solve.js';

/** Beans, water and salt: few lines, so that every way through a balance is taken in a moment. */
const pot = [
  ['white-bean-boiled', 200],
  ['water', 300],
  ['salt', 5],
] as const;
const beans = (more: Partial<BalanceRequest> = {}): BalanceRequest =>
  requestOf(pot, 'pouring-sauce', { ...nothingElse, ...more });
const options = { starts: 2, iterations: 10, passes: 1 };
const measuring = { units: pot.map(() => 'g' as const), rounding: 'grams' as const };
const balanced = (request: BalanceRequest, more: Partial<BalanceOptions> = {}): BalanceOutcome =>
  finish(balance(request, measuring, { ...options, ...more }));
const gramsOf = ({ proposal }: BalanceOutcome) => proposal.amounts.map(({ grams: g }) => g);
const noBeans = eaterWith('Ove', {
  kind: 'ingredient',
  ingredient: 'white-bean-boiled',
  strictness: 'allergy',
});
const saltier = { brief: { salt: { low: 1.2, high: 1.4 } } };

test('what somebody cannot have is swapped first; not what the cook holds, nor what is not in the pot', () => {
  // What is asked is answered with the beans as they are; where nothing is asked, the swap is all there is to say.
  const answered = balanced(beans({ ...saltier, eaters: [noBeans] }));
  expect(answered).toMatchObject({ kind: 'balanced', forbidden: [{ line: 0, eater: 'Ove' }] });
  expect(answered.proposal.changes.length).toBeGreaterThan(0);
  expect(answered.proposal.changes.every(({ line }) => line !== 0)).toBe(true);
  expect(balanced(beans({ eaters: [noBeans], brief: {} }))).toMatchObject({
    kind: 'swap-first',
    forbidden: [{ line: 0, eater: 'Ove' }],
    proposal: { changes: [] },
  });
  const held = beans({ ...saltier, eaters: [noBeans], holds: [{ kind: 'pinned' }, undefined, undefined] });
  expect(balanced(held).kind).not.toBe('swap-first');
  const none = beans({ ...saltier, eaters: [noBeans] });
  const without = {
    ...none,
    recipe: {
      ...none.recipe,
      lines: none.recipe.lines.map((line, i) => (i === 0 ? { ...line, mass: grams(0) } : line)),
    },
  };
  expect(balanced(without).kind).not.toBe('swap-first');
});

test('what is good as it is is left alone; what is over somebody’s limit, or may be, is not good', () => {
  const good = { brief: { salt: { low: 0.9, high: 1.1 } } };
  expect(balanced(beans(good))).toMatchObject({
    kind: 'balanced',
    proposal: { changes: [], evaluations: 1 },
  });
  const limit = (gramsPerPortion: number) => eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion });
  // 5 g in four portions are 1.25 g each.
  expect(gramsOf(balanced(beans({ ...good, eaters: [limit(2)] })))).toEqual([200, 300, 5]);
  const strict = balanced(beans({ ...good, eaters: [limit(1)] }), { explain: false });
  expect(gramsOf(strict)[2]).toBeLessThanOrEqual(4);
  const doubtful = balanced(beans({ brief: { salt: { low: 0.7, high: 1.1 } }, eaters: [limit(1.3)] }));
  expect(gramsOf(doubtful)[2]).toBeLessThan(5);
  // More of a line than the house has is not good either.
  expect(
    gramsOf(balanced(beans({ ...good, stock: new Map([['white-bean-boiled', 180]]) })))[0],
  ).toBeLessThanOrEqual(180);
});

test('what can be met is met; what cannot is explained, or is the closest where nobody asks why', () => {
  const met = balanced(beans(saltier));
  expect(met.kind).toBe('balanced');
  expect(met.proposal.outside).toEqual([]);
  expect(gramsOf(met)[2]).toBeGreaterThan(5.5);
  const never = beans({ brief: { fat: { low: 20, high: 30 } } });
  const why = balanced(never);
  if (why.kind !== 'infeasible') throw new Error(why.kind);
  expect(why.conflict.conflicting).toContainEqual({ kind: 'wish', rail: 'fat' });
  expect(balanced(never, { explain: false })).toMatchObject({ kind: 'closest', why: 'not-found' });
});

test('one thing more where the pot has nothing that does it, with the least that does; not where the house has none', () => {
  const fat = { brief: { fat: { low: 3, high: 6 } } };
  const withOil = balanced(beans({ ...fat, inHouse: new Set(['rapeseed-oil']) }));
  expect(withOil.kind).toBe('balanced');
  expect(withOil.proposal.helper?.ingredient.id).toBe('rapeseed-oil');
  expect(gramsOf(withOil)).toHaveLength(4);
  expect(withOil.proposal.after.prediction.fat.mid).toBeGreaterThan(2.9);
  expect(balanced(beans(fat)).kind).toBe('infeasible');
  const space = searchSpace(beans({ ...fat, inHouse: new Set(['rapeseed-oil', 'olive-oil']) }));
  const lacks = { short: ['fat' as const], over: [] };
  const complete = completeBalanceOptions(options);
  expect(finish(helped(space, aimsOf(fat.brief), lacks, { ...complete, stop: () => true }))).toBeUndefined();
  const best = finish(helped(space, aimsOf(fat.brief), lacks, complete));
  expect(best?.solution.met).toBe(true);
  expect(finish(helped(space, aimsOf(fat.brief), { short: [], over: [] }, complete))).toBeUndefined();
});

test('a proposal names what came in, and only what came in', () => {
  const request = beans({ inHouse: new Set(['rapeseed-oil']) });
  const oil = {
    ingredient: ingredientById('rapeseed-oil')!,
    mass: grams(0),
    preparation: 'as-is',
    stage: 'start',
  } as const;
  const withLine = (mass: number, arrivals?: ReadonlySet<number>) => {
    const lines = [...request.recipe.lines, { ...oil, mass: grams(mass) }];
    const space = searchSpace({
      ...request,
      recipe: { ...request.recipe, lines },
      ...(arrivals ? { arrivals } : {}),
    });
    const solution = finish(solve(space, [], completeBalanceOptions({ starts: 0 })));
    return proposalOf(
      space,
      [],
      { ...solution, masses: Float64Array.of(200, 290, 5, 10) },
      {
        ...measuring,
        units: lines.map(() => 'g'),
      },
    ).helper?.ingredient.id;
  };
  expect(withLine(0, new Set([3]))).toBe('rapeseed-oil');
  expect(withLine(8, new Set([3]))).toBeUndefined();
  expect(withLine(0, new Set([1]))).toBeUndefined();
});

test('few lines change: only what the wish needs and what fills the batch up, the largest liquid', () => {
  const request = requestOf(
    [
      ['white-bean-boiled', 400],
      ['water', 150],
      ['oat-drink', 120],
      ['salt', 5],
    ],
    'pouring-sauce',
    { ...nothingElse, brief: { salt: { low: 1.1, high: 1.3 } } },
  );
  const space = searchSpace(request),
    aims = aimsOf(request.brief),
    complete = completeBalanceOptions(options);
  const whole = finish(solve(space, aims, complete)),
    few = finish(fewestChanges(space, aims, complete, whole));
  const changed = [...few.masses].flatMap((g, i) => (Math.abs(g - space.present[i]!) > 1e-9 ? [i] : []));
  // Salt comes in, water makes room: not the beans, though they are most of the pot, nor the smaller drink.
  expect(changed).toEqual([1, 3]);
  expect(few.met).toBe(true);
  // Where the mass is free nothing has to make room.
  const loose = searchSpace({ ...request, holdMass: false });
  const alone = finish(fewestChanges(loose, aims, complete, finish(solve(loose, aims, complete))));
  expect([...alone.masses].flatMap((g, i) => (Math.abs(g - loose.present[i]!) > 1e-9 ? [i] : []))).toEqual([
    3,
  ]);
});

test('a line that somebody cannot have and the rest depends on is to be swapped', () => {
  const request = beans({
    brief: { protein: undefined, energy: { low: 40, high: 60 } } as BalanceRequest['brief'],
    eaters: [noBeans],
  });
  const { conflicting, relaxations } = finish(
    conflictIn(request, new Set(['energy'] as const), completeBalanceOptions(options)),
  );
  expect(conflicting).toContainEqual({ kind: 'person', eater: 'Ove' });
  // It asks nothing of the amounts, and so it stands first.
  expect(relaxations[0]).toEqual({ kind: 'swap-line', line: 0 });
});

test('may be too much: above the limit, or above where the upper end of the band reaches it', () => {
  const limit: PortionLimit = {
    eater: 'Sunniva',
    what: 'salt',
    perGram: [0, 0, 0.25],
    most: 1.5,
    doubtful: 1.2,
  };
  const at = (salt: number, more: Partial<PortionLimit> = {}) =>
    mayBeTooMuch({ ...limit, ...more }, [200, 300, salt]);
  expect(at(4.7)).toBe(false);
  expect(at(4.8)).toBe(false);
  expect(at(4.9)).toBe(true);
  expect(at(4.9, { doubtful: 1.4 })).toBe(false);
  expect(at(6.1, { doubtful: 9 })).toBe(true);
});

test('a batch that grows takes its limits with it: twice the pot may hold twice of each', () => {
  const space = searchSpace(beans({ holdMass: false, brief: {} }));
  const twice = massesAt(
    space,
    variablesOf(
      space,
      space.present.map((g) => 2 * g),
    ),
  );
  twice.forEach((g, i) => expect(g).toBeCloseTo(2 * pot[i]![1], 4));
  // Only the beans doubled: they may be no more of the larger pot than of the dish.
  const more = massesAt(space, variablesOf(space, Float64Array.of(400, 300, 5)));
  const sum = more.reduce((all, g) => all + g, 0);
  expect(more[0]! / sum).toBeLessThanOrEqual(space.limits[0]!.high / 505 + 5e-3);
});
