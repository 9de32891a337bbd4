import type { AddedInput, FormulaView } from '@alterum/contract';
import { eveningLimits, lineOfFormula } from '@alterum/contract/convert';
import { searchIngredients } from '@alterum/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { wholeLarder } from '../household/house-larder';
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

/** What is stirred into a base or a version, with the grams that one portion gets of it. */
export function AddedThings({ to, added, formulas, change }: AddedThingsProps) {
  const named = useHousehold((household) => household.named),
    know = useHousehold((household) => household.know);
  const [text, setText] = useState('');
  const wanted = text.trim().toLowerCase();
  const offered =
    wanted === ''
      ? []
      : [
          ...searchIngredients(wholeLarder(), text)
            .slice(0, SHOWN)
            .map(({ id, name }) => ({ id, name, view: undefined })),
          ...formulas
            .filter(({ name }) => name.toLowerCase().includes(wanted))
            .slice(0, SHOWN)
            .map((view) => ({ id: lineOfFormula(view.id), name: `${view.name} (formula)`, view })),
        ].filter(({ id }) => !added.some(({ ingredient }) => ingredient === id));
  const add = (id: string, view: FormulaView | undefined) => {
    if (view) know(view);
    change([...added, { ingredient: id, grams: null }]);
    setText('');
  };
  return (
    <div className="space-y-1.5">
      <ul className="flex flex-wrap gap-1.5" aria-label={`Added to ${to}`}>
        {added.map(({ ingredient, grams }) => {
          const name = nameOfAdded(ingredient, named);
          return (
            <li
              key={ingredient}
              className="flex min-h-9 flex-wrap items-center gap-1.5 rounded-lg border-2 border-hair pl-2"
            >
              <span className="wrap-anywhere">{name}</span>
              <NumberField
                label={`Grams of ${name} in a portion, ${to}`}
                value={grams ?? undefined}
                unit="g"
                min={0}
                max={eveningLimits.addedG}
                optional
                onValue={(value) =>
                  change(
                    added.map((one) =>
                      one.ingredient === ingredient ? { ...one, grams: value ?? null } : one,
                    ),
                  )
                }
                className="h-9 w-16 rounded-md border-2 border-rim bg-glaze px-1.5 text-right"
              />
              <span className="text-sm text-soft">g a portion</span>
              <Button
                look="bare"
                aria-label={`Take out ${name}`}
                onClick={() => change(added.filter((one) => one.ingredient !== ingredient))}
              >
                <X size={14} aria-hidden />
              </Button>
            </li>
          );
        })}
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
          {offered.map(({ id, name, view }) => (
            <Button key={id} onClick={() => add(id, view)}>
              {name}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
