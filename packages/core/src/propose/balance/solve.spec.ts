import { finish } from '../../numeric/finish.js';
import { aimsOf } from './aim.js';
import { eaterWith, requestOf, smallSauce } from './balance.fixture.js';
import { completeBalanceOptions } from './balance-request.js';
import { portionOf } from './limits-of-people.js';
import { leftAlone, measuredPot, proposalOf } from './proposal.js';
import { searchSpace, variablesOf } from './search-space.js';
import { asPart, solve, startsOf, withinLimits } from './solve.js';

const options = completeBalanceOptions({ starts: 2, iterations: 12, passes: 1 });
const saltier = requestOf(smallSauce, 'pouring-sauce', { brief: { salt: { low: 1.3, high: 1.6 } } });
const SALT = smallSauce.findIndex(([id]) => id === 'salt');
const sum = (values: ArrayLike<number>) => Array.from(values).reduce((all, g) => all + g, 0);
const grams = { units: smallSauce.map(() => 'g' as const), rounding: 'grams' as const };

test('the first start is the pot as it is, the others scatter about it, the same for the same seed', () => {
  const space = searchSpace(saltier),
    present = variablesOf(space, space.present);
  const starts = (seed: number, n: number, wider = 0) => [...startsOf(space, { seed, starts: n }, wider)];
  expect(starts(1, 0)).toEqual([]);
  expect(starts(1, 1)).toEqual([present]);
  expect(starts(3, 4)).toEqual(starts(3, 4));
  expect(starts(3, 4)).not.toEqual(starts(4, 4));
  // Standard deviation 0.6, from the sum of four even draws.
  const scattered = starts(5, 400).slice(1);
  const off = scattered.flatMap((at) => [...at.map((value, i) => value - present[i]!)]);
  const mean = sum(off) / off.length,
    sd = Math.sqrt(sum(off.map((value) => (value - mean) ** 2)) / off.length);
  expect(Math.abs(mean)).toBeLessThan(0.05);
  expect(sd).toBeCloseTo(0.6, 1);
  // Each wider than the one before: the third of these three times as wide as without.
  const wide = starts(5, 4, 1);
  wide
    .slice(1)
    .forEach((at, k) =>
      at.forEach((value, i) =>
        expect(value - present[i]!).toBeCloseTo((k + 2) * (scattered[k]![i]! - present[i]!), 9),
      ),
    );
});

test('it meets what is asked, keeps the mass, and says how far it is', () => {
  const space = searchSpace(saltier),
    aims = aimsOf(saltier.brief);
  const search = solve(space, aims, { ...options, passes: 2 });
  const seen: number[] = [];
  let turn = search.next();
  for (; !turn.done; turn = search.next()) seen.push(turn.value.done);
  const found = turn.value;
  expect(found.met).toBe(true);
  expect(found.stopped).toBe(false);
  expect(found.assessed.prediction.salt.mid).toBeGreaterThan(1.29);
  expect(sum(found.masses)).toBeCloseTo(sum(space.present), 6);
  expect(found.evaluations).toBeGreaterThan(8);
  expect(Math.min(...seen)).toBe(0);
  expect(Math.max(...seen)).toBeGreaterThanOrEqual(0.5);
  expect(Math.max(...seen)).toBeLessThan(1);
  seen.slice(1).forEach((share, i) => expect(share).toBeGreaterThanOrEqual(seen[i]!));
});

test('stopped it gives what it has; nothing free, the pot as it is', () => {
  const space = searchSpace(saltier),
    aims = aimsOf(saltier.brief);
  const stopped = finish(solve(space, aims, { ...options, stop: () => true }));
  expect(stopped.stopped).toBe(true);
  const pinned = searchSpace({ ...saltier, holds: smallSauce.map(() => ({ kind: 'pinned' as const })) });
  const still = finish(solve(pinned, aims, options));
  expect([...still.masses]).toEqual(smallSauce.map(([, g]) => g));
  expect(still.met).toBe(false);
  // A batch that its bounds cannot reach is never met.
  const out = searchSpace({
    ...saltier,
    brief: {},
    batchG: 5000,
    holds: smallSauce.map(() => ({ kind: 'pinned' as const })),
  });
  expect(finish(solve(out, [], options)).met).toBe(false);
});

describe('a limit of somebody', () => {
  const sunniva = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.5 });
  const request = { ...saltier, eaters: [sunniva] };

  test('is kept to the milligram, whatever the brief asks, and the batch fills up again', () => {
    const space = searchSpace(request),
      found = finish(solve(space, aimsOf(request.brief), options));
    const [limit] = space.people.portions;
    expect(portionOf(limit!, found.masses)).toBeLessThanOrEqual(0.5);
    expect(withinLimits(space, found.masses)).toBe(true);
    expect(sum(found.masses)).toBeCloseTo(sum(space.present), 3);
    expect(found.met).toBe(false);
  });

  test('what is over it is not within, and neither is a line that they must not have', () => {
    const space = searchSpace(request);
    const masses = (salt: number) => Float64Array.from(smallSauce, ([id, g]) => (id === 'salt' ? salt : g));
    expect(withinLimits(space, masses(1.5))).toBe(true);
    expect(withinLimits(space, masses(4))).toBe(false);
    const noSeed = eaterWith('Teo', {
      kind: 'ingredient',
      ingredient: 'sunflower-seed',
      strictness: 'allergy',
    });
    const without = searchSpace({ ...saltier, eaters: [noSeed] });
    expect(withinLimits(without, without.present)).toBe(false);
    expect(
      withinLimits(
        without,
        without.present.map((g, i) => (i === 0 ? 0 : g)),
      ),
    ).toBe(true);
  });

  test('is not stepped over by a proposal: rather nothing than more than somebody may have', () => {
    const space = searchSpace(request),
      aims = aimsOf(request.brief);
    const over = { ...finish(solve(space, aims, options)), masses: space.present };
    const proposal = proposalOf(space, aims, over, grams);
    expect(proposal.changes).toEqual([]);
    expect(proposal).toEqual(leftAlone(space, aims));
    expect(proposal.outside).toEqual(['salt']);
  });

  test('rounding does not cross it either', () => {
    const space = searchSpace(request),
      masses = Float64Array.from(smallSauce, ([id, g]) => (id === 'salt' ? 1.94 : g));
    expect(portionOf(space.people.portions[0]!, masses)).toBeLessThan(0.5);
    const { amounts } = measuredPot(space, [], { masses }, grams);
    expect(
      portionOf(
        space.people.portions[0]!,
        amounts.map(({ grams: g }) => g),
      ),
    ).toBeLessThanOrEqual(0.5);
    expect(amounts[SALT]!.grams).toBeGreaterThan(1.5);
  });
});

