import {
  type Formula,
  gramsOf,
  kitchenMeasureOf,
  type Method,
  methodOfFormula,
  type ScaledFormula,
  scaledFormula,
  type ScaledLine,
} from '@alterum/core';
import { kitchenNow } from '../../household/habits';
import { ArrowRight, Check } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { findIngredient } from '../../household/house-larder';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { closeWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { operationText } from '../../words/method-words';
import { gramsText } from '../../words/number-text';
import { KeepAsVersion } from '../keep-as-version';
import { askOfDraft, type ScaleDraft } from './scale-draft';
import { ScaleFields, weighable } from './scale-fields';

/** What the panel opens with: half as much again. */
function firstDraft(formula: Formula, massG: number): ScaleDraft {
  const [first] = weighable(formula),
    ingredient = first && findIngredient(first.ingredient);
  const grams = first && ingredient ? gramsOf(first.amount, ingredient.measures) : undefined;
  return {
    way: 'portions',
    portions: Math.max(1, Math.round(formula.portions * 1.5)),
    line: first?.id,
    lineG: grams === undefined ? undefined : Math.round(grams),
    massG: Math.round(massG),
    from: { shape: 'round', acrossCm: 24 },
    to: { shape: 'rectangular', widthCm: 20, lengthCm: 30 },
    vessel: 'same',
    rounding: 'as-written',
  };
}

type Tried =
  | { readonly kind: 'scaled'; readonly scaled: ScaledFormula }
  | { readonly kind: 'waits'; readonly why: string };

function tried(formula: Formula, draft: ScaleDraft): Tried {
  const ask = askOfDraft(draft);
  if (!ask) return { kind: 'waits', why: 'Say how much it is to be.' };
  const { vessel, rounding } = draft;
  try {
    return {
      kind: 'scaled',
      scaled: scaledFormula({ formula, larder: findIngredient, ask, vessel, rounding }),
    };
  } catch (error) {
    if (error instanceof RangeError) return { kind: 'waits', why: error.message };
    throw error;
  }
}

function LineMoved({ line, formula }: { readonly line: ScaledLine; readonly formula: Formula }) {
  const ingredient = findIngredient(formula.lines.find(({ id }) => id === line.line)?.ingredient ?? '');
  if (!ingredient) return null;
  const before = gramsOf(line.from, ingredient.measures) ?? 0;
  const measure = kitchenMeasureOf(line.to, ingredient.measures, kitchenNow());
  return (
    <li className="flex flex-wrap items-baseline gap-x-2 border-t border-hair py-1 first:border-t-0">
      <span className="min-w-0 flex-1 basis-28 truncate">{ingredient.name}</span>
      <span className="whitespace-nowrap">
        {gramsText(before)} <ArrowRight size={13} aria-label="to" className="inline" />{' '}
        <b>{gramsText(line.grams)} g</b>
      </span>
      <span className="basis-24 text-right text-[13px] whitespace-nowrap text-soft">
        {line.toWeigh ? 'weigh it' : measure}
      </span>
    </li>
  );
}

/** Operations that become others, in words. */
function changedOperations(before: Method, after: Method, formula: Formula): readonly string[] {
  return after.flatMap((operation, i) => {
    const was = before[i];
    if (!was || JSON.stringify(was) === JSON.stringify(operation)) return [];
    const [from, to] = [was, operation].map((one) => operationText(one, formula.lines));
    const pan =
      operation.panCm !== undefined && operation.panCm !== was.panCm
        ? `, in a pan of ${operation.panCm} cm`
        : '';
    return [from === to && pan === '' ? '' : `${from} becomes ${to}${pan}`].filter(Boolean);
  });
}

/** Least g of water that are worth a word. */
const WORTH_SAYING = 1;

function notesOf(scaled: ScaledFormula, formula: Formula): readonly string[] {
  const less = Math.round(scaled.waterLessG);
  const before = methodOfFormula(formula, findIngredient).method;
  return [
    ...(Math.abs(less) < WORTH_SAYING
      ? []
      : less > 0
        ? [`${less} g less water than in proportion: a larger pot loses less of it in the same minutes.`]
        : [`${-less} g more water than in proportion: a smaller pot loses more of it in the same minutes.`]),
    ...(scaled.method ? changedOperations(before, scaled.method, formula) : []),
    scaled.drift < 1
      ? 'It stays what it is: no rail moves by what a cook would notice.'
      : `The furthest rail moves by ${scaled.drift.toFixed(1)} of what a cook would just notice.`,
  ];
}

/** A batch of another size: by portions, by what there is, by what is to come out, or by the dish. */
export default function ScalePanel() {
  const formula = useFormula(),
    massG = useOutcome().prediction.massG;
  const [draft, setDraft] = useState(() => firstDraft(formula, massG));
  const asked = useDeferredValue(draft);
  const outcome = useMemo(() => tried(formula, asked), [formula, asked]);
  const change = (next: Partial<ScaleDraft>) => setDraft((now) => ({ ...now, ...next }));
  const scaled = outcome.kind === 'scaled' ? outcome.scaled : undefined;
  const take = () => {
    if (!scaled || asked !== draft) return;
    takeWithWayBack(
      { step: 'several', steps: scaled.steps },
      `Everything is measured for ${scaled.portions} portions now.`,
    );
    closeWork();
  };
  return (
    <form
      className="flex min-h-0 flex-1 flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <ScaleFields draft={draft} formula={formula} change={change} />
      {outcome.kind === 'waits' ? (
        <p role="status" className="py-2">
          {outcome.why}
        </p>
      ) : (
        <>
          <p role="status" className="font-semibold" data-testid="scaled-by">
            × {Number(outcome.scaled.factor.toPrecision(3))}, {outcome.scaled.portions} portions
          </p>
          <ul aria-label="Amounts" className="py-1">
            {outcome.scaled.lines.map((line) => (
              <LineMoved key={line.line} line={line} formula={formula} />
            ))}
          </ul>
          <ul aria-label="What else changes" className="list-disc space-y-0.5 pl-4 text-sm text-soft">
            {notesOf(outcome.scaled, formula).map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </>
      )}
      <div className="sticky bottom-0 mt-auto flex flex-wrap gap-2 bg-glaze py-2">
        <Button look="yolk" type="submit" disabled={!scaled}>
          <Check size={17} aria-hidden /> Measure it so
        </Button>
        {scaled && (
          <KeepAsVersion
            formula={formula}
            steps={() => scaled.steps}
            name={`for ${scaled.portions}`}
            why={`Scaled by ${Number(scaled.factor.toPrecision(3))}.`}
          />
        )}
      </div>
    </form>
  );
}
