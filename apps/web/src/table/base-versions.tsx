import type { AddedInput, EaterView, FormulaView } from '@alterum/contract';
import { eveningLimits } from '@alterum/contract/convert';
import { judgeVersions, mealOf } from '@alterum/core';
import { Plus, X } from 'lucide-react';
import { useMemo } from 'react';
import { SearchFormulas } from '../formula-list/search-formulas';
import type { FoundFormulas } from '../formula-list/use-found-formulas';
import { Button } from '../ui/button';
import { AddedThings } from './added-things';
import { useHousehold } from '../household/household-store';
import { portionOfAdded, portionOfView } from '../household/judged-evening';
import { VerdictList } from './verdict-list';

interface BaseVersionsProps {
  readonly found: FoundFormulas<FormulaView>;
  readonly eaters: readonly EaterView[];
}

/** One base divided into versions: what went into the base is in every version. */
export function BaseVersions({ found, eaters }: BaseVersionsProps) {
  const { entries, search, setSearch } = found;
  const { versions: chosen, named, know, divide } = useHousehold();
  const base = named.get(chosen.base ?? '') ?? entries[0];
  // What was chosen stays among the choices when a search leaves it out.
  const views = base && !entries.some(({ id }) => id === base.id) ? [base, ...entries] : entries;
  const judgedVersions = useMemo(() => {
    if (!base) return [];
    const portion = mealOf([portionOfView(base), portionOfAdded(chosen.inBase, named)], 'added');
    return judgeVersions(
      { ...portion, name: base.name },
      chosen.versions.map(({ name, added }) => ({ name, added: portionOfAdded(added, named) })),
      eaters,
    );
  }, [base, chosen, named, eaters]);
  if (!base) return <p>Make a formula first; then it can be the base of several versions.</p>;
  const change = (at: number, to: Partial<(typeof chosen.versions)[number]>) =>
    divide({
      ...chosen,
      base: base.id,
      versions: chosen.versions.map((version, i) => (i === at ? { ...version, ...to } : version)),
    });
  const takeBase = (id: string) => {
    const view = views.find((one) => one.id === id);
    if (view) know(view);
    divide({ ...chosen, base: id });
  };
  return (
    <div className="space-y-3">
      <div className="plate space-y-2 p-3" data-testid="base">
        <label className="flex flex-wrap items-center gap-2">
          <b>Base</b>
          <select
            value={base.id}
            onChange={(event) => takeBase(event.target.value)}
            className="h-10 max-w-full rounded-lg border-2 border-hair bg-glaze px-2"
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
        <AddedThings
          to="the base"
          added={chosen.inBase}
          formulas={views.filter(({ id }) => id !== base.id)}
          change={(inBase) => divide({ ...chosen, base: base.id, inBase: [...inBase] })}
        />
      </div>
      {chosen.versions.map(({ name, added }, at) => (
        <div key={at} className="plate space-y-2 p-3" data-testid={`version-${at + 1}`}>
          <div className="flex items-center gap-2">
            <b className="mr-auto wrap-anywhere">{name}</b>
            {chosen.versions.length > 1 && (
              <Button
                look="bare"
                aria-label={`Leave out ${name.toLowerCase()}`}
                onClick={() =>
                  divide({ ...chosen, base: base.id, versions: chosen.versions.filter((_, i) => i !== at) })
                }
              >
                <X size={15} aria-hidden />
              </Button>
            )}
          </div>
          <AddedThings
            to={name.toLowerCase()}
            added={added}
            formulas={views.filter(({ id }) => id !== base.id)}
            change={(next: readonly AddedInput[]) => change(at, { added: [...next] })}
          />
          <VerdictList eaters={eaters} people={judgedVersions[at]?.people} testId={`version-${at + 1}`} />
        </div>
      ))}
      {chosen.versions.length < eveningLimits.versions && (
        <Button
          onClick={() =>
            divide({
              ...chosen,
              base: base.id,
              versions: [...chosen.versions, { name: nextName(chosen.versions), added: [] }],
            })
          }
        >
          <Plus size={16} aria-hidden /> One more version
        </Button>
      )}
      <p className="text-sm text-soft">
        “Just a bit of butter” in the base is in every version made from it. Divide first, then add. Until its
        grams are typed, what is added stays a question to whoever watches salt or what bites.
      </p>
    </div>
  );
}

const ordinals = ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth', 'Seventh', 'Eighth'];

/** The first name that no version has. */
const nextName = (versions: readonly { readonly name: string }[]): string =>
  ordinals
    .map((ordinal) => `${ordinal} version`)
    .find((name) => !versions.some((version) => version.name === name)) ?? 'Another version';
