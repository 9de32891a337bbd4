import type { Ingredient } from '../ingredient/ingredient.js';

/** In how many of its formulas a household has each ingredient, by id. */
export type UsedIngredients = ReadonlyMap<string, number>;

/** Formulas after which one more hardly makes a thing more usual. @source assumed */
const SOON = 2;

/** How usual a thing is here, from 0 (never) towards 1 (in everything). */
export const usualness = (used: UsedIngredients | undefined, id: string): number =>
  1 - Math.exp(-(used?.get(id) ?? 0) / SOON);

/** The same of an ingredient; one whose kind is left open is as usual as any of its kinds: which of them is meant was not said. */
export const habitOf = (
  used: UsedIngredients | undefined,
  ingredient: Pick<Ingredient, 'id' | 'kinds'> | undefined,
): number =>
  ingredient ? Math.max(...[ingredient.id, ...(ingredient.kinds ?? [])].map((id) => usualness(used, id))) : 0;
