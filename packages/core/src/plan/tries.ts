import type { Attempt } from './build-back.js';
import type { Network } from './network.js';
import { SAME, TRIES } from './plan.params.js';

/** Orders to begin with: the longest way to serving first, short standing first, long tasks first. */
export function firstOrders({ tasks, lengths, followers }: Network): readonly (readonly number[])[] {
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
export function changed(order: readonly number[], chance: () => number): readonly number[] {
  const next = [...order],
    pick = () => Math.floor(chance() * next.length);
  const a = pick(),
    b = pick();
  if (chance() < 0.5) [next[a], next[b]] = [next[b]!, next[a]!];
  else next.splice(b, 0, ...next.splice(a, 1));
  return next;
}

/** Something that stands is wanted to stand less, or again as long as it may. */
export function fresher(
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
export function first({ followers }: Network, order: readonly number[], task: number): readonly number[] {
  const hurried = new Set<number>();
  const hurry = (one: number): void => {
    if (hurried.has(one)) return;
    hurried.add(one);
    for (const { by } of followers[one]!) hurry(by);
  };
  hurry(task);
  return [...order.filter((one) => hurried.has(one)), ...order.filter((one) => !hurried.has(one))];
}
