import {
  briefOf,
  briefOfFamily,
  pinnedWish,
  placeOnRail,
  type Rail,
  readMeasured,
  valueOnRail,
  type Weight,
  weightNames,
  weightOf,
  weights,
  type Wish,
  withWish,
} from '@alterum/core';
import { Minus, Pin, Plus, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { NumberField } from '../../ui/number-field';
import { take, useFormula, useOutcome } from '../../open-formula/bench-store';
import { pullStretch } from './lit-range';
import { figure } from '../../words/number-text';

/** Half the width of a stretch that is asked for where nothing was, as a share of the rail. @source assumed */
const ASKED_HALF_WIDTH = 0.08;

const weightOptions = weights.map((weight) => ({ value: String(weight), label: weightNames[weight] }));

/** One press of a button, as a share of the rail. @source assumed: what a pull with the arrow keys does five times */
const PRESS = 0.025;

type Reading = ReturnType<typeof readMeasured>;

/** The least lies never above the most: which contradicts which is told, and nothing is changed. */
function contradicting(reading: Reading, label: 'least' | 'most', other: number, rail: Rail): Reading {
  if (reading.kind === 'unreadable') return reading;
  const crossed = label === 'least' ? reading.value > other : reading.value < other;
  if (!crossed) return reading;
  const [least, most] = label === 'least' ? [reading.value, other] : [other, reading.value];
  const said = (value: number) => `${figure(value, rail.digits)} ${rail.unit}`;
  return {
    kind: 'unreadable',
    message: `The least (${said(least)}) would lie above the most (${said(most)}). Change the ${label === 'least' ? 'most' : 'least'} first.`,
  };
}

function StepButton({
  label,
  press,
  children,
}: {
  readonly label: string;
  readonly press: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={press}
      className="tap-coarse grid size-8 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
    >
      {children}
    </button>
  );
}

function End({
  label,
  value,
  other,
  rail,
  onChange,
}: {
  readonly label: 'least' | 'most';
  readonly value: number;
  /** The other end. */
  readonly other: number;
  readonly rail: Rail;
  readonly onChange: (value: number) => void;
}) {
  const step = (by: -1 | 1) => {
    const next = valueOnRail(rail.scale, placeOnRail(rail.scale, value) + by * PRESS);
    onChange(label === 'least' ? Math.min(next, other) : Math.max(next, other));
  };
  return (
    <span className="inline-flex items-center">
      <StepButton label={`Less for ${rail.name}, ${label}`} press={() => step(-1)}>
        <Minus size={16} aria-hidden />
      </StepButton>
      <NumberField
        label={`${rail.name}, ${label}`}
        value={value}
        write={(shown) => figure(shown, rail.digits)}
        unit={rail.unit}
        read={(text) => contradicting(readMeasured(text, { unit: rail.unit, min: 0 }), label, other, rail)}
        onValue={(next) => next !== undefined && onChange(next)}
        className="h-8 w-20 rounded-md border border-hair bg-glaze px-1.5 text-right font-semibold"
      />
      <StepButton label={`More for ${rail.name}, ${label}`} press={() => step(1)}>
        <Plus size={16} aria-hidden />
      </StepButton>
    </span>
  );
}

/** What the brief asks of one property: from, to, how much it matters, pinned, or nothing. */
export function WishControls({ rail }: { readonly rail: Rail }) {
  const formula = useFormula(),
    judged = useOutcome();
  const brief = briefOf(formula),
    wish = brief[rail.id];
  const ask = (next: Wish | undefined) => take({ step: 'set-brief', brief: withWish(brief, rail.id, next) });
  const around = (): Wish => {
    const place = placeOnRail(rail.scale, rail.value(judged).mid);
    return {
      low: valueOnRail(rail.scale, place - ASKED_HALF_WIDTH),
      high: valueOnRail(rail.scale, place + ASKED_HALF_WIDTH),
    };
  };
  if (!wish)
    return (
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <span>Nothing is asked of it: it stays about as it is.</span>
        <Button onClick={() => ask(briefOfFamily(formula.family)[rail.id] ?? around())}>Ask for it</Button>
        <Button onClick={() => ask(pinnedWish(rail.id, judged))}>
          <Pin size={15} aria-hidden /> Pin here
        </Button>
      </div>
    );
  return (
    <fieldset className="text-sm">
      <legend className="font-display text-base font-bold">{wish.pinned ? 'Pinned' : 'Asked'}</legend>
      <div className="mt-1 flex flex-wrap items-center gap-x-1.5 gap-y-2">
        <End
          label="least"
          value={wish.low}
          rail={rail}
          other={wish.high}
          onChange={(low) => pullStretch(rail, wish, low, wish.high)}
        />
        to
        <End
          label="most"
          value={wish.high}
          rail={rail}
          other={wish.low}
          onChange={(high) => pullStretch(rail, wish, wish.low, high)}
        />
        {rail.unit}
        <Choice
          label="How much it matters"
          value={String(weightOf(wish))}
          options={weightOptions}
          onChange={(value) => ask({ ...wish, weight: Number(value) as Weight })}
        />
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => ask(pinnedWish(rail.id, judged))}>
          <Pin size={15} aria-hidden /> Pin here
        </Button>
        <Button look="bare" onClick={() => ask(undefined)}>
          <X size={15} aria-hidden /> Do not ask for it
        </Button>
      </div>
    </fieldset>
  );
}
