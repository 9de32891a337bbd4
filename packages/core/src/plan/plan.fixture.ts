import { seededChance } from '../numeric/chance.js';
import type { After, Evening, Planned, PlanTask, Span } from './task.js';

/** A task at which somebody stands for just so long. */
export const task = (id: string, minutes: number, more: Partial<PlanTask> = {}): PlanTask => ({
  id,
  hands: true,
  minutes: { low: minutes, high: minutes },
  after: [],
  ...more,
});

/** What a task comes after, and how long after it ended. */
export const after = (id: string, least = 0, most?: number): After => ({
  id,
  least,
  ...(most === undefined ? {} : { most }),
});

/** An evening of so many tasks that hang together as those of two or three dishes do. */
export function randomEvening(seed: number, count: number): Evening {
  const chance = seededChance(seed * 7919 + 13);
  const machines = ['burner', 'oven', 'blender'] as const;
  const tasks: PlanTask[] = [];
  for (let i = 0; i < count; i++) {
    const high = 2 + Math.floor(chance() * 25);
    const before = i === 0 || chance() < 0.25 ? [] : [Math.floor(chance() * i)];
    if (i > 1 && chance() < 0.25) before.push(Math.floor(chance() * i));
    const machine = chance() < 0.5 ? machines[Math.floor(chance() * 3)] : undefined;
    tasks.push({
      id: `t${i}`,
      hands: chance() < 0.6,
      minutes: { low: Math.ceil(high * 0.7), high },
      after: [...new Set(before)].map((at) => ({
        id: `t${at}`,
        least: chance() < 0.3 ? Math.floor(chance() * 10) : 0,
      })),
      ...(machine === undefined ? {} : { machine }),
      ...(machine === 'oven' ? { ovenC: chance() < 0.6 ? 190 : 220 } : {}),
      ...(chance() < 0.4 ? { mayStand: 240 + Math.floor(chance() * 60) } : {}),
    });
  }
  return {
    tasks,
    machines: new Map([
      ['burner', 2],
      ['oven', 1],
      ['blender', 1],
    ]),
    cooks: chance() < 0.5 ? ['Ann'] : ['Ann', 'Bo'],
    serveAt: 1440 + 19 * 60,
    awake: [],
  };
}

/** What is wrong with a plan, looked at minute by minute; it shares nothing with the planner. */
export function faultsOf(
  { tasks, machines, cooks, serveAt, awake, open, present }: Evening,
  plan: readonly Planned[],
): readonly string[] {
  const faults: string[] = [];
  const at = new Map(plan.map((one) => [one.id, one]));
  for (const task of tasks) {
    const one = at.get(task.id);
    if (!one) {
      faults.push(`${task.id} is not planned`);
      continue;
    }
    if (Math.abs(one.end - one.start - task.minutes.high) > 1e-6)
      faults.push(`${task.id} is not as long as it is`);
    const due = serveAt - (task.readyBefore ?? 0);
    if (one.end > due + 1e-6) faults.push(`${task.id} is late`);
    for (const lag of task.after) {
      const gap = one.start - at.get(lag.id)!.end;
      if (gap < lag.least - 1e-6 || gap > (lag.most ?? Infinity) + 1e-6)
        faults.push(`${task.id} follows ${lag.id} by ${gap}`);
    }
    if (task.mayStand !== undefined) {
      const next = tasks
        .filter(({ after }) => after.some(({ id }) => id === task.id))
        .map(({ id }) => at.get(id)!.start);
      const stands = (next.length > 0 ? Math.max(...next) : due) - one.end;
      if (stands > task.mayStand + 1e-6) faults.push(`${task.id} stands ${stands}`);
    }
    if (task.hands && one.cook === undefined) faults.push(`nobody does ${task.id}`);
    if (task.cook !== undefined && one.cook !== task.cook) faults.push(`${one.cook} does ${task.id}`);
    const outside = (spans: readonly Span[] | undefined) =>
      spans !== undefined && !spans.some(({ from, to }) => one.start >= from - 1e-6 && one.end <= to + 1e-6);
    if (outside(open?.get(task.machine ?? ''))) faults.push(`${task.id} finds ${task.machine} closed`);
    if (outside(present?.get(one.cook ?? ''))) faults.push(`${one.cook} is not there for ${task.id}`);
    if (task.starts && (one.start < task.starts.from - 1e-6 || one.start > task.starts.to + 1e-6))
      faults.push(`${task.id} begins at ${one.start}`);
    if (
      task.hands &&
      awake.length > 0 &&
      !awake.some(({ from, to }) => one.start >= from - 1e-6 && one.end <= to + 1e-6)
    )
      faults.push(`${task.id} is done in sleep`);
  }
  const moments = plan.flatMap(({ start, end }) => [start, (start + end) / 2]);
  for (const moment of moments) {
    const now = tasks.filter(
      ({ id }) => at.get(id)!.start <= moment + 1e-9 && at.get(id)!.end > moment + 1e-9,
    );
    for (const cook of cooks)
      if (now.filter(({ id }) => at.get(id)!.cook === cook).length > 1)
        faults.push(`${cook} is in two places at ${moment}`);
    for (const [machine, there] of machines) {
      const on = now.filter((task) => task.machine === machine);
      const used = new Set(on.map(({ ovenC, id }) => (ovenC === undefined ? id : `${ovenC}`))).size;
      if (used > there) faults.push(`${used} of ${machine} at ${moment}`);
    }
  }
  return faults;
}
