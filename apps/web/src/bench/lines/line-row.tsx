import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { formulaInLine } from '@alterum/contract/convert';
import {
  type Amount,
  amountText,
  arrivingOf,
  gramsOf,
  madeBefore,
  type Ingredient,
  kitchenMeasureOf,
  LARGEST_LINE_G,
  type Line,
  readSaidAmount,
  roleNames,
} from '@alterum/core';
import { CookingPot, Ellipsis, GripVertical } from 'lucide-react';
import { type KeyboardEvent, memo, useState } from 'react';
import { MenuOnDemand } from '../../ui/on-demand';
import { ScrubNumber } from '../../ui/scrub-number';
import type { ReadingHint } from '../../ui/scrub-props';
import { take, useBench, useBenchPart } from '../../open-formula/bench-store';
import { amountId } from '../../open-formula/focus';
import { boundsText } from './hold-choice';
import { preparationNames, stageNames } from '../../words/line-words';
import { gramStep, gramsText } from '../../words/number-text';
import { usualGrams } from '../../open-formula/usual-grams';
import { kitchenNow, useKitchen } from '../../household/habits';
import { part } from '../../ui/part';

const LineMenu = part(() => import('./line-menu'));
const HoldDialog = part(() => import('./hold-dialog'));

export interface LineRowProps {
  readonly line: Line;
  readonly ingredient: Ingredient | undefined;
  readonly firstOfRole: boolean;
  readonly move: (line: string, by: -1 | 1) => void;
  /** After an amount was taken with Enter: the next ingredient, wherever the role sorted this line to. */
  readonly goOn: () => void;
}

function MoreButton({ line, name }: { readonly line: Line; readonly name: string }) {
  const [typing, setTyping] = useState(false);
  const trigger = (
    <button
      type="button"
      className="tap-coarse grid size-7 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
      aria-label={`More for ${name}`}
    >
      <Ellipsis size={16} aria-hidden />
    </button>
  );
  return (
    <>
      <MenuOnDemand
        trigger={trigger}
        content={() => <LineMenu line={line} typeBounds={() => setTyping(true)} />}
      />
      {typing && <HoldDialog line={line} close={() => setTyping(false)} />}
    </>
  );
}

/** Grams of a line as they are in the store at this moment. */
function gramsNow(id: string, ingredient: Ingredient): number | undefined {
  const now = useBench.getState().bench?.history.formula.lines.find((line) => line.id === id);
  return now && gramsOf(now.amount, ingredient.measures);
}

const sameAmount = (a: Amount, b: Amount | undefined): boolean =>
  a.unit === b?.unit &&
  a.value === b.value &&
  a.range?.low === b.range?.low &&
  a.range?.high === b.range?.high;

/** How an amount is understood while it is typed: said whenever the unit was not written or the marks can be read in two ways. */
function readingOf(text: string, line: Line, ingredient: Ingredient, shown: string): ReadingHint | undefined {
  if (text.trim() === '' || text.trim() === shown) return undefined;
  const kitchen = kitchenNow();
  const outcome = readSaidAmount(text, ingredient, { now: line.amount?.unit, kitchen });
  if (outcome.kind === 'unreadable') return undefined;
  const said = (amount: Amount, grams: number) =>
    amount.unit === 'g' && !amount.range
      ? `${gramsText(grams)} g`
      : `${amountText(amount, kitchen)}, ${gramsText(grams)} g`;
  const { other } = outcome;
  return {
    said: said(outcome.amount, outcome.grams),
    ...(other ? { other: { said: said(other.amount, other.grams), text: other.text } } : {}),
  };
}

function AmountField({
  line,
  ingredient,
  name,
  goOn,
}: {
  readonly line: Line;
  readonly ingredient: Ingredient;
  readonly name: string;
  readonly goOn: () => void;
}) {
  const grams = gramsOf(line.amount, ingredient.measures);
  const shown = grams === undefined ? '' : gramsText(grams);
  const kitchen = useKitchen(),
    measure = kitchenMeasureOf(line.amount, ingredient.measures, kitchen);
  return (
    <ScrubNumber
      id={amountId(line.id)}
      label={`Amount of ${name}`}
      value={grams}
      latest={() => gramsNow(line.id, ingredient)}
      begin={usualGrams[ingredient.role]}
      text={shown}
      spoken={grams === undefined ? 'no amount yet' : `${shown} grams${measure ? `, ${measure}` : ''}`}
      placeholder="amount?"
      hint={(text) => readingOf(text, line, ingredient, shown)}
      max={LARGEST_LINE_G}
      step={gramStep}
      onChange={(value, gesture) =>
        take({ step: 'set-amount', line: line.id, amount: { value, unit: 'g' } }, gesture)
      }
      onText={(text) => {
        // What stands in the field are grams; leaving it as it stands changes nothing.
        if (text.trim() === shown && shown !== '') return { kind: 'value', value: grams ?? 0 };
        const outcome = readSaidAmount(text, ingredient, { now: line.amount?.unit, kitchen });
        if (outcome.kind === 'unreadable')
          return grams === undefined
            ? outcome
            : { ...outcome, message: `${outcome.message} Until then it stays at ${shown} g.` };
        if (!sameAmount(outcome.amount, line.amount))
          take({ step: 'set-amount', line: line.id, amount: outcome.amount });
        return { kind: 'value', value: outcome.grams };
      }}
      onEnter={goOn}
      className={`h-7 w-[58px] pr-1 text-[17px] font-bold placeholder:text-[13px] placeholder:font-semibold placeholder:text-ask placeholder:opacity-100 ${grams === undefined ? 'border-dashed! border-ask!' : ''}`}
    />
  );
}

