import type { FormulaSummary } from '@alterum/contract';
import { lineOfFormula } from '@alterum/contract/convert';
import { type DishPart, gramsOf, type Ingredient, withPart } from '@alterum/core';
import { Command } from 'cmdk';
import { nanoid } from 'nanoid';
import { useMemo, useRef, useState } from 'react';
import { isCalledJust, useFoundSauces } from '../formula-list/found-sauces';
import { searchHere } from '../formula-list/search-here';
import { saidOf, spokenLine } from '../household/spoken-line';
import { sayFailure } from '../notices/notices';
import { focusSoon } from '../ui/focus-net';
import { foundItem, foundList } from '../ui/found-list';
import { changeDish } from './dish-store';
import { knowParts } from '../household/known-to-dish';

const SHOWN = 6;
export const ADD_PART = 'add-part';

/** g that a thing begins with. @source assumed: what a cook would buy for four */
const BEGIN_G = 250;

/** A part comes in, in a layer at the top; the cursor goes to its amount. */
function add(part: Omit<DishPart, 'id' | 'ready'>): void {
  const id = nanoid(10);
  void knowParts([{ parts: [{ ...part, id, ready: [] }] }])
    .then(() => {
      changeDish((dish) => withPart(dish, { ...part, id, ready: [] }, nanoid(10)));
      focusSoon(`#${amountOfPart(id)}`);
    })
    .catch(sayFailure);
}

export const amountOfPart = (id: string): string => `part-amount-${id}`;

const isWeight = (unit: string | undefined): boolean =>
  unit === 'g' || unit === 'kg' || unit === 'oz' || unit === 'lb';

/** Looks up a sauce of the house or a thing of the larder, and takes it into the dish. */
export function AddPart() {
  const [text, setText] = useState(''),
    [lit, setLit] = useState('');
  /** Somebody has gone to an entry, with a pointer or by arrows, since the last letter. */
  const went = useRef(false);
  const asked = text.trim();
  const spoken = useMemo(() => spokenLine(asked), [asked]),
    name = spoken?.name || asked;
  const found = name === '' ? [] : searchHere(name).slice(0, SHOWN);
  const { sauces: known, late, settled } = useFoundSauces(name);
  const ids = [
    ...known.map(({ id }) => lineOfFormula(id)),
    ...found.map(({ id }) => id),
    ...late.map(({ id }) => lineOfFormula(id)),
  ];
  const [best] = found,
    first = best && isCalledJust(best, name) ? best.id : ids[0];
  const gramsSaid = (ingredient: Ingredient | undefined): number | undefined => {
    const written = ingredient && saidOf(spoken, ingredient, asked)?.written;
    return ingredient && gramsOf(written, ingredient.measures);
  };
  const sauceItem = (sauce: FormulaSummary) => (
    <Command.Item
      key={sauce.id}
      value={lineOfFormula(sauce.id)}
      onSelect={() => {
        setText('');
        // Of a sauce a weight is what is meant; pieces of it there are none.
        const grams =
          spoken?.spoken && spoken.amount && isWeight(spoken.unit) ? spoken.grams?.mid : undefined;
        add({ formula: sauce.id, ...(grams === undefined ? {} : { grams }) });
      }}
      className={foundItem}
    >
      <span className="truncate">{sauce.name}</span>
      <span className="text-[13px] whitespace-nowrap">your own formula</span>
    </Command.Item>
  );
  return (
    <Command
      shouldFilter={false}
      value={ids.includes(lit) ? lit : (first ?? '')}
      onValueChange={(next) => went.current && setLit(next)}
      onPointerMove={() => (went.current = true)}
      label="Add a part"
      className="relative"
      onKeyDown={({ key }) => {
        if (key.startsWith('Arrow')) went.current = true;
        if (key === 'Escape') setText('');
      }}
    >
      <Command.Input
        id={ADD_PART}
        value={text}
        onValueChange={(next) => {
          went.current = false;
          setLit('');
          setText(next);
        }}
        placeholder="+ a sauce of the house, or a thing"
        className="tap-coarse h-9 w-full min-w-0 rounded-md bg-transparent px-1.5 font-semibold placeholder:text-rim placeholder:opacity-100"
      />
      <Command.List
        label="Sauces and things found"
        className={`${foundList} ${asked === '' ? 'hidden' : ''}`}
        // What is pressed is taken before the field loses the focus.
        onMouseDown={(event) => event.preventDefault()}
      >
        {known.map(sauceItem)}
        {found.map((ingredient) => (
          <Command.Item
            key={ingredient.id}
            value={ingredient.id}
            onSelect={() => {
              setText('');
              add({ ingredient: ingredient.id, grams: gramsSaid(ingredient) ?? BEGIN_G });
            }}
            className={foundItem}
          >
            <span className="truncate">{ingredient.name}</span>
            <span className="text-[13px]">{ingredient.shelf}</span>
          </Command.Item>
        ))}
        {late.map(sauceItem)}
        {asked !== '' && settled && ids.length === 0 && (
          <p className="px-2 py-1.5 text-sm">Nothing of that name. Try a plainer word.</p>
        )}
      </Command.List>
    </Command>
  );
}
