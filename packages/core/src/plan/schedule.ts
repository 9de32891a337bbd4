import { finish } from '../numeric/finish.js';
import type { Collision } from './build-back.js';
import { type Help, helpsOf } from './helps.js';
import { SEARCH } from './plan.params.js';
import { type PlanSearch, type SearchLimits, solve } from './search.js';
import type { Evening, Planned } from './task.js';
import { type Worth, worthOf } from './worth.js';

export type ScheduleOutcome =
  | { readonly kind: 'planned'; readonly plan: readonly Planned[]; readonly worth: Worth }
  | { readonly kind: 'impossible'; readonly collides: readonly Collision[]; readonly helps: readonly Help[] };

/**
 * Plans an evening back from serving: nothing late, then the least standing of what suffers by it, then the shortest evening.
 * Deterministic: the same evening gives the same plan, unless it is stopped. Its problems are looked at before (`problemsOfEvening`).
 * @param begin an order of priority to look at first, latest first: that of a plan which is not to jump
 */
export function* scheduling(
  evening: Evening,
  begin?: readonly string[],
  { times = 1, stop }: SearchLimits = {},
): PlanSearch<ScheduleOutcome> {
  const built = yield* solve(evening, SEARCH.effort * times, begin, stop);
  if (built.kind === 'stuck')
    return {
      kind: 'impossible',
      collides: [built.collision],
      helps: helpsOf(evening, built.collision),
    };
  const plan = built.plan();
  return { kind: 'planned', plan, worth: worthOf(evening, plan) };
}

/** The same in one go. */
export const schedule = (
  evening: Evening,
  begin?: readonly string[],
  limits?: SearchLimits,
): ScheduleOutcome => finish(scheduling(evening, begin, limits));