describe('amounts as a kitchen measures them', () => {
  const space = searchSpace(saltier);
  const measured = (of: Partial<Record<string, number>>, more: object = {}) => {
    const masses = Float64Array.from(smallSauce, ([id, g]) => of[id] ?? g);
    return measuredPot(space, [], { masses }, { ...grams, ...more });
  };

  test('what did not change stays as it was written; what hardly changed may', () => {
    const { amounts } = measured({});
    expect(amounts.map(({ grams: g }) => g)).toEqual(smallSauce.map(([, g]) => g));
    // Half a gram either way: the one with which the batch weighs nearer to what it did.
    expect(measured({ salt: 7.37 }).amounts[SALT]!.grams).toBe(7);
    // Nobody wrote these: a mass of grams and decimals is rounded.
    const fresh = measured({ 'rice-flour': 14.3 }, { asWritten: smallSauce.map(() => false) });
    expect(fresh.amounts[2]!.grams).toBe(14);
  });

  test('what is held above where it stands is not left there, however little it would move', () => {
    const held = {
      ...saltier,
      holds: smallSauce.map(([id]) =>
        id === 'salt' ? { kind: 'bounded' as const, leastG: 5.6, mostG: 9 } : undefined,
      ),
    };
    const masses = Float64Array.from(smallSauce, ([id, g]) => (id === 'salt' ? 5.7 : g));
    const { amounts } = measuredPot(searchSpace(held), [], { masses }, grams);
    expect(amounts[SALT]!.grams).toBeGreaterThanOrEqual(5.6);
  });

  test('never outside the bounds of a line: to the hundredth where no step of a scale lies between them', () => {
    const narrow = {
      ...space,
      low: Float64Array.from(space.low, (g, i) => (i === SALT ? 6.12 : g)),
      high: Float64Array.from(space.high, (g, i) => (i === SALT ? 6.18 : g)),
    };
    const masses = Float64Array.from(smallSauce, ([id, g]) => (id === 'salt' ? 6.153 : g));
    expect(measuredPot(narrow, [], { masses }, grams).amounts[SALT]!.grams).toBeCloseTo(6.15, 9);
    const thin = { ...narrow, low: narrow.low.map((g, i) => (i === SALT ? 6.151 : g)) };
    const to = (g: number) =>
      measuredPot(thin, [], { masses: masses.map((m, i) => (i === SALT ? g : m)) }, grams).amounts[SALT]!
        .grams;
    expect(to(6.152)).toBeCloseTo(6.16, 9);
    const none = {
      ...thin,
      high: narrow.high.map((g, i) => (i === SALT ? 6.154 : g)),
    };
    expect(
      measuredPot(none, [], { masses: masses.map((m, i) => (i === SALT ? 6.1525 : m)) }, grams).amounts[SALT]!
        .grams,
    ).toBe(6.1525);
  });

  test('a proposal says what moved, what it makes and what still stands outside', () => {
    const aims = aimsOf(saltier.brief);
    const solution = finish(solve(space, aims, options));
    const proposal = proposalOf(space, aims, solution, grams);
    expect(proposal.outside).toEqual([]);
    expect(proposal.changes[0]).toMatchObject({ line: SALT, fromG: 5 });
    expect(proposal.after.prediction.salt.mid).toBeGreaterThan(1.25);
    expect(proposal.before.prediction.salt.mid).toBeLessThan(1.1);
    expect(proposal.evaluations).toBe(solution.evaluations);
    expect(proposal.helper).toBeUndefined();
    expect(leftAlone(space, aims)).toMatchObject({ outside: ['salt'], changes: [], evaluations: 1 });
    expect(leftAlone(space, aims).amounts[SALT]).toEqual({ amount: { value: 5, unit: 'g' }, grams: 5 });
  });
});

test('a part of a longer search runs from one share of it to another', () => {
  function* three() {
    for (const done of [0, 0.5, 3]) yield { done, objective: 1, evaluations: 2 };
    return 'end';
  }
  const seen: number[] = [];
  const search = asPart(three(), 0.2, 0.6);
  let turn = search.next();
  for (; !turn.done; turn = search.next()) {
    seen.push(turn.value.done);
    expect(turn.value).toMatchObject({ objective: 1, evaluations: 2 });
  }
  expect(seen.map((share) => Number(share.toFixed(6)))).toEqual([0.2, 0.4, 0.6]);
  expect(turn.value).toBe('end');
});
