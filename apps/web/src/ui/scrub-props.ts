import type { MeasuredOutcome } from '@alterum/core';

/** How a text is understood while it is typed, and another reading that one key takes. */
export interface ReadingHint {
  readonly said: string;
  readonly other?: { readonly said: string; readonly text: string };
}

export interface ScrubNumberProps {
  readonly label: string;
  /** Absent where nothing was said yet. */
  readonly value: number | undefined;
  /** The value as it is now, where the field is drawn later than it changes; absent takes `value`. */
  readonly latest?: () => number | undefined;
  /** Where an arrow key begins when nothing was said yet. */
  readonly begin?: number;
  /** How the value stands in the field when nobody types. */
  readonly text: string;
  /** Said to screen readers with the number. */
  readonly spoken: string;
  /** Unit of a bare number; others of its kind may be typed too. */
  readonly unit?: string;
  readonly min?: number;
  readonly max: number;
  /** Size of one arrow key or a few pixels of dragging, at a value. */
  readonly step: (value: number) => number;
  /** `gesture` is the same for all changes of one drag or one visit with the arrow keys. */
  readonly onChange: (value: number, gesture: string) => void;
  /** Takes typed text whole (an amount with its unit) instead of a number. */
  readonly onText?: (text: string) => MeasuredOutcome;
  readonly hint?: (text: string) => ReadingHint | undefined;
  readonly onEnter?: () => void;
  readonly placeholder?: string;
  readonly className?: string;
  readonly id?: string;
}
