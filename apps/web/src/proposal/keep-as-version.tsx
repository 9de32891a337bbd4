import { formulaBodyOf } from '@alterum/contract/convert';
import { applyStep, type Formula, type FormulaStep } from '@alterum/core';
import { BookmarkPlus } from 'lucide-react';
import { useState } from 'react';
import { sayFailure, useNotices } from '../notices/notices';
import { useBenchPart } from '../open-formula/bench-store';
import { openWork } from '../open-formula/work-store';
import { formulaSaving } from '../saving/formula-saving';
import { api } from '../server/api';
import { queries, read } from '../server/queries';
import { Button } from '../ui/button';

const LONGEST = 76;

/** A name that no version has yet: "thicker", "thicker 2". */
export function freeName(wanted: string, taken: readonly string[]): string {
  const base = wanted.slice(0, LONGEST);
  if (!taken.includes(base)) return base;
  for (let n = 2; ; n++) if (!taken.includes(`${base} ${n}`)) return `${base} ${n}`;
}

interface KeepAsVersionProps {
  readonly formula: Formula;
  /** The edits of the proposal, worked out when it is kept. */
  readonly steps: () => readonly FormulaStep[];
  readonly disabled?: boolean;
  /** What the version is called, and why it is there. */
  readonly name: string;
  readonly why: string;
}

/** Keeps a proposal beside the formula, so that both can be cooked; the pot stays as it is. */
export function KeepAsVersion({ formula, steps, disabled = false, name, why }: KeepAsVersionProps) {
  const id = useBenchPart((bench) => bench.id);
  const [keeping, setKeeping] = useState(false);
  const keep = async () => {
    const taken = applyStep(formula, { step: 'several', steps: steps() });
    if (taken.kind !== 'applied') return;
    await formulaSaving.flush();
    const kept = await read(queries.versions(id));
    const version = await api.keepVersion(id, {
      name: freeName(
        name,
        kept.map((one) => one.name),
      ),
      why: why.slice(0, 1000),
      content: formulaBodyOf(taken.formula),
    });
    useNotices.getState().show(`Kept as version “${version.name}”; the pot stays as it is. Cook both.`, {
      label: 'Versions',
      run: () => openWork('versions'),
    });
  };
  return (
    <Button
      look="bare"
      disabled={disabled}
      aria-busy={keeping}
      aria-label={`Keep as a version: ${name}`}
      onClick={() => {
        // Pressed twice it is kept once; the button stays, so that the focus does.
        if (keeping) return;
        setKeeping(true);
        void keep()
          .catch(sayFailure)
          .finally(() => setKeeping(false));
      }}
    >
      <BookmarkPlus size={16} aria-hidden /> Keep as version
    </Button>
  );
}
