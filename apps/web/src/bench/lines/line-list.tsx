import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { type Formula, type Line, linesByRole } from '@alterum/core';
import { memo, useCallback, useDeferredValue, useMemo } from 'react';
import { findIngredient } from '../../household/house-larder';
import { take, useBench, useBenchPart } from '../../open-formula/bench-store';
import { focusAddIngredient, focusAmountSoon } from '../../open-formula/focus';
import { LineRow } from './line-row';
import { NoteField } from '../title/note-field';
import { part } from '../../ui/part';
import { spokenSorting } from '../../ui/spoken-sorting';
import { useSortingSensors } from '../../ui/use-sorting-sensors';

/** The list stands before the search through the larder has come. */
const AddIngredient = part(
  () => import('./add-ingredient'),
  <p className="tap-coarse h-8 px-1.5 leading-8 font-semibold text-rim">+ add an ingredient</p>,
);

/** Lines in the order in which they are shown: by role, then as the cook placed them. */
const shownLines = (formula: Formula): readonly Line[] =>
  linesByRole(formula.lines).flatMap((group) => group.lines);

/** What a line is called while it is taken elsewhere. */
const nameOfLine = (id: string): string | undefined => {
  const line = useBench.getState().bench?.history.formula.lines.find((one) => one.id === id);
  return line && findIngredient(line.ingredient)?.name;
};

/** Puts a line where another one stands; it takes over that one’s role. */
function moveOnto(formula: Formula, from: string, onto: string): void {
  const shown = shownLines(formula),
    target = shown.find((line) => line.id === onto);
  if (!target || from === onto) return;
  const down = shown.findIndex((line) => line.id === from) < shown.findIndex((line) => line.id === onto);
  const rest = formula.lines.filter((line) => line.id !== from);
  const at = rest.findIndex((line) => line.id === onto) + (down ? 1 : 0);
  take({ step: 'move-line', line: from, role: target.role, at });
}

const openFormula = (): Formula | undefined => useBench.getState().bench?.history.formula;

/** One place up or down in what is shown. */
function moveBy(id: string, by: -1 | 1): void {
  const formula = openFormula();
  if (!formula) return;
  const shown = shownLines(formula),
    neighbour = shown[shown.findIndex((line) => line.id === id) + by];
  if (neighbour) moveOnto(formula, id, neighbour.id);
  focusAmountSoon(id);
}

function PotMass() {
  const mass = useDeferredValue(useBenchPart((bench) => Math.round(bench.outcome.prediction.massG)));
  const boiledOff = useBenchPart((bench) => Math.round(bench.outcome.prediction.evaporatedG));
  return (
    <p className="text-[13px] text-soft">
      {mass + boiledOff} g in, <b className="text-ink">{mass} g</b> out
    </p>
  );
}

function Problems() {
  const problems = useBenchPart((bench) => bench.outcome.problems);
  return problems.map((problem) => (
    <p key={problem.line} className="text-sm text-no" role="status">
      ! {problem.message}
    </p>
  ));
}

/** A line draws itself from the store, so that one amount changed redraws one line. */
const ShownLine = memo(function ShownLine({
  id,
  firstOfRole,
}: {
  readonly id: string;
  readonly firstOfRole: boolean;
}) {
  // Deferred: writing into a focused field makes the browser lay out at once, so it waits until the rails have answered.
  const line = useDeferredValue(
    useBenchPart((bench) => bench.history.formula.lines.find((candidate) => candidate.id === id)),
  );
  return line ? (
    <LineRow
      line={line}
      ingredient={findIngredient(line.ingredient)}
      firstOfRole={firstOfRole}
      move={moveBy}
      goOn={focusAddIngredient}
    />
  ) : null;
});

/** Ids in the order shown, a mark before each that opens a role; a text, so that it is the same as long as the order is. */
const orderText = (formula: Formula): string =>
  linesByRole(formula.lines)
    .flatMap(({ lines }) => lines.map((line, i) => `${i === 0 ? '+' : '-'}${line.id}`))
    .join('\n');

const SortableLines = memo(function SortableLines({ order }: { readonly order: string }) {
  const entries = useMemo(
    () =>
      order
        .split('\n')
        .filter(Boolean)
        .map((entry) => ({ id: entry.slice(1), firstOfRole: entry.startsWith('+') })),
    [order],
  );
  const ids = useMemo(() => entries.map((entry) => entry.id), [entries]);
  const sensors = useSortingSensors();
  const onDragEnd = useCallback(({ active, over }: DragEndEvent) => {
    const open = openFormula();
    if (over && open) moveOnto(open, String(active.id), String(over.id));
  }, []);
  if (ids.length === 0)
    return (
      <p className="py-3">
        The pot is empty. Look for a nut, a bean, a vegetable or a plant milk below to begin.
      </p>
    );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={onDragEnd}
      accessibility={spokenSorting(ids, nameOfLine)}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ul aria-label="Lines" className="@container min-h-0">
          {entries.map(({ id, firstOfRole }) => (
            <ShownLine key={id} id={id} firstOfRole={firstOfRole} />
          ))}
        </ul>
      </SortableContext>
    </DndContext>
  );
});

export const LineList = memo(function LineList() {
  const order = useBenchPart((bench) => orderText(bench.history.formula));
  return (
    <section className="plate flex min-h-0 flex-col px-3.5 py-2" aria-label="In the pot">
      <div className="flex items-baseline justify-between gap-2 pb-1">
        <h2 className="text-lg">In the pot</h2>
        <PotMass />
      </div>
      <SortableLines order={order} />
      <Problems />
      <div className="border-t border-hair py-1">
        <AddIngredient />
      </div>
      <NoteField />
    </section>
  );
});
