import { type KeyboardEvent, useId, useState } from 'react';
import { OTHER_READING, ScrubNote } from './scrub-note';
import type { ScrubNumberProps } from './scrub-props';
import { useDragged, useScrubbed, useTyped } from './use-scrubbed';

const BIG = 10;

/**
 * A number that is typed, stepped with the arrow keys, or dragged along with a mouse. A finger scrolls the page: it changes the number with
 * the buttons that come with the focus. What cannot be read stays in the field with the reason.
 */
export function ScrubNumber(props: ScrubNumberProps) {
  const { label, value, text, spoken, min = 0, max, step, onEnter, className = '' } = props;
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
  const takeOther = () => {
    if (!hint?.other) return;
    typed.type(hint.other.text);
    input?.focus();
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      if (event.altKey) return;
      event.preventDefault();
      stepBy((event.shiftKey ? BIG : 1) * (event.key === 'ArrowUp' ? 1 : -1));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (typed.takeTyped()) onEnter?.();
    } else if (event.key === 'Escape' && typed.isTyping()) {
      event.stopPropagation();
      event.preventDefault();
      typed.forget();
    } else if (event.key.toLowerCase() === OTHER_READING && hint?.other && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      takeOther();
    }
  };

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
          scrubbed.newGesture();
          setFocused(true);
          event.currentTarget.select();
        }}
        onChange={(event) => typed.type(event.target.value)}
        onBlur={() => {
          setFocused(false);
          typed.takeTyped();
        }}
        onKeyDown={onKeyDown}
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
