import type { OwnIngredientView } from '@alterum/contract';
import { ingredientOfOwn } from '@alterum/contract/wire';
import { type Ingredient, ingredientById, larderTable } from '@alterum/core';
import { api } from './api';

let own: readonly Ingredient[] = [];
let byId: ReadonlyMap<string, Ingredient> = new Map();

/** Fetches the household's own ingredients; until then, and without a server, the larder's rows are all there is. */
export async function loadOwnIngredients(): Promise<readonly OwnIngredientView[]> {
  const views = await api.ownIngredients();
  own = views.map(ingredientOfOwn);
  byId = new Map(own.map((ingredient) => [ingredient.id, ingredient]));
  return views;
}

export const findIngredient = (id: string): Ingredient | undefined => ingredientById(id) ?? byId.get(id);

/** The household's own first, then what ships with the app. */
export const wholeLarder = (): readonly Ingredient[] =>
  own.length === 0 ? larderTable : [...own, ...larderTable];
