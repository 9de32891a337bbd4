import { networkOf } from '../network.js';
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

/** The moments of an evening, bound by everything but cooks, machines and hours; without a network where that contradicts itself. */
export function momentsOf(evening: Evening): {
  readonly moments: Moments;
  readonly network: TimeNetwork | undefined;
} {
  const { tasks, serveAt } = evening,
    { lengths, due, followers } = networkOf(evening),
    away = beforeLongWaits(evening);
  const first = tasks.length + 1;
  let size = first + 1;
  const standing: StandsUntil[] = [],
    untils: { readonly moment: number; readonly task: number }[] = [];
  let fixed = serveAt;
  tasks.forEach(({ mayStand }, i) => {
    if (mayStand === undefined) return;
    const after = followers[i]!;
    fixed -= STANDING_FIRST * lengths[i]!;
    if (after.length === 0) fixed += STANDING_FIRST * due[i]!;
    const only = after.length === 1 ? startOf(after[0]!.by) : ZERO;
    if (after.length > 1) untils.push({ moment: size, task: i });
    standing.push({
      task: i,
      followers: after.map(({ by }) => by),
      until: after.length > 1 ? size++ : only,
    });
  });
  const weights = Array.from({ length: size }, () => 0);
  weights[first] = -1;
  weights[ZERO] = 1;
  for (const { task, until } of standing) {
    weights[startOf(task)]! -= STANDING_FIRST;
    weights[until]! += STANDING_FIRST;
  }
  const counted = tasks.flatMap((_, i) => (away.has(i) ? [] : [i]));
  const moments = { evening, lengths, first, counted, standing, weights, fixed };
  const network = TimeNetwork.of(size);
  const from = evening.from ?? 0;
  const bound = (a: number, b: number, min: number) => network.bind(a, b, min);
  const holds =
    // Nothing that is only a moment may lie without bounds.
    bound(ZERO, first, Math.min(from, 0)) &&
    bound(first, ZERO, -serveAt) &&
    untils.every(({ moment }) => bound(ZERO, moment, 0) && bound(moment, ZERO, -serveAt)) &&
    tasks.every(
      ({ starts, mayStand }, i) =>
        bound(ZERO, startOf(i), Math.max(from, starts?.from ?? -Infinity)) &&
        bound(startOf(i), ZERO, -Math.min(due[i]! - lengths[i]!, starts?.to ?? Infinity)) &&
        followers[i]!.every(
          ({ by, least, most }) =>
            bound(startOf(i), startOf(by), lengths[i]! + least) &&
            (most === Infinity || bound(startOf(by), startOf(i), -lengths[i]! - most)),
        ) &&
        (mayStand === undefined ||
          followers[i]!.length > 0 ||
          bound(ZERO, startOf(i), due[i]! - mayStand - lengths[i]!)),
    ) &&
    counted.every((i) => bound(first, startOf(i), 0)) &&
    untils.every(({ moment, task }) => followers[task]!.every(({ by }) => bound(startOf(by), moment, 0))) &&
    standing.every(
      ({ task, until }) =>
        until === ZERO || bound(until, startOf(task), -lengths[task]! - tasks[task]!.mayStand!),
    );
  return { moments, network: holds ? network : undefined };
}

/** min that everything stands, all together, at some times. */
export const standingAt = ({ standing, lengths, evening }: Moments, times: Float64Array): number =>
  standing.reduce((sum, { task, until }) => {
    const to = until === ZERO ? dueAt(evening, evening.tasks[task]!) : times[until]!;
    return sum + Math.max(0, to - times[startOf(task)]! - lengths[task]!);
  }, 0);
