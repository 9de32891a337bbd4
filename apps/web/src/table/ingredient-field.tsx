import { Command } from 'cmdk';
import { useRef, useState } from 'react';
import { searchHere } from '../formula-list/search-here';
import { findIngredient } from '../household/house-larder';
import { foundItem } from '../ui/found-list';

const SHOWN = 6;

interface IngredientFieldProps {
  readonly label: string;
  /** Larder id; empty where nothing is chosen yet. */
  readonly value: string | undefined;
  readonly onValue: (id: string) => void;
  /** What it is called, where it was put away. */
  readonly gone: string | undefined;
  readonly invalid: boolean;
}

const nameOf = (id: string | undefined, gone: string | undefined): string =>
  id ? (findIngredient(id)?.name ?? `${gone ?? 'something'}, no longer in the larder`) : '';

/**
 * One ingredient of the larder, the house’s own first, found by typing. What is typed and not taken from the list is no choice: what stood
 * there before counts no longer, so that nobody saves another thing than the one that can be read.
 */
export function IngredientField({ label, value, onValue, gone, invalid }: IngredientFieldProps) {
  const [typed, setTyped] = useState<string>();
  const [lit, setLit] = useState('');
  const before = useRef(value);
  const asked = typed?.trim() ?? '';
  const found = asked === '' ? [] : searchHere(asked).slice(0, SHOWN);
  const first = found[0]?.id ?? '';
  const choose = (id: string) => {
    setTyped(undefined);
    before.current = id;
    onValue(id);
  };
  return (
    <Command
      shouldFilter={false}
      label={label}
      value={found.some(({ id }) => id === lit) ? lit : first}
      onValueChange={setLit}
      className="relative min-w-0 flex-1"
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.preventDefault();
        if (event.key !== 'Escape' || typed === undefined) return;
        // The list closes and what was chosen stands again; the form stays open.
        event.preventDefault();
        setTyped(undefined);
        onValue(before.current ?? '');
      }}
      onBlur={() => {
        const exact = found.find(({ name }) => name.toLowerCase() === asked.toLowerCase());
        if (exact) choose(exact.id);
      }}
    >
      <Command.Input
        value={typed ?? nameOf(value, gone)}
        onValueChange={(next) => {
          if (typed === undefined) before.current = value;
          setTyped(next);
          setLit('');
          onValue('');
        }}
        onFocus={({ target }) => target.select()}
        data-keeps-escape={typed === undefined ? undefined : ''}
        aria-label={label}
        aria-invalid={invalid}
        placeholder="type what it is: peanut, honey …"
        className="h-10 w-full min-w-0 rounded-lg border-2 border-hair bg-glaze px-2 hover:border-rim"
      />
      <Command.List
        label="Ingredients found"
        // In the flow: the dialog grows with it, where a plate over it would be cut at its edge.
        className={`mt-1 rounded-lg border-2 border-rim p-1 ${asked === '' ? 'hidden' : ''}`}
        // What is pressed is taken before the field loses the focus.
        onMouseDown={(event) => event.preventDefault()}
      >
        {found.map((ingredient) => (
          <Command.Item
            key={ingredient.id}
            value={ingredient.id}
            onSelect={() => choose(ingredient.id)}
            className={foundItem}
          >
            <span className="truncate">{ingredient.name}</span>
            <span className="text-[13px]">{ingredient.shelf}</span>
          </Command.Item>
        ))}
        {asked !== '' && found.length === 0 && (
          <p className="px-2 py-1.5 text-sm">
            Nothing of that name. Try a plainer word, or take an allergen.
          </p>
        )}
      </Command.List>
    </Command>
  );
}
