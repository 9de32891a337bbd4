import { Minus, Plus } from 'lucide-react';
import { FieldNote } from './field-note';
import type { ReadingHint } from './scrub-props';

/** The key that takes the other reading; no unit begins with it. */
export const OTHER_READING = 'x';

interface ScrubNoteProps {
  readonly id: string;
  readonly anchor: HTMLElement | null;
  readonly label: string;
  readonly trouble: string | undefined;
  readonly hint: ReadingHint | undefined;
  readonly takeOther: (() => void) | undefined;
  /** Buttons for less and more; absent where the keys are at hand. */
  readonly stepBy?: ((steps: number) => void) | undefined;
}

/** What stands beside a number that is being changed: why it cannot be read or how it is understood, and buttons for a finger. */
export function ScrubNote({ id, anchor, label, trouble, hint, takeOther, stepBy }: ScrubNoteProps) {
  if (trouble === undefined && !hint && !stepBy) return null;
  return (
    <FieldNote anchor={anchor}>
      {trouble !== undefined ? (
        <span role="alert" id={id} className="text-no">
          {trouble}
        </span>
      ) : (
        hint && (
          <span role="status" id={id} data-testid="read-as">
            {hint.said}
          </span>
        )
      )}
      {trouble === undefined && hint?.other && takeOther && (
        <NoteButton press={takeOther}>
          <kbd aria-hidden className="font-bold">
            {OTHER_READING}
          </kbd>{' '}
          {hint.other.said}
        </NoteButton>
      )}
      {stepBy && (
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