/** g as a line comes into the pot, where that is not what was typed; 0 elsewhere. */
function useOtherWeight({ id, weighed }: Line): number {
  return useBenchPart(({ outcome: { recipe, lineIds } }) => {
    const line = recipe.lines[lineIds.indexOf(id)];
    if (!line) return 0;
    const factor = arrivingOf(line);
    if (Math.abs(factor - 1) < NOTEWORTHY) return 0;
    return Math.round(weighed === 'ready' ? line.mass : line.mass * factor);
  });
}
/** Share of its weight from which what making ready does to a line is worth a word. */
const NOTEWORTHY = 0.02;

function Made({ line, kindOpen }: { readonly line: Line; readonly kindOpen: boolean }) {
  const other = useOtherWeight(line);
  const words = [
    line.preparation === 'as-is' ? '' : preparationNames[line.preparation],
    other > 0 ? `${other} g ${line.weighed === 'ready' ? 'before' : 'made ready'}` : '',
    line.stage === 'start' ? '' : stageNames[line.stage],
    line.hold ? boundsText(line.hold) : '',
  ].filter(Boolean);
  return (
    <>
      {kindOpen && <span className="text-[13px] font-semibold text-ask">which kind? </span>}
      {words.length > 0 && <span className="text-[13px] text-soft">{words.join(', ')}</span>}
    </>
  );
}

/** A sauce that is put away has no name here any more. */
const nameOfMissing = (ingredient: string): string =>
  formulaInLine(ingredient) === undefined ? ingredient : 'A formula that is put away';

/** One line of the pot: grip, name, how it goes in, kitchen measure, grams. Alt and an arrow move it. */
export const LineRow = memo(function LineRow({ line, ingredient, firstOfRole, move, goOn }: LineRowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: line.id });
  const kitchen = useKitchen(),
    name = ingredient?.name ?? nameOfMissing(line.ingredient);
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
    event.preventDefault();
    move(line.id, event.key === 'ArrowUp' ? -1 : 1);
  };
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      onKeyDown={onKeyDown}
      data-testid={`line-${line.ingredient}`}
      className={`grid grid-cols-[auto_minmax(0,1fr)_auto_auto_auto] items-center gap-x-1 py-px @min-[370px]:grid-cols-[62px_auto_minmax(0,1fr)_auto_auto_auto] ${firstOfRole ? 'border-t border-hair' : ''} ${isDragging ? 'relative z-10 bg-lit shadow-lg' : ''}`}
    >
      <span
        className={`text-[13px] font-bold text-soft ${firstOfRole ? '@max-[369px]:col-span-full' : '@max-[369px]:hidden'}`}
      >
        {firstOfRole && roleNames[line.role]}
      </span>
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${name} to another place`}
        className="grid h-7 w-6 touch-manipulation place-items-center rounded text-soft/60 hover:text-ink"
      >
        <GripVertical size={14} aria-hidden />
      </button>
      <span className="truncate" title={name}>
        {ingredient && madeBefore(ingredient) && (
          <CookingPot size={15} role="img" aria-label="Your own formula" className="mr-1 inline text-rim" />
        )}
        {name} <Made line={line} kindOpen={ingredient?.kinds !== undefined} />
      </span>
      <span className="whitespace-nowrap pl-1 text-[13px] text-soft">
        {ingredient && kitchenMeasureOf(line.amount, ingredient.measures, kitchen)}
      </span>
      <span className="flex items-baseline gap-0.5">
        {ingredient ? (
          <AmountField line={line} ingredient={ingredient} name={name} goOn={goOn} />
        ) : (
          <span className="text-[13px] text-no">not here</span>
        )}
        <span className="text-sm text-soft">g</span>
      </span>
      <MoreButton line={line} name={name} />
    </li>
  );
});
