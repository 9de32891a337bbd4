import { gramsOf, type Line } from '@alterum/core';
import { type FormEvent, useState } from 'react';
import { findIngredient } from '../../household/house-larder';
import { take } from '../../open-formula/bench-store';
import { Dialog } from '../../ui/dialog';
import { FormEnd } from '../../ui/form-end';
import { NumberField } from '../../ui/number-field';

interface BoundProps {
  readonly before: string;
  readonly label: string;
  readonly value: number | undefined;
  readonly onValue: (value: number | undefined) => void;
}

const Bound = ({ before, label, value, onValue }: BoundProps) => (
  <label className="flex items-center gap-2">
    {before}
    <NumberField
      label={label}
      value={value}
      unit="g"
      min={0}
      live
      onValue={onValue}
      className="h-10 w-28 rounded-lg border-2 border-rim bg-glaze px-3 text-right"
    />
  </label>
);

/** Between which amounts balancing may move a line, typed. */
export default function HoldDialog({ line, close }: { readonly line: Line; readonly close: () => void }) {
  const ingredient = findIngredient(line.ingredient);
  const present = (ingredient && gramsOf(line.amount, ingredient.measures)) ?? 0;
  const hold = line.hold?.kind === 'bounded' ? line.hold : undefined;
  const [least, setLeast] = useState<number | undefined>(hold?.leastG ?? present);
  const [most, setMost] = useState<number | undefined>(hold?.mostG ?? present);
  const [failure, setFailure] = useState<string>();
  const name = ingredient?.name ?? line.ingredient;
  const keep = (event: FormEvent) => {
    event.preventDefault();
    if (least === undefined || most === undefined || Number.isNaN(least) || Number.isNaN(most))
      return setFailure('Both amounts have to be read first: type them in grams, such as 40 g.');
    if (least > most)
      return setFailure(`The least (${least} g) lies above the most (${most} g). Change one of them.`);
    take({ step: 'set-hold', line: line.id, hold: { kind: 'bounded', leastG: least, mostG: most } });
    close();
  };
  return (
    <Dialog
      title={`Bounds for ${name.toLowerCase()}`}
      description="Balancing stays between these two, even where it would rather keep the dish nearer to what it is."
      close={close}
    >
      <form onSubmit={keep} className="flex flex-wrap items-center gap-2">
        <Bound before="from" label={`Least of ${name}`} value={least} onValue={setLeast} />
        <Bound before="to" label={`Most of ${name}`} value={most} onValue={setMost} />g
        <div className="basis-full">
          <FormEnd failure={failure} saving={false} close={close} />
        </div>
      </form>
    </Dialog>
  );
}
