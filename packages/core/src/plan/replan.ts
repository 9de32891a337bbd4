import { finish } from '../numeric/finish.js';
import { leastDelay } from './least-delay.js';
import { REPLAN, SAME } from './plan.params.js';
import { type ScheduleOutcome, scheduling } from './schedule.js';
import { isPossible } from './is-possible.js';
import type { PlanSearch, SearchLimits } from './plan-search.js';
import { dueAt, type Evening, lengthOf, type Planned, type PlanTask, type Span } from './task.js';

/** Where an evening stands while it is cooked; min from midnight of the day before. */
export interface Progress {
  /** Nothing that has not begun begins before. */
  readonly now: number;
  /** What has ended, and when. */
  readonly done: ReadonlyMap<string, number>;
  /** What has begun and goes on, and when it began. */
  readonly begun: ReadonlyMap<string, number>;
  /** What was put to a time by hand. */
  readonly pinned: ReadonlyMap<string, number>;
}

export interface Replanned {
  readonly outcome: ScheduleOutcome;
  /** When it is on the table now, and min later than was asked. */
  readonly serveAt: number;
  readonly lateBy: number;
  /** What was ready and has had to stand longer than it may. */
  readonly overdue: readonly string[];
}

/** A task that goes on: what is left of it, from now. */
function goingOn(task: PlanTask, began: number, now: number): PlanTask {
  const gone = Math.max(now - began, 0),
    left = (minutes: number) => Math.max(minutes - gone, 0);
  const { after: _, starts: __, ...rest } = task;
  return {
    ...rest,
    after: [],
    minutes: { low: left(task.minutes.low), high: Math.max(left(task.minutes.high), REPLAN.leastLeft) },
    starts: { from: now, to: now },
  };
}

/** When a task may begin, with what of its past is over. */
function mayBegin(task: PlanTask, { now, done, pinned }: Progress): Span {
  const at = pinned.get(task.id);
  if (at !== undefined) return { from: Math.max(at, now), to: Math.max(at, now) };
  let from = now,
    to = task.starts?.to ?? Infinity;
  for (const { id, least, most } of task.after) {
    const ended = done.get(id);
    if (ended === undefined) continue;
    from = Math.max(from, ended + least);
    if (most !== undefined) to = Math.min(to, ended + most);
  }
  // What has waited too long cannot wait less: it comes as soon as it can.
  return { from, to: Math.max(to, from) };
}

/** What comes before something begun or done is over, whether anybody said so or not. */
function withWhatCameBefore({ tasks }: Evening, progress: Progress): Progress {
  const byId = new Map(tasks.map((task) => [task.id, task])),
    done = new Map(progress.done),
    begun = new Map(progress.begun);
  const over = (id: string, by: number): void => {
    for (const { id: before } of byId.get(id)?.after ?? []) {
      if (done.has(before)) continue;
      done.set(before, by);
      begun.delete(before);
      over(before, by);
    }
  };
  for (const [id, at] of [...progress.done, ...progress.begun]) over(id, at);
  return { ...progress, done, begun };
}

/** What is left of an evening: done is done, what goes on has its remaining minutes, what is pinned stays where it is. */
export function remaining(evening: Evening, said: Progress): Evening {
  const progress = withWhatCameBefore(evening, said),
    { now, done, begun } = progress;
  const tasks = evening.tasks.flatMap((task): readonly PlanTask[] => {
    if (done.has(task.id)) return [];
    const began = begun.get(task.id);
    if (began !== undefined) return [goingOn(task, began, now)];
    return [
      {
        ...task,
        after: task.after.filter(({ id }) => !done.has(id)),
        starts: mayBegin(task, progress),
        ...(progress.pinned.has(task.id) ? { pinned: true } : {}),
      },
    ];
  });
  return { ...evening, tasks, from: now };
}

/** What goes on cannot be put off any more: what comes of it may have to stand longer than it should. */
function patient(left: Evening, { begun }: Progress): Evening {
  const tasks = left.tasks.map((task): PlanTask => {
    const { mayStand, ...rest } = task;
    return {
      ...(begun.has(task.id) || mayStand === undefined ? rest : task),
      after: task.after.map(({ id, least, most }) =>
        begun.has(id) || most === undefined ? { id, least } : { id, least, most },
      ),
    };
  });
  return { ...left, tasks };
}

/** What is or will be ready, and has to stand longer than it may before what comes after it begins. */
function overdueOf(evening: Evening, { done, begun }: Progress, plan: readonly Planned[]): readonly string[] {
  const at = new Map(plan.map((one) => [one.id, one]));
  const late = evening.tasks.flatMap(({ id, after }) => {
    const next = at.get(id);
    if (!next || begun.has(id)) return [];
    return after.flatMap((lag) => {
      const ended = done.get(lag.id) ?? at.get(lag.id)?.end;
      const stands = lag.most !== undefined && ended !== undefined && next.start > ended + lag.most + SAME;
      return stands ? [lag.id] : [];
    });
  });
  return [...new Set(late)];
}

/**
 * Plans the rest of an evening from where it stands, on the table when it was asked for or as little later as can be. The search begins
 * from the plan that was followed, so that it does not jump. Where what goes on would stand too long whatever is done, it is planned all
 * the same, and told.
 * @param before the plan that was followed
 */
export function* replanning(
  evening: Evening,
  said: Progress,
  before: readonly Planned[],
  limits?: SearchLimits,
): PlanSearch<Replanned> {
  const progress = withWhatCameBefore(evening, said),
    left = remaining(evening, progress),
    order = [...before].sort((a, b) => b.start - a.start).map(({ id }) => id);
  const ids = new Set(left.tasks.map(({ id }) => id)),
    begin = [...order.filter((id) => ids.has(id)), ...[...ids].filter((id) => !order.includes(id))];
  // Never before what goes on has ended.
  const least = Math.ceil(
    Math.max(
      0,
      ...left.tasks.map(
        (task) => (task.starts?.from ?? progress.now) + lengthOf(task) - dueAt(evening, task),
      ),
    ),
  );
  const at = (of: Evening, lateBy: number): Evening => ({ ...of, serveAt: evening.serveAt + lateBy });
  for (const rest of [left, patient(left, progress)]) {
    const lateBy = leastDelay(least, (min) => isPossible(at(rest, min), begin));
    if (lateBy === undefined) continue;
    const outcome = yield* scheduling(at(rest, lateBy), begin, limits);
    if (outcome.kind !== 'planned') continue;
    return {
      outcome,
      serveAt: evening.serveAt + lateBy,
      lateBy,
      overdue: overdueOf(evening, progress, outcome.plan),
    };
  }
  return {
    outcome: yield* scheduling(at(left, 0), begin, limits),
    serveAt: evening.serveAt,
    lateBy: 0,
    overdue: [],
  };
}

/** The same in one go. */
export const replan = (
  evening: Evening,
  said: Progress,
  before: readonly Planned[],
  limits?: SearchLimits,
): Replanned => finish(replanning(evening, said, before, limits));
