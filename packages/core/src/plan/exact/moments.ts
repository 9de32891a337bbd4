import { type Network, networkOf } from '../network.js';
import { dueAt, type Evening } from '../task.js';
import { beforeLongWaits } from '../worth.js';
import { type Bound, TimeNetwork } from './time-network.js';

/** Minute 0, as a moment. */
export const ZERO = 0;

/** What a minute of standing counts beside a minute of the evening: more than any evening is long, and yet exact in a sum. */
export const STANDING_FIRST = 1e6;

/** Something that stands: from the end of its task until a moment, that of the last that follows it, or of serving. */
export interface StandsUntil {
  readonly task: number;
  readonly followers: readonly number[];
  readonly until: number;
}

/** An evening as moments: minute 0, the start of each task, the first start that counts, and until when each thing stands. */
export interface Moments {
  readonly evening: Evening;
  readonly lengths: readonly number[];
  readonly first: number;
  /** Tasks, by place, that count for the length of the evening. */
  readonly counted: readonly number[];
  readonly standing: readonly StandsUntil[];
  /** What each moment counts, so that their sum is the standing first and the length of the evening then, but for `fixed`. */
  readonly weights: readonly number[];
  readonly fixed: number;
}

/** The moment at which a task begins, by its place. */
export const startOf = (task: number): number => task + 1;

/** What stands, with moments of its own for what several things follow. @param size moments that there are already */
function standingOf(
  { tasks }: Evening,
  followers: Network['followers'],
  size: number,
): readonly StandsUntil[] {
  let next = size;
  return tasks.flatMap(({ mayStand }, task) => {
    if (mayStand === undefined) return [];
    const after = followers[task]!.map(({ by }) => by);
    const until = after.length > 1 ? next++ : after.length === 1 ? startOf(after[0]!) : ZERO;
    return [{ task, followers: after, until }];
  });
}

/** The moments of an evening, bound by everything but cooks, machines and hours; without a network where that contradicts itself. */
export function momentsOf(evening: Evening): {
  readonly moments: Moments;
  readonly network: TimeNetwork | undefined;
} {
  const { tasks, serveAt } = evening,
    written = networkOf(evening),
    { lengths, due } = written,
    away = beforeLongWaits(evening);
  const first = tasks.length + 1,
    standing = standingOf(evening, written.followers, first + 1);
  const size = 1 + standing.reduce((most, { until }) => Math.max(most, until), first);
  const weights = Array.from({ length: size }, () => 0);
  weights[first] = -1;
  weights[ZERO] = 1;
  let fixed = serveAt;
  for (const { task, until } of standing) {
    weights[startOf(task)]! -= STANDING_FIRST;
    weights[until]! += STANDING_FIRST;
    fixed += STANDING_FIRST * ((until === ZERO ? due[task]! : 0) - lengths[task]!);
  }
  const counted = tasks.flatMap((_, i) => (away.has(i) ? [] : [i]));
  const moments = { evening, lengths, first, counted, standing, weights, fixed };
  return { moments, network: TimeNetwork.of(size, boundsOf(moments, written)) };
}

/** Everything that binds the moments: lags, when each thing is due or may begin, how long it may stand. */
function boundsOf(moments: Moments, { tasks, lengths, due, followers }: Network): readonly Bound[] {
  const { evening, first, counted, standing } = moments,
    from = evening.from ?? 0;
  const bounds: Bound[] = [];
  const bind = (earlier: number, later: number, min: number) => bounds.push({ earlier, later, min });
  /** Nothing that is only a moment may lie without bounds. */
  const inTheDays = (moment: number) => {
    bind(ZERO, moment, 0);
    bind(moment, ZERO, -evening.serveAt);
  };
  tasks.forEach(({ starts }, i) => {
    bind(ZERO, startOf(i), Math.max(from, starts?.from ?? -Infinity));
    bind(startOf(i), ZERO, -Math.min(due[i]! - lengths[i]!, starts?.to ?? Infinity));
    for (const { by, least, most } of followers[i]!) {
      bind(startOf(i), startOf(by), lengths[i]! + least);
      if (most < Infinity) bind(startOf(by), startOf(i), -lengths[i]! - most);
    }
  });
  for (const { task, until, followers: after } of standing) {
    const most = lengths[task]! + tasks[task]!.mayStand!;
    if (until === ZERO) bind(ZERO, startOf(task), due[task]! - most);
    else bind(until, startOf(task), -most);
    if (after.length < 2) continue;
    inTheDays(until);
    for (const by of after) bind(startOf(by), until, 0);
  }
  inTheDays(first);
  for (const i of counted) bind(first, startOf(i), 0);
  return bounds;
}

/** min that everything stands, all together, at some times. */
export const standingAt = ({ standing, lengths, evening }: Moments, times: Float64Array): number =>
  standing.reduce((sum, { task, until }) => {
    const to = until === ZERO ? dueAt(evening, evening.tasks[task]!) : times[until]!;
    return sum + Math.max(0, to - times[startOf(task)]! - lengths[task]!);
  }, 0);
