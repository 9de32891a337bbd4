import type { FormulaSummary } from '@alterum/contract';
import {
  amountText,
  type Ingredient,
  type Line,
  readIngredientLine,
  type ReadLine,
  searchIngredients,
} from '@alterum/core';
import { Command } from 'cmdk';
import { memo, useMemo, useState } from 'react';
import { findIngredient, loadHouseLarder, wholeLarder } from '../../household/house-larder';
import { lineOfFormula } from '@alterum/contract/convert';
import { nanoid } from 'nanoid';
import { sayFailure } from '../../notices/notices';
import { part } from '../../ui/part';
import { take } from '../../open-formula/bench-store';
import { findSauces, sauceAsIngredient, useFoundSauces } from './found-sauces';
import { effectOf } from '../people/effect-on-people';
import { ADD_INGREDIENT, focusAmountSoon } from '../../open-formula/focus';

const PastedRecipe = part(() => import('./pasted-recipe'));
const OwnIngredientForm = part(() => import('../../own-ingredient/own-ingredient-form'));

const SHOWN = 7;
/** Lines from which what is pasted is a recipe. */
const SEVERAL = 2;
/** Letters of a name, and of what is shown of one in the list. */
const LONGEST_NAME = 120,
  LONGEST_SHOWN = 40;

/** A line that waits for its amount, unless one was said: nothing is made up. */
function lineOf(ingredient: Ingredient, said: ReadLine | undefined): Line {
  return {
    id: nanoid(),
    ingredient: ingredient.id,
    amount: said?.written,
    role: ingredient.role,
    preparation: said?.preparation ?? 'as-is',
    stage: 'start',
    ...(said?.ready ? { ready: said.ready } : {}),
  };
}

/** The cursor goes to the amount; where one was said, it stays for the next ingredient. */
function add(ingredient: Ingredient, said?: ReadLine): void {
  const line = lineOf(ingredient, said);
  take({ step: 'add-line', line });
  if (line.amount === undefined) focusAmountSoon(line.id);
}

/** "150 g cashews, soaked": an amount with its thing, in one go. */
function spokenLine(typed: string): ReadLine | undefined {
  const [line] = /\p{L}{2}/u.test(typed) ? readIngredientLine(typed, wholeLarder()) : [];
  return line?.amount && line.written ? line : undefined;
}

/** The line that was said, of another thing. */
const saidOf = (spoken: ReadLine | undefined, { id }: Ingredient, typed: string): ReadLine | undefined => {
  if (!spoken || spoken.ingredient?.id === id) return spoken;
  const [line] = readIngredientLine(
    typed,
    wholeLarder().filter((one) => one.id === id),
  );
  return line?.written ? line : undefined;
};

/** Whether the list has more room over the field than under it. */
function hasMoreRoomAbove(): boolean {
  const field = document.getElementById(ADD_INGREDIENT)?.getBoundingClientRect();
  return field !== undefined && field.top > window.innerHeight - field.bottom;
}

const item =
  'flex min-h-8 items-center justify-between gap-3 rounded-md px-2 data-[selected=true]:bg-rim data-[selected=true]:text-on-rim [@media(pointer:coarse)]:min-h-11';

