import { type Ingredient, type Line, type Role, searchIngredients } from '@alterum/core';
import { Command } from 'cmdk';
import { memo, useState } from 'react';
import { wholeLarder } from '../app/house-larder';
import { take } from './bench-store';
import { effectOf } from './effect-on-people';
import { ADD_INGREDIENT, focusAmountSoon } from './focus';

/** What a cook would start with, g; the figure is meant to be changed at once. */
const startingGrams: Readonly<Record<Role, number>> = {
  body: 100,
  liquid: 120,
  thickener: 8,
  fat: 14,
  sour: 10,
  savory: 10,
  seasoning: 2,
};
const SHOWN = 7;

function lineOf(ingredient: Ingredient): Line {
  return {
    id: crypto.randomUUID(),
    ingredient: ingredient.id,
    amount: { value: startingGrams[ingredient.role], unit: 'g' },
    role: ingredient.role,
    preparation: 'as-is',
    stage: 'start',
  };
}

/** Looks an ingredient up by any of its names and puts it in the pot; the cursor goes to its amount. */
export const AddIngredient = memo(function AddIngredient() {
  const [text, setText] = useState('');
  const found = text.trim() === '' ? [] : searchIngredients(wholeLarder(), text).slice(0, SHOWN);
  const add = (ingredient: Ingredient) => {
    const line = lineOf(ingredient);
    take({ step: 'add-line', line });
    setText('');
    focusAmountSoon(line.id);
  };
  return (
    <Command
      id={ADD_INGREDIENT}
      shouldFilter={false}
      label="Add an ingredient"
      className="relative"
      onKeyDown={(event) => event.key === 'Escape' && setText('')}
    >
      <Command.Input
        value={text}
        onValueChange={setText}
        placeholder="+ add an ingredient"
        className="tap-coarse h-8 w-full rounded-md bg-transparent px-1.5 font-semibold placeholder:text-rim placeholder:opacity-100"
      />
      {/* Always there, so that the field may point at it. */}
      <Command.List
        className={`plate absolute bottom-full left-0 z-30 mb-1 w-full p-1 shadow-2xl ${text.trim() === '' ? 'hidden' : ''}`}
        label="Ingredients found"
      >
        {text.trim() !== '' && (
          <Command.Empty className="px-2 py-1.5 text-sm">
            The larder has nothing of that name. Try a plainer word: “bean”, “seed”, “vinegar”.
          </Command.Empty>
        )}
        {found.map((ingredient) => (
          <Command.Item
            key={ingredient.id}
            value={ingredient.id}
            onSelect={() => add(ingredient)}
            className="flex min-h-8 items-center justify-between gap-3 rounded-md px-2 data-[selected=true]:bg-rim data-[selected=true]:text-on-rim"
          >
            <span className="truncate">{ingredient.name}</span>
            <span className="truncate text-[13px]">
              {effectOf(ingredient) || <span className="opacity-80">{ingredient.shelf}</span>}
            </span>
          </Command.Item>
        ))}
      </Command.List>
    </Command>
  );
});
