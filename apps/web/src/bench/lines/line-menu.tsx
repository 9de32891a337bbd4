import { ingredientById, kindsBeside, type Line } from '@alterum/core';
import { ChartArea, MoveHorizontal, Replace, Trash2 } from 'lucide-react';
import { MenuChoice, MenuItem, MenuRule } from '../../ui/menu';
import { take } from '../../open-formula/bench-store';
import { holdKey, holdOf, holdOptions } from './hold-choice';
import { preparationNames, stageNames } from '../../words/line-words';
import { openWork } from '../../open-formula/work-store';

const optionsOf = <T extends string>(names: Readonly<Record<T, string>>) =>
  Object.entries<string>(names).map(([value, label]) => ({ value: value as T, label }));

/** How a line is made ready, when it goes in, and taking it out. */
export default function LineMenu({
  line,
  typeBounds,
}: {
  readonly line: Line;
  readonly typeBounds: () => void;
}) {
  const kinds = kindsBeside(line.ingredient);
  return (
    <>
      <MenuItem onSelect={() => openWork('swap', line.id)}>
        <Replace size={16} aria-hidden /> Swap for something else
      </MenuItem>
      <MenuItem onSelect={() => openWork('trade', line.id)}>
        <ChartArea size={16} aria-hidden /> Trade against another line
      </MenuItem>
      {kinds.length > 0 && (
        <MenuChoice
          label="Which kind"
          value={line.ingredient}
          options={kinds.map((id) => ({
            value: id,
            label: ingredientById(id)?.kinds ? 'not said' : (ingredientById(id)?.name ?? id),
          }))}
          onChange={(ingredient) => take({ step: 'set-kind', line: line.id, ingredient })}
        />
      )}
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
      <MenuChoice
        label="When balancing"
        value={holdKey(line)}
        options={holdOptions(line)}
        onChange={(key) => take({ step: 'set-hold', line: line.id, hold: holdOf(key, line) })}
      />
      <MenuItem onSelect={typeBounds}>
        <MoveHorizontal size={16} aria-hidden /> Type bounds for balancing
      </MenuItem>
      <MenuRule />
      <MenuItem onSelect={() => take({ step: 'remove-line', line: line.id })}>
        <Trash2 size={16} aria-hidden /> Take out of the pot
      </MenuItem>
    </>
  );
}
