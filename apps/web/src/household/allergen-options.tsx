import type { Law } from '@alterum/contract';
import { type AllergenId, allergenIds, allergenOf, allergensOn, headsOf } from '@alterum/core';

interface Group {
  readonly label: string;
  readonly ids: readonly AllergenId[];
}

const listNames: Readonly<Record<Law, string>> = {
  eu: 'The fourteen of the EU list',
  us: 'The nine of the US list',
};

/** The law's heads first, then the species under them, then what only the other list or this household names. */
export function allergenGroups(law: Law): readonly Group[] {
  const heads = headsOf(law),
    onList = allergensOn(law);
  const species = onList.filter((id) => !heads.includes(id));
  return [
    { label: listNames[law], ids: heads },
    { label: 'One kind of these', ids: species },
    { label: 'Not on this list', ids: allergenIds.filter((id) => !onList.includes(id)) },
  ];
}

export function AllergenOptions({ law }: { readonly law: Law }) {
  return allergenGroups(law).map((group) => (
    <optgroup key={group.label} label={group.label} className="bg-glaze text-ink">
      {group.ids.map((id) => (
        <option key={id} value={id}>
          {allergenOf(id).name}
        </option>
      ))}
    </optgroup>
  ));
}
