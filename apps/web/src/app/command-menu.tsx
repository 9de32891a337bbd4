import type { FormulaSummary } from '@alterum/contract';
import { familyNames } from '@alterum/core';
import { Command } from 'cmdk';
import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { newDish } from '../dish/dish-actions';
import { redoDish, undoDish } from '../dish/dish-store';
import { redoOnBench, undoOnBench } from '../open-formula/bench-store';
import { lastOpened } from '../open-formula/last-opened';
import { focusAddIngredient } from '../open-formula/focus';
import { openWork } from '../open-formula/work-store';
import { isCalled } from '../formula-list/found-sauces';
import { newFormula } from '../formula-list/formula-actions';
import { Dialog } from '../ui/dialog';
import { queries } from '../server/queries';
import { nearFilter } from './near-filter';
import { useTheme } from './theme';

interface CommandMenuProps {
  readonly close: () => void;
  readonly showShortcuts: () => void;
}

const item =
  'flex min-h-10 items-center justify-between gap-3 rounded-md px-3 data-[selected=true]:bg-rim data-[selected=true]:text-on-rim';
const headings =
  '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft';

/** Formulas that are offered at once. */
const OFFERED = 20;

interface FoundFormulas {
  readonly formulas: readonly FormulaSummary[];
  /** Whether they are the server’s answer to what is typed; until then they are those found before. */
  readonly settled: boolean;
  /** The server was asked and does not answer. */
  readonly unanswered: boolean;
}

/** The formulas changed last, or those that what was typed finds. */
function useFormulasFor(search: string): FoundFormulas {
  const { data, isPending, isPlaceholderData, isError } = useInfiniteQuery({
    ...queries.formulas(search),
    refetchOnMount: 'always',
    placeholderData: keepPreviousData,
  });
  return {
    formulas: data?.pages[0]?.entries.slice(0, OFFERED) ?? [],
    settled: !isPending && !isPlaceholderData,
    unanswered: isError,
  };
}

/** Enter before the server has answered, with nothing lit yet, is kept for the formula that comes, one called so first, as long as nothing else is typed. */
function useEarlyEnter(typed: string, { formulas, settled }: FoundFormulas, open: (id: string) => void) {
  const awaited = useRef<string>(undefined);
  const first = formulas.find(({ name }) => isCalled(name, typed)) ?? formulas[0];
  useEffect(() => {
    if (!settled || awaited.current === undefined) return;
    const asked = awaited.current;
    awaited.current = undefined;
    if (asked === typed && first) open(first.id);
  }, [settled, typed, first, open]);
  return ({ key, currentTarget }: KeyboardEvent<HTMLElement>) => {
    if (key === 'Enter' && !settled && !currentTarget.querySelector(LIT)) awaited.current = typed;
  };
}
/** The entry that Enter takes. */
const LIT = '[cmdk-item][aria-selected="true"]';

function emptyWords({ settled, unanswered }: FoundFormulas): string {
  if (unanswered) return 'Nothing of that name here; the server, which knows the formulas, does not answer.';
  return settled ? 'Nothing of that name.' : 'Looking …';
}

type Action = readonly [name: string, run: () => unknown, keys?: string];

/** The page to cook from of what is open here: a dish, the evening, else the formula on the Bench. */
function recipeOf(pathname: string): string {
  if (/^\/(?:bench|plan\/dishes)\/[^/]+$/.test(pathname)) return `${pathname}/recipe`;
  const last = lastOpened();
  return pathname.startsWith('/plan') || last === null ? '/plan/recipe' : `/bench/${last}/recipe`;
}

