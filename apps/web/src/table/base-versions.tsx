import type { AddedInput, EaterView, FormulaView } from '@alterum/contract';
import { eveningLimits } from '@alterum/contract/convert';
import { judgeVersions, mealOf } from '@alterum/core';
import { Plus, X } from 'lucide-react';
import { type ComponentProps, useMemo } from 'react';
import { SearchFormulas } from '../formula-list/search-formulas';
import type { FoundFormulas } from '../formula-list/use-found-formulas';
import { Button } from '../ui/button';
import { AddedThings } from './added-things';
import { useHousehold, type Versions } from '../household/household-store';
import { portionOfAdded, portionOfView } from '../household/judged-evening';
import { VerdictList } from './verdict-list';

interface BaseVersionsProps {
  readonly found: FoundFormulas<FormulaView>;
  readonly eaters: readonly EaterView[];
}

interface BaseProps {
  readonly base: FormulaView;
  readonly views: readonly FormulaView[];
  readonly found: Omit<FoundFormulas<FormulaView>, 'entries'>;
}

interface VersionPlateProps extends Omit<BaseProps, 'found'> {
  readonly at: number;
  readonly eaters: readonly EaterView[];
  readonly people: ComponentProps<typeof VerdictList>['people'];
}

const ordinals = ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth', 'Seventh', 'Eighth'];

/** The first name that no version has. */
const nextName = (versions: readonly { readonly name: string }[]): string =>
  ordinals
    .map((ordinal) => `${ordinal} version`)
    .find((name) => !versions.some((version) => version.name === name)) ?? 'Another version';

/** What is chosen of a base and its versions; every change says which base it is of. */
function useVersionsOf(base: FormulaView) {
  const { versions: chosen, divide } = useHousehold();
  return (to: Partial<Versions>) => divide({ ...chosen, base: base.id, ...to });
}

/** Which formula is divided, and what went into it before. */
function Base({ base, views, found }: BaseProps) {
  const { versions: chosen, know, divide } = useHousehold();
  const change = useVersionsOf(base);
  const takeBase = (id: string) => {
    const view = views.find((one) => one.id === id);
    if (view) know(view);
    divide({ ...chosen, base: id });
  };
  return (
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
        {(found.isMore || found.search !== '') && (
          <SearchFormulas
            label="Search formulas for a base"
            search={found.search}
            setSearch={found.setSearch}
          />
        )}
        <span className="text-sm text-soft">and what went into it before it was divided:</span>
      </label>
      <AddedThings
        to="the base"
        added={chosen.inBase}
        formulas={views.filter(({ id }) => id !== base.id)}
        change={(inBase) => change({ inBase: [...inBase] })}
      />
    </div>
  );
}

/** One of the versions: what is added to it, and who can eat it. */
function VersionPlate({ base, at, views, eaters, people }: VersionPlateProps) {
  const { versions } = useHousehold((household) => household.versions);
  const change = useVersionsOf(base);
  const version = versions[at];
  if (!version) return null;
  const name = version.name.toLowerCase(),
    testId = `version-${at + 1}`;
  return (
    <div className="plate space-y-2 p-3" data-testid={testId}>
      <div className="flex items-center gap-2">
        <b className="mr-auto wrap-anywhere">{version.name}</b>
        {versions.length > 1 && (
          <Button
            look="bare"
            aria-label={`Leave out ${name}`}
            onClick={() => change({ versions: versions.filter((_, i) => i !== at) })}
          >
            <X size={15} aria-hidden />
          </Button>
        )}
      </div>
      <AddedThings
        to={name}
        added={version.added}
        formulas={views.filter(({ id }) => id !== base.id)}
        change={(added: readonly AddedInput[]) =>
          change({ versions: versions.map((one, i) => (i === at ? { ...one, added: [...added] } : one)) })
        }
      />
      <VerdictList eaters={eaters} people={people} testId={testId} />
    </div>
  );
}

/** A further version, as long as there may be more. */
function OneMoreVersion({ base }: Pick<BaseProps, 'base'>) {
  const { versions } = useHousehold((household) => household.versions);
  const change = useVersionsOf(base);
  if (versions.length >= eveningLimits.versions) return null;
  return (
    <Button onClick={() => change({ versions: [...versions, { name: nextName(versions), added: [] }] })}>
      <Plus size={16} aria-hidden /> One more version
    </Button>
  );
}

/** One base divided into versions: what went into the base is in every version. */
export function BaseVersions({ found: { entries, ...found }, eaters }: BaseVersionsProps) {
  const { versions: chosen, named } = useHousehold();
  const base = named.get(chosen.base ?? '') ?? entries[0];
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
  // What was chosen stays among the choices when a search leaves it out.
  const views = entries.some(({ id }) => id === base.id) ? entries : [base, ...entries];
  return (
    <div className="space-y-3">
      <Base base={base} views={views} found={found} />
      {chosen.versions.map((_version, at) => (
        <VersionPlate
          key={at}
          base={base}
          at={at}
          views={views}
          eaters={eaters}
          people={judgedVersions[at]?.people}
        />
      ))}
      <OneMoreVersion base={base} />
      <p className="text-sm text-soft">
        “Just a bit of butter” in the base is in every version made from it. Divide first, then add. Until its
        grams are typed, what is added stays a question to whoever watches salt or what bites.
      </p>
    </div>
  );
}
