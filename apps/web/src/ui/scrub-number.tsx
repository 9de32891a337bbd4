import { type KeyboardEvent, useId, useState } from 'react';
import { OTHER_READING, ScrubNote } from './scrub-note';
import type { ScrubNumberProps } from './scrub-props';
import { type Typed, useDragged, useScrubbed, useTyped } from './use-scrubbed';

const BIG = 10;

/** What the keys of the field do. */
function keysOf(
  typed: Typed,
  {
    stepBy,
    takeOther,
    onEnter,
  }: {
    readonly stepBy: (steps: number) => void;
    /** Takes what else the typed may mean, where there is such. */
    readonly takeOther: (() => void) | undefined;
    readonly onEnter: (() => void) | undefined;
  },
) {
  return (event: KeyboardEvent<HTMLInputElement>) => {
    const { key, altKey, shiftKey, ctrlKey, metaKey } = event;
    if (key === 'ArrowUp' || key === 'ArrowDown') {
      if (altKey) return;
      event.preventDefault();
      stepBy((shiftKey ? BIG : 1) * (key === 'ArrowUp' ? 1 : -1));
    } else if (key === 'Enter') {
      event.preventDefault();
      if (typed.takeTyped()) onEnter?.();
    } else if (key === 'Escape' && typed.isTyping()) {
      event.stopPropagation();
      event.preventDefault();
      typed.forget();
    } else if (key.toLowerCase() === OTHER_READING && takeOther && !ctrlKey && !metaKey) {
      event.preventDefault();
      takeOther();
    }
  };
}

/** The field as it is heard: a number with its least and most, and what is wrong with what was typed. */
const heardAs = (
  { label, value, spoken, min = 0, max }: ScrubNumberProps,
  { trouble, hint }: Typed,
  noteId: string,
) => ({
  role: 'spinbutton',
  'aria-label': label,
  ...(value === undefined ? {} : { 'aria-valuenow': value }),
  'aria-valuemin': min,
  'aria-valuemax': max,
  'aria-valuetext': spoken,
  'aria-invalid': trouble !== undefined,
  ...(trouble !== undefined || hint ? { 'aria-describedby': noteId } : {}),
});

/**
 * A number that is typed, stepped with the arrow keys, or dragged along with a mouse. A finger scrolls the page: it changes the number with
 * the buttons that come with the focus. What cannot be read stays in the field with the reason.
 */
export function ScrubNumber(props: ScrubNumberProps) {
  const { label, value, text, min = 0, step, onEnter, className = '' } = props;
  const [touched, setTouched] = useState(false);
  const [focused, setFocused] = useState(false);
  const [input, setInput] = useState<HTMLInputElement | null>(null);
  const noteId = useId();
  const scrubbed = useScrubbed(props),
    typed = useTyped(props, scrubbed),
    dragged = useDragged(props, scrubbed, input);
  const { draft, trouble, hint } = typed;

  const stepBy = (steps: number) => {
    if (!typed.takeTyped()) return;
    const now = props.latest ? props.latest() : value;
    scrubbed.change(now === undefined ? (props.begin ?? min) : now + step(now) * steps);
  };
  const other = hint?.other;
  const takeOther =
    other &&
    (() => {
      typed.type(other.text);
      input?.focus();
    });

  return (
    <span className="relative inline-block">
      <input
        ref={setInput}
        {...(props.id ? { id: props.id } : {})}
        {...heardAs(props, typed, noteId)}
        inputMode={props.onText ? 'text' : 'decimal'}
        enterKeyHint="next"
        autoComplete="off"
        {...(draft === undefined ? {} : { 'data-draft': '' })}
        spellCheck={false}
        placeholder={props.placeholder}
        value={draft ?? text}
        onFocus={(event) => {
          scrubbed.newGesture();
          setFocused(true);
          event.currentTarget.select();
        }}
        onChange={(event) => typed.type(event.target.value)}
        onBlur={() => {
          setFocused(false);
          typed.takeTyped();
        }}
        onKeyDown={keysOf(typed, { stepBy, takeOther, onEnter })}
        {...dragged}
        onPointerDown={(event) => {
          setTouched(event.pointerType !== 'mouse');
          dragged.onPointerDown(event);
        }}
        style={{ touchAction: 'manipulation' }}
        className={`cursor-ew-resize rounded-md border border-transparent bg-transparent text-right hover:border-hair focus:cursor-text focus:bg-glaze ${trouble ? 'border-no!' : ''} ${className}`}
      />
      <ScrubNote
        id={noteId}
        anchor={input}
        label={label}
        trouble={trouble}
        hint={hint}
        takeOther={takeOther}
        stepBy={focused && touched ? stepBy : undefined}
      />
    </span>
  );
}
