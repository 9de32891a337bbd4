import { limitsOf, type Network, NONE } from './network.js';
import { SAME, SEARCH } from './plan.params.js';
import { Room } from './room.js';
import type { Planned, PlanTask } from './task.js';

/** Tasks that cannot be had together, and why. */
export interface Collision {
  readonly tasks: readonly string[];
  readonly why: string;
}

/** What a search has left to spend; at nothing it ends with the best that it found, so that the same evening ends the same. */
export interface Budget {
  left: number;
}

export type Built =
  | { readonly kind: 'built'; readonly plan: () => readonly Planned[]; readonly starts: readonly number[] }
  | { readonly kind: 'stuck'; readonly collision: Collision };

type Stuck = Extract<Built, { kind: 'stuck' }>;
const stuckAt = (tasks: readonly string[], why: string): Stuck => ({
  kind: 'stuck',
  collision: { tasks, why },
});

/** What came of one attempt: a plan, what can never be had, or what has to come earlier for a next attempt. */
type Attempt =
  | Built
  | {
      readonly kind: 'earlier';
      readonly collision: Collision;
      readonly task: number;
      readonly latest: number;
    };

/** Places every task once, each as late as what is placed already allows. */
function attempt(
  network: Network,
  order: readonly number[],
  ceilings: readonly number[],
  budget: Budget,
): Attempt {
  const { evening, tasks, followers, before } = network;
  const room = new Room(evening),
    starts = tasks.map(() => NaN),
    left = [...order],
    /** Followers of each that are not placed yet. */
    open = followers.map((after) => after.length);
  while (left.length > 0) {
    const at = left.findIndex((i) => open[i] === 0);
    const i = left.splice(at, 1)[0]!,
      task = tasks[i]!;
    const { latest, earliest, by } = limitsOf(network, i, starts, ceilings[i]!);
    const found = room.latestStart(task, latest);
    budget.left -= order.length - left.length;
    if (task.starts && (found?.start ?? -Infinity) < task.starts.from - SAME)
      return stuckAt([task.id], `“${task.id}” would have to begin earlier than it can.`);
    if (!found || found.start < earliest - SAME) {
      const follower = tasks[by]?.id,
        stuck = stuckAt([task.id, ...(follower === undefined ? [] : [follower])], whyStuck(task, follower));
      if (!found || by === NONE) return stuck;
      // What follows comes earlier by as much as is missing.
      const latestOfIt = starts[by]! - Math.max(earliest - found.start, 1e-6);
      return { kind: 'earlier', collision: stuck.collision, task: by, latest: latestOfIt };
    }
    starts[i] = found.start;
    room.take(task, found.start, found.cook);
    for (const one of before[i]!) open[one]!--;
  }
  const from = evening.from ?? 0,
    early = tasks.find((_, i) => starts[i]! < from - SAME);
  return early === undefined
    ? { kind: 'built', plan: () => room.planned(), starts }
    : stuckAt([early.id], whyEarly(early.id, from));
}

/**
 * Builds a plan backwards from serving: each task as late as its followers, cooks and machines allow, in an order of priority. Where a
 * task must not lie so early as it would have to, what follows it is moved earlier, and all is built anew.
 * @param order of priority, by place among the tasks
 */
export function build(network: Network, order: readonly number[], budget: Budget): Built {
  const ceilings = network.tasks.map(() => Infinity),
    repairs = Math.max(SEARCH.leastRepairs, order.length * SEARCH.repairsOfTask);
  let collision: Collision = { tasks: [], why: '' };
  budget.left -= SEARCH.beginning;
  for (let repair = 0; repair < repairs && budget.left > 0; repair++) {
    const tried = attempt(network, order, ceilings, budget);
    if (tried.kind !== 'earlier') return tried;
    collision = tried.collision;
    ceilings[tried.task] = tried.latest;
  }
  return { kind: 'stuck', collision };
}

const whyEarly = (id: string, from: number): string =>
  from > 0
    ? `“${id}” would have had to begin already.`
    : `“${id}” would have to begin before midnight of the day before.`;

function whyStuck(task: PlanTask, by: string | undefined): string {
  const needs = [task.hands ? 'hands' : '', task.machine ?? ''].filter(Boolean).join(' and ');
  const between = by === undefined ? 'serving' : `“${by}”`;
  return `“${task.id}” finds no room ${needs === '' ? '' : `for ${needs} `}near enough to ${between}.`;
}
