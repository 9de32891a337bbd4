import { type AllergenId, allergenOf } from '../../src/allergen/allergen.js';
import { certainOf, labelCases } from './labels.table.js';
import { allergensOfLabel } from '../../src/label/label-knowledge.js';
import { readLabel } from '../../src/label/read-label.js';

/** Allergens of the two legal lists, without the species of milk and wheat that a word may add. */
const isHead = (id: AllergenId): boolean => {
  const { us, eu } = allergenOf(id);
  return (us || eu) && !id.endsWith('-milk') && id !== 'spelt' && id !== 'khorasan';
};

/** How much of what the written labels certainly hold is read, and how much of what is read they hold. */
export function labelTotals(): readonly {
  readonly name: string;
  readonly value: number;
  readonly of: number;
}[] {
  let wanted = 0,
    hit = 0,
    read = 0;
  for (const entry of labelCases) {
    const certain = certainOf(entry).filter(isHead),
      found = allergensOfLabel(readLabel(entry[0])).contains.filter(isHead);
    wanted += certain.length;
    read += found.length;
    hit += certain.filter((id) => found.includes(id)).length;
  }
  return [
    { name: 'recall of what the written labels hold', value: hit, of: wanted },
    { name: 'precision: of what was read, really held', value: hit, of: read },
  ];
}
