import type { Line } from '@alterum/core';
import { Trash2 } from 'lucide-react';
import { MenuChoice, MenuItem, MenuRule } from '../ui/menu';
import { take } from './bench-store';
import { preparationNames, stageNames } from './line-words';

const optionsOf = <T extends string>(names: Readonly<Record<T, string>>) =>
  Object.entries<string>(names).map(([value, label]) => ({ value: value as T, label }));

/** How a line is made ready, when it goes in, and taking it out. */
export default function LineMenu({ line }: { readonly line: Line }) {
  return (
    <>
      <MenuChoice
        label="Made ready"
        value={line.preparation}
        options={optionsOf(preparationNames)}
        onChange={(preparation) => take({ step: 'set-preparation', line: line.id, preparation })}
      />
      <MenuChoice
        label="Goes in"
        value={line.stage}
        options={optionsOf(stageNames)}
        onChange={(stage) => take({ step: 'set-stage', line: line.id, stage })}
      />
      <MenuRule />
      <MenuItem onSelect={() => take({ step: 'remove-line', line: line.id })}>
        <Trash2 size={16} aria-hidden /> Take out of the pot
      </MenuItem>
    </>
  );
}
