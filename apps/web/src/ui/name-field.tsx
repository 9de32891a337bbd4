import { useState } from 'react';

const LONGEST_NAME = 120;

interface NameFieldProps {
  readonly id: string;
  readonly label: string;
  readonly name: string;
  readonly rename: (name: string) => void;
}

/** The name of what is open, as its heading; an empty one is not taken. */
export function NameField({ id, label, name, rename }: NameFieldProps) {
  const [draft, setDraft] = useState<string>();
  const commit = () => {
    const next = draft?.trim();
    setDraft(undefined);
    if (next && next !== name) rename(next);
  };
  return (
    <input
      id={id}
      aria-label={label}
      value={draft ?? name}
      maxLength={LONGEST_NAME}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') setDraft(undefined);
      }}
      className="w-full min-w-0 rounded-md border border-transparent bg-transparent px-1 font-display text-[25px] leading-8 font-extrabold tracking-tight hover:border-hair focus:bg-glaze"
    />
  );
}
