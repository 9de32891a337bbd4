import type { DishSummary } from '@alterum/contract';
import { dishOfContent } from '@alterum/contract/convert';
import { Command } from 'cmdk';
import { useState } from 'react';
import { isCalled, useFoundSauces } from '../formula-list/found-sauces';
import { useFoundFormulas } from '../formula-list/use-found-formulas';
import { useHousehold } from '../household/household-store';
import { knowParts } from '../household/known-to-dish';
import { sayFailure } from '../notices/notices';
import { queries, read } from '../server/queries';
import { foundItem, foundList } from '../ui/found-list';

/** Dishes and formulas that are shown at once. */
const DISHES = 4,
  FORMULAS = 6;

async function takeDish(id: string): Promise<void> {
  const view = await read(queries.dish(id));
  await knowParts([dishOfContent(view)]);
  const { knowDish, dishes, cookDishes } = useHousehold.getState();
  knowDish(view);
  if (!dishes.some(({ dish }) => dish === id)) cookDishes([...dishes, { dish: id }]);
}

async function takeFormula(id: string): Promise<void> {
  const view = await read(queries.formula(id));
  const { know, pots, cook } = useHousehold.getState();
  know(view);
  if (!pots.some(({ formula }) => formula === id))
    cook([...pots, { formula: id, tools: ['spoon'], washedBefore: false }]);
}

/** Looks up a formula or a dish of the house, by any part of its name, and takes it onto tonight’s plan; with nothing typed, those that were changed last. */
export function AddTonight({ kept }: { readonly kept: readonly DishSummary[] }) {
  const [text, setText] = useState(''),
    [lit, setLit] = useState(''),
    [open, setOpen] = useState(false);
  const pots = useHousehold((household) => household.pots),
    dishes = useHousehold((household) => household.dishes);
  const asked = text.trim();
  const { entries } = useFoundFormulas(queries.wholeFormulas);
  const { sauces, late, settled } = useFoundSauces(asked, undefined, FORMULAS);
  const formulas = (asked === '' ? entries : [...sauces, ...late])
    .filter(({ id }) => !pots.some(({ formula }) => formula === id))
    .slice(0, FORMULAS);
  const found = kept
    .filter(({ id, name }) => isCalled(name, asked) && !dishes.some(({ dish }) => dish === id))
    .slice(0, DISHES);
  const ids = [...found, ...formulas].map(({ id }) => id);
  const take = (taking: Promise<void>) => {
    setText('');
    setOpen(false);
    void taking.catch(sayFailure);
  };
  return (
    <Command
      shouldFilter={false}
      value={ids.includes(lit) ? lit : (ids[0] ?? '')}
      onValueChange={setLit}
      label="Cook tonight"
      className="relative w-full sm:w-72"
      onBlur={() => setOpen(false)}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        setText('');
        setOpen(false);
      }}
    >
      <Command.Input
        aria-label="Cook tonight"
        value={text}
        onFocus={() => setOpen(true)}
        onClick={() => setOpen(true)}
        onValueChange={(value) => {
          setText(value);
          setOpen(true);
        }}
        placeholder="+ cook tonight: a formula or a dish"
        className="tap-coarse h-10 w-full min-w-0 rounded-lg border-2 border-hair bg-glaze px-2.5 placeholder:text-rim placeholder:opacity-100"
      />
      <Command.List
        label="Formulas and dishes found"
        className={`${foundList} ${open ? '' : 'hidden'}`}
        // What is pressed is taken before the field loses the focus.
        onMouseDown={(event) => event.preventDefault()}
      >
        {open &&
          found.map(({ id, name }) => (
            <Command.Item key={id} value={id} onSelect={() => take(takeDish(id))} className={foundItem}>
              <span className="truncate">{name}</span>
              <span className="text-[13px] whitespace-nowrap">dish</span>
            </Command.Item>
          ))}
        {open &&
          formulas.map(({ id, name }) => (
            <Command.Item key={id} value={id} onSelect={() => take(takeFormula(id))} className={foundItem}>
              <span className="truncate">{name}</span>
              <span className="text-[13px] whitespace-nowrap">formula</span>
            </Command.Item>
          ))}
        {open && asked !== '' && settled && ids.length === 0 && (
          <p className="px-2 py-1.5 text-sm">Nothing of that name. Try a plainer word.</p>
        )}
      </Command.List>
    </Command>
  );
}
