import { useState } from 'react';
import { take, useBenchPart } from '../../open-formula/bench-store';

const LONGEST = 4000;

/** What the cook wants to remember of this formula; taken when the field is left, or after a pause while typing. */
export function NoteField() {
  const note = useBenchPart((bench) => bench.history.formula.note);
  const [gesture, setGesture] = useState('');
  return (
    <textarea
      aria-label="Note"
      value={note}
      maxLength={LONGEST}
      placeholder="Note what to remember: the dish, the day, what to try next."
      onFocus={() => setGesture(`note ${Date.now()}`)}
      onChange={(event) => take({ step: 'set-note', note: event.target.value }, gesture)}
      className="min-h-14 w-full flex-1 resize-none rounded-md border border-transparent bg-dip px-2 py-1.5 text-sm hover:border-hair"
    />
  );
}
