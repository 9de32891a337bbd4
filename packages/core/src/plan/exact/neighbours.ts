import { EXACT, SAME } from '../plan.params.js';
import { lengthOf } from '../task.js';
import type { FoundPlan, PosedEvening } from './prove.js';

/**
 * So many tasks to be placed anew, by place: mostly what lies about something that stands, the longer the likelier; else those about any one.
 */
export function neighbours(
  evening: PosedEvening,
  { starts }: FoundPlan,
  chance: () => number,
  count: number,
): ReadonlySet<number> {
  const { tasks, serveAt } = evening.claims.evening;
  const end = (i: number) => starts[i]! + lengthOf(tasks[i]!);
  const stands = evening.moments.standing.flatMap(({ task, followers }) => {
    const until = followers.length > 0 ? Math.max(...followers.map((j) => starts[j]!)) : serveAt;
    return until - end(task) > SAME ? [{ task, followers, until, min: until - end(task) }] : [];
  });
  const near = new Set<number>();
  let middle: number;
  if (stands.length > 0 && chance() < EXACT.aboutStanding) {
    let at = chance() * stands.reduce((sum, { min }) => sum + min, 0);
    const one = stands.find(({ min }) => (at -= min) <= 0) ?? stands[0]!;
    near.add(one.task);
    one.followers.forEach((j) => near.add(j));
    middle = chance() < 0.5 ? end(one.task) : one.until;
  } else middle = starts[Math.floor(chance() * tasks.length)]!;
  const nearest = tasks
    .map((_, i) => ({ i, far: Math.max(starts[i]! - middle, middle - end(i), 0) + chance() }))
    .sort((a, b) => a.far - b.far);
  for (const { i } of nearest) {
    if (near.size >= count) break;
    near.add(i);
  }
  return near;
}
