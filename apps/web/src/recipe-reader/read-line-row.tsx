import { type Ingredient, preparationOf, type ReadRecipe, weighedAs } from '@alterum/core';
import { searchHere } from '../formula-list/search-here';
import { habitsNow } from '../household/habits';
import { Check, CircleHelp, Minus } from 'lucide-react';
import { useState } from 'react';
import { findIngredient } from '../household/house-larder';
import { Button } from '../ui/button';
import { gramsText } from '../words/number-text';
import { mayBe, type LineStanding } from './taken';

const OUT = '',
  OWN = 'own',
  SEARCH = 'search';
/** Hits of a search that are offered. */
const HITS = 8;

interface RowProps {
  readonly line: ReadRecipe['lines'][number];
  readonly standing: LineStanding;
  /** What it goes in as; undefined leaves it out. */
  readonly ingredient: Ingredient | undefined;
  readonly choose: (ingredient: string | undefined) => void;
  readonly writeDown: () => void;
}

const signs = { sure: Check, look: CircleHelp, unknown: CircleHelp, out: Minus } as const;
const inks = { sure: 'text-yes', look: 'text-ask', unknown: 'text-ask', out: 'text-soft' } as const;
const says = {
  sure: 'understood',
  look: 'please look',
  unknown: 'not found: left out until you say what it is',
  out: 'left out',
} as const;

/** What was said of how much, and what it comes to. */
function AmountRead({ line, ingredient }: Pick<RowProps, 'line' | 'ingredient'>) {
  const { toTaste, spoken } = line;
  const grams =
    ingredient && spoken && ingredient.id !== line.ingredient?.id
      ? weighedAs(spoken, ingredient, habitsNow().kitchen)?.grams
      : line.grams;
  if (!grams && line.amount)
    return (
      <span className="text-soft">
        {Number(line.amount.mid.toPrecision(3))} {line.unit}
      </span>
    );
  if (!grams) return <span className="text-ask">how much?</span>;
  const spread = grams.high / Math.max(grams.low, 1e-9);
  return (
    <>
      <b>{gramsText(grams.mid)} g</b>
      {spread > 1.1 && (
        <span className="text-[13px] text-soft">
          {' '}
          {gramsText(grams.low)}–{gramsText(grams.high)}
        </span>
      )}
      {toTaste && <span className="text-[13px] text-soft"> to taste</span>}
    </>
  );
}

interface ChoiceProps extends Pick<RowProps, 'line' | 'standing' | 'ingredient' | 'choose' | 'writeDown'> {
  readonly search: () => void;
}

/** What the line is, what else it may be, and the ways out of both. */
function WhatItIs({ line, standing, ingredient, choose, writeDown, search }: ChoiceProps) {
  const options = mayBe(line, findIngredient);
  const all =
    ingredient && !options.some(({ id }) => id === ingredient.id) ? [ingredient, ...options] : options;
  return (
    <select
      aria-label={`What “${line.text}” is`}
      value={ingredient?.id ?? OUT}
      onChange={(event) => {
        const chosen = event.target.value;
        if (chosen === OWN) writeDown();
        else if (chosen === SEARCH) search();
        else choose(chosen === OUT ? undefined : chosen);
      }}
      className="tap-coarse max-w-full rounded-md bg-transparent py-0.5 font-semibold hover:bg-dip"
    >
      {all.map(({ id, name }) => (
        <option key={id} value={id} className="bg-glaze text-ink">
          {name}
        </option>
      ))}
      <option value={OUT} className="bg-glaze text-ink">
        {standing === 'unknown' ? `“${line.name}” is not found` : 'leave it out'}
      </option>
      <option value={SEARCH} className="bg-glaze text-ink">
        look for another …
      </option>
      <option value={OWN} className="bg-glaze text-ink">
        write it down as my own …
      </option>
    </select>
  );
}

/** Looks for another thing in the whole larder. */
function LookForAnother({
  line,
  choose,
}: Pick<RowProps, 'line'> & { readonly choose: (ingredient: string) => void }) {
  const [text, setText] = useState(line.name);
  const found = text.trim() === '' ? [] : searchHere(text);
  return (
    <div className="flex flex-wrap gap-1.5 py-1">
      <input
        autoFocus
        aria-label={`Look for what “${line.text}” is`}
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="h-9 w-44 rounded-lg border-2 border-rim bg-glaze px-2"
      />
      {found.slice(0, HITS).map(({ id, name }) => (
        <Button key={id} onClick={() => choose(id)}>
          {name}
        </Button>
      ))}
    </div>
  );
}

/** How it is made ready as far as its words do not say it already, and whether it may be left out. */
function saidBeside({ preparation, made, optional }: RowProps['line']): string {
  const { name } = preparationOf(preparation);
  const ready = preparation === 'as-is' || made.includes(name) ? '' : name;
  return [ready, made, optional ? 'optional' : ''].filter(Boolean).join(', ');
}

/** One line of the recipe: its words, what was understood, and what else it may be. */
export function ReadLineRow({ line, standing, ingredient, choose, writeDown }: RowProps) {
  const [searching, setSearching] = useState(false);
  const Sign = signs[standing],
    beside = saidBeside(line);
  return (
    <li
      className={`grid grid-cols-[1.5rem_minmax(0,1fr)_auto] items-baseline gap-x-2 border-t border-hair py-1.5 first:border-t-0 ${standing === 'look' || standing === 'unknown' ? 'bg-lit' : ''}`}
      data-testid={`read-${line.id}`}
      data-standing={standing}
    >
      <Sign size={17} aria-label={says[standing]} className={`self-center ${inks[standing]}`} />
      <div className="min-w-0">
        <WhatItIs
          line={line}
          standing={standing}
          ingredient={ingredient}
          choose={choose}
          writeDown={writeDown}
          search={() => setSearching(true)}
        />
        <p className="truncate text-[13px] text-soft" title={line.text}>
          {line.text}
          {beside !== '' && ` · ${beside}`}
        </p>
        {searching && (
          <LookForAnother
            line={line}
            choose={(id) => {
              choose(id);
              setSearching(false);
            }}
          />
        )}
      </div>
      <span className="text-right whitespace-nowrap">
        <AmountRead line={line} ingredient={ingredient} />
      </span>
    </li>
  );
}
