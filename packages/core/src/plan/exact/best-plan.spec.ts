import { seededChance } from '../../numeric/chance.js';
import { after, faultsOf, randomEvening, task } from '../plan.fixture.js';
import { schedule, type ScheduleOutcome } from '../schedule.js';
import type { Evening, PlanTask } from '../task.js';

/** min of the small evenings that are looked through minute by minute. */
const SERVE = 12;

/** A small evening with everything in it that an evening can have. */
function smallEvening(seed: number): Evening {
  const chance = seededChance(seed * 104_729 + 3),
    upTo = (most: number) => Math.floor(chance() * (most + 1));
  const named = chance() < 0.3,
    slept = chance() < 0.3;
  const tasks = Array.from({ length: 4 }, (_, i): PlanTask => {
    const machine = chance() < 0.6 ? ['burner', 'oven'][upTo(1)] : undefined,
      least = chance() < 0.3 ? upTo(2) : 0;
    return task(`t${i}`, 1 + upTo(3), {
      hands: chance() < 0.7,
      after:
        i > 0 && chance() < 0.6
          ? [after(`t${upTo(i - 1)}`, least, chance() < 0.3 ? least + upTo(2) : undefined)]
          : [],
      ...(machine === undefined ? {} : { machine }),
      ...(machine === 'oven' ? { ovenC: chance() < 0.5 ? 190 : 220 } : {}),
      ...(chance() < 0.5 ? { mayStand: upTo(8) } : {}),
      ...(chance() < 0.2 ? { readyBefore: upTo(3) } : {}),
      ...(named && chance() < 0.4 ? { cook: chance() < 0.5 ? 'Ann' : 'Bo' } : {}),
      ...(chance() < 0.1 ? { starts: { from: 2, to: 7 } } : {}),
    });
  }).map((one) => (one.hands ? one : { ...one, cook: undefined }) as PlanTask);
  return {
    tasks,
    machines: new Map([
      ['burner', 1 + upTo(1)],
      ['oven', 1],
    ]),
    cooks: named || chance() < 0.4 ? ['Ann', 'Bo'] : ['Ann'],
    serveAt: SERVE,
    awake: slept
      ? [
          { from: 0, to: 5 },
          { from: 7, to: SERVE },
        ]
      : [],
    ...(named ? { present: new Map([['Bo', [{ from: 4, to: SERVE }]]]) } : {}),
  };
}

const lengthOf = (one: PlanTask): number => one.minutes.high;
/** When a task has to have ended, and what follows it. */
const dueOf = (one: PlanTask): number => SERVE - (one.readyBefore ?? 0);

/** min that a task stands at these starts; nothing where that is no matter. */
function standsOf({ tasks }: Evening, starts: readonly number[], i: number): number {
  const one = tasks[i]!,
    next = tasks.flatMap((other, j) => (other.after.some(({ id }) => id === one.id) ? [starts[j]!] : []));
  return one.mayStand === undefined
    ? 0
    : (next.length > 0 ? Math.max(...next) : dueOf(one)) - starts[i]! - lengthOf(one);
}

/** Whether somebody can be found for every task by hand, each name tried. */
function canBeHanded(evening: Evening, starts: readonly number[]): boolean {
  const { tasks, cooks } = evening;
  const given: (string | undefined)[] = [];
  const hand = (i: number): boolean => {
    const one = tasks[i];
    if (!one) return true;
    if (!one.hands) return hand(i + 1);
    const end = starts[i]! + lengthOf(one);
    return (one.cook === undefined ? cooks : [one.cook]).some((cook) => {
      const hours = evening.present?.get(cook);
      if (hours?.every(({ from, to }) => starts[i]! < from || end > to)) return false;
      if (
        given.some(
          (other, j) =>
            j < i && other === cook && starts[j]! < end && starts[i]! < starts[j]! + lengthOf(tasks[j]!),
        )
      )
        return false;
      given[i] = cook;
      const all = hand(i + 1);
      given[i] = undefined;
      return all;
    });
  };
  return hand(0);
}

