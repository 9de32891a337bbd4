import { closestCenter, DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { type Formula, ingredientById, type Line, linesByRole } from '@alterum/core';
import { useCallback, useMemo } from 'react';
import { AddIngredient } from './add-ingredient';
import { take, useBench, useBenchPart, useFormula } from './bench-store';
import { focusAddIngredient, focusAmount, focusAmountSoon } from './focus';
import { LineRow } from './line-row';
import { NoteField } from './note-field';

/** Lines in the order in which they are shown: by role, then as the cook placed them. */
const shownLines = (formula: Formula): readonly Line[] => linesByRole(formula.lines).flatMap((group) => group.lines);

/** Puts a line where another one stands; it takes over that one’s role. */
function moveOnto(formula: Formula, from: string, onto: string): void {
  const shown = shownLines(formula), target = shown.find((line) => line.id === onto);
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
  const shown = shownLines(formula), neighbour = shown[shown.findIndex((line) => line.id === id) + by];
  if (neighbour) moveOnto(formula, id, neighbour.id);
  focusAmountSoon(id);
}

function focusNext(id: string): void {
  const formula = openFormula();
  const shown = formula ? shownLines(formula) : [];
  const next = shown[shown.findIndex((line) => line.id === id) + 1];
  if (next) focusAmount(next.id);
  else focusAddIngredient();
}

export function LineList() {
  const formula = useFormula();
  const mass = useBenchPart((bench) => bench.outcome.prediction.massG);
  const boiledOff = useBenchPart((bench) => bench.outcome.prediction.evaporatedG);
  const problems = useBenchPart((bench) => bench.outcome.problems);
  const shown = useMemo(() => shownLines(formula), [formula]);
  const ids = useMemo(() => shown.map((line) => line.id), [shown]);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }), useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }));
  const onDragEnd = useCallback(({ active, over }: DragEndEvent) => {
    const open = openFormula();
    if (over && open) moveOnto(open, String(active.id), String(over.id));
  }, []);
  return (
    <section className="plate flex min-h-0 flex-col px-3.5 py-2" aria-label="In the pot">
      <div className="flex items-baseline justify-between gap-2 pb-1">
        <h2 className="text-lg">In the pot</h2>
        <p className="text-[13px] text-soft">
          {Math.round(mass + boiledOff)} g in, <b className="text-ink">{Math.round(mass)} g</b> out
        </p>
      </div>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ul aria-label="Lines" className="min-h-0">
            {shown.map((line, i) => (
              <LineRow key={line.id} line={line} ingredient={ingredientById(line.ingredient)} firstOfRole={shown[i - 1]?.role !== line.role} move={moveBy} focusNext={focusNext} />
            ))}
          </ul>
        </SortableContext>
      </DndContext>
      {shown.length === 0 && <p className="py-3">The pot is empty. Look for a nut, a bean, a vegetable or a plant milk below to begin.</p>}
      {problems.map((problem) => (
        <p key={problem.line} className="text-sm text-no" role="status">
          ! {problem.message}
        </p>
      ))}
      <div className="border-t border-hair py-1">
        <AddIngredient />
      </div>
      <NoteField note={formula.note} />
    </section>
  );
}
