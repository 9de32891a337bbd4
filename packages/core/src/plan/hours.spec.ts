import { seededChance } from '../numeric/chance.js';
import { after, faultsOf, randomEvening, task } from './plan.fixture.js';
import { planEvening, planningEvening } from './plan-evening.js';
import { problemsOfEvening } from './problems.js';
import { schedule } from './schedule.js';
import type { Evening, PlanTask } from './task.js';

const SERVE = 1440 + 1140;
const evening = (tasks: readonly PlanTask[], more: Partial<Evening> = {}): Evening => ({
  tasks,
  machines: new Map(),
  cooks: ['Ann', 'Bo'],
  serveAt: SERVE,
  awake: [],
  ...more,
});
const planOf = (of: Evening, times = 1) => {
  const outcome = schedule(of, undefined, { times });
  if (outcome.kind !== 'planned') throw new Error(outcome.collides.map(({ why }) => why).join());
  expect(faultsOf(of, outcome.plan)).toEqual([]);
  return (id: string) => outcome.plan.find((one) => one.id === id)!;
};

test('nobody shops before the shop opens nor after it closes: what needs it comes after, on the day before if it must', () => {
  const tasks = [
    task('shop', 40, { machine: 'shop' }),
    task('cook', 30, { after: [after('shop')], mayStand: 10 }),
  ];
  const open = (...spans: readonly (readonly [number, number])[]) => ({
    open: new Map([['shop', spans.map(([from, to]) => ({ from, to }))]]),
  });
  expect(planOf(evening(tasks, open([1440 + 540, 1440 + 1020])))('shop').end).toBe(1440 + 1020);
  expect(planOf(evening(tasks, open([540, 1200])))('shop').end).toBe(1200);
  expect(planOf(evening(tasks, open([540, 1200], [1440 + 540, 1440 + 1200])))('shop').end).toBe(SERVE - 30);
});

test('a shop that opens too late is told, and how much later everything would have to be', () => {
  const tasks = [task('shop', 40, { machine: 'shop' }), task('cook', 30, { after: [after('shop', 0, 60)] })];
  const outcome = schedule(
    evening(tasks, { open: new Map([['shop', [{ from: SERVE - 50, to: SERVE + 600 }]]]) }),
  );
  expect(outcome.kind).toBe('impossible');
  // 40 min in the shop and 30 at the stove, from ten to.
  if (outcome.kind === 'impossible')
    expect(outcome.helps).toContainEqual({ kind: 'later', what: 'serving', minutes: 20 });
});

test('who comes later does nothing before, and leaves it to who is there', () => {
  const tasks = [
    task('chop', 20),
    task('fry', 20),
    task('stir', 20),
    task('lay', 5, { after: [after('stir')] }),
  ];
  const present = new Map([['Bo', [{ from: SERVE - 25, to: SERVE }]]]);
  const at = planOf(evening(tasks, { present }));
  const ofBo = tasks.filter(({ id }) => at(id).cook === 'Bo').map(({ id }) => at(id).start);
  expect(ofBo.length).toBeGreaterThan(0);
  expect(Math.min(...ofBo)).toBeGreaterThanOrEqual(SERVE - 25);
});

test('what is somebody’s is done by them, though the other is free', () => {
  const tasks = [task('dip', 20, { cook: 'Bo' }), task('melt', 20, { cook: 'Bo' })];
  const at = planOf(evening(tasks));
  expect([at('dip').cook, at('melt').cook]).toEqual(['Bo', 'Bo']);
  expect(Math.abs(at('dip').start - at('melt').start)).toBe(20);
});

test('hands go on with the pot that they are at', () => {
  const chain = (pot: string) =>
    [1, 2, 3].map((k) =>
      task(`${pot}${k}`, 10, { pot, after: k === 1 ? [] : [after(`${pot}${k - 1}`, 0, 0)] }),
    );
  for (const more of [{}, { present: new Map([['Bo', [{ from: 0, to: SERVE }]]]) }]) {
    const at = planOf(evening([...chain('dip'), ...chain('melt')], more));
    for (const pot of ['dip', 'melt'])
      expect(new Set([1, 2, 3].map((k) => at(`${pot}${k}`).cook)).size).toBe(1);
  }
});

test('laws over twenty random evenings: with hours of the blender and of a cook no plan has a fault', () => {
  for (let seed = 31; seed <= 50; seed++) {
    const chance = seededChance(seed),
      from = SERVE - 240 - Math.floor(chance() * 200);
    const of: Evening = {
      ...randomEvening(seed, 6 + (seed % 8)),
      cooks: ['Ann', 'Bo'],
      open: new Map([['blender', [{ from, to: from + 300 }]]]),
      present: new Map([['Bo', [{ from: SERVE - 60, to: SERVE }]]]),
    };
    planOf(of, 0.1);
  }
});

const progress = (pinned: Readonly<Record<string, number>>) => ({
  now: 0,
  done: new Map(),
  begun: new Map(),
  pinned: new Map(Object.entries(pinned)),
});

test('what is put to a time by hand begins then and at no other; put too late, everything is later', () => {
  const of = evening([task('chop', 10), task('cook', 20, { after: [after('chop')], mayStand: 60 })]);
  const early = planEvening(of, progress({ cook: SERVE - 50 }));
  if (early.outcome.kind !== 'planned') throw new Error('not planned');
  expect(early.lateBy).toBe(0);
  expect(early.outcome.plan.find(({ id }) => id === 'cook')!.start).toBe(SERVE - 50);
  expect(early.outcome.worth.waiting).toBe(30);
  const late = planEvening(of, progress({ cook: SERVE - 12 }));
  expect(late.lateBy).toBe(8);
});

test('two that are put to the same hands at one time collide, and leaving either helps', () => {
  const of = evening([task('chop', 10), task('cook', 20)], { cooks: ['Ann'] });
  const { outcome } = planEvening(of, progress({ cook: SERVE - 40, chop: SERVE - 35 }));
  expect(outcome.kind).toBe('impossible');
  if (outcome.kind === 'impossible') {
    expect(outcome.helps).toContainEqual({ kind: 'unpin', what: 'cook' });
    expect(outcome.helps).toContainEqual({ kind: 'unpin', what: 'chop' });
  }
});

test('a search tells how far it is, never goes back, and ends with a plan when it is stopped', () => {
  const of = randomEvening(5, 24);
  let asked = 0;
  const search = planningEvening(of, undefined, { times: 50, stop: () => ++asked > 40 });
  const told: number[] = [];
  let turn = search.next();
  while (!turn.done) {
    told.push(turn.value);
    turn = search.next();
  }
  expect(told).toEqual([...told].sort((a, b) => a - b));
  expect(told.length).toBeLessThan(60);
  const { outcome } = turn.value;
  if (outcome.kind !== 'planned') throw new Error('not planned');
  expect(faultsOf(of, outcome.plan)).toEqual([]);
});

test('hours that are none, and of somebody who does not cook, are told on their field', () => {
  const fields = (more: Partial<Evening>) =>
    problemsOfEvening(evening([task('a', 5)], more)).map(({ field }) => field);
  expect(fields({ open: new Map([['shop', [{ from: 9, to: 9 }]]]) })).toEqual(['open.shop[0]']);
  expect(fields({ present: new Map([['Cy', [{ from: 9, to: 19 }]]]) })).toEqual(['present.Cy']);
});
