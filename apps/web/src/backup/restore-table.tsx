import type { RestoreCount, RestoreKindView, RestoreView } from '@alterum/contract';

const kindNames: Readonly<Record<RestoreKindView['kind'], string>> = {
  people: 'People',
  ownIngredients: 'Own ingredients',
  labels: 'Labels of packs',
  words: 'Taught words',
  stock: 'In the house',
  briefs: 'Kept briefs',
  vessels: 'Vessels',
  formulas: 'Formulas',
  dishes: 'Dishes',
  evenings: 'Kept evenings',
  household: 'Choices of the table',
};

/** Names that are told of each kind; the rest is a number. */
const TOLD = 3;

function Count({ of: { count, names } }: { readonly of: RestoreCount }) {
  if (count === 0) return <span className="text-soft">–</span>;
  const more = count - Math.min(names.length, TOLD);
  return (
    <>
      <b>{count}</b>
      <span className="block text-[13px] text-soft wrap-anywhere">
        {names.slice(0, TOLD).join(', ')}
        {more > 0 && ` and ${more} more`}
      </span>
    </>
  );
}

const columns = [
  { id: 'come', head: 'come' },
  { id: 'change', head: 'change' },
  { id: 'go', head: 'go' },
  { id: 'stay', head: 'newer here, stay' },
] as const;

/** What restoring does, a row for each kind of entry. */
export function RestoreTable({ view }: { readonly view: RestoreView }) {
  // Merged, nothing goes; replaced, nothing stays that is newer.
  const shown = columns.filter(({ id }) => id !== (view.mode === 'merge' ? 'go' : 'stay'));
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="What restoring does">
      <table className="w-full text-left text-[15px]" data-testid="restore-table">
        <thead>
          <tr className="text-sm text-soft">
            <td />
            {shown.map(({ id, head }) => (
              <th key={id} scope="col" className="px-2 py-1 font-semibold">
                {head}
              </th>
            ))}
            <th scope="col" className="px-2 py-1 font-semibold">
              the same
            </th>
          </tr>
        </thead>
        <tbody>
          {view.kinds.map((row) => (
            <tr key={row.kind} className="border-t border-hair align-top">
              <th scope="row" className="py-1.5 pr-2 font-semibold">
                {kindNames[row.kind]}
              </th>
              {shown.map(({ id }) => (
                <td key={id} className="px-2 py-1.5">
                  <Count of={row[id]} />
                </td>
              ))}
              <td className="px-2 py-1.5">{row.same || <span className="text-soft">–</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Whether there is anything to do. */
export const doesAnything = ({ kinds }: RestoreView): boolean =>
  kinds.some(({ come, change, go }) => come.count + change.count + go.count > 0);
