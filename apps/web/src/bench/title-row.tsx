import { families, familyNames, type Family } from '@alterum/core';
import { Copy, Ellipsis, FilePlus2, Redo2, Trash2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { deleteFormula, duplicateFormula, newFormula } from '../formulas/formula-actions';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Menu, MenuItem } from '../ui/menu';
import { ScrubNumber } from '../ui/scrub-number';
import { redoOnBench, take, undoOnBench, useBenchPart, useFormula, usePrediction } from './bench-store';
import { Bowl } from './bowl';
import { flush } from './autosave';

const LONGEST_NAME = 120;
const familyOptions = families.map((value: Family) => ({ value, label: familyNames[value] }));

function NameField({ name }: { readonly name: string }) {
  const [draft, setDraft] = useState<string>();
  const commit = () => {
    const next = draft?.trim();
    setDraft(undefined);
    if (next && next !== name) take({ step: 'rename', name: next });
  };
  return (
    <input
      id="formula-name"
      aria-label="Name of the formula"
      value={draft ?? name}
      maxLength={LONGEST_NAME}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') setDraft(undefined);
      }}
      className="w-full min-w-0 rounded-md border border-transparent bg-transparent px-1 font-display text-[25px] font-extrabold leading-8 tracking-tight hover:border-hair focus:bg-glaze"
    />
  );
}

function FormulaMenu({ id }: { readonly id: string }) {
  const navigate = useNavigate();
  return (
    <Menu
      trigger={
        <Button aria-label="More for this formula">
          <Ellipsis size={18} aria-hidden />
        </Button>
      }
    >
      <MenuItem onSelect={() => void flush().then(() => newFormula(navigate))}>
        <FilePlus2 size={16} aria-hidden /> New formula
      </MenuItem>
      <MenuItem onSelect={() => void flush().then(() => duplicateFormula(id, navigate))}>
        <Copy size={16} aria-hidden /> Duplicate
      </MenuItem>
      <MenuItem onSelect={() => document.getElementById('formula-name')?.focus()}>Rename</MenuItem>
      <MenuItem onSelect={() => void flush().then(() => deleteFormula(id, navigate))}>
        <Trash2 size={16} aria-hidden /> Delete
      </MenuItem>
    </Menu>
  );
}

/** Name, kind, portions, and what can be done with the whole formula. */
export function TitleRow() {
  const { name, family, portions } = useFormula();
  const { colour } = usePrediction();
  const id = useBenchPart((bench) => bench.id);
  const undoable = useBenchPart((bench) => bench.history.done.length > 0);
  const redoable = useBenchPart((bench) => bench.history.undone.length > 0);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <Bowl hex={colour.hex} />
      <div className="min-w-0 flex-1 basis-52">
        <h1 className="sr-only">{name}</h1>
        <NameField name={name} />
        <div className="flex flex-wrap items-baseline gap-x-1 text-sm text-soft">
          <Choice label="Kind" value={family} options={familyOptions} onChange={(next) => take({ step: 'set-family', family: next })} className="max-w-[70vw] font-normal!" />
          <span aria-hidden>·</span>
          <ScrubNumber label="Portions" value={portions} text={String(portions)} spoken={`${portions} portions`} min={0.25} max={200} step={(n) => (n >= 2 ? 1 : 0.25)} onChange={(value, gesture) => take({ step: 'set-portions', portions: value }, gesture)} className="h-6 w-9 pr-0.5 font-semibold text-ink" />
          <span>portions</span>
        </div>
      </div>
      <div className="flex gap-2">
        <Button onClick={undoOnBench} disabled={!undoable} aria-label="Undo" aria-keyshortcuts="Control+Z">
          <Undo2 size={18} aria-hidden />
        </Button>
        <Button onClick={redoOnBench} disabled={!redoable} aria-label="Redo" aria-keyshortcuts="Control+Shift+Z">
          <Redo2 size={18} aria-hidden />
        </Button>
        <FormulaMenu id={id} />
      </div>
    </div>
  );
}
