import type { Judged } from '@alterum/core';
import { create } from 'zustand';

/** What stands on the work side of the Bench instead of the chart and the table. */
export type WorkKind = 'balance' | 'swap' | 'trade' | 'versions';

interface WorkState {
  readonly kind: WorkKind | undefined;
  /** The line a swap was asked for. */
  readonly line: string | undefined;
  /** What the rails show beside the present: the proposal that is being looked at. */
  readonly proposed: Judged | undefined;
}

export const useWork = create<WorkState>()(() => ({ kind: undefined, line: undefined, proposed: undefined }));

export const openWork = (kind: WorkKind, line?: string): void =>
  useWork.setState({ kind, line, proposed: undefined });
export const closeWork = (): void =>
  useWork.setState({ kind: undefined, line: undefined, proposed: undefined });
export const showProposed = (proposed: Judged | undefined): void => useWork.setState({ proposed });
