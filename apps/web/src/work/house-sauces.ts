import { formulaOfContent } from '@alterum/contract/wire';
import { type HouseSauce, type Ingredient, recipeOfFormula } from '@alterum/core';
import { api } from '../app/api';
import { findIngredient } from '../app/house-larder';

/** Whether a sauce of the house could stand in for it. */
export const isBoughtBody = ({ shelf, role }: Ingredient): boolean => shelf === 'bought' && role === 'body';

/** The other formulas of the house, as sauces that could stand in for something bought. */
export async function houseSauces(exceptId: string): Promise<readonly HouseSauce[]> {
  const summaries = await api.formulas();
  const views = await Promise.all(
    summaries.filter(({ id }) => id !== exceptId).map(({ id }) => api.formula(id)),
  );
  return views.map((view) => ({
    name: view.name,
    lines: recipeOfFormula(formulaOfContent(view), findIngredient).recipe.lines,
  }));
}
