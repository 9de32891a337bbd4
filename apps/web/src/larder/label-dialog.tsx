import {
  type Ingredient,
  allergensOfLabel,
  LONGEST_LABEL,
  type ReadLabel,
  readLabel,
  type TaughtWord,
} from '@alterum/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { api } from '../server/api';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { LabelFindings, MarkedLabel } from './marked-label';
import type { Prefilled } from '../own-ingredient/own-ingredient-form';

interface LabelDialogProps {
  /** Keeps the label for it; absent only reads, or starts an own ingredient. */
  readonly ingredient: Ingredient | undefined;
  readonly close: () => void;
  readonly kept: () => void;
  /** Words that were taught; whoever teaches another has the larder fetched again. */
  readonly words: readonly TaughtWord[];
  readonly taught: () => void;
  readonly writeDown: (given: Prefilled) => void;
}

/** Several labels are parted by a line of dashes or equals signs. */
const PARTING = /^\s*[-=]{3,}\s*$/m;

const prefilledOf = (read: ReadLabel): Prefilled => {
  const { contains, askFor } = allergensOfLabel(read);
  return {
    contains: [...contains],
    askFor: [...askFor],
    ...(read.nutrition ? { label: { ...read.nutrition } } : {}),
  };
};

/** Reads a pasted label, shows what every word means, and keeps it for an ingredient or starts an own one. */
export function LabelDialog({ ingredient, close, kept, words, taught, writeDown }: LabelDialogProps) {
  const [text, setText] = useState('');
  const [failure, setFailure] = useState<string>();
  const later = useDeferredValue(text.slice(0, LONGEST_LABEL));
  const labels = useMemo(
    () =>
      later
        .split(PARTING)
        .map((part) => ({ part, read: readLabel(part, words) }))
        .filter(({ part }) => part.trim() !== ''),
    [later, words],
  );
  const keep = (part: string) =>
    ingredient &&
    void api
      .keepLabel(ingredient.id, part)
      .then(kept)
      .catch((error: Error) => setFailure(error.message));
  return (
    <Dialog
      title={ingredient ? `The label of ${ingredient.name.toLowerCase()}` : 'Read a label'}
      description="Paste or type what the pack says: ingredients, “may contain”, the nutrition table. Several labels are parted by a line of dashes. The pack itself always comes first."
      close={close}
      dirty={text.trim() !== ''}
    >
      <textarea
        aria-label="Text of the label"
        value={text}
        onChange={(event) => setText(event.target.value)}
        rows={5}
        className="block w-full rounded-lg border-2 border-rim bg-glaze p-2.5"
      />
      {text.length > LONGEST_LABEL && (
        <p role="alert" className="text-no">
          This is longer than any label; only its beginning is read. Paste the label of one pack at a time.
        </p>
      )}
      {labels.map(({ part, read }, i) => (
        <section key={i} className="mt-3 border-t border-hair pt-2" aria-label={`What label ${i + 1} says`}>
          <MarkedLabel text={part} read={read} />
          <LabelFindings text={part} read={read} taught={taught} />
          <div className="mt-2 flex flex-wrap gap-2">
            {ingredient && (
              <Button look="yolk" onClick={() => keep(part)}>
                Keep for {ingredient.name.toLowerCase()}
              </Button>
            )}
            <Button onClick={() => writeDown(prefilledOf(read))}>Write down as an own ingredient</Button>
          </div>
        </section>
      ))}
      {failure && (
        <p role="alert" className="pt-2 text-no">
          {failure}
        </p>
      )}
    </Dialog>
  );
}
