import type { EaterView, FormulaView, Suiting } from '@alterum/contract';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { MoreFormulas } from '../formula-list/more-formulas';
import { SearchFormulas } from '../formula-list/search-formulas';
import type { FoundFormulas } from '../formula-list/use-found-formulas';
import { Choice } from '../ui/choice';
import { judged } from '../household/judged-evening';
import { VerdictCell } from '../who-can-eat/verdict-cell';

const wantedOptions: readonly { readonly value: Suiting | 'all'; readonly label: string }[] = [
  { value: 'all', label: 'every formula' },
  { value: 'fits', label: 'nothing found against anybody' },
  { value: 'possible', label: 'no certain conflict' },
  { value: 'conflict', label: 'somebody cannot' },
];

interface MatrixProps {
  readonly found: FoundFormulas<FormulaView>;
  readonly eaters: readonly EaterView[];
}

/** Formulas by everybody; searched by what they are and what is in them, filtered by how they suit; each cell opens to its reasons. */
export function Matrix({ found, eaters }: MatrixProps) {
  const { entries: views, search, setSearch, suits, setSuits } = found;
  const shown = useMemo(() => views.map((view) => judged(view, eaters)), [views, eaters]);
  if (eaters.length === 0)
    return <p className="p-2">Add people first; then every formula is held against each of them.</p>;
  return (
    <>
      <div className="flex flex-wrap items-center gap-2 pb-2">
        <SearchFormulas label="Search formulas at the table" search={search} setSearch={setSearch} />
        <Choice
          label="Show"
          value={suits ?? 'all'}
          options={wantedOptions}
          onChange={(wanted) => setSuits(wanted === 'all' ? undefined : wanted)}
          className="h-10 border-2 border-hair px-2"
        />
        <Link
          to="/card"
          className="tap ml-auto inline-flex items-center gap-2 rounded-lg border-2 border-rim bg-glaze px-3 font-semibold hover:bg-dip"
        >
          <Printer size={16} aria-hidden /> Card to print
        </Link>
      </div>
      <div className="plate overflow-x-auto p-1" tabIndex={0} role="region" aria-label="Formulas by people">
        <table className="w-full text-sm" data-testid="matrix">
          <thead>
            <tr>
              <th scope="col" className="px-2 py-1.5 text-left">
                Formula
              </th>
              {eaters.map((eater) => (
                <th key={eater.id} scope="col" className="px-1 py-1.5 text-center">
                  {eater.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ view, people }) => (
              <tr key={view.id} className="border-t border-hair">
                <th scope="row" className="px-2 text-left font-semibold">
                  <Link to={`/bench/${view.id}`} className="underline-offset-4 hover:underline">
                    {view.name}
                  </Link>
                </th>
                {eaters.map((eater, i) => {
                  const result = people[i];
                  return (
                    <td key={eater.id} className="text-center">
                      {result && <VerdictCell eater={eater} result={result} />}
                    </td>
                  );
                })}
              </tr>
            ))}
            {shown.length === 0 && (
              <tr>
                <td colSpan={eaters.length + 1} className="p-3">
                  No formula is left under this filter.
                </td>
              </tr>
            )}
          </tbody>
        </table>
      </div>
      <MoreFormulas {...found} />
    </>
  );
}