/** Looks an ingredient up by any of its names and puts it in the pot; the cursor goes to its amount. What is not there can be written down. */
export default memo(function AddIngredient() {
  const [text, setText] = useState('');
  const [writing, setWriting] = useState<string>();
  const [pasted, setPasted] = useState<string>();
  const [upwards, setUpwards] = useState(true);
  const asked = text.trim();
  const spoken = useMemo(() => spokenLine(asked), [asked]);
  const found =
    asked === ''
      ? []
      : spoken
        ? [...(spoken.ingredient ? [spoken.ingredient] : []), ...spoken.others].slice(0, SHOWN)
        : searchIngredients(wholeLarder(), text).slice(0, SHOWN);
  const { sauces, settled } = useFoundSauces(asked);
  const written = async (id: string) => {
    setWriting(undefined);
    setText('');
    await loadHouseLarder();
    const own = findIngredient(id);
    if (own) add(own);
  };
  const addSauce = (sauce: FormulaSummary) => {
    setText('');
    void sauceAsIngredient(sauce)
      .then((ingredient) => ingredient && add(ingredient))
      .catch(sayFailure);
  };
  const writeDown = () => setWriting(asked.slice(0, LONGEST_NAME));
  /** Enter before the server has answered: what stands there is looked for first, then written down. */
  const takeOnceKnown = () =>
    void findSauces(asked).then(([sauce]) => (sauce ? addSauce(sauce) : writeDown()));
  const sauceItems = sauces.map((sauce) => (
    <Command.Item
      key={sauce.id}
      value={lineOfFormula(sauce.id)}
      onSelect={() => addSauce(sauce)}
      className={item}
    >
      <span className="truncate">{sauce.name}</span>
      <span className="text-[13px] whitespace-nowrap">your own formula</span>
    </Command.Item>
  ));
  return (
    <>
      <Command
        id={ADD_INGREDIENT}
        shouldFilter={false}
        label="Add an ingredient"
        className="relative"
        onKeyDown={(event) => {
          if (event.key === 'Escape') setText('');
          if (event.key === 'Enter' && asked !== '' && found.length === 0 && !settled) takeOnceKnown();
        }}
      >
        <Command.Input
          value={text}
          onValueChange={(next) => {
            // Chosen once, when the list opens: it must not change sides under the eye.
            if (asked === '') setUpwards(hasMoreRoomAbove());
            setText(next);
          }}
          onPaste={(event) => {
            const words = event.clipboardData.getData('text/plain');
            if (words.split('\n').filter((line) => line.trim() !== '').length < SEVERAL) return;
            event.preventDefault();
            setPasted(words);
          }}
          placeholder="+ add an ingredient"
          className="tap-coarse h-8 w-full rounded-md bg-transparent px-1.5 font-semibold placeholder:text-rim placeholder:opacity-100"
        />
        {/* Always there, so that the field may point at it. */}
        <Command.List
          className={`plate absolute left-0 z-30 w-full p-1 shadow-2xl ${upwards ? 'bottom-full mb-1' : 'top-full mt-1'} ${asked === '' ? 'hidden' : ''}`}
          label="Ingredients found"
        >
          {/* They come a moment later: at the far end of the list, so that nothing moves under a pointer. */}
          {upwards && sauceItems}
          {found.map((ingredient) => (
            <Command.Item
              key={ingredient.id}
              value={ingredient.id}
              onSelect={() => {
                setText('');
                add(ingredient, saidOf(spoken, ingredient, asked));
              }}
              className={item}
            >
              <span className="truncate">
                {spoken?.written && `${amountText(spoken.written)} `}
                {ingredient.name}
              </span>
              <span className="truncate text-[13px]">
                {effectOf(ingredient) || <span className="opacity-80">{ingredient.shelf}</span>}
              </span>
            </Command.Item>
          ))}
          {!upwards && sauceItems}
          {asked !== '' && found.length === 0 && settled && (
            <>
              {sauces.length === 0 && (
                <p className="px-2 py-1.5 text-sm">
                  The larder has nothing of that name. Try a plainer word: “bean”, “seed”, “vinegar”.
                </p>
              )}
              <Command.Item value="write-down" onSelect={writeDown} className={item}>
                <span className="wrap-anywhere">
                  Write “{asked.slice(0, LONGEST_SHOWN)}” down as an ingredient of your own
                </span>
              </Command.Item>
            </>
          )}
        </Command.List>
      </Command>
      {pasted !== undefined && <PastedRecipe text={pasted} close={() => setPasted(undefined)} />}
      {writing !== undefined && (
        <OwnIngredientForm
          own={undefined}
          prefilled={{ name: writing }}
          close={() => setWriting(undefined)}
          saved={(id) => void written(id).catch(sayFailure)}
        />
      )}
    </>
  );
});
