import { seededChance } from '../numeric/chance.js';
import { DRAWN, SAME } from './plan.params.js';
import { type Evening, type Minutes, type Planned } from './task.js';

/** When an evening is likely ready, min from midnight of the day before. */
export interface LikelyReady {
  /** Ends of the middle four fifths. */
  readonly from: number;
  readonly to: number;
  /** Share of evenings that are later than they were asked for. */
  readonly late: number;
}

/** Minutes with a share of all draws below them, highest in the middle between low and high. @source triangular distribution */
export function triangular({ low, high }: Minutes, share: number): number {
  const half = (high - low) / 2;
  return share < 0.5 ? low + half * Math.sqrt(2 * share) : high - half * Math.sqrt(2 * (1 - share));
}

/** What has to end before each task, with the min between: what it comes after, and who or what it was planned behind. */
function behindOf(
  { tasks }: Evening,
  plan: readonly Planned[],
): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const of = new Map(tasks.map((task) => [task.id, task]));
  return new Map(
    plan.map((one) => {
      const task = of.get(one.id),
        before = new Map((task?.after ?? []).map(({ id, least }) => [id, least]));
      for (const other of plan) {
        const shared =
          (one.cook !== undefined && other.cook === one.cook) ||
          (task?.machine !== undefined && of.get(other.id)?.machine === task.machine);
        if (shared && other.end <= one.start + SAME && !before.has(other.id)) before.set(other.id, 0);
      }
      return [one.id, before];
    }),
  );
}

/**
 * Cooks a plan many times over with minutes drawn between low and high, slow cooks slow all evening: everything begins when it was
 * planned, or as soon after as it can.
 * @source engine of the evening: triangular draws, correlated within an evening
 */
export function likelyReady(evening: Evening, plan: readonly Planned[]): LikelyReady {
  if (plan.length === 0) return { from: evening.serveAt, to: evening.serveAt, late: 0 };
  const chance = seededChance(DRAWN.seed),
    behind = behindOf(evening, plan);
  const minutes = new Map(evening.tasks.map((task) => [task.id, task.minutes]));
  const inOrder = [...plan].sort((a, b) => a.start - b.start || a.end - b.end);
  const ready = Array.from({ length: DRAWN.evenings }, () => {
    const slow = chance(),
      ends = new Map<string, number>();
    let last = -Infinity;
    for (const { id, start } of inOrder) {
      let begins = start;
      for (const [before, least] of behind.get(id)!)
        begins = Math.max(begins, (ends.get(before) ?? -Infinity) + least);
      const share = chance() < DRAWN.together ? slow : chance();
      const end = begins + triangular(minutes.get(id) ?? { low: 0, high: 0 }, share);
      ends.set(id, end);
      last = Math.max(last, end);
    }
    return last;
  }).sort((a, b) => a - b);
  const at = (share: number): number => ready[Math.min(ready.length - 1, Math.floor(share * ready.length))]!;
  return {
    from: at(DRAWN.tail),
    to: at(1 - DRAWN.tail),
    late: ready.filter((minute) => minute > evening.serveAt + SAME).length / ready.length,
  };
}
