import { after, faultsOf, randomEvening, task } from './plan.fixture.js';
import { likelyReady, triangular } from './likely-ready.js';
import { type Progress, remaining, replan } from './replan.js';
import { schedule } from './schedule.js';
import type { Evening, Planned } from './task.js';

const DAY = 1440,
  SERVE = DAY + 1140;
const evening: Evening = {
  tasks: [
    task('chop', 10),
    task('simmer', 20, { hands: false, machine: 'burner', after: [after('chop')] }),
    task('blend', 5, { after: [after('simmer')] }),
    task('salad', 8),
  ],
  machines: new Map([['burner', 1]]),
  cooks: ['Ann'],
  serveAt: SERVE,
  awake: [],
};
const planOf = (at: Evening): readonly Planned[] => {
  const outcome = schedule(at);
  if (outcome.kind !== 'planned') throw new Error('not planned');
  return outcome.plan;
};
const nothing: Progress = { now: 0, done: new Map(), begun: new Map(), pinned: new Map() };
const startOf = (plan: readonly Planned[], id: string) => plan.find((one) => one.id === id)!.start;
const again = (progress: Partial<Progress>, of: Evening = evening) => {
  const { outcome, ...rest } = replan(of, { ...nothing, ...progress }, planOf(of));
  if (outcome.kind !== 'planned') throw new Error(outcome.collides.map(({ why }) => why).join());
  return { ...rest, plan: outcome.plan };
};

test('in time, nothing changes: the plan is as it was and serving stays', () => {
  const before = planOf(evening);
  const { plan, lateBy } = again({ now: DAY + 600 });
  expect(lateBy).toBe(0);
  expect(new Map(plan.map(({ id, start }) => [id, start]))).toEqual(
    new Map(before.map(({ id, start }) => [id, start])),
  );
});

test('a quarter of an hour late, and everything is on the table as little later as can be', () => {
  // 10 + 20 + 5 min on one string, the salad beside the simmering: 35 min from now.
  const now = SERVE - 20;
  const { plan, lateBy, serveAt } = again({ now });
  expect(lateBy).toBe(15);
  expect(serveAt).toBe(SERVE + 15);
  for (const { start } of plan) expect(start).toBeGreaterThanOrEqual(now - 1e-6);
  expect(faultsOf({ ...evening, serveAt }, plan)).toEqual([]);
});

test('what is done stays done, what goes on keeps its place and has what is left of it', () => {
  const now = SERVE - 12;
  const { plan, lateBy } = again({
    now,
    done: new Map([['chop', SERVE - 30]]),
    begun: new Map([['simmer', SERVE - 27]]),
  });
  expect(plan.map(({ id }) => id)).not.toContain('chop');
  // Fifteen of twenty minutes are over: five from now, then five of blending, the salad beside them.
  expect(startOf(plan, 'simmer')).toBe(now);
  expect(plan.find(({ id }) => id === 'simmer')!.end).toBeCloseTo(now + 5, 6);
  expect(startOf(plan, 'blend')).toBeGreaterThanOrEqual(now + 5);
  expect(lateBy).toBe(1);
});

test('what should long have ended still takes a minute, and nothing before it is asked for again', () => {
  const left = remaining(evening, { ...nothing, now: SERVE - 5, begun: new Map([['simmer', SERVE - 90]]) });
  const simmer = left.tasks.find(({ id }) => id === 'simmer')!;
  expect(simmer.minutes).toEqual({ low: 0, high: 1 });
  expect(simmer.after).toEqual([]);
});

test('what comes before something done is over too, whether anybody said so or not', () => {
  const { plan } = again({ now: SERVE - 20, done: new Map([['simmer', SERVE - 21]]) });
  expect(plan.map(({ id }) => id).sort()).toEqual(['blend', 'salad']);
  const left = remaining(evening, { ...nothing, now: SERVE - 20, begun: new Map([['blend', SERVE - 21]]) });
  expect(left.tasks.map(({ id }) => id).sort()).toEqual(['blend', 'salad']);
});

test('what is put to a time by hand stays there, and the rest goes round it', () => {
  const at = SERVE - 60;
  const { plan, lateBy } = again({ now: SERVE - 120, pinned: new Map([['salad', at]]) });
  expect(lateBy).toBe(0);
  expect(startOf(plan, 'salad')).toBe(at);
  expect(faultsOf(evening, plan)).toEqual([]);
});

