import { type Ingredient, type Line, searchIngredients } from '@alterum/core';
import { Command } from 'cmdk';
import { memo, useState } from 'react';
import { findIngredient, loadHouseLarder, wholeLarder } from '../../household/house-larder';
import { nanoid } from 'nanoid';
import { sayFailure } from '../../notices/notices';
import { part } from '../../ui/part';
import { take } from '../../open-formula/bench-store';
import { effectOf } from '../people/effect-on-people';
import { ADD_INGREDIENT, focusAmountSoon } from '../../open-formula/focus';

const OwnIngredientForm = part(() => import('../../own-ingredient/own-ingredient-form'));

const SHOWN = 7;
/** Letters of a name, and of what is shown of one in the list. */
const LONGEST_NAME = 120,
  LONGEST_SHOWN = 40;

/** A line that waits for its amount: nothing is made up. */
function lineOf(ingredient: Ingredient): Line {
  return {
    id: nanoid(),
    ingredient: ingredient.id,
    amount: undefined,
    role: ingredient.role,
    preparation: 'as-is',
    stage: 'start',
  };
}

function add(ingredient: Ingredient): void {
  const line = lineOf(ingredient);
  take({ step: 'add-line', line });
  focusAmountSoon(line.id);
}

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
  const [upwards, setUpwards] = useState(true);
  const asked = text.trim();
  const found = asked === '' ? [] : searchIngredients(wholeLarder(), text).slice(0, SHOWN);
  const written = async (id: string) => {
    setWriting(undefined);
    setText('');
    await loadHouseLarder();
    const own = findIngredient(id);
    if (own) add(own);
  };
  return (
    <>
      <Command
        id={ADD_INGREDIENT}
        shouldFilter={false}
        label="Add an ingredient"
        className="relative"
        onKeyDown={(event) => event.key === 'Escape' && setText('')}
      >
        <Command.Input
          value={text}
          onValueChange={(next) => {
            // Chosen once, when the list opens: it must not change sides under the eye.
            if (asked === '') setUpwards(hasMoreRoomAbove());
            setText(next);
          }}
          placeholder="+ add an ingredient"
          className="tap-coarse h-8 w-full rounded-md bg-transparent px-1.5 font-semibold placeholder:text-rim placeholder:opacity-100"
        />
        {/* Always there, so that the field may point at it. */}
        <Command.List
          className={`plate absolute left-0 z-30 w-full p-1 shadow-2xl ${upwards ? 'bottom-full mb-1' : 'top-full mt-1'} ${asked === '' ? 'hidden' : ''}`}
          label="Ingredients found"
        >
          {found.map((ingredient) => (
            <Command.Item
              key={ingredient.id}
              value={ingredient.id}
              onSelect={() => {
                setText('');
                add(ingredient);
              }}
              className={item}
            >
              <span className="truncate">{ingredient.name}</span>
              <span className="truncate text-[13px]">
                {effectOf(ingredient) || <span className="opacity-80">{ingredient.shelf}</span>}
              </span>
            </Command.Item>
          ))}
          {asked !== '' && found.length === 0 && (
            <>
              <p className="px-2 py-1.5 text-sm">
                The larder has nothing of that name. Try a plainer word: “bean”, “seed”, “vinegar”.
              </p>
              <Command.Item
                value="write-down"
                onSelect={() => setWriting(asked.slice(0, LONGEST_NAME))}
                className={item}
              >
                <span className="wrap-anywhere">
                  Write “{asked.slice(0, LONGEST_SHOWN)}” down as an ingredient of your own
                </span>
              </Command.Item>
            </>
          )}
        </Command.List>
      </Command>
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
