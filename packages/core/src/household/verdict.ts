import type { Need } from './need/need.js';

/** `fits`: nothing was found against it; never more than that. */
export type Verdict = 'fits' | 'ask' | 'does-not';
/** `none`: nothing is in it, so there is nothing to judge. */
export type VerdictOrNone = Verdict | 'none';

/** Why a person cannot or may not eat: which line, which need, in words. */
export interface Finding {
  readonly verdict: Exclude<Verdict, 'fits'>;
  /** Absent when the whole portion is the reason (salt). */
  readonly line?: string;
  readonly ingredient?: string;
  readonly need: Need;
  readonly reason: string;
  /** From the formula down to the source, outermost first. */
  readonly chain: readonly string[];
  /** What would turn this finding. */
  readonly wouldChange: string;
}

export interface EaterVerdict {
  readonly eater: string;
  readonly verdict: VerdictOrNone;
  /** Certain conflicts first. */
  readonly findings: readonly Finding[];
  /** How many needs were checked. */
  readonly checked: number;
}

/** From what is best to what is worst. */
const rank: Readonly<Record<VerdictOrNone, number>> = { none: 0, fits: 0, ask: 1, 'does-not': 2 };
export const isWorse = (a: VerdictOrNone, than: VerdictOrNone): boolean => rank[a] > rank[than];
