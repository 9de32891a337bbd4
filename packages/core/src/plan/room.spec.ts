import { seededChance } from '../numeric/chance.js';
import { Room } from './room.js';
import { task } from './plan.fixture.js';
import type { Evening, PlanTask } from './task.js';

const kitchen = (tasks: readonly PlanTask[], more: Partial<Evening> = {}): Evening => ({
  tasks,
  machines: new Map([
    ['burner', 2],
    ['oven', 1],
    ['blender', 1],
  ]),
  cooks: ['Ann'],
  serveAt: 200,
  awake: [],
  ...more,
});

interface Placed {
  readonly task: PlanTask;
  readonly start: number;
}

/** Whether everything that is placed can be at once, looked at every half minute. */
function possible({ machines, cooks }: Evening, placed: readonly Placed[]): boolean {
  for (let at = 0.25; at < 200; at += 0.5) {
    const now = placed.filter(({ task: { minutes }, start }) => start <= at && at < start + minutes.high);
    if (now.filter((one) => one.task.hands).length > cooks.length) return false;
    for (const [machine, there] of machines) {
      const on = now.filter((one) => one.task.machine === machine);
      const temperatures = new Set(on.map((one) => one.task.ovenC ?? one.task.id));
      if (temperatures.size > there) return false;
    }
  }
  return true;
}

test('the latest start is the latest of all that fit, whatever lies there already', () => {
  const chance = seededChance(11);
  const machines = ['burner', 'oven', 'blender', undefined] as const;
  for (let kitchens = 0; kitchens < 60; kitchens++) {
    const tasks = Array.from({ length: 9 }, (_, i) => {
      const machine = machines[Math.floor(chance() * 4)];
      return task(`t${i}`, 3 + Math.floor(chance() * 15), {
        hands: chance() < 0.5,
        ...(machine ? { machine } : {}),
        ...(machine === 'oven' && chance() < 0.8 ? { ovenC: chance() < 0.5 ? 180 : 200 } : {}),
      });
    });
    const evening = kitchen(tasks, chance() < 0.5 ? {} : { cooks: ['Ann', 'Bo'] });
    const room = new Room(evening),
      placed: Placed[] = [];
    for (const one of tasks) {
      const latest = 120 + Math.floor(chance() * 60);
      const found = room.latestStart(one, latest)!;
      // Whole minutes are enough: everything here begins and ends at one.
      let best = latest;
      while (!possible(evening, [...placed, { task: one, start: best }])) best--;
      expect([kitchens, one.id, found.start]).toEqual([kitchens, one.id, best]);
      room.take(one, found.start, found.cook);
      placed.push({ task: one, start: found.start });
    }
  }
});

test('nobody works while asleep, and a task of one cook waits for that cook', () => {
  const long = task('long', 30),
    late = task('late', 10);
  const asleep = new Room(kitchen([long, late], { awake: [{ from: 20, to: 90 }] }));
  expect(asleep.latestStart(long, 150)!.start).toBe(60);
  expect(asleep.latestStart(long, 70)!.start).toBe(60);
  expect(asleep.latestStart(long, 15)).toBeUndefined();
  const hers = task('hers', 20, { cook: 'Ann' }),
    any = task('any', 20);
  const two = new Room(kitchen([hers, any], { cooks: ['Ann', 'Bo'] }));
  two.take(hers, 100, 'Ann');
  expect(two.latestStart(hers, 110)).toEqual({ start: 80, cook: 'Ann' });
  expect(two.latestStart(any, 110)).toEqual({ start: 110, cook: 'Bo' });
});
