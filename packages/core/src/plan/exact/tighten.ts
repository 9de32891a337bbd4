import { SAME } from '../plan.params.js';
import { dueAt } from '../task.js';
import type { Worth } from '../worth.js';
import type { Claims, Hands } from './claims.js';
import { type Moments, startOf, ZERO } from './moments.js';
import type { TimeNetwork } from './time-network.js';

/** What a plan has to be better than, and min of standing that there are at any rate. */
interface Beside extends Worth {
  readonly least: number;
}

/** How often what follows from what follows is looked for. */
const ROUNDS = 3;

/** min by which a plan is better. */
export const BETTER = 1e-4;

/**
 * Binds what follows from what is bound: of two that cannot go on at once one comes first as soon as the other cannot; starts leave the hours in
 * which they cannot lie; nothing stands longer than would be worse than the target. False where nothing is left.
 */
export function tighten(
  claims: Claims,
  moments: Moments,
  network: TimeNetwork,
  hands: Hands,
  target: Beside | undefined,
): boolean {
  const rivals = claims.rivals(hands);
  for (let round = 0; round < ROUNDS; round++) {
    const before = network.changes;
    if (!inHours(claims, network, hands) || !apart(moments, network, rivals)) return false;
    if (target && !under(moments, network, target)) return false;
    if (network.changes === before) break;
  }
  return true;
}

function apart(
  { lengths }: Moments,
  network: TimeNetwork,
  rivals: readonly (readonly [number, number])[],
): boolean {
  for (const [i, j] of rivals) {
    const a = startOf(i),
      b = startOf(j);
    const first = network.canBind(a, b, lengths[i]!),
      second = network.canBind(b, a, lengths[j]!);
    if (!first && !second) return false;
    if (!second) network.bind(a, b, lengths[i]!);
    else if (!first) network.bind(b, a, lengths[j]!);
  }
  return true;
}

function inHours(claims: Claims, network: TimeNetwork, hands: Hands): boolean {
  for (let i = 0; i < claims.evening.tasks.length; i++) {
    const windows = claims.windowsOf(i, hands[i]);
    if (!windows) continue;
    const at = startOf(i);
    const low = network.after(ZERO, at),
      high = -network.after(at, ZERO);
    const first = windows.find(({ to }) => to >= low - SAME),
      last = windows.filter(({ from }) => from <= high + SAME).at(-1);
    if (!first || !last) return false;
    if (first.from > low + SAME && !network.bind(ZERO, at, first.from)) return false;
    if (last.to < high - SAME && !network.bind(at, ZERO, -last.to)) return false;
  }
  return true;
}

function under(moments: Moments, network: TimeNetwork, target: Beside): boolean {
  const { standing, lengths, evening, first } = moments;
  const end = (task: number) => lengths[task]!;
  const least = standing.map(({ task, until }) =>
    until === ZERO
      ? dueAt(evening, evening.tasks[task]!) + network.after(startOf(task), ZERO) - end(task)
      : network.after(startOf(task), until) - end(task),
  );
  const all = least.reduce((sum, one) => sum + Math.max(0, one), 0);
  if (all > target.waiting + BETTER) return false;
  for (const [k, { task, until }] of standing.entries()) {
    const most = target.waiting - all + Math.max(0, least[k]!) + BETTER;
    const holds =
      until === ZERO
        ? network.bind(ZERO, startOf(task), dueAt(evening, evening.tasks[task]!) - most - end(task))
        : network.bind(until, startOf(task), -end(task) - most);
    if (!holds) return false;
  }
  return (
    Math.max(all, target.least) < target.waiting - BETTER ||
    network.bind(ZERO, first, evening.serveAt - target.span + BETTER)
  );
}
