import type { Network } from './network.js';

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
