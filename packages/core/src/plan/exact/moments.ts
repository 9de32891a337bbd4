import { type Network, networkOf } from '../network.js';
import { dueAt, type Evening } from '../task.js';
import { beforeLongWaits } from '../worth.js';
import { TimeNetwork } from './time-network.js';

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
  return { moments, network: boundBy(moments, written) };
}

/** Everything that binds the moments: lags, when each thing is due or may begin, how long it may stand. */
function boundBy(moments: Moments, { tasks, lengths, due, followers }: Network): TimeNetwork | undefined {
  const { evening, first, counted, standing, weights } = moments,
    network = TimeNetwork.of(weights.length),
    from = evening.from ?? 0;
  const bound = (a: number, b: number, min: number) => network.bind(a, b, min);
  const inTime = tasks.every(
    ({ starts }, i) =>
      bound(ZERO, startOf(i), Math.max(from, starts?.from ?? -Infinity)) &&
      bound(startOf(i), ZERO, -Math.min(due[i]! - lengths[i]!, starts?.to ?? Infinity)),
  );
  const follow = followers.every((after, i) =>
    after.every(
      ({ by, least, most }) =>
        bound(startOf(i), startOf(by), lengths[i]! + least) &&
        (most === Infinity || bound(startOf(by), startOf(i), -lengths[i]! - most)),
    ),
  );
  const stand = standing.every(({ task, until, followers: after }) => {
    const most = lengths[task]! + tasks[task]!.mayStand!;
    if (until === ZERO) return bound(ZERO, startOf(task), due[task]! - most);
    if (after.length === 1) return bound(until, startOf(task), -most);
    // Nothing that is only a moment may lie without bounds.
    return (
      bound(ZERO, until, 0) &&
      bound(until, ZERO, -evening.serveAt) &&
      after.every((by) => bound(startOf(by), until, 0)) &&
      bound(until, startOf(task), -most)
    );
  });
  const begins =
    bound(ZERO, first, 0) &&
    bound(first, ZERO, -evening.serveAt) &&
    counted.every((i) => bound(first, startOf(i), 0));
  return inTime && follow && stand && begins ? network : undefined;
}

/** min that everything stands, all together, at some times. */
export const standingAt = ({ standing, lengths, evening }: Moments, times: Float64Array): number =>
  standing.reduce((sum, { task, until }) => {
    const to = until === ZERO ? dueAt(evening, evening.tasks[task]!) : times[until]!;
    return sum + Math.max(0, to - times[startOf(task)]! - lengths[task]!);
  }, 0);
