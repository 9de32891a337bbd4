import { finish } from '../numeric/finish.js';
import type { Built, Collision } from './build-back.js';
import { bestPlan, type KnownPlan } from './exact/best-plan.js';
import type { FoundPlan } from './exact/prove.js';
import { firstPlan } from './first-plan.js';
import { type Help, helpsOf } from './helps.js';
import { EXACT, SEARCH } from './plan.params.js';
import type { PlanSearch, SearchLimits } from './plan-search.js';
import { type Evening, lengthOf, type Planned } from './task.js';
import { type Worth, worthOf } from './worth.js';

/** How much is known of a plan: that none is better, or only below what standing, min, none can be. */
export interface Certainty {
  readonly isBest: boolean;
  readonly leastWaiting: number;
}

export type ScheduleOutcome =
  | {
      readonly kind: 'planned';
      readonly plan: readonly Planned[];
      readonly worth: Worth;
      readonly certainty: Certainty;
    }
  | {
      readonly kind: 'impossible';
      /** All plans were looked through; else none was found. */
      readonly isSure: boolean;
      readonly collides: readonly Collision[];
      readonly helps: readonly Help[];
    };

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
  const built = firstPlan(evening, SEARCH.effort, begin);
  yield 0;
  const known = yield* bestPlan(evening, foundOf(evening, built), times * effortOf(evening), stop);
  if (known.found) return outcomeOf(evening, known.found, known);
  const again = known.whole ? built : firstPlan(evening, SEARCH.effort * SEARCH.again, begin);
  if (again.kind === 'built') return outcomeOf(evening, foundOf(evening, again)!, known);
  const { collision } = again;
  return {
    kind: 'impossible',
    isSure: known.whole,
    collides: [collision],
    helps: helpsOf(evening, collision),
  };
}

/** The same in one go. */
export const schedule = (
  evening: Evening,
  begin?: readonly string[],
  limits?: SearchLimits,
): ScheduleOutcome => finish(scheduling(evening, begin, limits));

/** What bettering an evening may cost, in pairs of moments looked at. */
function effortOf({ tasks }: Evening): number {
  const { effort, small, large, largest } = EXACT,
    count = Math.max(1, tasks.length);
  return effort * Math.max(1, small / count, Math.min(largest, (count / large) ** 2));
}

function foundOf({ tasks }: Evening, built: Built): FoundPlan | undefined {
  if (built.kind === 'stuck') return undefined;
  const cooks = new Map(built.plan().map(({ id, cook }) => [id, cook]));
  return { starts: built.starts, hands: tasks.map(({ id }) => cooks.get(id)) };
}

function outcomeOf(
  evening: Evening,
  { starts, hands }: FoundPlan,
  { whole, leastWaiting }: KnownPlan,
): ScheduleOutcome {
  const plan = evening.tasks.map((task, i) => ({
    id: task.id,
    start: starts[i]!,
    end: starts[i]! + lengthOf(task),
    cook: hands[i],
  }));
  return {
    kind: 'planned',
    plan,
    worth: worthOf(evening, plan),
    certainty: { isBest: whole, leastWaiting },
  };
}
