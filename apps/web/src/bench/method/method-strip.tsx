import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { rectSortingStrategy, SortableContext, useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import {
  type Formula,
  type Line,
  type Method,
  methodOfFormula,
  moved,
  type Operation,
  withEveryLine,
} from '@alterum/core';
import { GripVertical } from 'lucide-react';
import { type KeyboardEvent, memo, useDeferredValue, useEffect, useMemo } from 'react';
import { findIngredient } from '../../household/house-larder';
import { useFormula } from '../../open-formula/bench-store';
import { PopoverOnDemand } from '../../ui/on-demand';
import { part } from '../../ui/part';
import { spokenSorting } from '../../ui/spoken-sorting';
import { useSortingSensors } from '../../ui/use-sorting-sensors';
import { operationText, readyText, shortName } from '../../words/method-words';
import { focusOperation, focusWanted, operationId } from './focus-operation';
import { changeMethod } from '../../open-formula/method-edits';
import { MethodMenu } from './method-menu';
import { OperationIcon } from './operation-icon';
import { ServeCell } from './serve-cell';

const OperationCard = part(() => import('./operation-card'));
const ReadyCard = part(() => import('./ready-card'));

/** An operation with a key that goes with it when the order changes: which of its kind it is. */
interface Placed {
  readonly operation: Operation;
  readonly key: string;
}
function placed(method: Method): readonly Placed[] {
  const seen = new Map<string, number>();
  return method.map((operation) => {
    const nth = seen.get(operation.kind) ?? 0;
    seen.set(operation.kind, nth + 1);
    return { operation, key: `${operation.kind}-${nth}` };
  });
}

interface ChipProps extends Placed {
  readonly at: number;
  readonly count: number;
  readonly lines: readonly Line[];
}

/** One operation: press it for its figures, drag it or press Alt and an arrow to move it. */
const Chip = memo(function Chip({
  operation,
  at,
  count,
  lines,
  id,
}: Omit<ChipProps, 'key'> & { readonly id: string }) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id });
  const text = operationText(operation, lines);
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')) return;
    event.preventDefault();
    const to = at + (event.key === 'ArrowLeft' ? -1 : 1);
    if (to < 0 || to >= count) return;
    changeMethod((method) => moved(method, at, to));
    focusOperation(to);
  };
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-center ${isDragging ? 'relative z-10 bg-lit shadow-lg' : ''}`}
    >
      {at > 0 && (
        <span aria-hidden className="px-0.5 text-soft">
          →
        </span>
      )}
      <span className="flex items-center rounded-md border border-hair bg-glaze hover:border-rim">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          tabIndex={-1}
          aria-label={`Move operation ${at + 1}, ${text}, to another place`}
          className="grid h-7 w-4 touch-manipulation place-items-center text-soft/60 hover:text-ink"
        >
          <GripVertical size={12} aria-hidden />
        </button>
        <PopoverOnDemand
          label={`Operation ${at + 1}: ${text}`}
          side="top"
          trigger={
            <button
              type="button"
              id={operationId(at)}
              onKeyDown={onKeyDown}
              className="tap-coarse flex min-h-7 items-center gap-1 rounded-md py-0.5 pr-1.5 text-left font-semibold"
              aria-label={`Operation ${at + 1}: ${text}`}
            >
              <OperationIcon kind={operation.kind} />
              {text}
            </button>
          }
          content={() => <OperationCard operation={operation} at={at} count={count} />}
        />
      </span>
    </li>
  );
});

function Operations({ method, lines }: { readonly method: Method; readonly lines: readonly Line[] }) {
  const operations = placed(method);
  useEffect(focusWanted, [method]);
  const ids = operations.map(({ key }) => key);
  const sensors = useSortingSensors();
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))];
    if (from >= 0 && to >= 0 && from !== to) changeMethod((all) => moved(all, from, to));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={onDragEnd}
      accessibility={spokenSorting(ids, (id) => {
        const operation = operations.find(({ key }) => key === id)?.operation;
        return operation && operationText(operation, lines);
      })}
    >
      <SortableContext items={ids} strategy={rectSortingStrategy}>
        <ol aria-label="Operations" className="flex flex-wrap items-center gap-y-1">
          {operations.map(({ operation, key }, at) => (
            <Chip key={key} id={key} operation={operation} at={at} count={ids.length} lines={lines} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

/** What is done to single lines ahead, each opening to its figures. */
function Ahead({
  lines,
  readyOf,
}: {
  readonly lines: readonly Line[];
  readonly readyOf: (line: Line) => Method;
}) {
  const made = lines.flatMap((line) => {
    const ready = readyOf(line);
    return ready.length > 0 ? [{ line, ready }] : [];
  });
  if (made.length === 0) return <p className="font-semibold">nothing ahead</p>;
  return (
    <ul className="flex flex-wrap gap-1" aria-label="Made ready">
      {made.map(({ line, ready }) => (
        <li key={line.id}>
          <PopoverOnDemand
            label={`Make ready: ${shortName(line)}`}
            side="top"
            trigger={
              <button
                type="button"
                className="tap-coarse flex min-h-7 items-center gap-1 rounded-md border border-hair bg-glaze px-1.5 text-left font-semibold hover:border-rim"
              >
                <OperationIcon kind={ready[0]?.kind ?? 'put-in'} />
                {readyText(ready, line)}
              </button>
            }
            content={() => <ReadyCard line={line} ready={ready} />}
          />
        </li>
      ))}
    </ul>
  );
}

const sources = {
  own: 'your own',
  written: 'written from the lines',
  flat: 'as it was set',
} as const;

/** What is done, from the chopping board to the table: first to last, each operation opening to its figures. */
export const MethodStrip = memo(function MethodStrip() {
  const formula: Formula = useDeferredValue(useFormula());
  const made = useMemo(() => methodOfFormula(formula, findIngredient), [formula]);
  const method = useMemo(() => withEveryLine(made.method, formula.lines), [made, formula.lines]);
  return (
    <section
      className="plate flex flex-col py-1 text-[15px] lg:flex-row lg:justify-between"
      aria-label="Method"
    >
      <div role="group" aria-label="Ahead" className="px-3 py-1 lg:max-w-72">
        <div className="text-[13px] text-soft">Ahead</div>
        <Ahead lines={formula.lines} readyOf={made.readyOf} />
      </div>
      <div
        role="group"
        aria-label="In the pot, first to last"
        className="min-w-0 flex-1 px-3 py-1 max-lg:border-t max-lg:border-hair lg:border-l lg:border-hair"
      >
        <div className="flex items-baseline justify-between gap-2 text-[13px] text-soft">
          <span>First to last, {sources[made.source]}</span>
          <MethodMenu count={method.length} source={made.source} />
        </div>
        <Operations method={method} lines={formula.lines} />
      </div>
      <ServeCell />
    </section>
  );
});
