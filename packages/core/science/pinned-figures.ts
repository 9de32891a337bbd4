import { anchors } from './anchor-table.js';
import type { AnchorResult } from './evidence.js';
import pinned from './pinned.json';

/** How far a figure may move before somebody has to say that it was meant to. @source assumed: far below what a cook or an anchor's range would notice */
export const PIN_TOLERANCE = 0.005;
/** Figures below this are compared as they are, not as a ratio. */
const SMALLEST = 1e-6;

/** A figure of an anchor that is not what was pinned. */
export interface MovedFigure {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  /** Absent for an anchor that is new. */
  readonly from: number | undefined;
  /** Absent for an anchor that is gone. */
  readonly to: number | undefined;
  /** (to − from) / from; absent where there is nothing to compare. */
  readonly by?: number;
}

const held: Readonly<Record<string, number>> = pinned;

/** What every anchor predicts, in the order of its id: what is pinned. */
export const figuresOf = (
  results: readonly Pick<AnchorResult, 'anchor' | 'predicted'>[],
): Readonly<Record<string, number>> =>
  Object.fromEntries(
    results
      .map(({ anchor, predicted }) => [anchor.id, Number(predicted.toPrecision(10))] as const)
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  );

/** Anchor by anchor, what moved by more than the tolerance, came, or went. */
export function movedFigures(
  results: readonly Pick<AnchorResult, 'anchor' | 'predicted'>[],
  from: Readonly<Record<string, number>> = held,
): readonly MovedFigure[] {
  const now = figuresOf(results);
  const anchorOf = new Map(anchors.map((anchor) => [anchor.id, anchor]));
  return [...new Set([...Object.keys(from), ...Object.keys(now)])].sort().flatMap((id): MovedFigure[] => {
    const before = from[id],
      after = now[id];
    const told = {
      id,
      name: anchorOf.get(id)?.name ?? '',
      unit: anchorOf.get(id)?.unit ?? '',
      from: before,
      to: after,
    };
    if (before === undefined || after === undefined) return [told];
    if (Math.abs(before) < SMALLEST) return Math.abs(after) < SMALLEST ? [] : [told];
    const by = after / before - 1;
    return Math.abs(by) <= PIN_TOLERANCE ? [] : [{ ...told, by }];
  });
}
