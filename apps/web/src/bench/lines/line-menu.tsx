import {
  afterTheHeat,
  atTheStart,
  inPieces,
  ingredientById,
  kindsBeside,
  type Line,
  type Stage,
} from '@alterum/core';
import { formulaInLine } from '@alterum/contract/convert';
import {
  ArrowDownToLine,
  ChartArea,
  CookingPot,
  Flame,
  Leaf,
  MoveHorizontal,
  Replace,
  Trash2,
} from 'lucide-react';
import { useNavigate } from 'react-router';
import { MenuChoice, MenuItem, MenuRule } from '../../ui/menu';
import { take, useFormula } from '../../open-formula/bench-store';
import { effectOfKind } from './kind-effect';
import { holdKey, holdOf, holdOptions } from './hold-choice';
import { preparationNames, stageNames } from '../../words/line-words';
import { stepsOfMethod } from '../../open-formula/method-edits';
import { openWork } from '../../open-formula/work-store';

const optionsOf = <T extends string>(names: Readonly<Record<T, string>>) =>
  Object.entries<string>(names).map(([value, label]) => ({ value: value as T, label }));

interface OfLine {
  readonly line: Line;
}

/** Which kind of a thing it is, where the verdict or the figures depend on it, and what each would change. */
function KindChoice({ line }: OfLine) {
  const formula = useFormula(),
    kinds = kindsBeside(line.ingredient);
  if (kinds.length === 0) return null;
  return (
    <MenuChoice
      label="Which kind"
      value={line.ingredient}
      options={kinds.map((id) => ({
        value: id,
        label: ingredientById(id)?.kinds ? 'not said' : (ingredientById(id)?.name ?? id),
        ...(id === line.ingredient ? {} : { told: effectOfKind(formula, line.id, id) }),
      }))}
      onChange={(ingredient) => take({ step: 'set-kind', line: line.id, ingredient })}
    />
  );
}

function ReadyChoice({ line }: OfLine) {
  return (
    <MenuChoice
      label="Made ready"
      value={line.preparation}
      options={optionsOf(preparationNames)}
      onChange={(preparation) =>
        take({
          step: 'several',
          steps: [
            { step: 'set-ready', line: line.id, ready: preparation === 'as-is' ? [] : undefined },
            { step: 'set-preparation', line: line.id, preparation },
          ],
        })
      }
    />
  );
}

/** When it goes in. That is said once: by its stage, and in a method of one's own by the operation it goes in with. */
function GoesIn({ line }: OfLine) {
  const formula = useFormula();
  const place = (change: typeof inPieces, stage: Stage) =>
    take({
      step: 'several',
      steps: [
        { step: 'set-stage', line: line.id, stage },
        stepsOfMethod(formula, (method) => change(method, line.id)),
      ],
    });
  return (
    <>
      <MenuChoice
        label="Goes in"
        value={line.stage}
        options={optionsOf(stageNames)}
        onChange={(stage) => {
          if (stage === 'end') place(afterTheHeat, stage);
          else if (line.stage === 'end') place(atTheStart, stage);
          else take({ step: 'set-stage', line: line.id, stage });
        }}
      />
      <MenuItem onSelect={() => place(afterTheHeat, 'end')}>
        <Flame size={16} aria-hidden /> Goes in after the heat
      </MenuItem>
      <MenuItem onSelect={() => place(inPieces, line.stage)}>
        <Leaf size={16} aria-hidden /> Stays in pieces
      </MenuItem>
      <MenuItem onSelect={() => place(atTheStart, line.stage === 'end' ? 'start' : line.stage)}>
        <ArrowDownToLine size={16} aria-hidden /> Goes in at the start
      </MenuItem>
    </>
  );
}

/** What can be done with a line: seen from elsewhere, made ready, put in earlier or later, held, taken out. */
export default function LineMenu({ line, typeBounds }: OfLine & { readonly typeBounds: () => void }) {
  const sauce = formulaInLine(line.ingredient),
    navigate = useNavigate();
  return (
    <>
      {sauce !== undefined && (
        <MenuItem onSelect={() => void navigate(`/bench/${sauce}`)}>
          <CookingPot size={16} aria-hidden /> Open this formula
        </MenuItem>
      )}
      <MenuItem onSelect={() => openWork('swap', line.id)}>
        <Replace size={16} aria-hidden /> Swap for something else
      </MenuItem>
      <MenuItem onSelect={() => openWork('trade', line.id)}>
        <ChartArea size={16} aria-hidden /> Trade against another line
      </MenuItem>
      <KindChoice line={line} />
      {sauce === undefined && <ReadyChoice line={line} />}
      <GoesIn line={line} />
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