/** Whether starts in whole minutes are a plan, by looking at every minute. */
function isPlan(evening: Evening, starts: readonly number[]): boolean {
  const { tasks, machines, awake } = evening;
  for (const [i, one] of tasks.entries()) {
    const end = starts[i]! + lengthOf(one);
    if (one.mayStand !== undefined && standsOf(evening, starts, i) > one.mayStand) return false;
    if (one.hands && awake.length > 0 && awake.every(({ from, to }) => starts[i]! < from || end > to))
      return false;
  }
  for (let minute = 0; minute < SERVE; minute++)
    for (const [machine, there] of machines) {
      const on = tasks.filter(
        (one, i) => one.machine === machine && starts[i]! <= minute && minute < starts[i]! + lengthOf(one),
      );
      if (new Set(on.map(({ ovenC, id }) => ovenC ?? id)).size > there) return false;
    }
  return canBeHanded(evening, starts);
}

/** The best of all plans in whole minutes, every one of them tried. */
function bestByHand(evening: Evening): { readonly waiting: number; readonly span: number } | undefined {
  const { tasks } = evening,
    at = new Map(tasks.map(({ id }, i) => [id, i])),
    starts: number[] = [];
  let best: { waiting: number; span: number } | undefined;
  const place = (i: number): void => {
    const one = tasks[i];
    if (!one) {
      const waiting = tasks.reduce((sum, _, k) => sum + standsOf(evening, starts, k), 0),
        span = SERVE - Math.min(...starts);
      if (best && (waiting > best.waiting || (waiting === best.waiting && span >= best.span))) return;
      if (isPlan(evening, starts)) best = { waiting, span };
      return;
    }
    for (
      let start = one.starts?.from ?? 0;
      start <= Math.min(dueOf(one) - lengthOf(one), one.starts?.to ?? SERVE);
      start++
    ) {
      const holds = one.after.every(({ id, least, most = Infinity }) => {
        const lag = start - starts[at.get(id)!]! - lengthOf(tasks[at.get(id)!]!);
        return lag >= least && lag <= most;
      });
      if (!holds) continue;
      starts[i] = start;
      place(i + 1);
      starts.length = i;
    }
  };
  place(0);
  return best;
}

const planned = (outcome: ScheduleOutcome) => {
  if (outcome.kind !== 'planned') throw new Error(outcome.collides.map(({ why }) => why).join());
  return outcome;
};

test('a hundred small evenings, every plan of each tried: what is called best is, and what is called impossible is', () => {
  let impossible = 0;
  for (let seed = 1; seed <= 100; seed++) {
    const evening = smallEvening(seed),
      best = bestByHand(evening),
      outcome = schedule(evening);
    if (outcome.kind === 'impossible') {
      impossible++;
      expect([seed, best, outcome.isSure]).toEqual([seed, undefined, true]);
      continue;
    }
    expect([seed, faultsOf(evening, outcome.plan)]).toEqual([seed, []]);
    expect([seed, outcome.worth, outcome.certainty.isBest]).toEqual([seed, best, true]);
  }
  // Both happen, or nothing is tried.
  expect(impossible).toBeGreaterThan(10);
  expect(impossible).toBeLessThan(75);
});

test('evenings of sixteen tasks are proved', () => {
  for (let seed = 1; seed <= 8; seed++) {
    const { certainty, worth } = planned(schedule(randomEvening(seed, 16)));
    expect([seed, certainty]).toEqual([seed, { isBest: true, leastWaiting: worth.waiting }]);
  }
});

test('a large evening is not called best, and what no plan stands less than is told', () => {
  const evening = randomEvening(2, 30),
    with_ = (times: number) => planned(schedule(evening, undefined, { times }));
  const { certainty, worth } = with_(0.1);
  expect(certainty.isBest).toBe(false);
  expect(certainty.leastWaiting).toBeLessThanOrEqual(worth.waiting);
  const more = with_(0.5);
  expect(more.worth.waiting).toBeLessThanOrEqual(worth.waiting);
  expect(more.worth.waiting).toBeGreaterThanOrEqual(certainty.leastWaiting);
});
