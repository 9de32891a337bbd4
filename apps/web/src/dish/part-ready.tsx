import {
  type DishPart,
  isDoneTo,
  kindOf,
  operationKindIds,
  type OperationKindId,
  partChanged,
} from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import { ReadyList } from '../operation/ready-list';
import { Choice } from '../ui/choice';
import { changeDish } from './dish-store';

/** Kinds of work on one thing alone. */
const kinds: readonly OperationKindId[] = operationKindIds.filter((kind) => kindOf(kind).place === 'line');
const NOTHING = '';

/** What is done to a bought or plain thing before it is laid. */
export default function PartReady({ part, name }: { readonly part: DishPart; readonly name: string }) {
  const ingredient = findIngredient(part.ingredient ?? '');
  const set = (ready: DishPart['ready'], gesture?: string) =>
    changeDish((dish) => partChanged(dish, part.id, { ready }), gesture);
  const offered = kinds.filter((kind) => !ingredient || isDoneTo(kind, ingredient));
  return (
    <div className="text-[15px]">
      <h3 className="mb-1.5 text-base">Before it goes in: {name}</h3>
      <ReadyList name={name} ready={part.ready} set={set} />
      <Choice
        label={`Do something to ${name}`}
        value={NOTHING}
        options={[
          { value: NOTHING, label: part.ready.length === 0 ? 'as it is; or …' : 'and then …' },
          ...offered.map((kind) => ({ value: kind, label: kindOf(kind).name.toLowerCase() })),
        ]}
        onChange={(kind) => kind !== NOTHING && set([...part.ready, { kind }])}
        className="mt-1 h-9 border-2 border-hair bg-glaze px-1"
      />
    </div>
  );
}
