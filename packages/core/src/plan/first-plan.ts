import { seededChance } from '../numeric/chance.js';
import { build, type Budget, type Built } from './build-back.js';
import { networkOf } from './network.js';
import { SEARCH } from './plan.params.js';
import { changed, first, firstOrders } from './tries.js';
import type { Evening } from './task.js';
import { isBetter, measureOf, type Worth } from './worth.js';

const nothing: Built = { kind: 'built', plan: () => [], starts: [] };

/**
 * A plan to begin with: the best of a few orders of priority, each built back from serving; where none of them can be had, orders changed a little again
 * and again until one can, or enough is spent.
 * @param effort what it may cost, in placings of one task beside another   @param begin an order to look at first
 */
export function firstPlan(evening: Evening, effort: number, begin: readonly string[] = []): Built {
  const { tasks } = evening;
  if (tasks.length === 0) return nothing;
  const network = networkOf(evening),
    place = new Map(tasks.map(({ id }, i) => [id, i])),
    measure = measureOf(evening, 'asked'),
    chance = seededChance(SEARCH.seed);
  const budget: Budget = { left: effort };
  let best: { readonly built: Built; readonly worth: Worth } | undefined,
    stuck: Built | undefined,
    last: number | undefined;
  const look = (order: readonly number[]): void => {
    const built = build(network, order, budget);
    if (built.kind === 'stuck') {
      stuck ??= built;
      last = place.get(built.collision.tasks[0] ?? '');
      return;
    }
    const worth = measure(built.starts);
    if (!best || isBetter(worth, best.worth)) best = { built, worth };
  };
  const begun = begin.flatMap((id) => place.get(id) ?? []);
  const orders = [...(begun.length === tasks.length ? [begun] : []), ...firstOrders(network)];
  for (const order of orders) look(order);
  // What found no room comes first, with what follows it.
  for (let order = orders[0]!; !best && budget.left > 0;) {
    order = changed(last === undefined ? order : first(network, order, last), chance);
    look(order);
  }
  return best?.built ?? stuck ?? nothing;
}
