import { changed, kindOf, type Method } from '@alterum/core';
import { Trash2 } from 'lucide-react';
import { OperationFields } from './operation-fields';

interface ReadyListProps {
  readonly name: string;
  readonly ready: Method;
  readonly set: (next: Method, gesture?: string) => void;
}

/** What is done to one thing before it goes in, first to last; each can be changed and left out. */
export function ReadyList({ name, ready, set }: ReadyListProps) {
  return (
    <ol className="space-y-2">
      {ready.map((operation, at) => (
        <li key={at} className="border-b border-hair pb-2 last:border-b-0">
          <div className="flex items-center justify-between">
            <b>{kindOf(operation.kind).name}</b>
            <button
              type="button"
              className="tap-coarse grid size-7 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
              aria-label={`Leave out: ${kindOf(operation.kind).name.toLowerCase()} ${name}`}
              onClick={() => set(ready.filter((_, k) => k !== at))}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </div>
          <OperationFields
            operation={operation}
            change={(change, gesture) => set(changed(ready, at, change), gesture)}
          />
        </li>
      ))}
    </ol>
  );
}
