import { Copy, FilePlus2, Pencil, Trash2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import { deleteFormula, duplicateFormula, newFormula } from '../formulas/formula-actions';
import { MenuItem } from '../ui/menu';
import { flush } from './autosave';
import { focusName } from './focus';

/** What can be done with the whole formula; unsaved work is sent first. */
export default function FormulaMenu({ id }: { readonly id: string }) {
  const navigate = useNavigate();
  return (
    <>
      <MenuItem onSelect={() => void flush().then(() => newFormula(navigate))}>
        <FilePlus2 size={16} aria-hidden /> New formula
      </MenuItem>
      <MenuItem onSelect={() => void flush().then(() => duplicateFormula(id, navigate))}>
        <Copy size={16} aria-hidden /> Duplicate
      </MenuItem>
      <MenuItem onSelect={() => setTimeout(focusName)}>
        <Pencil size={16} aria-hidden /> Rename
      </MenuItem>
      <MenuItem onSelect={() => void flush().then(() => deleteFormula(id, navigate))}>
        <Trash2 size={16} aria-hidden /> Delete
      </MenuItem>
    </>
  );
}
