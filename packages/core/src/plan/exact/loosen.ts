import { SAME } from '../plan.params.js';
import { lengthOf } from '../task.js';
import { mayShare } from './claims.js';
import { startOf } from './moments.js';
import type { FoundPlan, PosedEvening } from './prove.js';

/**
 * The evening in which all tasks but some keep the order that they have in a plan, at each cook and each machine.
 * The plan itself is one of its plans.
 */
export function loosened(
  evening: PosedEvening,
  { starts, hands }: FoundPlan,
  free: ReadonlySet<number>,
): PosedEvening {
  const { claims } = evening,
    { tasks, machines, cooks } = claims.evening;
  const network = evening.network?.copy();
  const end = (i: number) => starts[i]! + lengthOf(tasks[i]!);
  const kept = tasks.map((_, i) => i).filter((i) => !free.has(i)),
    inOrder = (of: readonly number[]) => [...of].sort((a, b) => starts[a]! - starts[b]! || end(a) - end(b));
  const behind = (i: number, j: number) => network?.bind(startOf(i), startOf(j), lengthOf(tasks[i]!));
  for (const cook of cooks)
    inOrder(kept.filter((i) => hands[i] === cook)).forEach((j, k, all) => k > 0 && behind(all[k - 1]!, j));
  for (const [machine, there] of machines) {
    const on = inOrder(kept.filter((i) => tasks[i]!.machine === machine));
    if (there > 1 && on.every((i) => tasks[i]!.ovenC === undefined)) {
      // Each of several goes on with what comes next when it is free.
      const last: (number | undefined)[] = Array.from({ length: there });
      for (const j of on) {
        const k = last.findIndex((i) => i === undefined || end(i) <= starts[j]! + SAME);
        if (k < 0) continue;
        if (last[k] !== undefined) behind(last[k], j);
        last[k] = j;
      }
      continue;
    }
    on.forEach((j, k) => {
      for (const i of on.slice(0, k))
        if (end(i) <= starts[j]! + SAME && !mayShare(tasks[i]!, tasks[j]!)) behind(i, j);
    });
  }
  return {
    ...evening,
    network,
    hands: claims.named ? tasks.map((_, i) => (free.has(i) ? evening.hands[i] : hands[i])) : evening.hands,
  };
}
