import { type MeasuredOutcome, readMeasured } from '@alterum/core';
import { Minus, Plus } from 'lucide-react';
import { type KeyboardEvent, type PointerEvent, useId, useRef, useState } from 'react';
import { FieldNote } from './field-note';

export type Reading = MeasuredOutcome;

/** How a text is understood while it is typed, and another reading that one key takes. */
export interface ReadingHint {
  readonly said: string;
  readonly other?: { readonly said: string; readonly text: string };
}

interface ScrubNumberProps {
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
  readonly onText?: (text: string) => Reading;
  readonly hint?: (text: string) => ReadingHint | undefined;
  readonly onEnter?: () => void;
  readonly placeholder?: string;
  readonly className?: string;
  readonly id?: string;
}

/** Pixels of dragging that make one step. */
const PIXELS_PER_STEP = 5;
/** Below this a press is a click, not a drag, px. */
const SLACK = 4;
const BIG = 10;
/** The key that takes the other reading; no unit begins with it. */
const OTHER_READING = 'x';

let gestures = 0;

/**
 * A number that is typed, stepped with the arrow keys, or dragged along with a mouse. A finger scrolls the page: it changes the number with
 * the buttons that come with the focus. What cannot be read stays in the field with the reason.
 */
export function ScrubNumber(props: ScrubNumberProps) {
  const {
    label,
    value,
    text,
    spoken,
    unit = '',
    min = 0,
    max,
    step,
    onChange,
    onEnter,
    className = '',
  } = props;
  const [draft, setDraftState] = useState<string>();
  // What is typed and not yet taken. The state is for drawing; taking a text moves the focus, and the blur that follows
  // comes before the state has changed.
  const pending = useRef<string>(undefined);
  const setDraft = (next: string | undefined) => {
    pending.current = next;
    setDraftState(next);
  };
  const [trouble, setTrouble] = useState<string>();
  const [touched, setTouched] = useState(false);
  const [focused, setFocused] = useState(false);
  const gesture = useRef('');
  const drag = useRef<{ readonly x: number; readonly value: number; moved: boolean } | undefined>(undefined);
  const [input, setInput] = useState<HTMLInputElement | null>(null);
  const noteId = useId();
  const clamp = (n: number) => Math.min(max, Math.max(min, n));
  const rounded = (n: number) => Number(clamp(n).toPrecision(12));
  const newGesture = () => (gesture.current = `${label} ${++gestures}`);

  const take = (typed: string): boolean => {
    const reading = props.onText ? props.onText(typed) : readMeasured(typed, { unit, min, max });
    if (reading.kind === 'unreadable') {
      setTrouble(reading.message);
      return false;
    }
    if (!props.onText) onChange(reading.value, newGesture());
    setTrouble(undefined);
    setDraft(undefined);
    return true;
  };

  const stepBy = (steps: number) => {
    if (pending.current !== undefined && !take(pending.current)) return;
    const now = props.latest ? props.latest() : value;
    if (now === undefined) return onChange(rounded(props.begin ?? min), gesture.current || newGesture());
    onChange(rounded(now + step(now) * steps), gesture.current || newGesture());
  };

  const hint = draft === undefined ? undefined : props.hint?.(draft);
  const takeOther = () => {
    if (!hint?.other) return;
    setDraft(hint.other.text);
    setTrouble(undefined);
    input?.focus();
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      if (event.altKey) return;
      event.preventDefault();
      stepBy((event.shiftKey ? BIG : 1) * (event.key === 'ArrowUp' ? 1 : -1));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (pending.current === undefined || take(pending.current)) onEnter?.();
    } else if (event.key === 'Escape' && pending.current !== undefined) {
      event.stopPropagation();
      event.preventDefault();
      setDraft(undefined);
      setTrouble(undefined);
    } else if (event.key.toLowerCase() === OTHER_READING && hint?.other && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      takeOther();
    }
  };

  const onPointerDown = (event: PointerEvent<HTMLInputElement>) => {
    setTouched(event.pointerType !== 'mouse');
    // A finger that lands here may be scrolling; only a mouse drags.
    if (event.pointerType === 'touch' || event.button !== 0 || document.activeElement === input) return;
    if (value === undefined) return;
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
    if (start && !start.moved) input?.focus();
  };

  const buttons = focused && touched;
  const noted = trouble !== undefined || hint !== undefined || buttons;
  return (
    <span className="relative inline-block">
      <input
        ref={setInput}
        {...(props.id ? { id: props.id } : {})}
        role="spinbutton"
        inputMode={props.onText ? 'text' : 'decimal'}
        enterKeyHint="next"
        aria-label={label}
        {...(value === undefined ? {} : { 'aria-valuenow': value })}
        aria-valuemin={min}
        aria-valuemax={max}
        aria-valuetext={spoken}
        aria-invalid={trouble !== undefined}
        {...(trouble !== undefined || hint ? { 'aria-describedby': noteId } : {})}
        autoComplete="off"
        {...(draft === undefined ? {} : { 'data-draft': '' })}
        spellCheck={false}
        placeholder={props.placeholder}
        value={draft ?? text}
        onFocus={(event) => {
          newGesture();
          setFocused(true);
          event.currentTarget.select();
        }}
        onChange={(event) => {
          setDraft(event.target.value);
          setTrouble(undefined);
        }}
        onBlur={() => {
          setFocused(false);
          if (pending.current !== undefined) take(pending.current);
        }}
        onKeyDown={onKeyDown}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
        onPointerCancel={() => (drag.current = undefined)}
        style={{ touchAction: 'manipulation' }}
        className={`cursor-ew-resize rounded-md border border-transparent bg-transparent text-right hover:border-hair focus:cursor-text focus:bg-glaze ${trouble ? 'border-no!' : ''} ${className}`}
      />
      {noted && (
        <FieldNote anchor={input}>
          {trouble !== undefined ? (
            <span role="alert" id={noteId} className="text-no">
              {trouble}
            </span>
          ) : (
            hint && (
              <span role="status" id={noteId} data-testid="read-as">
                {hint.said}
              </span>
            )
          )}
          {trouble === undefined && hint?.other && (
            <NoteButton press={takeOther}>
              <kbd aria-hidden className="font-bold">
                {OTHER_READING}
              </kbd>{' '}
              {hint.other.said}
            </NoteButton>
          )}
          {buttons && (
            <>
              <NoteButton press={() => stepBy(-1)} label={`Less, ${label}`}>
                <Minus size={18} aria-hidden />
              </NoteButton>
              <NoteButton press={() => stepBy(1)} label={`More, ${label}`}>
                <Plus size={18} aria-hidden />
              </NoteButton>
            </>
          )}
        </FieldNote>
      )}
    </span>
  );
}

interface NoteButtonProps {
  readonly press: () => void;
  readonly label?: string;
  readonly children: React.ReactNode;
}

/** A button of a field's note: pressing it leaves the focus in the field. */
function NoteButton({ press, label, children }: NoteButtonProps) {
  return (
    <button
      type="button"
      tabIndex={-1}
      {...(label === undefined ? {} : { 'aria-label': label })}
      onPointerDown={(event) => event.preventDefault()}
      onMouseDown={(event) => event.preventDefault()}
      onClick={press}
      className="tap-coarse grid min-h-8 min-w-8 place-items-center rounded-md border-2 border-hair px-1.5 [grid-auto-flow:column] gap-1 hover:bg-dip"
    >
      {children}
    </button>
  );
}
