import { type AllergenRow, allergenRows } from './allergen.params.js';

export type AllergenId = (typeof allergenRows)[number]['id'];

export const allergenIds: readonly AllergenId[] = allergenRows.map((row) => row.id);
const byId = new Map<string, AllergenRow>(allergenRows.map((row) => [row.id, row]));

export const isAllergenId = (text: string): text is AllergenId => byId.has(text);

/** @throws RangeError when the id names no allergen (a caller's bug). */
export function allergenOf(id: AllergenId): AllergenRow & { readonly id: AllergenId } {
  const row = byId.get(id);
  if (!row) throw new RangeError(`no allergen is called "${id}"`);
  return row as AllergenRow & { readonly id: AllergenId };
}

/** The two legal lists a household may read its packs by, and its own additions. */
export type LawList = 'us' | 'eu' | 'own';

/** Allergens of a list: groups with their members behind them. */
export function allergensOn(list: LawList): readonly AllergenId[] {
  return allergenIds.filter((id) => {
    const row = allergenOf(id);
    return list === 'own' ? !row.us && !row.eu : row[list];
  });
}

/** The nine or fourteen heads of a legal list, without the species under them. */
export function headsOf(list: 'us' | 'eu'): readonly AllergenId[] {
  return allergensOn(list).filter((id) => {
    const under = allergenOf(id).under;
    return under === undefined || !allergensOn(list).includes(under as AllergenId);
  });
}

/** How a need for `wanted` meets something that holds `held`: it covers it, it is a question, or they have nothing to do with each other. */
export function covers(wanted: AllergenId, held: AllergenId): 'covers' | 'ask' | 'unrelated' {
  const start = allergenOf(held);
  for (let at: AllergenRow | undefined = start; at; at = at.under ? byId.get(at.under) : undefined) {
    if (at.id === wanted) return start.askUnder?.includes(wanted) ? 'ask' : 'covers';
  }
  return 'unrelated';
}

/** A need for one species met by an ingredient that names only the group ("tree nuts", "starch of wheat kind"). */
export function isGroupOf(group: AllergenId, member: AllergenId): boolean {
  return group !== member && covers(group, member) !== 'unrelated';
}
