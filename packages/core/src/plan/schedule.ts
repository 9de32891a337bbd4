import { seededChance } from '../numeric/chance.js';
import { finish } from '../numeric/finish.js';
import { leastDelay } from './least-delay.js';
import { LONGER, PROMISING, REPLAN, SAME, SEARCH, TRIES } from './plan.params.js';
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
export type Help =
  | { readonly kind: 'machine' | 'cook' | 'stand' | 'unpin'; readonly what: string }
  /** Everything is on the table so many min later. */
  | { readonly kind: 'later'; readonly what: 'serving'; readonly minutes: number };

/** How long a search may go on, and who may end it. */
export interface SearchLimits {
  /** How many times as much as usual it may cost; 1 when left out. */
  readonly times?: number;
  /** Asked between two tries: true ends it with the best that it has. */
  readonly stop?: () => boolean;
}

/** A search that tells how much of what it may cost is spent, 0 to 1. */
export type PlanSearch<T> = Generator<number, T>;

export type ScheduleOutcome =
  | { readonly kind: 'planned'; readonly plan: readonly Planned[]; readonly worth: Worth }
  | { readonly kind: 'impossible'; readonly collides: readonly Collision[]; readonly helps: readonly Help[] };

/** What a search has left to spend; at nothing it ends with the best that it found, so that the same evening ends the same. */
interface Budget {
  left: number;
}

type Built =
  | { readonly kind: 'built'; readonly plan: () => readonly Planned[]; readonly starts: readonly number[] }
  | { readonly kind: 'stuck'; readonly collision: Collision };

/** An order of priority, by place among the tasks, and how long what some of them made is wanted to stand at most, min. */
interface Attempt {
  readonly order: readonly number[];
  readonly stands: ReadonlyMap<number, number>;
}

/** What comes after a task, by place. */
interface Follower {
  readonly by: number;
  readonly least: number;
  readonly most: number;
}

/** An evening with its tasks by their places, so that nothing is looked up by name while it is searched. */
interface Network {
  readonly evening: Evening;
  readonly tasks: readonly PlanTask[];
  readonly lengths: readonly number[];
  readonly due: readonly number[];
  readonly followers: readonly (readonly Follower[])[];
  readonly before: readonly (readonly number[])[];
}

function networkOf(evening: Evening): Network {
  const { tasks } = evening,
    at = new Map(tasks.map(({ id }, i) => [id, i])),
    followers = followersOf(tasks);
  return {
    evening,
    tasks,
    lengths: tasks.map(lengthOf),
    due: tasks.map((task) => dueAt(evening, task)),
    followers: tasks.map(({ id }) =>
      (followers.get(id) ?? []).map(({ by, least, most = Infinity }) => ({ by: at.get(by)!, least, most })),
    ),
    before: tasks.map(({ after }) => after.map(({ id }) => at.get(id)!)),
  };
}

/** No task. */
const NONE = -1;

/** How late a task may lie, and how early it must not: bound by which of its followers, or by serving. */
function limitsOf(
  { tasks, lengths, due, followers }: Network,
  i: number,
  starts: readonly number[],
  ceiling: number,
  wanted: number,
): { readonly latest: number; readonly earliest: number; readonly by: number } {
  const length = lengths[i]!,
    { starts: span, mayStand = Infinity } = tasks[i]!;
  let latest = Math.min(ceiling, span?.to ?? Infinity, due[i]! - length),
    earliest = -Infinity,
    by = NONE,
    last = -Infinity,
    lastBy = NONE;
  for (const { by: next, least, most } of followers[i]!) {
    const start = starts[next]!;
    latest = Math.min(latest, start - least - length);
    if (by === NONE || start - most - length > earliest) {
      earliest = start - most - length;
      by = next;
    }
    if (start > last) {
      last = start;
      lastBy = next;
    }
  }
  const stands = (lastBy === NONE ? due[i]! : last) - Math.min(mayStand, wanted) - length;
  return stands > earliest || by === NONE
    ? { latest, earliest: stands, by: lastBy }
    : { latest, earliest, by };
}

/**
 * Builds a plan backwards from serving: each task as late as its followers, cooks and machines allow, in an order of priority. Where a
 * task must not lie so early as it would have to, what follows it is moved earlier, and all is built anew.
 */
