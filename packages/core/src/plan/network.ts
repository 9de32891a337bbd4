import { dueAt, type Evening, followersOf, lengthOf, type PlanTask } from './task.js';

/** What comes after a task, by place. */
interface Follower {
  readonly by: number;
  readonly least: number;
  readonly most: number;
}

/** An evening with its tasks by their places, so that nothing is looked up by name while it is searched. */
export interface Network {
  readonly evening: Evening;
  readonly tasks: readonly PlanTask[];
  readonly lengths: readonly number[];
  readonly due: readonly number[];
  readonly followers: readonly (readonly Follower[])[];
  readonly before: readonly (readonly number[])[];
}

export function networkOf(evening: Evening): Network {
  const { tasks } = evening,
    at = new Map(tasks.map(({ id }, i) => [id, i])),
    followers = followersOf(tasks);
  return {
    evening,
    tasks,
    lengths: tasks.map(lengthOf),
    due: tasks.map((task) => dueAt(evening, task)),
    followers: tasks.map(({ id }) =>
      (followers.get(id) ?? []).map(({ by, least, most = Infinity }) => ({ by: at.get(by)!, least, most })),
    ),
    before: tasks.map(({ after }) => after.map(({ id }) => at.get(id)!)),
  };
}

/** No task. */
export const NONE = -1;

/** How late a task may lie, and how early it must not: bound by which of its followers, or by serving. */
export function limitsOf(
  { tasks, lengths, due, followers }: Network,
  i: number,
  starts: readonly number[],
  ceiling: number,
): { readonly latest: number; readonly earliest: number; readonly by: number } {
  const length = lengths[i]!,
    { starts: span, mayStand = Infinity } = tasks[i]!;
  let latest = Math.min(ceiling, span?.to ?? Infinity, due[i]! - length),
    earliest = -Infinity,
    by = NONE,
    last = -Infinity,
    lastBy = NONE;
  for (const { by: next, least, most } of followers[i]!) {
    const start = starts[next]!;
    latest = Math.min(latest, start - least - length);
    if (by === NONE || start - most - length > earliest) {
      earliest = start - most - length;
      by = next;
    }
    if (start > last) {
      last = start;
      lastBy = next;
    }
  }
  const stands = (lastBy === NONE ? due[i]! : last) - mayStand - length;
  return stands > earliest || by === NONE
    ? { latest, earliest: stands, by: lastBy }
    : { latest, earliest, by };
}
