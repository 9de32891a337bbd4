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

/**
 * Builds a plan backwards from serving: each task as late as its followers, cooks and machines allow, in an order of priority. Where a
 * task must not lie so early as it would have to, what follows it is moved earlier, and all is built anew.
 * @param order of priority, by place among the tasks
 */
export function build(network: Network, order: readonly number[], budget: Budget): Built {
  const { evening, tasks, followers, before } = network;
  const ceilings = tasks.map(() => Infinity),
    openAtFirst = followers.map((after) => after.length);
  let collision: Collision = { tasks: [], why: '' };
  budget.left -= SEARCH.beginning;
  const repairs = Math.max(SEARCH.leastRepairs, order.length * SEARCH.repairsOfTask);
  for (let repair = 0; repair < repairs && budget.left > 0; repair++) {
    const room = new Room(evening),
      starts = tasks.map(() => NaN),
      left = [...order],
      /** Followers of each that are not placed yet. */
      open = [...openAtFirst];
    let placed = 0,
      stuck = false;
    while (left.length > 0 && !stuck) {
      let at = 0;
      while (open[left[at]!]! > 0) at++;
      const i = left.splice(at, 1)[0]!,
        task = tasks[i]!;
      const { latest, earliest, by } = limitsOf(network, i, starts, ceilings[i]!);
      const found = room.latestStart(task, latest);
      budget.left -= placed + 1;
      if (task.starts && (found?.start ?? -Infinity) < task.starts.from - SAME)
        return {
          kind: 'stuck',
          collision: { tasks: [task.id], why: `“${task.id}” would have to begin earlier than it can.` },
        };
      if (found && found.start >= earliest - SAME) {
        starts[i] = found.start;
        placed++;
        room.take(task, found.start, found.cook);
        for (const one of before[i]!) open[one]!--;
        continue;
      }
      stuck = true;
      const follower = tasks[by]?.id;
      collision = {
        tasks: [task.id, ...(follower === undefined ? [] : [follower])],
        why: whyStuck(task, follower),
      };
      if (!found || by === NONE) return { kind: 'stuck', collision };
      // What follows comes earlier by as much as is missing.
      const missing = earliest - found.start;
      ceilings[by] = starts[by]! - Math.max(missing, 1e-6);
    }
    if (stuck) continue;
    const from = evening.from ?? 0,
      early = tasks.findIndex((_, i) => starts[i]! < from - SAME);
    if (early !== NONE)
      return {
        kind: 'stuck',
        collision: { tasks: [tasks[early]!.id], why: whyEarly(tasks[early]!.id, from) },
      };
    return { kind: 'built', plan: () => room.planned(), starts };
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
