import { likelyReady, type LikelyReady } from './likely-ready.js';
import { type Progress, remaining, replan, type Replanned } from './replan.js';
import { schedule } from './schedule.js';
import type { Evening } from './task.js';

/** An evening as it is planned, or planned again while it is cooked. */
export interface PlannedEvening extends Replanned {
  /** Absent where it cannot be had. */
  readonly likely?: LikelyReady;
}

/**
 * Plans an evening, and the rest of it from where it stands once it is being cooked.
 * @param progress absent before anything has begun   @param times how many times as much as usual the search may cost
 */
export function planEvening(evening: Evening, progress?: Progress, times = 1): PlannedEvening {
  const first = schedule(evening, undefined, times);
  const planned: Replanned = progress
    ? replan(evening, progress, first.kind === 'planned' ? first.plan : [], times)
    : { outcome: first, serveAt: evening.serveAt, lateBy: 0, overdue: [] };
  if (planned.outcome.kind !== 'planned') return planned;
  const cooked = progress ? remaining(evening, progress) : evening;
  return {
    ...planned,
    likely: likelyReady({ ...cooked, serveAt: evening.serveAt }, planned.outcome.plan),
  };
}
