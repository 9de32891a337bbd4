import { formulaOfContent } from '@alterum/contract/convert';
import { type HouseSauce, type Ingredient, recipeOfFormula } from '@alterum/core';
import { queries, readList } from '../../server/queries';
import { findIngredient } from '../../household/house-larder';

/** Whether a sauce of the house could stand in for it. */
export const isBoughtBody = ({ shelf, role }: Ingredient): boolean => shelf === 'bought' && role === 'body';

/** The other formulas of the house that were changed last, as sauces that could stand in for something bought. */
export async function houseSauces(exceptId: string): Promise<readonly HouseSauce[]> {
  const { pages } = await readList(queries.wholeFormulas(''));
  return pages
    .flatMap(({ entries }) => entries)
    .filter(({ id }) => id !== exceptId)
    .map((view) => ({
      name: view.name,
      lines: recipeOfFormula(formulaOfContent(view), findIngredient).recipe.lines,
    }));
}
