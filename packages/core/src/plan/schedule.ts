import { seededChance } from '../numeric/chance.js';
import { LONGER, PROMISING, SAME, SEARCH, TRIES } from './plan.params.js';
import { Room } from './room.js';
import { dueAt, type Evening, followersOf, lengthOf, type Planned, type PlanTask, startsOf } from './task.js';
import { shifted } from './shift.js';
import { isBetter, measureOf, type Valued, type Worth, worthOf } from './worth.js';

/** Tasks that cannot be had together, and why. */
export interface Collision {
  readonly tasks: readonly string[];
  readonly why: string;
}

/** The smallest thing that would make an evening possible. */
export interface Help {
  readonly kind: 'machine' | 'cook' | 'stand';
  readonly what: string;
}

export type ScheduleOutcome =
  | { readonly kind: 'planned'; readonly plan: readonly Planned[]; readonly worth: Worth }
  | { readonly kind: 'impossible'; readonly collides: readonly Collision[]; readonly helps: readonly Help[] };

/** What a search has left to spend; at nothing it ends with the best that it found, so that the same evening ends the same. */
interface Budget {
  left: number;
}

type Built =
  | { readonly kind: 'built'; readonly plan: readonly Planned[] }
  | { readonly kind: 'stuck'; readonly collision: Collision };

/** An order of priority, and how long what some tasks made is wanted to stand at most, min. */
interface Attempt {
  readonly order: readonly string[];
  readonly stands: ReadonlyMap<string, number>;
}

interface Network {
  readonly evening: Evening;
  readonly byId: ReadonlyMap<string, PlanTask>;
  readonly followers: ReturnType<typeof followersOf>;
}

/**
 * Builds a plan backwards from serving: each task as late as its followers, cooks and machines allow, in an order of priority. Where a
 * task must not lie so early as it would have to, what follows it is moved earlier, and all is built anew.
 */
function build(
  { evening, byId, followers }: Network,
  { order, stands: wanted }: Attempt,
  budget: Budget,
): Built {
  const ceilings = new Map<string, number>();
  let collision: Collision = { tasks: [], why: '' };
  budget.left -= SEARCH.beginning;
  const repairs = Math.max(SEARCH.leastRepairs, order.length * SEARCH.repairsOfTask);
  for (let repair = 0; repair < repairs && budget.left > 0; repair++) {
    const room = new Room(evening),
      starts = new Map<string, number>();
    const left = [...order];
    let stuck = false;
    while (left.length > 0 && !stuck) {
      const at = left.findIndex((id) => (followers.get(id) ?? []).every(({ by }) => starts.has(by)));
      const task = byId.get(left.splice(at, 1)[0]!)!,
        length = lengthOf(task),
        after = followers.get(task.id) ?? [];
      const latest = Math.min(
        ceilings.get(task.id) ?? Infinity,
        task.starts?.to ?? Infinity,
        dueAt(evening, task) - length,
        ...after.map(({ by, least }) => starts.get(by)! - least - length),
      );
      const stand = Math.min(task.mayStand ?? Infinity, wanted.get(task.id) ?? Infinity),
        stands = lastStart(after, starts, dueAt(evening, task)) - stand - length;
      const bounds = [
        ...after.map(({ by, most }) => ({
          by,
          earliest: most === undefined ? -Infinity : starts.get(by)! - most - length,
        })),
        { by: after.length > 0 ? latestOf(after, starts) : undefined, earliest: stands },
      ].sort((a, b) => b.earliest - a.earliest);
      const found = room.latestStart(task, latest);
      budget.left -= starts.size + 1;
      if (task.starts && (found?.start ?? -Infinity) < task.starts.from - SAME)
        return {
          kind: 'stuck',
          collision: { tasks: [task.id], why: `“${task.id}” would have to begin earlier than it can.` },
        };
      const [binding] = bounds;
      if (found && found.start >= (binding?.earliest ?? -Infinity) - SAME) {
        starts.set(task.id, found.start);
        room.take(task, found.start, found.cook);
        continue;
      }
      stuck = true;
      collision = {
        tasks: [task.id, ...(binding?.by === undefined ? [] : [binding.by])],
        why: whyStuck(task, binding?.by),
      };
      if (!found || binding?.by === undefined) return { kind: 'stuck', collision };
      // What follows comes earlier by as much as is missing.
      const missing = binding.earliest - found.start;
      ceilings.set(binding.by, starts.get(binding.by)! - Math.max(missing, 1e-6));
    }
    if (stuck) continue;
    const plan = room.planned();
    const from = evening.from ?? 0,
      early = plan.find(({ start }) => start < from - SAME);
    if (early)
      return {
        kind: 'stuck',
        collision: {
          tasks: [early.id],
          why:
            from > 0
              ? `“${early.id}” would have had to begin already.`
              : `“${early.id}” would have to begin before midnight of the day before.`,
        },
      };
    return { kind: 'built', plan };
  }
  return { kind: 'stuck', collision };
}

