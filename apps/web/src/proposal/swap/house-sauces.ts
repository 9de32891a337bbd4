import { lineOfFormula } from '@alterum/contract/convert';
import { holdsItself, type HouseSauce, type Ingredient, isMade } from '@alterum/core';
import { queries, readList } from '../../server/queries';
import { findIngredient } from '../../household/house-larder';
import { useHousehold } from '../../household/household-store';
import { knowSauces } from '../../household/sauces-inside';

/** Whether a sauce of the house could stand in for it. */
export const isBoughtBody = ({ shelf, role }: Ingredient): boolean => shelf === 'bought' && role === 'body';

/** The other formulas of the house that were changed last, as sauces that could stand in for something bought. */
export async function houseSauces(exceptId: string): Promise<readonly HouseSauce[]> {
  const { pages } = await readList(queries.wholeFormulas(''));
  const others = pages.flatMap(({ entries }) => entries).filter(({ id }) => id !== exceptId);
  knowSauces(others);
  const known = (id: string) => useHousehold.getState().sauces.get(id)?.formula;
  return others.flatMap(({ id }) => {
    const line = { ingredient: lineOfFormula(id) };
    const ingredient = holdsItself(exceptId, [line], known) ? undefined : findIngredient(line.ingredient);
    return ingredient && isMade(ingredient) ? [{ ingredient }] : [];
  });
}
