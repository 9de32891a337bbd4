import { SAME } from '../plan.params.js';
import { lengthOf } from '../task.js';
import type { Claims, Hands } from './claims.js';
import { startOf } from './moments.js';

/**
 * Who does each task at these starts: whoever was at the same pot before, else whoever is free; or the first task that nobody can take.
 */
export function handed(
  claims: Claims,
  hands: Hands,
  times: Float64Array,
): { readonly hands: Hands; readonly missing?: number } {
  const { tasks, cooks } = claims.evening;
  const given = [...hands];
  const start = (i: number) => times[startOf(i)]!,
    end = (i: number) => start(i) + lengthOf(tasks[i]!);
  const inOrder = [...claims.handsOn].sort((a, b) => start(a) - start(b));
  const isFree = (cook: string, i: number): boolean => {
    const windows = claims.windowsOf(i, cook);
    if (windows && !windows.some(({ from, to }) => from <= start(i) + SAME && to >= start(i) - SAME))
      return false;
    return claims.handsOn.every(
      (j) => given[j] !== cook || start(i) >= end(j) - SAME || start(j) >= end(i) - SAME,
    );
  };
  inOrder.forEach((i, k) => {
    if (given[i] !== undefined) return;
    const { pot } = tasks[i]!,
      free = cooks.filter((cook) => isFree(cook, i)),
      before = inOrder.slice(0, k).reverse();
    const goesOn = (cook: string): boolean => {
      const last = before.find((j) => given[j] === cook);
      return pot !== undefined && last !== undefined && tasks[last]!.pot === pot;
    };
    given[i] = free.find(goesOn) ?? free[0];
  });
  const missing = inOrder.find((i) => given[i] === undefined);
  return { hands: given, ...(missing === undefined ? {} : { missing }) };
}
