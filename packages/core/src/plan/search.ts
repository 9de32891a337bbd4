import { seededChance } from '../numeric/chance.js';
import { finish } from '../numeric/finish.js';
import { type Attempt, build, type Budget, type Built } from './build-back.js';
import { type Network, networkOf } from './network.js';
import { PROMISING, SEARCH, TRIES } from './plan.params.js';
import { shifted } from './shift.js';
import { type Evening, type Planned, startsOf } from './task.js';
import { changed, first, firstOrders, fresher } from './tries.js';
import { isBetter, type Measure, measureOf, type Valued } from './worth.js';

/** How long a search may go on, and who may end it. */
export interface SearchLimits {
  /** How many times as much as usual it may cost; 1 when left out. */
  readonly times?: number;
  /** Asked between two tries: true ends it with the best that it has. */
  readonly stop?: () => boolean;
}

/** A search that tells how much of what it may cost is spent, 0 to 1. */
export type PlanSearch<T> = Generator<number, T>;

const nothing: Built = { kind: 'built', plan: () => [], starts: [] };

interface Found extends Valued {
  readonly starts: readonly number[];
  readonly at: Attempt;
}

/** What a search knows so far: the best plan, the one it goes on from, and what it may still spend. */
class Search {
  best: Found | undefined;
  here: Found | undefined;
  stuck: Built | undefined;
  readonly network: Network;
  readonly place: ReadonlyMap<string, number>;
  readonly chance = seededChance(SEARCH.seed);
  readonly budget: Budget;
  private readonly measure: Measure;
  /** Plans moved as far as that makes them better; other orders often give the same one. */
  private readonly known = new Map<string, Omit<Found, 'at'>>();

  constructor(
    private readonly evening: Evening,
    effort: number,
  ) {
    const { tasks } = evening;
    this.network = networkOf(evening);
    this.place = new Map(tasks.map(({ id }, i) => [id, i]));
    this.budget = { left: effort * Math.max(1, SEARCH.small / Math.max(1, tasks.length)) };
    this.measure = measureOf(evening, 'asked');
  }

  /** Looks at one try: goes on from it where it is no worse than the last, and keeps it where it is the best so far. */
  look(at: Attempt): { readonly better: boolean; readonly none?: number } {
    const built = build(this.network, at, this.budget);
    if (built.kind === 'stuck') {
      this.stuck ??= built;
      const none = this.place.get(built.collision.tasks[0] ?? '');
      return { better: false, ...(none === undefined ? {} : { none }) };
    }
    const found = this.settled(built.plan, built.starts),
      { here } = this;
    if (here && isBetter(here.worth, found.worth)) return { better: false };
    const better = !here || isBetter(found.worth, here.worth);
    this.here = { ...found, at };
    if (!this.best || isBetter(found.worth, this.best.worth)) this.best = this.here;
    return { better };
  }

  /** Goes elsewhere: far from the best, or from the beginning. */
  leap(order: readonly number[], orders: readonly (readonly number[])[]): void {
    const { chance } = this,
      from = this.best?.at ?? { order, stands: new Map<number, number>() };
    let far = chance() < TRIES.anew ? orders[Math.floor(chance() * orders.length)]! : from.order;
    for (let times = 0; times < TRIES.far; times++) far = changed(far, chance);
    this.here = undefined;
    this.look({ order: far, stands: chance() < TRIES.keep ? from.stands : new Map() });
    this.here ??= this.best;
  }

  /** The try after this one. @param kind drawn for it   @param order to go on from where there is no plan yet */
  next(kind: number, order: readonly number[]): Attempt {
    const { here, chance, network } = this,
      from = here?.at ?? { order, stands: new Map() };
    if (here && kind < TRIES.pull) return fresher(network, from, here.starts, chance);
    const once = kind < TRIES.twice ? changed(from.order, chance) : from.order;
    return { ...from, order: changed(once, chance) };
  }

  private settled(plan: () => readonly Planned[], starts: readonly number[]): Omit<Found, 'at'> {
    const worth = this.measure(starts),
      { here, evening } = this;
    if (here && worth.waiting > here.worth.waiting * PROMISING.times + PROMISING.min)
      return { plan: [], worth, starts };
    const key = starts.join();
    const before = this.known.get(key);
    if (before) return before;
    const valued = shifted(evening, plan(), this.measure),
      after = { ...valued, starts: startsOf(evening, valued.plan) };
    this.budget.left -= evening.tasks.length ** 2 * SEARCH.shifting;
    this.known.set(key, after);
    return after;
  }
}

/**
 * Seeks the best plan of an evening: orders of priority, each built back from serving and moved as far as that helps, changed a little again
 * and again; from elsewhere when nothing gets better.
 * @param effort what it may cost, in placings of one task beside another   @param begin an order to look at first
 */
export function* solve(
  evening: Evening,
  effort: number,
  begin?: readonly string[],
  stop: () => boolean = () => false,
): PlanSearch<Built> {
  const count = evening.tasks.length;
  if (count === 0) return nothing;
  const search = new Search(evening, effort),
    { network, place, budget, chance } = search;
  const begun = begin?.flatMap((id) => place.get(id) ?? []);
  const orders = [...(begun ? [begun] : []), ...firstOrders(network)];
  for (const order of orders) search.look({ order, stands: new Map() });
  let order = orders[0]!;
  const rounds = SEARCH.roundsOfPair * count ** 2,
    whole = budget.left;
  for (let idle = 0, round = 0; budget.left > 0 && round < rounds; round++) {
    yield Math.max(round / rounds, 1 - budget.left / whole);
    if (stop()) break;
    const kind = chance();
    if (idle > SEARCH.patience) {
      search.leap(order, orders);
      idle = 0;
      continue;
    }
    const next = search.next(kind, order),
      { better, none } = search.look(next);
    if (!search.here && none !== undefined) order = first(network, next.order, none);
    idle = better ? 0 : idle + 1;
  }
  if (!search.best) return search.stuck ?? nothing;
  const { plan, starts } = search.best;
  return { kind: 'built', plan: () => plan, starts };
}

/** Whether an evening can be had at all, with little effort: true is sure, false only likely. */
export const isPossible = (evening: Evening, begin?: readonly string[]): boolean =>
  finish(solve(evening, SEARCH.helpEffort, begin)).kind === 'built';
