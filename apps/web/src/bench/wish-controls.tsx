import {
  briefOf,
  briefOfFamily,
  pinnedWish,
  placeOnRail,
  type Rail,
  valueOnRail,
  type Weight,
  weightNames,
  weightOf,
  weights,
  type Wish,
  withWish,
} from '@alterum/core';
import { Pin, X } from 'lucide-react';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { take, useFormula, useOutcome } from './bench-store';
import { pullStretch } from './lit-stretch';
import { figure } from './number-text';

/** Half the width of a stretch that is asked for where nothing was, as a share of the rail. @source assumed */
const ASKED_HALF_WIDTH = 0.08;

const weightOptions = weights.map((weight) => ({ value: String(weight), label: weightNames[weight] }));

function End({
  label,
  value,
  rail,
  onChange,
}: {
  readonly label: string;
  readonly value: number;
  readonly rail: Rail;
  readonly onChange: (value: number) => void;
}) {
  return (
    <input
      key={value}
      type="text"
      inputMode="decimal"
      aria-label={`${rail.name}, ${label}`}
      defaultValue={figure(value, rail.digits).replace(/\s/g, '')}
      onBlur={(event) => {
        const next = Number(event.target.value.replace(',', '.'));
        if (
          event.target.value.trim() !== '' &&
          Number.isFinite(next) &&
          figure(next, rail.digits) !== figure(value, rail.digits)
        )
          onChange(next);
        else event.target.value = figure(value, rail.digits).replace(/\s/g, '');
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      className="h-8 w-20 rounded-md border border-hair bg-glaze px-1.5 text-right font-semibold"
    />
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
        <span>Nothing is asked of it.</span>
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
          onChange={(low) => pullStretch(rail, wish, Math.min(low, wish.high), Math.max(low, wish.high))}
        />
        to
        <End
          label="most"
          value={wish.high}
          rail={rail}
          onChange={(high) => pullStretch(rail, wish, Math.min(high, wish.low), Math.max(high, wish.low))}
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
