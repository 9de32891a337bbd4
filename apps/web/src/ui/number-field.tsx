import { readMeasured } from '@alterum/core';
import { useId, useState } from 'react';
import { afterPress } from './after-press';

/** Digits of a number that was worked out; more would say that they are known. */
const DIGITS = 5;

interface NumberFieldProps {
  readonly label: string;
  readonly value: number | undefined;
  /** How a value stands in the field; absent as it is. */
  readonly write?: (value: number) => string;
  /** Unit of a bare number; others of its kind may be typed too. */
  readonly unit: string;
  readonly min?: number;
  readonly max?: number;
  /** May be left empty, which is "not known", never nothing. */
  readonly optional?: boolean;
  /** Reads what is typed; absent, a measured number. */
  readonly read?: (
    text: string,
  ) =>
    | { readonly kind: 'value'; readonly value: number }
    | { readonly kind: 'unreadable'; readonly message: string };
  /** What was read; NaN while it cannot be read, so that a form does not send what stood there before. */
  readonly onValue: (value: number | undefined) => void;
  /** Tells every key, for a form that is sent with Enter; otherwise when the field is left. */
  readonly live?: boolean;
  /** What is wrong with it besides the reading. */
  readonly trouble?: string | undefined;
  /** Stands there while it is empty: what holds then. */
  readonly placeholder?: string;
  readonly className?: string;
}

/** A number in a form: read by the one reader of numbers; what cannot be read stays, with the reason beside it. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, unit, optional = false, onValue, live = false, className = '' } = props;
  const write = props.write ?? ((number: number) => String(Number(number.toPrecision(DIGITS))));
  const [draft, setDraft] = useState<string>();
  const [unread, setUnread] = useState<string>();
  const note = useId();
  const read = (text: string): ReturnType<typeof readMeasured> | { readonly kind: 'empty' } => {
    if (text.trim() === '' && optional) return { kind: 'empty' };
    if (props.read) return props.read(text);
    const { min, max } = props;
    return readMeasured(text, {
      unit,
      ...(min === undefined ? {} : { min }),
      ...(max === undefined ? {} : { max }),
    });
  };
  const commit = () => {
    if (draft === undefined) return;
    const reading = read(draft);
    if (reading.kind === 'unreadable') return afterPress(() => setUnread(reading.message));
    const next = reading.kind === 'value' ? reading.value : undefined;
    setUnread(undefined);
    setDraft(undefined);
    if (next !== value) onValue(next);
  };
  const said = value === undefined || Number.isNaN(value) ? '' : write(value);
  const trouble = unread ?? props.trouble;
  return (
    <>
      <input
        type="text"
        inputMode="decimal"
        autoComplete="off"
        {...(draft !== undefined && !live ? { 'data-draft': '' } : {})}
        aria-label={label}
        aria-invalid={trouble !== undefined}
        {...(trouble === undefined ? {} : { 'aria-describedby': note })}
        value={draft ?? said}
        placeholder={props.placeholder}
        onChange={(event) => {
          setDraft(event.target.value);
          setUnread(undefined);
          if (live) {
            const reading = read(event.target.value);
            onValue(reading.kind === 'value' ? reading.value : reading.kind === 'empty' ? undefined : NaN);
          }
        }}
        onBlur={() => {
          if (draft !== undefined && draft !== said) commit();
          else setDraft(undefined);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !live) {
            event.preventDefault();
            commit();
          } else if (event.key === 'Escape' && draft !== undefined && !live) {
            event.stopPropagation();
            event.preventDefault();
            setDraft(undefined);
            setUnread(undefined);
          }
        }}
        className={className}
      />
      {trouble !== undefined && (
        <span id={note} role="alert" className="col-span-full basis-full text-sm text-no">
          {trouble}
        </span>
      )}
    </>
  );
}
