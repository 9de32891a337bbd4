import type { EaterView, FormulaView } from '@alterum/contract';
import {
  type Ingredient,
  judgeVersions,
  searchIngredients,
  type PortionLine,
  portionOfLines,
} from '@alterum/core';
import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { wholeLarder } from '../app/house-larder';
import { SearchFormulas } from '../formulas/search-formulas';
import type { FoundFormulas } from '../formulas/use-found-formulas';
import { Button } from '../ui/button';
import { portionOfView } from './judged';
import { VerdictCell } from './verdict-cell';

interface BaseVersionsProps {
  readonly found: FoundFormulas<FormulaView>;
  readonly eaters: readonly EaterView[];
}

interface Draft {
  readonly name: string;
  readonly added: readonly Ingredient[];
}

const lineOf = (ingredient: Ingredient): PortionLine => ({
  id: ingredient.id,
  ingredient,
  named: ingredient.name,
});
const SHOWN = 5;

function AddToVersion({
  label,
  add,
}: {
  readonly label: string;
  readonly add: (ingredient: Ingredient) => void;
}) {
  const [text, setText] = useState('');
  const found = text.trim() === '' ? [] : searchIngredients(wholeLarder(), text).slice(0, SHOWN);
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <input
        aria-label={label}
        placeholder="+ what only this version gets"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="h-9 w-60 rounded-lg border-2 border-hair bg-glaze px-2"
      />
      {found.map((ingredient) => (
        <Button
          key={ingredient.id}
          onClick={() => {
            add(ingredient);
            setText('');
          }}
        >
          {ingredient.name}
        </Button>
      ))}
    </div>
  );
}

/** One base divided into versions: what went into the base is in every version. */
export function BaseVersions({ found, eaters }: BaseVersionsProps) {
  const { entries, search, setSearch } = found;
  const [base, setBase] = useState(entries[0]);
  // What was chosen stays among the choices when a search leaves it out.
  const views = base && !entries.some(({ id }) => id === base.id) ? [base, ...entries] : entries;
  const [inBase, setInBase] = useState<readonly Ingredient[]>([]);
  const [versions, setVersions] = useState<readonly Draft[]>([{ name: 'First version', added: [] }, { name: 'Second version', added: [] }]); // prettier-ignore
  const portion = useMemo(() => base && portionOfView(base), [base]);
  if (!base || !portion) return <p>Make a formula first; then it can be the base of several versions.</p>;
  const judgedVersions = judgeVersions(
    { ...portion, name: base.name, lines: [...portion.lines, ...inBase.map(lineOf)] },
    versions.map(({ name, added }) => ({ name, added: portionOfLines(added.map(lineOf)) })),
    eaters,
  );
  const change = (at: number, added: readonly Ingredient[]) =>
    setVersions((all) => all.map((version, i) => (i === at ? { ...version, added } : version)));
  const chips = (list: readonly Ingredient[], set: (next: readonly Ingredient[]) => void) =>
    list.map((ingredient) => (
      <Button
        key={ingredient.id}
        aria-label={`Take out ${ingredient.name}`}
        onClick={() => set(list.filter(({ id }) => id !== ingredient.id))}
      >
        {ingredient.name} <X size={14} aria-hidden />
      </Button>
    ));
  return (
    <div className="space-y-3">
      <div className="plate space-y-2 p-3" data-testid="base">
        <label className="flex flex-wrap items-center gap-2">
          <b>Base</b>
          <select
            value={base.id}
            onChange={(event) => setBase(views.find(({ id }) => id === event.target.value))}
            className="h-10 rounded-lg border-2 border-hair bg-glaze px-2"
          >
            {views.map((view) => (
              <option key={view.id} value={view.id}>
                {view.name}
              </option>
            ))}
          </select>
          {(found.isMore || search !== '') && (
            <SearchFormulas label="Search formulas for a base" search={search} setSearch={setSearch} />
          )}
          <span className="text-sm text-soft">and what went into it before it was divided:</span>
        </label>
        <div className="flex flex-wrap gap-1.5">
          {chips(inBase, setInBase)}
          <AddToVersion
            label="Add to the base"
            add={(ingredient) => setInBase((all) => [...all, ingredient])}
          />
        </div>
      </div>
      {versions.map(({ name, added }, at) => (
        <div key={name} className="plate space-y-2 p-3" data-testid={`version-${at + 1}`}>
          <b>{name}</b>
          <div className="flex flex-wrap gap-1.5">
            {chips(added, (next) => change(at, next))}
            <AddToVersion
              label={`Add to ${name.toLowerCase()}`}
              add={(ingredient) => change(at, [...added, ingredient])}
            />
          </div>
          <ul className="flex flex-wrap gap-x-3">
            {eaters.map((eater, i) => {
              const result = judgedVersions[at]?.people[i];
              return (
                result && (
                  <li
                    key={eater.id}
                    className="flex items-center text-sm"
                    data-testid={`version-${at + 1}-${eater.name}`}
                  >
                    {eater.name} <VerdictCell eater={eater} result={result} />
                  </li>
                )
              );
            })}
          </ul>
        </div>
      ))}
      <p className="text-sm text-soft">
        “Just a bit of butter” in the base is in every version made from it. Divide first, then add.
      </p>
    </div>
  );
}
