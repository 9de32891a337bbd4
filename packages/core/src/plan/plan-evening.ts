import { finish } from '../numeric/finish.js';
import { likelyReady, type LikelyReady } from './likely-ready.js';
import { type Progress, remaining, type Replanned, replanning } from './replan.js';
import { scheduling } from './schedule.js';
import type { PlanSearch, SearchLimits } from './plan-search.js';
import type { Evening } from './task.js';

/** An evening as it is planned, or planned again while it is cooked. */
export interface PlannedEvening extends Replanned {
  /** Absent where it cannot be had. */
  readonly likely?: LikelyReady;
}

/**
 * Plans an evening, and the rest of it from where it stands once it is being cooked, or once something of it was put to a time by hand.
 * @param progress absent before anything has begun or was put to a time
 */
export function* planningEvening(
  evening: Evening,
  progress?: Progress,
  limits?: SearchLimits,
): PlanSearch<PlannedEvening> {
  const first = yield* scheduling(evening, undefined, limits);
  const planned: Replanned = progress
    ? yield* replanning(evening, progress, first.kind === 'planned' ? first.plan : [], limits)
    : { outcome: first, serveAt: evening.serveAt, lateBy: 0, overdue: [] };
  if (planned.outcome.kind !== 'planned') return planned;
  const cooked = progress ? remaining(evening, progress) : evening;
  return {
    ...planned,
    likely: likelyReady({ ...cooked, serveAt: evening.serveAt }, planned.outcome.plan),
  };
}

/** The same in one go. */
export const planEvening = (evening: Evening, progress?: Progress, limits?: SearchLimits): PlannedEvening =>
  finish(planningEvening(evening, progress, limits));