test('a lag that is over is told, and what follows comes as soon as it can', () => {
  const noodles: Evening = {
    ...evening,
    tasks: [task('drain', 2), task('join', 3, { after: [after('drain', 0, 2)] }), task('fry', 10)],
  };
  const now = SERVE - 15;
  const { plan, overdue } = again({ now, done: new Map([['drain', now - 10]]) }, noodles);
  expect(overdue).toEqual(['drain']);
  expect(startOf(plan, 'join')).toBe(now);
});

test('a burner less while cooking: the rest is planned with what there is', () => {
  const two: Evening = {
    ...evening,
    tasks: [
      task('rice', 20, { hands: false, machine: 'burner' }),
      task('sauce', 15, { hands: false, machine: 'burner' }),
    ],
    machines: new Map([['burner', 2]]),
  };
  const broken = { ...two, machines: new Map([['burner', 1]]) };
  const { outcome, lateBy } = replan(broken, { ...nothing, now: SERVE - 20 }, planOf(two));
  expect(outcome.kind).toBe('planned');
  expect(lateBy).toBe(15);
});

test('random evenings, looked at in the middle: no fault, nothing before now, and at most as late as what is left is long', () => {
  for (let seed = 1; seed <= 10; seed++) {
    const at = randomEvening(seed, 8),
      before = planOf(at);
    const middle = before.map(({ start }) => start).sort((a, b) => a - b)[4]!;
    const done = new Map(before.filter(({ end }) => end <= middle).map(({ id, end }) => [id, end])),
      begun = new Map(
        before.filter(({ start, end }) => start < middle && end > middle).map(({ id, start }) => [id, start]),
      );
    const { outcome, lateBy, serveAt } = replan(at, { now: middle, done, begun, pinned: new Map() }, before);
    if (outcome.kind !== 'planned') throw new Error(`seed ${seed}`);
    const left = remaining(at, { now: middle, done, begun, pinned: new Map() });
    expect([seed, faultsOf({ ...left, serveAt }, outcome.plan)]).toEqual([seed, []]);
    expect(lateBy).toBeLessThanOrEqual(1);
    for (const { start } of outcome.plan) expect(start).toBeGreaterThanOrEqual(middle - 1e-6);
  }
});

describe('when it is likely ready', () => {
  test('a triangle between low and high: an eighth of all draws lie below the first quarter', () => {
    const minutes = { low: 10, high: 30 };
    expect(triangular(minutes, 0)).toBe(10);
    expect(triangular(minutes, 0.125)).toBeCloseTo(15, 9);
    expect(triangular(minutes, 0.5)).toBeCloseTo(20, 9);
    expect(triangular(minutes, 1)).toBe(30);
  });
  test('planned with the long end it is in time, by as much as the last task may be shorter', () => {
    const at: Evening = { ...evening, tasks: [task('bake', 40, { minutes: { low: 30, high: 40 } })] };
    const { from, to, late } = likelyReady(at, planOf(at));
    expect(late).toBe(0);
    // A tenth below 32.24, a tenth above 37.76 min.
    expect(from).toBeCloseTo(SERVE - 7.8, 0);
    expect(to).toBeCloseTo(SERVE - 2.2, 0);
  });
  test('begun later than it should have been, most evenings are late', () => {
    const at: Evening = { ...evening, tasks: [task('bake', 40, { minutes: { low: 30, high: 40 } })] };
    const late = planOf(at).map((one) => ({ ...one, start: one.start + 8, end: one.end + 8 }));
    expect(likelyReady(at, late).late).toBeGreaterThan(0.85);
  });
  test('what comes after something slow begins later, and what waits for the same burner too', () => {
    const slow: Evening = {
      ...evening,
      tasks: [
        task('first', 10, { hands: false, machine: 'burner', minutes: { low: 10, high: 10 } }),
        task('second', 10, { hands: false, machine: 'burner' }),
      ],
    };
    const plan = [
      { id: 'first', start: SERVE - 20, end: SERVE - 10, cook: undefined },
      { id: 'second', start: SERVE - 10, end: SERVE, cook: undefined },
    ];
    const longer = {
      ...slow,
      tasks: [{ ...slow.tasks[0]!, minutes: { low: 25, high: 25 } }, slow.tasks[1]!],
    };
    expect(likelyReady(slow, plan)).toMatchObject({ to: SERVE, late: 0 });
    expect(likelyReady(longer, plan)).toMatchObject({ from: SERVE + 15, late: 1 });
  });
  test('nothing planned is ready when it is asked for', () => {
    expect(likelyReady({ ...evening, tasks: [] }, [])).toEqual({ from: SERVE, to: SERVE, late: 0 });
  });
});