function build(network: Network, { order, stands: wanted }: Attempt, budget: Budget): Built {
  const { evening, tasks, followers, before } = network;
  const ceilings = tasks.map(() => Infinity),
    openAtFirst = followers.map((after) => after.length);
  let collision: Collision = { tasks: [], why: '' };
  budget.left -= SEARCH.beginning;
  const repairs = Math.max(SEARCH.leastRepairs, order.length * SEARCH.repairsOfTask);
  for (let repair = 0; repair < repairs && budget.left > 0; repair++) {
    const room = new Room(evening),
      starts = tasks.map(() => NaN),
      left = [...order],
      /** Followers of each that are not placed yet. */
      open = [...openAtFirst];
    let placed = 0,
      stuck = false;
    while (left.length > 0 && !stuck) {
      let at = 0;
      while (open[left[at]!]! > 0) at++;
      const i = left.splice(at, 1)[0]!,
        task = tasks[i]!;
      const { latest, earliest, by } = limitsOf(network, i, starts, ceilings[i]!, wanted.get(i) ?? Infinity);
      const found = room.latestStart(task, latest);
      budget.left -= placed + 1;
      if (task.starts && (found?.start ?? -Infinity) < task.starts.from - SAME)
        return {
          kind: 'stuck',
          collision: { tasks: [task.id], why: `“${task.id}” would have to begin earlier than it can.` },
        };
      if (found && found.start >= earliest - SAME) {
        starts[i] = found.start;
        placed++;
        room.take(task, found.start, found.cook);
        for (const one of before[i]!) open[one]!--;
        continue;
      }
      stuck = true;
      const follower = tasks[by]?.id;
      collision = {
        tasks: [task.id, ...(follower === undefined ? [] : [follower])],
        why: whyStuck(task, follower),
      };
      if (!found || by === NONE) return { kind: 'stuck', collision };
      // What follows comes earlier by as much as is missing.
      const missing = earliest - found.start;
      ceilings[by] = starts[by]! - Math.max(missing, 1e-6);
    }
    if (stuck) continue;
    const from = evening.from ?? 0,
      early = tasks.findIndex((_, i) => starts[i]! < from - SAME);
    if (early !== NONE)
      return {
        kind: 'stuck',
        collision: { tasks: [tasks[early]!.id], why: whyEarly(tasks[early]!.id, from) },
      };
    return { kind: 'built', plan: () => room.planned(), starts };
  }
  return { kind: 'stuck', collision };
}

const whyEarly = (id: string, from: number): string =>
  from > 0
    ? `“${id}” would have had to begin already.`
    : `“${id}” would have to begin before midnight of the day before.`;

function whyStuck(task: PlanTask, by: string | undefined): string {
  const needs = [task.hands ? 'hands' : '', task.machine ?? ''].filter(Boolean).join(' and ');
  const between = by === undefined ? 'serving' : `“${by}”`;
  return `“${task.id}” finds no room ${needs === '' ? '' : `for ${needs} `}near enough to ${between}.`;
}

/** Orders to begin with: the longest way to serving first, short standing first, long tasks first. */
function firstOrders({ tasks, lengths, followers }: Network): readonly (readonly number[])[] {
  const toServing = new Map<number, number>();
  const way = (i: number): number => {
    const known = toServing.get(i);
    if (known !== undefined) return known;
    const next = Math.max(0, ...followers[i]!.map(({ by, least }) => least + way(by)));
    const all = next + lengths[i]!;
    toServing.set(i, all);
    return all;
  };
  const places = tasks.map((_, i) => i);
  const sorted = (by: (i: number) => number) => [...places].sort((a, b) => by(a) - by(b));
  return [
    sorted(way),
    sorted((i) => -way(i)),
    sorted((i) => Math.min(tasks[i]!.mayStand ?? Infinity, 1e6)),
    sorted((i) => -lengths[i]!),
    sorted((i) => (tasks[i]!.hands ? 0 : 1)),
  ];
}

/** One order a little changed: two change places, or one goes elsewhere. */
function changed(order: readonly number[], chance: () => number): readonly number[] {
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
  { tasks, lengths, followers }: Network,
  { order, stands }: Attempt,
  starts: readonly number[],
  chance: () => number,
): Attempt {
  const standing = tasks.flatMap(({ mayStand }, i) => {
    const after = followers[i]!;
    if (mayStand === undefined || after.length === 0) return [];
    const min = Math.max(...after.map(({ by }) => starts[by]!)) - starts[i]! - lengths[i]!;
    return min > SAME ? [{ i, min }] : [];
  });
  const next = new Map(stands),
    known = [...next.keys()];
  const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!;
  if (standing.length === 0 || chance() < TRIES.release) {
    if (known.length > 0) next.delete(pick(known));
  } else {
    const { i, min } = pick(standing);
    next.set(i, chance() < TRIES.fresh ? 0 : Math.floor(chance() * min));
  }
  return { order, stands: next };
}

/** An order in which one task, and what follows it, comes before the rest. */
function first({ followers }: Network, order: readonly number[], task: number): readonly number[] {
  const hurried = new Set<number>();
  const hurry = (one: number): void => {
    if (hurried.has(one)) return;
    hurried.add(one);
    for (const { by } of followers[one]!) hurry(by);
  };
  hurry(task);
  return [...order.filter((one) => hurried.has(one)), ...order.filter((one) => !hurried.has(one))];
}

