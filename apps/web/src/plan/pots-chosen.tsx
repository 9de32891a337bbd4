import { X } from 'lucide-react';
import { useFoundFormulas } from '../formula-list/use-found-formulas';
import { useHousehold } from '../household/household-store';
import { queries } from '../server/queries';
import type { PotTonightPlanned } from './evening-plan';

const NONE = '';

/** Tonight’s pots: the same as at the Table, where tools and the order of work are said. */
export function PotsChosen({ pots }: { readonly pots: readonly PotTonightPlanned[] }) {
  const { entries } = useFoundFormulas(queries.wholeFormulas);
  const { pots: chosen, know, cook } = useHousehold();
  const others = entries.filter(({ id }) => !chosen.some(({ formula }) => formula === id));
  return (
    <div className="flex flex-wrap items-center gap-2 py-2 print:hidden">
      <ul aria-label="Pots of tonight" className="contents">
        {pots.map(({ id, name }, i) => (
          <li
            key={id}
            className="flex items-center rounded-lg border-2 border-hair bg-glaze pl-2.5 font-semibold"
          >
            <span className="pr-1.5 text-soft">{i + 1}</span> {name}
            <button
              type="button"
              aria-label={`Not tonight: ${name}`}
              onClick={() => cook(chosen.filter(({ formula }) => formula !== id))}
              className="tap grid size-9 place-items-center rounded-lg text-soft hover:bg-dip"
            >
              <X size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <select
        aria-label="Cook tonight"
        value={NONE}
        onChange={(event) => {
          const view = entries.find(({ id }) => id === event.target.value);
          if (!view) return;
          know(view);
          cook([...chosen, { formula: view.id, tools: ['spoon'], washedBefore: false }]);
        }}
        className="tap-coarse h-10 max-w-60 rounded-lg border-2 border-hair bg-transparent px-2"
      >
        <option value={NONE} className="bg-glaze text-ink">
          + cook tonight …
        </option>
        {others.map(({ id, name }) => (
          <option key={id} value={id} className="bg-glaze text-ink">
            {name}
          </option>
        ))}
      </select>
    </div>
  );
}
