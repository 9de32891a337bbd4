import { SAME } from '../plan.params.js';
import { lengthOf } from '../task.js';
import { type Claims, type Hands, mayShare } from './claims.js';
import { handed } from './handed.js';
import { startOf, ZERO } from './moments.js';
import type { TimeNetwork } from './time-network.js';

/** One way out of a clash: a moment lies so long after another, or somebody does a task. */
export type WayOut =
  | { readonly kind: 'bind'; readonly earlier: number; readonly later: number; readonly min: number }
  | { readonly kind: 'cook'; readonly task: number; readonly cook: string };

/** What a set of starts breaks, and all the ways out of it; at least one of them is taken by any plan. */
export interface Clash {
  /** What moves least comes first. */
  readonly ways: readonly WayOut[];
  /** min that something has to move by, at least. */
  readonly far: number;
}

/** Everything that starts break of cooks, machines and hours, the worst of it first; nothing where they are a plan. */
export function worstClash(
  claims: Claims,
  network: TimeNetwork,
  hands: Hands,
  times: Float64Array,
): Clash | undefined {
  let worst: Clash | undefined;
  for (const clash of [...hoursBroken(claims, hands, times), ...crowds(claims, network, hands, times)])
    if (!worst || isWorse(clash, worst)) worst = clash;
  return worst ?? (claims.named ? handsMissing(claims, hands, times) : undefined);
}

/** Fewer ways out first, then what moves the farthest. */
const isWorse = (a: Clash, b: Clash): boolean =>
  a.ways.length < b.ways.length || (a.ways.length === b.ways.length && a.far > b.far + SAME);

function* hoursBroken(claims: Claims, hands: Hands, times: Float64Array): Generator<Clash> {
  for (let i = 0; i < claims.evening.tasks.length; i++) {
    const windows = claims.windowsOf(i, hands[i]),
      at = times[startOf(i)]!;
    if (!windows || windows.some(({ from, to }) => from <= at + SAME && to >= at - SAME)) continue;
    const before = windows.filter(({ to }) => to < at).at(-1),
      next = windows.find(({ from }) => from > at);
    yield {
      ways: [
        ...(before ? [bind(startOf(i), ZERO, -before.to)] : []),
        ...(next ? [bind(ZERO, startOf(i), next.from)] : []),
      ],
      far: Math.min(before ? at - before.to : Infinity, next ? next.from - at : Infinity),
    };
  }
}

const bind = (earlier: number, later: number, min: number): WayOut => ({ kind: 'bind', earlier, later, min });

/** More at once than there are cooks, or machines of a kind. */
function* crowds(claims: Claims, network: TimeNetwork, hands: Hands, times: Float64Array): Generator<Clash> {
  const { tasks, machines, cooks } = claims.evening;
  const start = (i: number) => times[startOf(i)]!,
    end = (i: number) => start(i) + lengthOf(tasks[i]!);
  const apart = (crowd: readonly number[]): Clash => {
    const ways: (WayOut & { readonly far: number })[] = [];
    for (const i of crowd)
      for (const j of crowd)
        if (i !== j && network.canBind(startOf(i), startOf(j), lengthOf(tasks[i]!)))
          ways.push({ ...bind(startOf(i), startOf(j), lengthOf(tasks[i]!)), far: end(i) - start(j) });
    ways.sort((a, b) => a.far - b.far);
    return { ways, far: ways[0]?.far ?? Infinity };
  };
  for (const [i, j] of claims.rivals(hands))
    if (start(i) < end(j) - SAME && start(j) < end(i) - SAME) yield apart([i, j]);
  /** One more than there are, of some tasks that go on where one of them begins, and none with another. */
  const meeting = (
    i: number,
    of: readonly number[],
    there: number,
    together: (k: number, j: number) => boolean,
  ): readonly number[] | undefined => {
    const crowd = [i];
    for (const j of of) {
      const goesOn = start(j) <= start(i) + SAME && end(j) > start(i) + SAME && start(j) < end(i) - SAME;
      if (j === i || !goesOn || crowd.some((k) => together(k, j))) continue;
      crowd.push(j);
      if (crowd.length > there) return crowd;
    }
    return undefined;
  };
  for (const [machine, there] of machines) {
    const on = claims.onMachine.get(machine) ?? [];
    if (there < 1 && on.length > 0) yield { ways: [], far: Infinity };
    if (there <= 1) continue;
    for (const i of on) {
      const crowd = meeting(i, on, there, (k, j) => mayShare(tasks[k]!, tasks[j]!));
      if (crowd) yield apart(crowd);
    }
  }
  if (cooks.length > 1)
    for (const i of claims.handsOn) {
      const crowd = meeting(i, claims.handsOn, cooks.length, () => false);
      if (crowd) yield apart(crowd);
    }
}

/** Nobody is free for a task though there are enough hands: somebody has to be the one. */
function handsMissing(claims: Claims, hands: Hands, times: Float64Array): Clash | undefined {
  const { missing } = handed(claims, hands, times);
  if (missing === undefined) return undefined;
  return {
    ways: claims.evening.cooks.map((cook) => ({ kind: 'cook', task: missing, cook })),
    far: 0,
  };
}
