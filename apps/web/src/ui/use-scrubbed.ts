import { readMeasured } from '@alterum/core';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import type { ReadingHint, ScrubNumberProps } from './scrub-props';

/** Pixels of dragging that make one step. */
const PIXELS_PER_STEP = 5;
/** Below this a press is a click, not a drag, px. */
const SLACK = 4;

let gestures = 0;

/** A number that is changed: in one gesture, within its limits. */
interface Scrubbed {
  /** Begins another gesture. @returns its name */
  readonly newGesture: () => string;
  /** Takes the value as part of the gesture that is going on. */
  readonly change: (value: number) => void;
}

export function useScrubbed({
  label,
  min = 0,
  max,
  onChange,
}: Pick<ScrubNumberProps, 'label' | 'min' | 'max' | 'onChange'>): Scrubbed {
  const gesture = useRef('');
  const newGesture = () => (gesture.current = `${label} ${++gestures}`);
  return {
    newGesture,
    change: (value) => {
      if (gesture.current === '') newGesture();
      onChange(Number(Math.min(max, Math.max(min, value)).toPrecision(12)), gesture.current);
    },
  };
}

/** What is typed and not yet taken. */
export interface Typed {
  readonly draft: string | undefined;
  readonly trouble: string | undefined;
  readonly hint: ReadingHint | undefined;
  readonly type: (text: string) => void;
  readonly forget: () => void;
  /** Takes what is typed. @returns whether nothing untaken is left */
  readonly takeTyped: () => boolean;
  readonly isTyping: () => boolean;
}

export function useTyped(props: ScrubNumberProps, { newGesture }: Scrubbed): Typed {
  const [draft, setDraftState] = useState<string>();
  // The state is for drawing; taking a text moves the focus, and the blur that follows comes before the state has changed.
  const pending = useRef<string>(undefined);
  const [trouble, setTrouble] = useState<string>();
  const setDraft = (next: string | undefined) => {
    pending.current = next;
    setDraftState(next);
  };
  const forget = () => {
    setDraft(undefined);
    setTrouble(undefined);
  };
  const take = (typed: string): boolean => {
    const { unit = '', min = 0, max, onText, onChange } = props;
    const reading = onText ? onText(typed) : readMeasured(typed, { unit, min, max });
    if (reading.kind === 'unreadable') {
      setTrouble(reading.message);
      return false;
    }
    if (!onText) onChange(reading.value, newGesture());
    forget();
    return true;
  };
  // A page that is left takes what was typed along, as leaving the field does.
  useEffect(() => {
    if (draft === undefined) return;
    const leave = () => void (pending.current !== undefined && take(pending.current));
    window.addEventListener('beforeunload', leave);
    window.addEventListener('pagehide', leave, true);
    return () => {
      window.removeEventListener('beforeunload', leave);
      window.removeEventListener('pagehide', leave, true);
    };
  });
  return {
    draft,
    trouble,
    hint: draft === undefined ? undefined : props.hint?.(draft),
    type: (text) => {
      setDraft(text);
      setTrouble(undefined);
    },
    forget,
    takeTyped: () => pending.current === undefined || take(pending.current),
    isTyping: () => pending.current !== undefined,
  };
}

/** A mouse that is pressed on a number and drags it along. @param input the field; a press that moves nothing goes into it */
export function useDragged(
  { value, step }: Pick<ScrubNumberProps, 'value' | 'step'>,
  { newGesture, change }: Scrubbed,
  input: HTMLInputElement | null,
) {
  const drag = useRef<{ readonly x: number; readonly value: number; moved: boolean } | undefined>(undefined);
  return {
    onPointerDown: (event: PointerEvent<HTMLInputElement>) => {
      // A finger that lands here may be scrolling; only a mouse drags.
      if (event.pointerType === 'touch' || event.button !== 0 || document.activeElement === input) return;
      if (value === undefined) return;
      drag.current = { x: event.clientX, value, moved: false };
      newGesture();
      event.currentTarget.setPointerCapture(event.pointerId);
      event.preventDefault();
    },
    onPointerMove: (event: PointerEvent<HTMLInputElement>) => {
      const start = drag.current;
      if (!start) return;
      const dx = event.clientX - start.x;
      if (!start.moved && Math.abs(dx) < SLACK) return;
      start.moved = true;
      change(start.value + Math.round(dx / PIXELS_PER_STEP) * step(start.value));
    },
    onPointerUp: () => {
      const start = drag.current;
      drag.current = undefined;
      if (start && !start.moved) input?.focus();
    },
    onPointerCancel: () => {
      drag.current = undefined;
    },
  };
}
