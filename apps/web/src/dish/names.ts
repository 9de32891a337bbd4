import type { DishPart } from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import { useHousehold } from '../household/household-store';

/** What a part of a dish is called. */
export function partName({ name, formula, version, ingredient }: DishPart): string {
  if (name !== undefined) return name;
  if (formula !== undefined) {
    const called = useHousehold.getState().sauces.get(formula)?.formula.name ?? 'A formula that is put away';
    return version === undefined ? called : `${called}, ${version}`;
  }
  return findIngredient(ingredient ?? '')?.name ?? ingredient ?? '';
}

/** Shares that a cook has words for. */
const shares = [
  [1 / 6, 'a sixth'],
  [1 / 5, 'a fifth'],
  [1 / 4, 'a quarter'],
  [1 / 3, 'a third'],
  [2 / 5, 'two fifths'],
  [1 / 2, 'half'],
  [3 / 5, 'three fifths'],
  [2 / 3, 'two thirds'],
  [3 / 4, 'three quarters'],
] as const;
/** How far from a share it may be and still be called it; of all but a little it is said as all. */
const NEAR = 0.03,
  ALL = 0.94;

/** "a third of it"; nothing where it is all of it. */
export function shareText(ofAll: number): string {
  if (!(ofAll > 0) || ofAll >= ALL) return '';
  const [near] = [...shares].sort((a, b) => Math.abs(a[0] - ofAll) - Math.abs(b[0] - ofAll));
  return near && Math.abs(near[0] - ofAll) <= NEAR
    ? `${near[1]} of it`
    : `${Math.round(100 * ofAll)} % of it`;
}
