import { lineOfFormula } from '@alterum/contract/convert';
import { type DishPart, searchIngredients, withPart } from '@alterum/core';
import { Command } from 'cmdk';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useFoundSauces } from '../formula-list/found-sauces';
import { habitsNow } from '../household/habits';
import { wholeLarder } from '../household/house-larder';
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

/** Looks up a sauce of the house or a thing of the larder, and takes it into the dish. */
export function AddPart() {
  const [text, setText] = useState(''),
    [lit, setLit] = useState('');
  const asked = text.trim();
  const found = asked === '' ? [] : searchIngredients(wholeLarder(), asked, habitsNow().used).slice(0, SHOWN);
  const { sauces, settled } = useFoundSauces(asked);
  const ids = [...sauces.map(({ id }) => lineOfFormula(id)), ...found.map(({ id }) => id)];
  return (
    <Command
      shouldFilter={false}
      value={ids.includes(lit) ? lit : (found[0]?.id ?? ids[0] ?? '')}
      onValueChange={setLit}
      label="Add a part"
      className="relative"
      onKeyDown={(event) => event.key === 'Escape' && setText('')}
    >
      <Command.Input
        id={ADD_PART}
        value={text}
        onValueChange={setText}
        placeholder="+ a sauce of the house, or a thing"
        className="tap-coarse h-9 w-full min-w-0 rounded-md bg-transparent px-1.5 font-semibold placeholder:text-rim placeholder:opacity-100"
      />
      <Command.List
        label="Sauces and things found"
        className={`${foundList} ${asked === '' ? 'hidden' : ''}`}
      >
        {found.map((ingredient) => (
          <Command.Item
            key={ingredient.id}
            value={ingredient.id}
            onSelect={() => {
              setText('');
              add({ ingredient: ingredient.id, grams: BEGIN_G });
            }}
            className={foundItem}
          >
            <span className="truncate">{ingredient.name}</span>
            <span className="text-[13px]">{ingredient.shelf}</span>
          </Command.Item>
        ))}
        {sauces.map((sauce) => (
          <Command.Item
            key={sauce.id}
            value={lineOfFormula(sauce.id)}
            onSelect={() => {
              setText('');
              add({ formula: sauce.id });
            }}
            className={foundItem}
          >
            <span className="truncate">{sauce.name}</span>
            <span className="text-[13px] whitespace-nowrap">your own formula</span>
          </Command.Item>
        ))}
        {asked !== '' && settled && ids.length === 0 && (
          <p className="px-2 py-1.5 text-sm">Nothing of that name. Try a plainer word.</p>
        )}
      </Command.List>
    </Command>
  );
}
