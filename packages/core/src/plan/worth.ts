import { LONG_WAIT, SAME } from './plan.params.js';
import { dueAt, type Evening, lengthOf, type Planned, startsOf } from './task.js';

/** What a plan is worth: less is better, waiting first. */
export interface Worth {
  /** min that what may stand does stand, all together. */
  readonly waiting: number;
  /** min from the earliest start to serving, without long waits and what comes before them. */
  readonly span: number;
}

/** A plan with what it is worth. */
export interface Valued {
  readonly plan: readonly Planned[];
  readonly worth: Worth;
}

/**
 * What comes before a long wait that the tasks ask for, the wait itself included, by place; with starts, before any long wait.
 */
export function beforeLongWaits({ tasks }: Evening, starts?: readonly number[]): ReadonlySet<number> {
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const found = new Set<number>();
  const take = (i: number): void => {
    if (found.has(i)) return;
    found.add(i);
    for (const { id } of tasks[i]!.after) take(index.get(id)!);
  };
  tasks.forEach((task, i) => {
    if (!task.hands && lengthOf(task) >= LONG_WAIT) take(i);
    for (const { id, least } of task.after) {
      const j = index.get(id)!;
      const waits = starts ? starts[i]! - starts[j]! - lengthOf(tasks[j]!) : least;
      if (waits >= LONG_WAIT) take(j);
    }
  });
  return found;
}

/** Works out what plans of one evening are worth, from their starts in the order of its tasks. */
export type Measure = (starts: readonly number[]) => Worth;

/**
 * The measure of an evening, made once for many plans. With `any` every long wait counts as one; else only those that the tasks ask for, so
 * that nothing is begun hours too early to make tonight look short.
 */
export function measureOf(evening: Evening, waits: 'any' | 'asked'): Measure {
  const { tasks, serveAt } = evening;
  const due = tasks.map((task) => dueAt(evening, task));
  const lengths = tasks.map(lengthOf);
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const followers: number[][] = tasks.map(() => []);
  tasks.forEach(({ after }, i) => after.forEach(({ id }) => followers[index.get(id)!]!.push(i)));
  const standing = tasks.flatMap(({ mayStand }, i) => (mayStand === undefined ? [] : [i]));
  const asked = beforeLongWaits(evening);

  return (starts) => {
    let waiting = 0;
    for (const i of standing) {
      const end = starts[i]! + lengths[i]!;
      let until = followers[i]!.length > 0 ? end : due[i]!;
      for (const next of followers[i]!) until = Math.max(until, starts[next]!);
      waiting += Math.max(0, until - end);
    }
    const away = waits === 'any' ? beforeLongWaits(evening, starts) : asked;
    let first = serveAt;
    for (let i = 0; i < tasks.length; i++) if (!away.has(i)) first = Math.min(first, starts[i]!);
    return { waiting, span: serveAt - first };
  };
}

/** What one plan is worth. */
export const worthOf = (evening: Evening, plan: readonly Planned[]): Worth =>
  measureOf(evening, 'any')(startsOf(evening, plan));

/** Whether one plan is better than another. */
export const isBetter = (a: Worth, b: Worth): boolean =>
  a.waiting < b.waiting - SAME || (a.waiting < b.waiting + SAME && a.span < b.span - SAME);
