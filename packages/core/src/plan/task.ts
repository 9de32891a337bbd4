import { SAME } from './plan.params.js';

/** How long something takes, min, from low to high; planning uses the high end. */
export interface Minutes {
  readonly low: number;
  readonly high: number;
}

/** What must have ended before a task begins, and how long before: min from its end to this start. */
export interface After {
  readonly id: string;
  readonly least: number;
  /** Absent: however long. */
  readonly most?: number;
}

/** A stretch of time, min from midnight of the day before. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** One piece of work of an evening. */
export interface PlanTask {
  readonly id: string;
  /** Somebody stands at it; a waiting task needs nobody, and may run and begin in sleep. */
  readonly hands: boolean;
  readonly minutes: Minutes;
  /** What it holds while it runs, and no longer. */
  readonly machine?: string;
  /** °C of an oven: tasks of the same temperature share it. */
  readonly ovenC?: number;
  readonly after: readonly After[];
  /** min that what it made may stand until its last follower begins, or until serving; absent where that is no matter. */
  readonly mayStand?: number;
  /** Who does it; absent is whoever is free. */
  readonly cook?: string;
  /** What it is done for: whoever is at it goes on with it, where that is no matter otherwise. */
  readonly pot?: string;
  /** min before serving by which it has ended, and until which it may stand: a dish that is eaten before the rest; absent is 0. */
  readonly readyBefore?: number;
  /** When it may begin, min: what has begun already, or was put to a time by hand, begins then and at no other. */
  readonly starts?: Span;
  /** It was put to that time by hand. */
  readonly pinned?: true;
}

/** An evening to be planned. Minute 0 is midnight of the day before. */
export interface Evening {
  readonly tasks: readonly PlanTask[];
  /** How many there are of each machine; what is not named is never short. */
  readonly machines: ReadonlyMap<string, number>;
  readonly cooks: readonly string[];
  readonly serveAt: number;
  /** When somebody is up; empty is always. */
  readonly awake: readonly Span[];
  /** When a machine, or the shop, can be used; what is not named always can. */
  readonly open?: ReadonlyMap<string, readonly Span[]>;
  /** When a cook is there; who is not named always is. */
  readonly present?: ReadonlyMap<string, readonly Span[]>;
  /** min before which nothing begins any more; absent is midnight of the day before. */
  readonly from?: number;
}

/** Where a task stands in a plan. */
export interface Planned {
  readonly id: string;
  readonly start: number;
  readonly end: number;
  readonly cook: string | undefined;
}

/** min that a task is planned with. */
export const lengthOf = ({ minutes }: PlanTask): number => minutes.high;

/** When it has to have ended, min: serving, or as long before as its dish is eaten earlier. */
export const dueAt = ({ serveAt }: Pick<Evening, 'serveAt'>, { readyBefore = 0 }: PlanTask): number =>
  serveAt - readyBefore;

/** Starts of a plan in the order of the tasks. */
export function startsOf({ tasks }: Evening, plan: readonly Planned[]): readonly number[] {
  const starts = new Map(plan.map(({ id, start }) => [id, start]));
  return tasks.map(({ id }) => starts.get(id)!);
}

/** The first of some stretches that something lies in whole; undefined where none is long enough. */
export const within = (spans: readonly Span[], start: number, end: number): Span | undefined =>
  spans.find(({ from, to }) => from <= start + SAME && to >= end - SAME);

/** Stretches of which a task has to lie in one, of each list: somebody is up, its cook is there, its machine can be used. */
export function hoursOf(
  { awake, open, present }: Pick<Evening, 'awake' | 'open' | 'present'>,
  { hands, machine }: PlanTask,
  cook: string | undefined,
): readonly (readonly Span[])[] {
  const lists = [
    hands && awake.length > 0 ? awake : undefined,
    machine === undefined ? undefined : open?.get(machine),
    cook === undefined ? undefined : present?.get(cook),
  ];
  return lists.filter((spans) => spans !== undefined);
}

/** Direct followers of each task, with the lags. */
export function followersOf(
  tasks: readonly PlanTask[],
): ReadonlyMap<string, readonly (After & { readonly by: string })[]> {
  const followers = new Map<string, (After & { by: string })[]>(tasks.map(({ id }) => [id, []]));
  for (const task of tasks)
    for (const lag of task.after) followers.get(lag.id)?.push({ ...lag, by: task.id });
  return followers;
}
