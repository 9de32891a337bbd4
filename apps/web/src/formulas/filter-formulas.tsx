import type { EaterView } from '@alterum/contract';
import { TONIGHT } from '@alterum/contract/convert';
import { families, familyNames } from '@alterum/core';
import type { FormulasAsked } from '../server/api';
import { Choice } from '../ui/choice';

export type Filters = Omit<FormulasAsked, 'search'>;

/** Whether anything is left out; an order leaves nothing out. */
export const isFiltered = ({ kind, favourite, suits, house }: Filters): boolean =>
  [kind, favourite, suits, house].some((one) => one !== undefined);

/** What is asked for, as it stands in the address of the page. */
export const addressOf = (asked: FormulasAsked): Record<string, string> =>
  Object.fromEntries(Object.entries(asked).filter((entry): entry is [string, string] => Boolean(entry[1])));

/** What an address asks for; what it names that is not there (somebody who left the table) is left out. */
export function askedInAddress(address: URLSearchParams, eaters: readonly EaterView[]): FormulasAsked {
  const kind = families.find((one) => one === address.get('kind')),
    person = address.get('person') ?? '';
  const isKnown = person === TONIGHT || eaters.some(({ id }) => id === person);
  return {
    ...(address.get('search') ? { search: address.get('search') ?? '' } : {}),
    ...(kind ? { kind } : {}),
    ...(isKnown ? { suits: 'fits' as const, person } : {}),
    ...(address.get('house') === 'yes' ? { house: 'yes' as const } : {}),
    ...(address.get('favourite') === 'yes' ? { favourite: 'yes' as const } : {}),
    ...(address.get('order') === 'name' ? { order: 'name' as const } : {}),
  };
}

interface FilterFormulasProps {
  readonly filters: Filters;
  readonly eaters: readonly EaterView[];
  readonly setFilters: (filters: Filters) => void;
}

const field = 'tap-coarse h-9 min-w-0 border-2 border-hair px-2';

function Only({
  label,
  on,
  onChange,
}: {
  readonly label: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="tap-coarse inline-flex min-h-9 items-center gap-1.5">
      <input
        type="checkbox"
        checked={on}
        onChange={({ target }) => onChange(target.checked)}
        className="size-5 accent-(--rim)"
      />
      {label}
    </label>
  );
}

/** Narrows the whole list, also what is not shown of it: by kind, by whom it suits, by what is in the house, by marks. */
export function FilterFormulas({ filters, eaters, setFilters }: FilterFormulasProps) {
  const { kind, person = '', house, favourite, order = 'changed' } = filters;
  const set = (changed: Readonly<Record<string, string>>) =>
    setFilters(askedInAddress(new URLSearchParams({ ...addressOf(filters), ...changed }), eaters));
  return (
    <div
      role="group"
      aria-label="Narrow the list"
      className="flex flex-wrap items-center gap-x-3 gap-y-1.5 pb-3 text-sm"
    >
      <Choice
        label="Kind"
        value={kind ?? ''}
        options={[
          { value: '', label: 'every kind' },
          ...families.map((family) => ({ value: family, label: familyNames[family] })),
        ]}
        onChange={(next) => set({ kind: next })}
        className={field}
      />
      <Choice
        label="For whom"
        value={person}
        options={[
          { value: '', label: 'for anybody' },
          { value: TONIGHT, label: 'nothing found against tonight’s table' },
          ...eaters.map(({ id, name }) => ({ value: id, label: `nothing found against ${name}` })),
        ]}
        onChange={(next) => set({ person: next })}
        className={field}
      />
      <Only
        label="all of it in the house"
        on={house === 'yes'}
        onChange={(on) => set({ house: on ? 'yes' : '' })}
      />
      <Only
        label="favourites"
        on={favourite === 'yes'}
        onChange={(on) => set({ favourite: on ? 'yes' : '' })}
      />
      <Choice
        label="Order"
        value={order}
        options={[
          { value: 'changed', label: 'last changed first' },
          { value: 'name', label: 'by name' },
        ]}
        onChange={(next) => set({ order: next })}
        className={`${field} sm:ml-auto`}
      />
    </div>
  );
}