type Follows = readonly { readonly by: string }[];
const lastStart = (after: Follows, starts: ReadonlyMap<string, number>, due: number): number =>
  after.length > 0 ? Math.max(...after.map(({ by }) => starts.get(by)!)) : due;
const latestOf = (after: Follows, starts: ReadonlyMap<string, number>): string =>
  after.reduce((last, one) => (starts.get(one.by)! > starts.get(last.by)! ? one : last)).by;

function whyStuck(task: PlanTask, by: string | undefined): string {
  const needs = [task.hands ? 'hands' : '', task.machine ?? ''].filter(Boolean).join(' and ');
  const between = by === undefined ? 'serving' : `“${by}”`;
  return `“${task.id}” finds no room ${needs === '' ? '' : `for ${needs} `}near enough to ${between}.`;
}

/** Orders to begin with: the longest way to serving first, short standing first, long tasks first. */
function firstOrders({ evening: { tasks }, followers, byId }: Network): readonly (readonly string[])[] {
  const toServing = new Map<string, number>();
  const way = (id: string): number => {
    const known = toServing.get(id);
    if (known !== undefined) return known;
    const next = Math.max(0, ...(followers.get(id) ?? []).map(({ by, least }) => least + way(by)));
    const all = next + lengthOf(byId.get(id)!);
    toServing.set(id, all);
    return all;
  };
  const sorted = (by: (task: PlanTask) => number) =>
    [...tasks].sort((a, b) => by(a) - by(b)).map(({ id }) => id);
  return [
    sorted(({ id }) => way(id)),
    sorted(({ id }) => -way(id)),
    sorted(({ mayStand = Infinity }) => Math.min(mayStand, 1e6)),
    sorted((task) => -lengthOf(task)),
    sorted(({ hands }) => (hands ? 0 : 1)),
  ];
}

/** One order a little changed: two change places, or one goes elsewhere. */
function changed(order: readonly string[], chance: () => number): readonly string[] {
  const next = [...order],
    pick = () => Math.floor(chance() * next.length);
  const a = pick(),
    b = pick();
  if (chance() < 0.5) [next[a], next[b]] = [next[b]!, next[a]!];
  else next.splice(b, 0, ...next.splice(a, 1));
  return next;
}

/** Something that stands is wanted to stand less, or again as long as it may. */
function fresher(
  { evening, followers }: Network,
  { order, stands }: Attempt,
  plan: readonly Planned[],
  chance: () => number,
): Attempt {
  const starts = new Map(plan.map(({ id, start }) => [id, start]));
  const standing = evening.tasks.flatMap((task) => {
    const after = followers.get(task.id) ?? [];
    if (task.mayStand === undefined || after.length === 0) return [];
    const min = lastStart(after, starts, dueAt(evening, task)) - starts.get(task.id)! - lengthOf(task);
    return min > SAME ? [{ id: task.id, min }] : [];
  });
  const next = new Map(stands),
    known = [...next.keys()];
  const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!;
  if (standing.length === 0 || chance() < TRIES.release) {
    if (known.length > 0) next.delete(pick(known));
  } else {
    const { id, min } = pick(standing);
    next.set(id, chance() < TRIES.fresh ? 0 : Math.floor(chance() * min));
  }
  return { order, stands: next };
}

/** An order in which one task, and what follows it, comes before the rest. */
function first({ followers }: Network, order: readonly string[], id: string): readonly string[] {
  const hurried = new Set<string>();
  const hurry = (one: string): void => {
    if (hurried.has(one)) return;
    hurried.add(one);
    for (const { by } of followers.get(one) ?? []) hurry(by);
  };
  hurry(id);
  return [...order.filter((one) => hurried.has(one)), ...order.filter((one) => !hurried.has(one))];
}

interface Found extends Valued {
  readonly at: Attempt;
}