const nothing: Built = { kind: 'built', plan: () => [], starts: [] };

interface Found extends Valued {
  readonly starts: readonly number[];
  readonly at: Attempt;
}

function* solve(
  evening: Evening,
  effort: number,
  begin?: readonly string[],
  stop: () => boolean = () => false,
): PlanSearch<Built> {
  const network = networkOf(evening),
    { tasks } = network,
    place = new Map(tasks.map(({ id }, i) => [id, i]));
  const chance = seededChance(SEARCH.seed),
    budget: Budget = { left: effort * Math.max(1, SEARCH.small / Math.max(1, tasks.length)) },
    measure = measureOf(evening, 'asked');
  let best: Found | undefined, here: Found | undefined, stuck: Built | undefined;
  /** The plan moved as far as that makes it better; other orders often give the same one. */
  const known = new Map<string, Omit<Found, 'at'>>();
  const settled = (plan: () => readonly Planned[], starts: readonly number[]): Omit<Found, 'at'> => {
    const worth = measure(starts);
    if (here && worth.waiting > here.worth.waiting * PROMISING.times + PROMISING.min)
      return { plan: [], worth, starts };
    const key = starts.join();
    const before = known.get(key);
    if (before) return before;
    const valued = shifted(evening, plan(), measure),
      after = { ...valued, starts: startsOf(evening, valued.plan) };
    budget.left -= tasks.length ** 2 * SEARCH.shifting;
    known.set(key, after);
    return after;
  };
  /** Looks at one try: goes on from it where it is no worse than the last, and keeps it where it is the best so far. */
  const look = (at: Attempt): { readonly better: boolean; readonly none?: number } => {
    const built = build(network, at, budget);
    if (built.kind === 'stuck') {
      stuck ??= built;
      const none = place.get(built.collision.tasks[0] ?? '');
      return { better: false, ...(none === undefined ? {} : { none }) };
    }
    const found = settled(built.plan, built.starts);
    if (here && isBetter(here.worth, found.worth)) return { better: false };
    const better = !here || isBetter(found.worth, here.worth);
    here = { ...found, at };
    if (!best || isBetter(found.worth, best.worth)) best = here;
    return { better };
  };
  if (tasks.length === 0) return nothing;
  const begun = begin?.flatMap((id) => place.get(id) ?? []);
  const orders = [...(begun ? [begun] : []), ...firstOrders(network)];
  for (const order of orders) look({ order, stands: new Map() });
  let order = orders[0]!;
  const rounds = SEARCH.roundsOfPair * tasks.length ** 2,
    whole = budget.left;
  for (let idle = 0, round = 0; budget.left > 0 && round < rounds; round++) {
    yield Math.max(round / rounds, 1 - budget.left / whole);
    if (stop()) break;
    const kind = chance();
    if (idle > SEARCH.patience) {
      // Elsewhere: far from the best, or from the beginning.
      const from = best?.at ?? { order, stands: new Map<number, number>() };
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
        ? fresher(network, from, here.starts, chance)
        : { ...from, order: changed(kind < TRIES.twice ? changed(from.order, chance) : from.order, chance) };
    const { better, none } = look(next);
    if (!here && none !== undefined) order = first(network, next.order, none);
    idle = better ? 0 : idle + 1;
  }
  if (!best) return stuck ?? nothing;
  const { plan, starts } = best;
  return { kind: 'built', plan: () => plan, starts };
}

/** One more of something, or something that stands longer, whichever makes it possible. */
function helpsOf(evening: Evening, collision: Collision): readonly Help[] {
  const possible = (other: Partial<Evening>) => isPossible({ ...evening, ...other });
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
  const unpin = tasks.flatMap(({ id, pinned }): readonly Help[] => {
    const freed = tasks.map((task) => (task.id === id ? unpinned(task) : task));
    return pinned && possible({ tasks: freed }) ? [{ kind: 'unpin', what: id }] : [];
  });
  // What has no hours of its own is as possible now as it is later.
  const bound = evening.awake.length + (evening.open?.size ?? 0) + (evening.present?.size ?? 0) > 0;
  const minutes = bound
    ? leastDelay(REPLAN.step, (min) => possible({ serveAt: evening.serveAt + min }))
    : undefined;
  const later: readonly Help[] = minutes === undefined ? [] : [{ kind: 'later', what: 'serving', minutes }];
  return [...unpin, ...machine, ...cook, ...stand, ...later];
}

/** The task as it is when nobody puts it to a time. */
export function unpinned({ starts: _, pinned: __, ...task }: PlanTask): PlanTask {
  return task;
}

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

/** Whether an evening can be had at all, with little effort: true is sure, false only likely. */
export const isPossible = (evening: Evening, begin?: readonly string[]): boolean =>
  finish(solve(evening, SEARCH.helpEffort, begin)).kind === 'built';
