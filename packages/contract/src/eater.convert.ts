import { ingredientById, type LarderLookup, type Need } from '@alterum/core';
import type { NeedInput } from './eater.body.js';

/** A need of the core from a validated input. @throws RangeError when a field its kind needs is missing (validation comes first) */
export function needFromInput(input: NeedInput): Need {
  const { kind, allergen, ingredient, strictness, gramsPerPortion, compound, rule } = input;
  if (kind === 'allergen' && allergen && strictness)
    return { kind, allergen, strictness, traces: input.traces ?? false };
  if (kind === 'ingredient' && ingredient && strictness) return { kind, ingredient, strictness };
  if (kind === 'salt-limit' && gramsPerPortion !== undefined) return { kind, gramsPerPortion };
  if (kind === 'compound' && compound && gramsPerPortion !== undefined)
    return { kind, compound, gramsPerPortion };
  if (kind === 'rule' && rule) return { kind, rule };
  throw new RangeError(`a need of kind "${kind}" came without its fields`);
}

/** A need by the ingredient’s id, whatever name it was told by. What the larder does not know stays as it was told. */
export const needById = (need: Need, find: LarderLookup): Need =>
  need.kind === 'ingredient' ? { ...need, ingredient: find(need.ingredient)?.id ?? need.ingredient } : need;

/**
 * A need by the ingredient’s id, whatever name it was told by, and with what the ingredient is where it is of the house: so it can be judged
 * where the house’s larder is not at hand. What the larder does not know stays as it was told.
 * @param nameOf what something is called that was put away; the id itself when nobody ever named it
 */
export function needKnowing(
  need: Need,
  find: LarderLookup,
  nameOf: (id: string) => string = (id) => id,
): Need {
  if (need.kind !== 'ingredient') return need;
  const avoided = find(need.ingredient);
  if (avoided) {
    const { id, name, contains } = avoided;
    return { ...need, ingredient: id, ...(ingredientById(id) ? {} : { what: { name, contains } }) };
  }
  const name = nameOf(need.ingredient);
  return name === need.ingredient ? need : { ...need, what: { name } };
}
