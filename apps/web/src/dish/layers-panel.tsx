import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { dishLimits } from '@alterum/contract/convert';
import {
  amountOfLayer,
  type DishLayer,
  kitchenMeasure,
  type Layer,
  layerAdded,
  type LayerAmount,
  layerAmounted,
  layerMoved,
  type ReadDish,
  withoutLayer,
  type WrittenDish,
} from '@alterum/core';
import { GripVertical, Plus, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import type { KeyboardEvent } from 'react';
import { Choice } from '../ui/choice';
import { focusSoon } from '../ui/focus-net';
import { ScrubNumber } from '../ui/scrub-number';
import { spokenSorting } from '../ui/spoken-sorting';
import { useSortingSensors } from '../ui/use-sorting-sensors';
import { gramStep, gramsText } from '../words/number-text';
import { changeDish } from './dish-store';
import { partName, shareText } from './names';

const most: Readonly<Record<LayerAmount['by'], number>> = {
  grams: dishLimits.grams,
  mm: dishLimits.mm,
  share: 100,
};
const units: Readonly<Record<LayerAmount['by'], string>> = { grams: 'g', mm: 'mm', share: '' };

const gripOf = (id: string): string => `layer-grip-${id}`;

/** How much a layer takes: a share of what there is, so many g, or so many mm. */
function LayerField({
  layer,
  name,
  laid,
}: {
  readonly layer: DishLayer;
  readonly name: string;
  readonly laid: Layer | undefined;
}) {
  const amount = amountOfLayer(layer),
    value = amount.value ?? 1;
  const set = (next: LayerAmount, gesture?: string) =>
    changeDish((dish) => layerAmounted(dish, layer.id, next), gesture);
  // What it is now, in the unit that was chosen: nothing jumps.
  const by = (unit: LayerAmount['by']): LayerAmount =>
    unit === 'share'
      ? { by: unit }
      : unit === 'grams'
        ? { by: unit, value: Math.round(laid?.grams ?? 100) }
        : { by: unit, value: Math.round(10 * (laid?.mm ?? 4)) / 10 };
  return (
    <span className="flex items-center gap-1 whitespace-nowrap">
      <ScrubNumber
        label={`How much of ${name}`}
        value={value}
        text={String(Math.round(value * 100) / 100)}
        spoken={amount.by === 'share' ? `${value} parts of what is left` : `${value} ${units[amount.by]}`}
        unit={units[amount.by]}
        min={0}
        max={most[amount.by]}
        step={(n) => (amount.by === 'grams' ? gramStep(n) : amount.by === 'mm' ? 0.5 : 0.25)}
        onChange={(next, gesture) => set({ by: amount.by, value: next }, gesture)}
        className="h-8 w-12 pr-1 font-bold"
      />
      <Choice
        label={`Measured how, ${name}`}
        value={amount.by}
        options={[
          { value: 'share', label: value === 1 ? 'share' : 'shares' },
          { value: 'grams', label: 'g' },
          { value: 'mm', label: 'mm' },
        ]}
        onChange={(unit) => set(by(unit))}
        className="tap-coarse font-normal!"
      />
    </span>
  );
}

interface RowProps {
  readonly layer: DishLayer;
  readonly dish: WrittenDish;
  readonly laid: Layer | undefined;
  readonly density: number | undefined;
  readonly spread: boolean;
}

function LayerRow({ layer, dish, laid, density, spread }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: layer.id });
  const part = dish.parts.find(({ id }) => id === layer.component),
    name = part ? partName(part) : '';
  const measure = laid && spread && density ? kitchenMeasure(laid.grams, { density }) : undefined;
  const share = laid && spread ? shareText(laid.ofAll) : '';
  // The top stands first in the list, and is laid last.
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
    event.preventDefault();
    const at = dish.layers.findIndex(({ id }) => id === layer.id),
      onto = dish.layers[at + (event.key === 'ArrowUp' ? 1 : -1)];
    if (onto) changeDish((now) => layerMoved(now, layer.id, onto.id));
    focusSoon(`#${gripOf(layer.id)}`);
  };
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      onKeyDown={onKeyDown}
      data-testid={`layer-${name}`}
      className={`flex flex-wrap items-center gap-x-1.5 border-t border-hair py-0.5 first:border-t-0 ${isDragging ? 'relative z-10 bg-lit shadow-lg' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        id={gripOf(layer.id)}
        aria-label={`Move the layer of ${name} to another place`}
        className="tap-coarse grid h-8 w-7 touch-manipulation place-items-center rounded text-soft/70 hover:text-ink"
      >
        <GripVertical size={15} aria-hidden />
      </button>
      <Choice
        label={`Layer of ${name}`}
        value={layer.component}
        options={dish.parts.map((one) => ({ value: one.id, label: partName(one) }))}
        onChange={(component) =>
          changeDish((now) => ({
            ...now,
            layers: now.layers.map((one) => (one.id === layer.id ? { ...one, component } : one)),
          }))
        }
        className="tap-coarse h-8 max-w-44 min-w-0 flex-1 basis-32 truncate"
      />
      <LayerField layer={layer} name={name} laid={laid} />
      <span className="basis-40 text-[13px] text-soft">
        {laid && (
          <>
            <b className="text-ink">{gramsText(laid.grams)} g</b>, {laid.mm.toFixed(1)} mm
            {measure ? `, ${measure}` : ''}
            {share ? `, ${share}` : ''}
          </>
        )}
      </span>
      <button
        type="button"
        aria-label={`One more layer of ${name} above it`}
        disabled={dish.layers.length >= dishLimits.layers}
        onClick={() =>
          changeDish((now) => layerAdded(now, { id: nanoid(10), component: layer.component }, layer.id))
        }
        className="tap-coarse grid size-8 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
      >
        <Plus size={15} aria-hidden />
      </button>
      <button
        type="button"
        aria-label={`Leave out this layer of ${name}`}
        onClick={() => changeDish((now) => withoutLayer(now, layer.id))}
        className="tap-coarse grid size-8 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
      >
        <X size={15} aria-hidden />
      </button>
    </li>
  );
}

/** Layers as they lie, the top one first: taken elsewhere by drag, by the keys of the grip, or with Alt and an arrow. */
export function LayersPanel({ dish, read }: { readonly dish: WrittenDish; readonly read: ReadDish }) {
  const sensors = useSortingSensors();
  const ids = [...dish.layers].reverse();
  const laidOf = (id: string) => read.report?.layers[read.laid.findIndex((layer) => layer.id === id)];
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) changeDish((now) => layerMoved(now, String(active.id), String(over.id)));
  };
  return (
    <section aria-label="Layers" className="plate p-3">
      <h2 className="text-lg">
        Layers{' '}
        <span className="font-sans text-sm font-normal text-soft">the top one first; laid from below</span>
      </h2>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={onDragEnd}
        accessibility={spokenSorting(
          ids.map(({ id }) => id),
          (id) => {
            const part = dish.parts.find((one) => one.id === ids.find((layer) => layer.id === id)?.component);
            return part && `The layer of ${partName(part)}`;
          },
        )}
      >
        <SortableContext items={ids.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol aria-label="Layers, from the top">
            {ids.map((layer) => {
              const component = read.parts.find((part) => part.component.id === layer.component)?.component;
              return (
                <LayerRow
                  key={layer.id}
                  layer={layer}
                  dish={dish}
                  laid={laidOf(layer.id)}
                  density={component && 1 / component.volume}
                  spread={component?.spread ?? false}
                />
              );
            })}
          </ol>
        </SortableContext>
      </DndContext>
      {dish.layers.length === 0 && (
        <p className="text-soft">Nothing is laid yet: what is added above comes in at the top.</p>
      )}
      {dish.parts.length > 0 && dish.layers.length < dishLimits.layers && (
        <Choice
          label="One more layer on top"
          value=""
          options={[
            { value: '', label: '+ one more layer on top …' },
            ...dish.parts.map((part) => ({ value: part.id, label: partName(part) })),
          ]}
          onChange={(component) =>
            component && changeDish((now) => layerAdded(now, { id: nanoid(10), component }))
          }
          className="tap-coarse mt-1 h-9 text-rim"
        />
      )}
    </section>
  );
}
