import type { Judged } from '@alterum/core';
import { create } from 'zustand';

/** What stands on the work side of the Bench instead of the chart and the table. */
export type WorkKind = 'balance' | 'swap' | 'trade' | 'versions';

/** Keys that open it, when nobody is typing. */
export const workKeys: Readonly<Record<string, WorkKind>> = {
  b: 'balance',
  s: 'swap',
  t: 'trade',
  v: 'versions',
};

interface WorkState {
  readonly kind: WorkKind | undefined;
  /** The line a swap was asked for. */
  readonly line: string | undefined;
  /** The person it was asked for. */
  readonly eater: string | undefined;
  /** What the rails show beside the present: the proposal that is being looked at. */
  readonly proposed: Judged | undefined;
}

export const useWork = create<WorkState>()(() => ({
  kind: undefined,
  line: undefined,
  eater: undefined,
  proposed: undefined,
}));

export const openWork = (kind: WorkKind, line?: string, eater?: string): void =>
  useWork.setState({ kind, line, eater, proposed: undefined });
export const closeWork = (): void =>
  useWork.setState({ kind: undefined, line: undefined, eater: undefined, proposed: undefined });
export const showProposed = (proposed: Judged | undefined): void => useWork.setState({ proposed });
