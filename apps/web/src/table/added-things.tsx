import type { AddedInput, FormulaView } from '@alterum/contract';
import { eveningLimits, lineOfFormula } from '@alterum/contract/convert';
import { X } from 'lucide-react';
import { useState } from 'react';
import { searchHere } from '../formula-list/search-here';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number-field';
import { useHousehold } from '../household/household-store';
import { nameOfAdded } from '../household/judged-evening';

interface AddedThingsProps {
  /** What it is added to, as it begins a sentence: "the base". */
  readonly to: string;
  readonly added: readonly AddedInput[];
  readonly formulas: readonly FormulaView[];
  readonly change: (next: readonly AddedInput[]) => void;
}

/** Things that are offered for what is typed. */
const SHOWN = 5;

interface AddedRowProps extends Pick<AddedThingsProps, 'to'> {
  readonly name: string;
  readonly grams: number | null;
  readonly set: (grams: number | null) => void;
  readonly takeOut: () => void;
}

/** One added thing, and the grams of it in a portion as far as they are known. */
function AddedRow({ to, name, grams, set, takeOut }: AddedRowProps) {
  return (
    <li className="flex min-h-9 flex-wrap items-center gap-1.5 rounded-lg border-2 border-hair pl-2">
      <span className="wrap-anywhere">{name}</span>
      <NumberField
        label={`Grams of ${name} in a portion, ${to}`}
        value={grams ?? undefined}
        unit="g"
        min={0}
        max={eveningLimits.addedG}
        optional
        onValue={(value) => set(value ?? null)}
        className="h-9 w-16 rounded-md border-2 border-rim bg-glaze px-1.5 text-right"
      />
      <span className="text-sm text-soft">g a portion</span>
      <Button look="bare" aria-label={`Take out ${name}`} onClick={takeOut}>
        <X size={14} aria-hidden />
      </Button>
    </li>
  );
}

interface Offer {
  readonly id: string;
  readonly name: string;
  /** Where it is a formula of the house. */
  readonly view: FormulaView | undefined;
}

/** What of the larder and of the house's formulas goes by what is typed. */
function offersFor(text: string, formulas: readonly FormulaView[]): readonly Offer[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return [];
  const things = searchHere(text).slice(0, SHOWN),
    sauces = formulas.filter(({ name }) => name.toLowerCase().includes(wanted)).slice(0, SHOWN);
  return [
    ...sauces.map((view) => ({ id: lineOfFormula(view.id), name: `${view.name} (formula)`, view })),
    ...things.map(({ id, name }) => ({ id, name, view: undefined })),
  ];
}

/** What is stirred into a base or a version, with the grams that one portion gets of it. */
export function AddedThings({ to, added, formulas, change }: AddedThingsProps) {
  const named = useHousehold((household) => household.named),
    know = useHousehold((household) => household.know);
  const [text, setText] = useState('');
  const offered = offersFor(text, formulas).filter(
    ({ id }) => !added.some(({ ingredient }) => ingredient === id),
  );
  const add = ({ id, view }: Offer) => {
    if (view) know(view);
    change([...added, { ingredient: id, grams: null }]);
    setText('');
  };
  return (
    <div className="space-y-1.5">
      <ul className="flex flex-wrap gap-1.5" aria-label={`Added to ${to}`}>
        {added.map(({ ingredient, grams }) => (
          <AddedRow
            key={ingredient}
            to={to}
            name={nameOfAdded(ingredient, named)}
            grams={grams}
            set={(now) =>
              change(added.map((one) => (one.ingredient === ingredient ? { ...one, grams: now } : one)))
            }
            takeOut={() => change(added.filter((one) => one.ingredient !== ingredient))}
          />
        ))}
      </ul>
      {added.length < eveningLimits.added && (
        <div className="flex flex-wrap items-center gap-1.5">
          <input
            aria-label={`Add to ${to}`}
            placeholder={to === 'the base' ? '+ what went in before' : '+ what only this version gets'}
            value={text}
            onChange={(event) => setText(event.target.value)}
            className="h-9 w-60 rounded-lg border-2 border-hair bg-glaze px-2"
          />
          {offered.map((offer) => (
            <Button key={offer.id} onClick={() => add(offer)}>
              {offer.name}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