function solve(evening: Evening, effort: number, begin?: readonly string[]): Built {
  const network: Network = {
    evening,
    byId: new Map(evening.tasks.map((task) => [task.id, task])),
    followers: followersOf(evening.tasks),
  };
  const chance = seededChance(SEARCH.seed),
    budget: Budget = { left: effort * Math.max(1, SEARCH.small / Math.max(1, evening.tasks.length)) },
    measure = measureOf(evening, 'asked');
  let best: Found | undefined, here: Found | undefined, stuck: Built | undefined;
  /** The plan moved as far as that makes it better; other orders often give the same one. */
  const known = new Map<string, Valued>();
  const settled = (plan: readonly Planned[]): Valued => {
    const starts = startsOf(evening, plan),
      worth = measure(starts);
    if (here && worth.waiting > here.worth.waiting * PROMISING.times + PROMISING.min) return { plan, worth };
    const key = starts.join();
    const before = known.get(key);
    if (before) return before;
    const after = shifted(evening, plan, measure);
    budget.left -= evening.tasks.length ** 2 * SEARCH.shifting;
    known.set(key, after);
    return after;
  };
  /** Looks at one try: goes on from it where it is no worse than the last, and keeps it where it is the best so far. */
  const look = (at: Attempt): { readonly better: boolean; readonly none?: string } => {
    const built = build(network, at, budget);
    if (built.kind === 'stuck') {
      stuck ??= built;
      const [none] = built.collision.tasks;
      return { better: false, ...(none === undefined ? {} : { none }) };
    }
    const { plan, worth } = settled(built.plan);
    if (here && isBetter(here.worth, worth)) return { better: false };
    const better = !here || isBetter(worth, here.worth);
    here = { plan, worth, at };
    if (!best || isBetter(worth, best.worth)) best = here;
    return { better };
  };
  if (evening.tasks.length === 0) return { kind: 'built', plan: [] };
  const orders = [...(begin ? [begin] : []), ...firstOrders(network)];
  for (const order of orders) look({ order, stands: new Map() });
  let order = orders[0]!;
  const rounds = SEARCH.roundsOfPair * evening.tasks.length ** 2;
  for (let idle = 0, round = 0; budget.left > 0 && round < rounds; round++) {
    const kind = chance();
    if (idle > SEARCH.patience) {
      // Elsewhere: far from the best, or from the beginning.
      const from = best?.at ?? { order, stands: new Map<string, number>() };
      let far = chance() < TRIES.anew ? orders[Math.floor(chance() * orders.length)]! : from.order;
      for (let times = 0; times < TRIES.far; times++) far = changed(far, chance);
      here = undefined;
      look({ order: far, stands: chance() < TRIES.keep ? from.stands : new Map() });
      here ??= best;
      idle = 0;
      continue;
    }
    const from = here?.at ?? { order, stands: new Map() };
    const next =
      here && kind < TRIES.pull
        ? fresher(network, from, here.plan, chance)
        : { ...from, order: changed(kind < TRIES.twice ? changed(from.order, chance) : from.order, chance) };
    const { better, none } = look(next);
    if (!here && none !== undefined) order = first(network, next.order, none);
    idle = better ? 0 : idle + 1;
  }
  return best ? { kind: 'built', plan: best.plan } : (stuck ?? { kind: 'built', plan: [] });
}

/** One more of something, or something that stands longer, whichever makes it possible. */
function helpsOf(evening: Evening, collision: Collision): readonly Help[] {
  const possible = (other: Partial<Evening>) =>
    solve({ ...evening, ...other }, SEARCH.helpEffort).kind === 'built';
  const { machines, cooks, tasks } = evening;
  const machine = [...machines].flatMap(([what, there]): readonly Help[] =>
    possible({ machines: new Map(machines).set(what, there + 1) }) ? [{ kind: 'machine', what }] : [],
  );
  const cook: readonly Help[] =
    tasks.some(({ hands }) => hands) && possible({ cooks: [...cooks, 'one more'] })
      ? [{ kind: 'cook', what: 'one more' }]
      : [];
  const longer = (what: string) =>
    tasks.map((task) =>
      task.id === what && task.mayStand !== undefined ? { ...task, mayStand: task.mayStand + LONGER } : task,
    );
  const stand = tasks.flatMap(({ id, mayStand }): readonly Help[] =>
    mayStand !== undefined && collision.tasks.includes(id) && possible({ tasks: longer(id) })
      ? [{ kind: 'stand', what: id }]
      : [],
  );
  return [...machine, ...cook, ...stand];
}

/**
 * Plans an evening back from serving: nothing late, then the least standing of what suffers by it, then the shortest evening.
 * Deterministic: the same evening gives the same plan. Its problems are looked at before (`problemsOfEvening`).
 * @param begin an order of priority to look at first, latest first: that of a plan which is not to jump
 */
export function schedule(evening: Evening, begin?: readonly string[]): ScheduleOutcome {
  const built = solve(evening, SEARCH.effort, begin);
  if (built.kind === 'stuck')
    return {
      kind: 'impossible',
      collides: [built.collision],
      helps: helpsOf(evening, built.collision),
    };
  return { kind: 'planned', plan: built.plan, worth: worthOf(evening, built.plan) };
}

/** Whether an evening can be had at all, with little effort: true is sure, false only likely. */
export const isPossible = (evening: Evening, begin?: readonly string[]): boolean =>
  solve(evening, SEARCH.helpEffort, begin).kind === 'built';
