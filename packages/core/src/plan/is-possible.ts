import { posed, Prover } from './exact/prove.js';
import { firstPlan } from './first-plan.js';
import { EXACT, SEARCH } from './plan.params.js';
import type { Evening } from './task.js';

/**
 * Whether an evening can be had at all, with little effort: true is sure; false is sure only where the evening is small.
 * @param begin an order of priority to look at first
 */
export function isPossible(evening: Evening, begin?: readonly string[]): boolean {
  if (firstPlan(evening, SEARCH.helpEffort, begin).kind === 'built') return true;
  if (evening.tasks.length > EXACT.large) return false;
  const prover = new Prover(posed(evening));
  while (!prover.isWhole && prover.spent < EXACT.helpEffort) {
    prover.look();
    if (prover.proof().found) return true;
  }
  return false;
}
