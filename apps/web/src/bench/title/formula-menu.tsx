import { ChartArea, Columns3, Copy, FilePlus2, History, Pencil, Scaling, Trash2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import { deleteFormula, duplicateFormula, newFormula } from '../../formula-list/formula-actions';
import { MenuItem, MenuRule } from '../../ui/menu';
import { formulaSaving } from '../../saving/formula-saving';
import { focusName } from '../../open-formula/focus';
import { openWork } from '../../open-formula/work-store';

/** What can be done with the whole formula; unsaved work is sent first. */
export default function FormulaMenu({ id }: { readonly id: string }) {
  const navigate = useNavigate();
  return (
    <>
      <MenuItem onSelect={() => openWork('trade')}>
        <ChartArea size={16} aria-hidden /> Trade map
      </MenuItem>
      <MenuItem onSelect={() => openWork('scale')}>
        <Scaling size={16} aria-hidden /> Another size
      </MenuItem>
      <MenuItem onSelect={() => openWork('versions')}>
        <History size={16} aria-hidden /> Versions
      </MenuItem>
      <MenuItem onSelect={() => void formulaSaving.flush().then(() => navigate(`/compare?with=${id}`))}>
        <Columns3 size={16} aria-hidden /> Compare
      </MenuItem>
      <MenuRule />
      <MenuItem onSelect={() => void formulaSaving.flush().then(() => newFormula(navigate))}>
        <FilePlus2 size={16} aria-hidden /> New formula
      </MenuItem>
      <MenuItem onSelect={() => void formulaSaving.flush().then(() => duplicateFormula(id, navigate))}>
        <Copy size={16} aria-hidden /> Duplicate
      </MenuItem>
      <MenuItem onSelect={() => setTimeout(focusName)}>
        <Pencil size={16} aria-hidden /> Rename
      </MenuItem>
      <MenuItem onSelect={() => void formulaSaving.flush().then(() => deleteFormula(id, navigate))}>
        <Trash2 size={16} aria-hidden /> Delete
      </MenuItem>
    </>
  );
}