/** What can be done from anywhere; undo and redo go with the place. */
function useActions(showShortcuts: () => void): readonly Action[] {
  const navigate = useNavigate();
  const { pathname } = useLocation(),
    atDish = pathname.startsWith('/plan/dishes/');
  const toggleTheme = useTheme((state) => state.toggle);
  return [
    ['New formula', () => newFormula(navigate)],
    ['Paste a recipe', () => navigate('/read')],
    ['New dish', () => newDish(navigate)],
    ['Dishes', () => navigate('/plan/dishes')],
    ['Undo', atDish ? undoDish : undoOnBench, 'Ctrl Z'],
    ['Redo', atDish ? redoDish : redoOnBench, 'Ctrl Shift Z'],
    ['Add an ingredient', () => setTimeout(focusAddIngredient, 50), 'A'],
    ['Balance', () => openWork('balance'), 'B'],
    ['Swap for everybody at the table', () => openWork('swap'), 'S'],
    ['Trade map', () => openWork('trade'), 'T'],
    ['Another size', () => openWork('scale'), 'P'],
    ['Recipe: a page to cook from', () => navigate(recipeOf(pathname))],
    ['Recipe of the evening', () => navigate('/plan/recipe')],
    ['Print', () => setTimeout(() => window.print(), 300)],
    ['Add a person', () => navigate('/table?do=add-person')],
    ['Read a label', () => navigate('/larder?do=read-label')],
    ['Shopping for tonight', () => navigate('/plan')],
    ['Reminders and calendar of the evening', () => navigate('/plan')],
    ['Card of who can eat what', () => navigate('/card')],
    ['Export everything: backup', () => navigate('/backup')],
    ['Settings: law, spoons and cups', () => navigate('/table')],
    ['Versions', () => openWork('versions'), 'V'],
    ['Compare formulas', () => navigate('/compare')],
    ['Day or night kitchen', toggleTheme],
    ['Help: keys', showShortcuts, '?'],
  ];
}

const places = ['Bench', 'Formulas', 'Table', 'Larder', 'Plan', 'Put away', 'Backup'];
const addressOf = (place: string): string => `/${place.toLowerCase().replace(' ', '-')}`;

/** Everything that can be found or done, by typing. */
export default function CommandMenu({ close, showShortcuts }: CommandMenuProps) {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const found = useFormulasFor(typed),
    actions = useActions(showShortcuts);
  const run = (work: () => unknown) => () => {
    close();
    void work();
  };
  const go = (to: string) => run(() => navigate(to));
  const keepEnter = useEarlyEnter(typed, found, (id) => go(`/bench/${id}`)());
  return (
    <Dialog title="Find or do" close={close}>
      <Command label="Find or do" loop onKeyDown={keepEnter} filter={nearFilter}>
        <Command.Input
          autoFocus
          value={typed}
          onValueChange={setTyped}
          placeholder="a formula, a place, something to do"
          className="h-11 w-full rounded-lg border-2 border-rim bg-glaze px-3"
        />
        <Command.List className={`mt-2 max-h-[56vh] overflow-auto ${headings}`}>
          <Command.Empty className="px-3 py-2">{emptyWords(found)}</Command.Empty>
          <Command.Group heading="Formulas">
            {found.formulas.map(({ id, name, family }) => (
              <Command.Item
                // Drawn anew when the server has answered: what an entry is known by counts as it is first drawn.
                key={`${id} ${found.settled ? typed : ''}`}
                value={`${name} ${id}`}
                // Found by the server, in its name or in what is in it; what was found for other words has to be called so.
                keywords={found.settled ? [typed] : []}
                onSelect={go(`/bench/${id}`)}
                className={item}
              >
                {name} <span className="text-sm opacity-80">{familyNames[family]}</span>
              </Command.Item>
            ))}
          </Command.Group>
          <Command.Group heading="Places">
            {places.map((place) => (
              <Command.Item
                key={place}
                value={`go to ${place}`}
                onSelect={go(addressOf(place))}
                className={item}
              >
                {place}
              </Command.Item>
            ))}
          </Command.Group>
          <Command.Group heading="To do">
            {actions.map(([name, work, keys]) => (
              <Command.Item key={name} value={name} onSelect={run(work)} className={item}>
                {name} {keys && <kbd className="text-sm opacity-80">{keys}</kbd>}
              </Command.Item>
            ))}
          </Command.Group>
        </Command.List>
      </Command>
    </Dialog>
  );
}
