import {
  gramsOf,
  isDoneTo,
  kindOf,
  madeReady,
  type Line,
  type Method,
  operationKindIds,
  type OperationKindId,
  readyYield,
} from '@alterum/core';
import { findIngredient } from '../../household/house-larder';
import { take } from '../../open-formula/bench-store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { gramsText } from '../../words/number-text';
import { shortName } from '../../words/method-words';
import { changeReady } from '../../open-formula/method-edits';
import { ReadyList } from '../../operation/ready-list';

/** Kinds of work on one thing alone. */
const lineKinds: readonly OperationKindId[] = operationKindIds.filter(
  (kind) => kindOf(kind).place === 'line',
);

/** What the line weighs before and after, and which of both the amount is. */
function Weights({ line, ready }: { readonly line: Line; readonly ready: Method }) {
  const ingredient = findIngredient(line.ingredient);
  const g = ingredient && gramsOf(line.amount, ingredient.measures);
  if (!ingredient || g === undefined) return null;
  const factor = readyYield(ingredient, ready, g);
  const leaves = madeReady(ingredient, ready, g).kept < 1 ? 'do not go in' : 'of water leave';
  const [before, after] = line.weighed === 'ready' ? [g / factor, g] : [g, g * factor];
  return (
    <div className="mt-2 border-t border-hair pt-2">
      <Choice
        label={`How ${shortName(line)} is weighed`}
        value={line.weighed ?? 'before'}
        options={[
          { value: 'before', label: 'weighed before' },
          { value: 'ready', label: 'weighed as made ready' },
        ]}
        onChange={(weighed) =>
          take({ step: 'set-weighed', line: line.id, weighed: weighed === 'ready' ? 'ready' : undefined })
        }
      />
      <p role="status">
        <b>{gramsText(before)} g</b> before, <b>{gramsText(after)} g</b> as it goes in
        {after > before ? `: it brings ${gramsText(after - before)} g of water` : ''}
        {after < before ? `: ${gramsText(before - after)} g ${leaves}` : ''}
      </p>
    </div>
  );
}

/** What is done to one line before it meets the pot. */
export default function ReadyCard({ line, ready }: { readonly line: Line; readonly ready: Method }) {
  const ingredient = findIngredient(line.ingredient);
  const set = (next: Method, gesture?: string) => changeReady(line, next, gesture);
  return (
    <div className="text-[15px]">
      <h3 className="mb-1.5 text-base">Make ready: {shortName(line)}</h3>
      <ReadyList name={shortName(line)} ready={ready} set={set} />
      {ready.length === 0 && <p>Nothing is done to it: it goes in as it is.</p>}
      <Weights line={line} ready={ready} />
      <div className="mt-2 flex flex-wrap gap-1.5 border-t border-hair pt-2">
        {lineKinds
          .filter((kind) => !ingredient || isDoneTo(kind, ingredient))
          .map((kind) => (
            <Button key={kind} onClick={() => set([...ready, { kind }])}>
              + {kindOf(kind).name.toLowerCase()}
            </Button>
          ))}
      </div>
    </div>
  );
}
