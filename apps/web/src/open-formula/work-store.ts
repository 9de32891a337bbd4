import type { Assessed } from '@alterum/core';
import { create } from 'zustand';

/** What stands on the work side of the Bench instead of the chart and the table. */
export type WorkKind = 'balance' | 'swap' | 'trade' | 'scale' | 'versions';

/** Keys that open it, when nobody is typing. */
export const workKeys: Readonly<Record<string, WorkKind>> = {
  b: 'balance',
  s: 'swap',
  t: 'trade',
  p: 'scale',
  v: 'versions',
};

/** A swap that one press asks for. */
export type SwapWish = 'without:oil' | 'without:nuts' | 'in-house';

interface WorkState {
  readonly kind: WorkKind | undefined;
  /** The line a swap was asked for. */
  readonly line: string | undefined;
  /** The person it was asked for. */
  readonly eater: string | undefined;
  /** What it was asked to do without, or that it keep to what is in the house. */
  readonly wish: SwapWish | undefined;
  /** What the rails show beside the present: the proposal that is being looked at. */
  readonly proposed: Assessed | undefined;
}

export const useWork = create<WorkState>()(() => ({
  kind: undefined,
  line: undefined,
  eater: undefined,
  wish: undefined,
  proposed: undefined,
}));

/** What had the focus when the panel was opened; it gets it back. */
let opener: HTMLElement | undefined;

export function openWork(kind: WorkKind, line?: string, eater?: string, wish?: SwapWish): void {
  const now = document.activeElement;
  if (useWork.getState().kind === undefined)
    opener =
      now instanceof HTMLElement && now !== document.body && !now.closest('[role=menu], [role=dialog]')
        ? now
        : undefined;
  useWork.setState({ kind, line, eater, wish, proposed: undefined });
}

/** Closes the panel; the focus goes back to what opened it, or, where a key did, to the heading: there keys work again. */
export function closeWork(): void {
  const { kind } = useWork.getState();
  if (kind === undefined) return;
  useWork.setState({
    kind: undefined,
    line: undefined,
    eater: undefined,
    wish: undefined,
    proposed: undefined,
  });
  const back = opener?.isConnected ? opener : document.querySelector<HTMLElement>('main h1');
  opener = undefined;
  if (back && !back.matches('a, button, input, select, textarea, [tabindex]')) back.tabIndex = -1;
  back?.focus();
}
export const showProposed = (proposed: Assessed | undefined): void => useWork.setState({ proposed });
