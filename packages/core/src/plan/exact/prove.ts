import type { Evening } from '../task.js';
import type { Worth } from '../worth.js';
import { Claims, type Hands } from './claims.js';
import { type WayOut, worstClash } from './clash.js';
import { handed } from './handed.js';
import { leastSpan } from './least-span.js';
import { leastSum } from './least-sum.js';
import { type Moments, momentsOf, standingAt, startOf, STANDING_FIRST, ZERO } from './moments.js';
import { BETTER, tighten } from './tighten.js';
import type { TimeNetwork } from './time-network.js';

/** A plan: starts by place, and who does what. */
export interface FoundPlan {
  readonly starts: readonly number[];
  readonly hands: Hands;
}

/** What a proof comes to. */
export interface Proof {
  /** Nothing is left to look at: what it found, or was given, is best; where neither is there, nothing can be had. */
  readonly whole: boolean;
  /** Something better than was given. */
  readonly found?: FoundPlan;
  /** No plan has less standing, min. */
  readonly leastWaiting: number;
}

/** What is left to look at: everything bound so far, and what it is worth at least. */
interface Branch {
  readonly network: TimeNetwork;
  readonly hands: Hands;
  readonly sum: number;
  /** min of standing in it. */
  readonly waiting: number;
  readonly times: Float64Array;
}

/** An evening written down for a proof; without a network where it contradicts itself. */
export interface PosedEvening {
  readonly claims: Claims;
  readonly moments: Moments;
  readonly network: TimeNetwork | undefined;
  readonly hands: Hands;
}

export function posed(evening: Evening): PosedEvening {
  const claims = new Claims(evening);
  return { claims, ...momentsOf(evening), hands: claims.hands() };
}

/** Looks through all plans of an evening, leaving out whatever cannot be better than the best so far (branch and bound). */
export class Prover {
  private readonly claims: Claims;
  private readonly moments: Moments;
  private readonly open: Branch[] = [];
  private found: FoundPlan | undefined;
  private target: Worth | undefined;
  /** How much has been looked at, in pairs of moments. */
  spent = 0;

  /** @param target what is known already, if anything is */
  constructor({ claims, moments, network, hands }: PosedEvening, target?: Worth) {
    this.claims = claims;
    this.moments = moments;
    this.target = target;
    if (network) this.open.push(...this.looked(network.copy(), hands, 0));
  }

  /** Something as good is known from elsewhere. */
  aim(target: Worth): void {
    this.target = target;
    this.found = undefined;
  }

  get isWhole(): boolean {
    return !this.open.some(({ sum }) => this.isPromising(sum));
  }

  /** Looks at the most promising way on, down to a plan first. */
  look(): void {
    const branch = this.open.pop();
    if (!branch || !this.isPromising(branch.sum)) return;
    const { network, hands, times } = branch;
    const clash = worstClash(this.claims, network, hands, times);
    if (!clash) {
      this.keep(branch);
      return;
    }
    // No plan is looked at twice: each way on goes without those before it.
    const rest = network.copy();
    const next: Branch[] = [];
    for (const way of clash.ways) {
      next.push(...this.taken(branch, rest, way));
      if (way.kind === 'bind' && !rest.bind(way.later, way.earlier, -way.min)) break;
    }
    // The best comes last, and is looked at first.
    this.open.push(...next.sort((a, b) => b.sum - a.sum));
  }

  proof(): Proof {
    const { isWhole, found, target } = this;
    const open = this.open.flatMap(({ sum, waiting }) => (this.isPromising(sum) ? [waiting] : [])),
      known = target ? [target.waiting] : [];
    const leastWaiting = Math.min(...open, ...known);
    return {
      whole: isWhole,
      leastWaiting: Number.isFinite(leastWaiting) ? leastWaiting : 0,
      ...(found ? { found } : {}),
    };
  }

  private keep({ hands, times, waiting }: Branch): void {
    const starts = this.claims.evening.tasks.map((_, i) => times[startOf(i)]!);
    this.found = { starts, hands: handed(this.claims, hands, times).hands };
    this.target = { waiting, span: this.claims.evening.serveAt - times[this.moments.first]! };
  }

  private isPromising(sum: number): boolean {
    const { target } = this;
    return !target || sum < STANDING_FIRST * target.waiting + target.span - BETTER;
  }

  private taken({ hands, waiting }: Branch, network: TimeNetwork, way: WayOut): readonly Branch[] {
    const bound = network.copy();
    if (way.kind === 'bind')
      return bound.bind(way.earlier, way.later, way.min) ? this.looked(bound, hands, waiting) : [];
    const given = hands.map((cook, i) => (i === way.task ? way.cook : cook));
    return this.looked(bound, given, waiting);
  }

  /** What is left of a way on, once everything that follows is bound. @param least min of standing that it has at any rate */
  private looked(network: TimeNetwork, hands: Hands, least: number): readonly Branch[] {
    const { claims, moments, target } = this;
    this.spent += network.size ** 2;
    if (!tighten(claims, moments, network, hands, target && { ...target, least })) return [];
    const { sum, times } = leastSum(network, moments.weights, ZERO);
    const all = sum + moments.fixed;
    if (!this.isPromising(all)) return [];
    const waiting = standingAt(moments, times);
    // How long the evening is counts only where no less can stand.
    if (target && waiting < target.waiting - BETTER) return [{ network, hands, waiting, sum: all, times }];
    const byWork = STANDING_FIRST * waiting + leastSpan(claims, moments, network, hands);
    return this.isPromising(byWork) ? [{ network, hands, waiting, sum: Math.max(all, byWork), times }] : [];
  }
}
