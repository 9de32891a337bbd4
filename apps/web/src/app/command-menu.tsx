import type { FormulaSummary } from '@alterum/contract';
import { familyNames } from '@alterum/core';
import { Command } from 'cmdk';
import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { newDish } from '../dish/dish-actions';
import { redoDish, undoDish } from '../dish/dish-store';
import { redoOnBench, undoOnBench } from '../open-formula/bench-store';
import { focusAddIngredient } from '../open-formula/focus';
import { openWork } from '../open-formula/work-store';
import { newFormula } from '../formula-list/formula-actions';
import { Dialog } from '../ui/dialog';
import { queries } from '../server/queries';
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

/** The formulas changed last, or those that what was typed finds. */
function useFormulasFor(search: string): readonly FormulaSummary[] {
  const { data } = useInfiniteQuery({
    ...queries.formulas(search),
    refetchOnMount: 'always',
    placeholderData: keepPreviousData,
  });
  return data?.pages[0]?.entries.slice(0, OFFERED) ?? [];
}

/** Everything that can be found or done, by typing. */
export default function CommandMenu({ close, showShortcuts }: CommandMenuProps) {
  const navigate = useNavigate();
  const atDish = useLocation().pathname.startsWith('/plan/dishes/');
  const toggleTheme = useTheme((state) => state.toggle);
  const [typed, setTyped] = useState('');
  const formulas = useFormulasFor(typed);
  const run = (work: () => unknown) => () => {
    close();
    void work();
  };
  const go = (to: string) => run(() => navigate(to));
  const actions: readonly (readonly [string, () => void, string?])[] = [
    ['New formula', run(() => newFormula(navigate))],
    ['Paste a recipe', go('/read')],
    ['New dish', run(() => newDish(navigate))],
    ['Dishes', go('/plan/dishes')],
    ['Undo', run(atDish ? undoDish : undoOnBench), 'Ctrl Z'],
    ['Redo', run(atDish ? redoDish : redoOnBench), 'Ctrl Shift Z'],
    ['Add an ingredient', run(() => setTimeout(focusAddIngredient, 50)), 'A'],
    ['Balance', run(() => openWork('balance')), 'B'],
    ['Swap for everybody at the table', run(() => openWork('swap')), 'S'],
    ['Trade map', run(() => openWork('trade')), 'T'],
    ['Another size', run(() => openWork('scale')), 'P'],
    ['Versions', run(() => openWork('versions')), 'V'],
    ['Compare formulas', go('/compare')],
    ['Day or night kitchen', run(toggleTheme)],
    ['Keys', run(showShortcuts), '?'],
  ];
  return (
    <Dialog title="Find or do" close={close}>
      <Command label="Find or do" loop>
        <Command.Input
          autoFocus
          value={typed}
          onValueChange={setTyped}
          placeholder="a formula, a place, something to do"
          className="h-11 w-full rounded-lg border-2 border-rim bg-glaze px-3"
        />
        <Command.List className={`mt-2 max-h-[56vh] overflow-auto ${headings}`}>
          <Command.Empty className="px-3 py-2">Nothing of that name.</Command.Empty>
          <Command.Group heading="Formulas">
            {formulas.map((formula) => (
              <Command.Item
                key={formula.id}
                value={`${formula.name} ${formula.id}`}
                // Found by the server, in its name or in what is in it.
                keywords={[typed]}
                onSelect={go(`/bench/${formula.id}`)}
                className={item}
              >
                {formula.name} <span className="text-sm opacity-80">{familyNames[formula.family]}</span>
              </Command.Item>
            ))}
          </Command.Group>
          <Command.Group heading="Places">
            {['Bench', 'Formulas', 'Table', 'Larder', 'Plan', 'Put away', 'Backup'].map((place) => (
              <Command.Item
                key={place}
                value={`go to ${place}`}
                onSelect={go(`/${place.toLowerCase().replace(' ', '-')}`)}
                className={item}
              >
                {place}
              </Command.Item>
            ))}
          </Command.Group>
          <Command.Group heading="To do">
            {actions.map(([name, onSelect, keys]) => (
              <Command.Item key={name} value={name} onSelect={onSelect} className={item}>
                {name} {keys && <kbd className="text-sm opacity-80">{keys}</kbd>}
              </Command.Item>
            ))}
          </Command.Group>
        </Command.List>
      </Command>
    </Dialog>
  );
}
