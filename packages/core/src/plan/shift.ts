import { SAME } from './plan.params.js';
import {
  dueAt,
  type Evening,
  followersOf,
  hoursOf,
  lengthOf,
  type Planned,
  type PlanTask,
  startsOf,
  within,
} from './task.js';
import { isBetter, type Measure, type Valued } from './worth.js';

/** One start that lies at least so many min after another; without another: after minute 0. */
interface Bound {
  readonly later: number;
  readonly earlier: number;
  readonly min: number;
}

/** Stands for a moment that never moves. */
const FIXED = -1;

/** Everything that a plan may not break when its tasks move and none overtakes another at a machine or a cook. */
function boundsOf(evening: Evening, plan: readonly Planned[]): readonly Bound[] {
  const { tasks, machines } = evening;
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const byId = new Map(plan.map((one) => [one.id, one]));
  const at = tasks.map(({ id }) => byId.get(id)!);
  const followers = followersOf(tasks);
  const bounds: Bound[] = [];
  tasks.forEach((task, i) => {
    const length = lengthOf(task);
    bounds.push(
      { later: FIXED, earlier: i, min: length - dueAt(evening, task) },
      { later: i, earlier: FIXED, min: evening.from ?? 0 },
    );
    if (task.starts)
      bounds.push(
        { later: i, earlier: FIXED, min: task.starts.from },
        { later: FIXED, earlier: i, min: -task.starts.to },
      );
    const after = followers.get(task.id) ?? [];
    for (const { by, least, most } of after) {
      const next = index.get(by)!;
      bounds.push({ later: next, earlier: i, min: length + least });
      const longest = Math.min(most ?? Infinity, task.mayStand ?? Infinity);
      if (longest < Infinity) bounds.push({ later: i, earlier: next, min: -length - longest });
    }
    if (after.length === 0 && task.mayStand !== undefined)
      bounds.push({ later: i, earlier: FIXED, min: dueAt(evening, task) - task.mayStand - length });
    const { start, end, cook } = at[i]!;
    for (const spans of hoursOf(evening, task, cook)) {
      const span = within(spans, start, end);
      if (span)
        bounds.push(
          { later: i, earlier: FIXED, min: span.from },
          { later: FIXED, earlier: i, min: length - span.to },
        );
    }
  });
  const inOrder = (held: (task: PlanTask, one: Planned) => boolean) =>
    tasks
      .map((_, i) => i)
      .filter((i) => held(tasks[i]!, at[i]!))
      .sort((a, b) => at[a]!.start - at[b]!.start);
  const behind = (i: number, j: number) => bounds.push({ later: j, earlier: i, min: lengthOf(tasks[i]!) });
  for (const cook of new Set(plan.map((one) => one.cook)))
    if (cook !== undefined)
      inOrder((_, one) => one.cook === cook).forEach((j, k, all) => k > 0 && behind(all[k - 1]!, j));
  for (const [machine, there] of machines) {
    const on = inOrder((task) => task.machine === machine);
    // What has ended before another begins stays before it, unless both may share an oven.
    on.forEach((j, k) => {
      for (const i of on.slice(0, k))
        if (
          at[i]!.end <= at[j]!.start + SAME &&
          (there === 1 || tasks[i]!.ovenC !== tasks[j]!.ovenC || tasks[j]!.ovenC === undefined)
        )
          behind(i, j);
    });
  }
  return bounds;
}

/** Bounds by the start that they bind: those in which it is the later one, and those in which it is the earlier. */
interface BoundsOf {
  readonly later: readonly (readonly Bound[])[];
  readonly earlier: readonly (readonly Bound[])[];
}

function byStart(bounds: readonly Bound[], count: number): BoundsOf {
  const later: Bound[][] = Array.from({ length: count }, () => []),
    earlier: Bound[][] = Array.from({ length: count }, () => []);
  for (const bound of bounds) {
    if (bound.later !== FIXED) later[bound.later]!.push(bound);
    if (bound.earlier !== FIXED) earlier[bound.earlier]!.push(bound);
  }
  return { later, earlier };
}

/** Tasks that move together when one moves, and how far they can; undefined where one of them cannot. */
function moved(
  bounds: BoundsOf,
  starts: readonly number[],
  first: number,
  earlier: boolean,
): { readonly group: ReadonlySet<number>; readonly far: number } | undefined {
  // A set goes on to what is added while it is gone through.
  const group = new Set([first]);
  const start = (i: number) => (i === FIXED ? 0 : starts[i]!);
  const pulling = earlier ? bounds.later : bounds.earlier;
  let far = Infinity;
  for (const one of group)
    for (const { later, earlier: before, min } of pulling[one]!) {
      if (start(later) - start(before) - min > SAME) continue;
      const along = earlier ? before : later;
      if (along === FIXED) return undefined;
      group.add(along);
    }
  for (const one of group)
    for (const { later, earlier: before, min } of pulling[one]!) {
      const along = earlier ? before : later;
      if (along === FIXED || !group.has(along)) far = Math.min(far, start(later) - start(before) - min);
    }
  return { group, far };
}

/**
 * A plan moved, group by group, as long as it gets better; nothing overtakes anything. As late as possible is not best where a follower
 * that comes earlier lets something stand less.
 */
export function shifted(evening: Evening, plan: readonly Planned[], measure: Measure): Valued {
  const { tasks } = evening,
    bounds = byStart(boundsOf(evening, plan), tasks.length);
  const byId = new Map(plan.map((one) => [one.id, one]));
  const cooks = tasks.map(({ id }) => byId.get(id)!.cook);
  let starts = startsOf(evening, plan);
  const asPlan = (at: readonly number[]): readonly Planned[] =>
    tasks.map((task, i) => ({ id: task.id, start: at[i]!, end: at[i]! + lengthOf(task), cook: cooks[i] }));
  let worth = measure(starts);
  const better = (): boolean => {
    for (let i = 0; i < tasks.length; i++)
      for (const earlier of [true, false]) {
        const move = moved(bounds, starts, i, earlier);
        if (!move || !(move.far > SAME) || move.far === Infinity) continue;
        const next = starts.map((start, k) =>
          move.group.has(k) ? start + (earlier ? -move.far : move.far) : start,
        );
        const nextWorth = measure(next);
        if (!isBetter(nextWorth, worth)) continue;
        starts = next;
        worth = nextWorth;
        return true;
      }
    return false;
  };
  for (let times = 0; times < tasks.length && better(); times++);
  return { plan: asPlan(starts), worth };
}
