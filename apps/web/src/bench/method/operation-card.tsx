import {
  changed,
  goesInWith,
  kindOf,
  moved,
  type Operation,
  withoutLine,
  withoutOperation,
} from '@alterum/core';
import { ArrowLeft, ArrowRight, Trash2 } from 'lucide-react';
import { useFormula, usePrediction } from '../../open-formula/bench-store';
import { Button } from '../../ui/button';
import { shortName } from '../../words/method-words';
import { changeMethod } from '../../open-formula/method-edits';
import { OperationFields } from '../../operation/operation-fields';
import { focusOperation } from './focus-operation';

interface CardProps {
  readonly operation: Operation;
  readonly at: number;
  readonly count: number;
}

/** What goes in with an operation: every line of the pot, ticked where it goes in here. */
function GoesIn({ operation, at }: Pick<CardProps, 'operation' | 'at'>) {
  const { lines } = useFormula();
  return (
    <fieldset className="mt-2 border-t border-hair pt-1.5">
      <legend className="float-left mb-1 w-full text-[13px] text-soft">Goes in here</legend>
      <ul className="clear-both max-h-44 overflow-y-auto">
        {lines.map((line) => {
          const here = operation.lines?.includes(line.id) ?? false;
          return (
            <li key={line.id}>
              <label className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-rim"
                  checked={here}
                  onChange={() =>
                    changeMethod((method) =>
                      here ? withoutLine(method, line.id) : goesInWith(method, line.id, at),
                    )
                  }
                />
                {shortName(line)}
              </label>
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}

/** Kinds at which water leaves the pot. */
const loses: ReadonlySet<Operation['kind']> = new Set(['heat', 'boil-down', 'bake', 'hold']);

/** What has left the pot and what is in it, all operations together. */
function Lost() {
  const { evaporatedG, absorbedG, massG } = usePrediction();
  return (
    <p role="status" className="mt-2 text-sm text-soft">
      {Math.round(evaporatedG)} g of water lost in all
      {absorbedG > 0.5 ? `, ${Math.round(absorbedG)} g drunk by noodles` : ''}; {Math.round(massG)} g in the
      pot at the end.
    </p>
  );
}

/** One operation with its figures, what goes in with it, and its place. */
export default function OperationCard({ operation, at, count }: CardProps) {
  const { name, place } = kindOf(operation.kind);
  const move = (to: number) => changeMethod((method) => moved(method, at, to));
  return (
    <div className="text-[15px]">
      <h3 className="mb-1.5 text-base">
        {at + 1}. {name}
      </h3>
      <OperationFields
        operation={operation}
        change={(change, gesture) => changeMethod((method) => changed(method, at, change), gesture)}
      />
      {loses.has(operation.kind) && <Lost />}
      {place !== 'line' && <GoesIn operation={operation} at={at} />}
      <div className="mt-2 flex flex-wrap gap-1.5 border-t border-hair pt-2">
        <Button onClick={() => move(at - 1)} disabled={at === 0}>
          <ArrowLeft size={16} aria-hidden /> Earlier
        </Button>
        <Button onClick={() => move(at + 1)} disabled={at === count - 1}>
          Later <ArrowRight size={16} aria-hidden />
        </Button>
        <Button
          onClick={() => {
            changeMethod((method) => withoutOperation(method, at));
            focusOperation(Math.max(0, at - 1));
          }}
        >
          <Trash2 size={16} aria-hidden /> Leave out
        </Button>
      </div>
    </div>
  );
}
