import {
  changed,
  type DishPart,
  isDoneTo,
  kindOf,
  operationKindIds,
  type OperationChange,
  type OperationKindId,
  partChanged,
} from '@alterum/core';
import { Trash2 } from 'lucide-react';
import { findIngredient } from '../household/house-larder';
import { OperationFields } from '../operation/operation-fields';
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
  const changeAt = (at: number, change: OperationChange, gesture?: string) =>
    set(changed(part.ready, at, change), gesture);
  const offered = kinds.filter((kind) => !ingredient || isDoneTo(kind, ingredient));
  return (
    <div className="text-[15px]">
      <h3 className="mb-1.5 text-base">Before it goes in: {name}</h3>
      <ol className="space-y-2">
        {part.ready.map((operation, at) => (
          <li key={at} className="border-b border-hair pb-2 last:border-b-0">
            <div className="flex items-center justify-between">
              <b>{kindOf(operation.kind).name}</b>
              <button
                type="button"
                className="tap-coarse grid size-7 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
                aria-label={`Leave out: ${kindOf(operation.kind).name.toLowerCase()} ${name}`}
                onClick={() => set(part.ready.filter((_, k) => k !== at))}
              >
                <Trash2 size={16} aria-hidden />
              </button>
            </div>
            <OperationFields
              operation={operation}
              change={(change, gesture) => changeAt(at, change, gesture)}
            />
          </li>
        ))}
      </ol>
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
