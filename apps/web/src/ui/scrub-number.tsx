import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';

export type Reading =
  | { readonly kind: 'value'; readonly value: number }
  | { readonly kind: 'unreadable'; readonly message: string };

interface ScrubNumberProps {
  readonly label: string;
  readonly value: number;
  /** The value as it is now, where the field is drawn later than it changes; absent takes `value`. */
  readonly latest?: () => number;
  /** How the value stands in the field when nobody types. */
  readonly text: string;
  /** Said to screen readers with the number. */
  readonly spoken: string;
  readonly min?: number;
  readonly max: number;
  /** Size of one arrow key or a few pixels of dragging, at a value. */
  readonly step: (value: number) => number;
  /** Reads what was typed; when absent, a plain number. */
  readonly read?: (text: string) => Reading;
  /** `gesture` is the same for all changes of one drag or one visit with the arrow keys. */
  readonly onChange: (value: number, gesture: string) => void;
  /** Takes typed text whole (an amount with its unit) instead of a number; false when it was not understood. */
  readonly onText?: (text: string) => Reading;
  readonly onEnter?: () => void;
  readonly className?: string;
  readonly id?: string;
}

/** Pixels of dragging that make one step. */
const PIXELS_PER_STEP = 5;
/** Below this a press is a click, not a drag, px. */
const SLACK = 4;
const BIG = 10;

const plainNumber = (text: string): Reading => {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && Number.isFinite(value)
    ? { kind: 'value', value }
    : { kind: 'unreadable', message: 'Type a number.' };
};

let gestures = 0;

/** A number that is typed, stepped with the arrow keys, or dragged along. What cannot be read stays in the field with the reason. */
export function ScrubNumber(props: ScrubNumberProps) {
  const { label, value, text, spoken, min = 0, max, step, onChange, onEnter, className = '' } = props;
  const [draft, setDraftState] = useState<string>();
  // What is typed and not yet taken. The state is for drawing; taking a text moves the focus, and the blur that follows
  // comes before the state has changed.
  const pending = useRef<string>(undefined);
  const setDraft = (text: string | undefined) => {
    pending.current = text;
    setDraftState(text);
  };
  const [trouble, setTrouble] = useState<string>();
  const gesture = useRef('');
  const drag = useRef<{ readonly x: number; readonly value: number; moved: boolean } | undefined>(undefined);
  const input = useRef<HTMLInputElement>(null);
  const clamp = (n: number) => Math.min(max, Math.max(min, n));
  const rounded = (n: number) => Number(clamp(n).toPrecision(12));
  const newGesture = () => (gesture.current = `${label} ${++gestures}`);

  const take = (typed: string): boolean => {
    const reading = props.onText ? props.onText(typed) : (props.read ?? plainNumber)(typed);
    if (reading.kind === 'unreadable') {
      setTrouble(reading.message);
      return false;
    }
    if (!props.onText) {
      if (reading.value < min || reading.value > max) {
        setTrouble(`Between ${min} and ${max}.`);
        return false;
      }
      onChange(reading.value, newGesture());
    }
    setTrouble(undefined);
    setDraft(undefined);
    return true;
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      if (event.altKey) return;
      event.preventDefault();
      if (pending.current !== undefined && !take(pending.current)) return;
      const now = props.latest?.() ?? value;
      const by = step(now) * (event.shiftKey ? BIG : 1) * (event.key === 'ArrowUp' ? 1 : -1);
      onChange(rounded(now + by), gesture.current || newGesture());
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (pending.current === undefined || take(pending.current)) onEnter?.();
    } else if (event.key === 'Escape' && pending.current !== undefined) {
      event.stopPropagation();
      setDraft(undefined);
      setTrouble(undefined);
    }
  };

  const onPointerDown = (event: PointerEvent<HTMLInputElement>) => {
    if (event.button !== 0 || document.activeElement === input.current) return;
    drag.current = { x: event.clientX, value, moved: false };
    newGesture();
    event.currentTarget.setPointerCapture(event.pointerId);
    event.preventDefault();
  };
  const onPointerMove = (event: PointerEvent<HTMLInputElement>) => {
    const start = drag.current;
    if (!start) return;
    const dx = event.clientX - start.x;
    if (!start.moved && Math.abs(dx) < SLACK) return;
    start.moved = true;
    onChange(rounded(start.value + Math.round(dx / PIXELS_PER_STEP) * step(start.value)), gesture.current);
  };
  const onPointerUp = () => {
    const start = drag.current;
    drag.current = undefined;
    if (start && !start.moved) input.current?.focus();
  };

  return (
    <span className="relative inline-block">
      <input
        ref={input}
        {...(props.id ? { id: props.id } : {})}
        role="spinbutton"
        aria-label={label}
        aria-valuenow={value}
        aria-valuemin={min}
        aria-valuemax={max}
        aria-valuetext={spoken}
        aria-invalid={trouble !== undefined}
        autoComplete="off"
        spellCheck={false}
        value={draft ?? text}
        onFocus={(event) => {
          newGesture();
          event.currentTarget.select();
        }}
        onChange={(event) => {
          setDraft(event.target.value);
          setTrouble(undefined);
        }}
        onBlur={() => pending.current !== undefined && take(pending.current)}
        onKeyDown={onKeyDown}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
        onPointerCancel={() => (drag.current = undefined)}
        style={{ touchAction: 'pan-y' }}
        className={`cursor-ew-resize rounded-md border border-transparent bg-transparent text-right hover:border-hair focus:cursor-text focus:bg-glaze ${trouble ? 'border-no!' : ''} ${className}`}
      />
      {trouble && (
        <span
          role="alert"
          className="absolute right-0 top-full z-30 w-max max-w-64 rounded-md border-2 border-no bg-glaze px-2 py-1 text-sm text-no"
        >
          {trouble}
        </span>
      )}
    </span>
  );
}
