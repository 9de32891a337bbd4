import type { Ingredient } from '../../ingredient/ingredient.js';
import { type CulinaryKindRow, culinaryKinds } from './culinary-kind.params.js';

const byId = new Map(culinaryKinds.flatMap((row) => row.ids.map((id) => [id, row] as const)));

/** The kind a thing is of; an own one is of the kind it was likened to. Undefined where no table says so. */
export const culinaryKindOf = ({ id, like }: Pick<Ingredient, 'id' | 'like'>): CulinaryKindRow | undefined =>
  byId.get(id) ?? (like === undefined ? undefined : byId.get(like));

/** Whether one thing can do in a dish what another does; by role alone where their kinds are not known. */
export function sharesWork(a: Ingredient, b: Ingredient): boolean {
  const ours = culinaryKindOf(a),
    theirs = culinaryKindOf(b);
  if (!ours || !theirs) return a.role === b.role;
  return ours.works.some((work) => theirs.works.includes(work));
}

/** Whether a cook would call both by one name of a kind: two dried mushrooms, two oils. */
export const sameKind = (a: Ingredient, b: Ingredient): boolean =>
  a.id === b.id || (culinaryKindOf(a) !== undefined && culinaryKindOf(a) === culinaryKindOf(b));
