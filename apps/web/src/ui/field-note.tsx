import { type ReactNode, useLayoutEffect, useState } from 'react';
import { createPortal } from 'react-dom';

interface FieldNoteProps {
  /** The field, or the button, that the note belongs to. */
  readonly anchor: HTMLElement | null;
  readonly children: ReactNode;
}

/** Space kept free at the edges of the screen, and between field and note, px. */
const EDGE = 8,
  GAP = 3;

/** Where the note stands, moved so that it is wholly on the screen; what it is measured against may be transformed. */
function placeBeside(note: HTMLElement, field: DOMRect): void {
  note.style.transform = 'none';
  const origin = note.getBoundingClientRect();
  const right = window.innerWidth - EDGE - origin.width;
  const left = Math.max(EDGE, Math.min(field.right - origin.width, right));
  const below = field.bottom + GAP,
    fits = below + origin.height <= window.innerHeight - EDGE;
  const top = fits ? below : Math.max(EDGE, field.top - GAP - origin.height);
  note.style.transform = `translate(${left - origin.left}px, ${top - origin.top}px)`;
}

/** A small plate under a field, always whole on the screen and over everything. */
export function FieldNote({ anchor, children }: FieldNoteProps) {
  // Never in the flow: a note that comes with the focus must not move what a finger is on.
  const home = (anchor?.closest('[role=dialog]') ? undefined : anchor?.closest('main')) ?? document.body;
  const [note, setNote] = useState<HTMLElement | null>(null);
  useLayoutEffect(() => {
    if (!note || !anchor) return undefined;
    const place = () => placeBeside(note, anchor.getBoundingClientRect());
    place();
    const watch = new ResizeObserver(place);
    watch.observe(note);
    window.addEventListener('scroll', place, true);
    window.addEventListener('resize', place);
    return () => {
      watch.disconnect();
      window.removeEventListener('scroll', place, true);
      window.removeEventListener('resize', place);
    };
  }, [note, anchor]);
  const look =
    'flex max-w-72 flex-wrap items-center gap-1.5 rounded-lg border-2 bg-glaze px-2 py-1 text-sm font-normal whitespace-normal';
  return createPortal(
    <span
      ref={setNote}
      className={`${look} pointer-events-auto fixed left-0 top-0 z-[60] w-max border-rim text-left shadow-lg print:hidden`}
    >
      {children}
    </span>,
    home,
  );
}
