import { type Claims, type Hands, mayShare } from './claims.js';
import { type Moments, startOf, ZERO } from './moments.js';
import type { TimeNetwork } from './time-network.js';

/** A task as one machine or cook sees it: min before it, that it takes, and after it until serving. */
interface Job {
  readonly head: number;
  readonly length: number;
  readonly tail: number;
}

/**
 * min that an evening takes at least, by the work of its cooks and machines: whatever has to be done by one of them, with what comes before the first
 * and after the last of it.
 * @source Carlier 1982, The one-machine sequencing problem; Jackson's preemptive bound, for several of a kind by their energy
 */
export function leastSpan(claims: Claims, moments: Moments, network: TimeNetwork, hands: Hands): number {
  const { tasks, cooks, machines, serveAt } = claims.evening;
  const jobOf = (i: number): Job => ({
    head: Math.max(0, network.after(moments.first, startOf(i))),
    length: moments.lengths[i]!,
    tail: serveAt + network.after(startOf(i), ZERO) - moments.lengths[i]!,
  });
  const counted = moments.counted;
  let least = 0;
  const look = (of: readonly number[], there: number): void => {
    if (there > 0 && of.length > there) least = Math.max(least, byEnergy(of.map(jobOf), there));
  };
  const handsOn = counted.filter((i) => tasks[i]!.hands);
  look(handsOn, cooks.length);
  if (cooks.length > 1)
    for (const cook of cooks)
      look(
        handsOn.filter((i) => hands[i] === cook),
        1,
      );
  for (const [machine, there] of machines) {
    const on = counted.filter((i) => tasks[i]!.machine === machine);
    // What may share a machine counts once: only what needs it alone is added up.
    look(
      on.filter((i, k) => !on.slice(0, k).some((j) => mayShare(tasks[i]!, tasks[j]!))),
      there,
    );
  }
  return least;
}

/** min that some jobs take at least where so many go on at once. */
function byEnergy(jobs: readonly Job[], there: number): number {
  let least = 0;
  const byTail = [...jobs].sort((a, b) => b.tail - a.tail);
  for (const { head } of jobs) {
    let work = 0;
    for (const job of byTail) {
      if (job.head < head) continue;
      work += job.length;
      least = Math.max(least, head + work / there + job.tail);
    }
  }
  return least;
}
