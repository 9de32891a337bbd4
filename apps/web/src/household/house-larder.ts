import type { OwnIngredientView, PackLabelView } from '@alterum/contract';
import { ingredientOfOwn } from '@alterum/contract/wire';
import { type Ingredient, ingredientById, larderTable, type PackLabel, packLabel } from '@alterum/core';
import { api } from '../server/api';

let own: readonly Ingredient[] = [];
/** One list as long as nothing changes, so that its search index is made once. */
let whole: readonly Ingredient[] = larderTable;
let byId: ReadonlyMap<string, Ingredient> = new Map();
let labels: ReadonlyMap<string, PackLabel> = new Map();
let stock: ReadonlyMap<string, number> = new Map();

/** What the household adds to the larder that ships with the app. */
export interface HouseLarder {
  readonly own: readonly OwnIngredientView[];
  readonly labels: readonly PackLabelView[];
}

/** Fetches the household's own ingredients and labels; until then the larder's rows are all there is. */
export async function loadHouseLarder(): Promise<HouseLarder> {
  const [views, read, said] = await Promise.all([api.ownIngredients(), api.packLabels(), api.stock()]);
  stock = new Map(said.map(({ ingredient, grams }) => [ingredient, grams]));
  own = views.map(ingredientOfOwn);
  whole = own.length === 0 ? larderTable : [...own, ...larderTable];
  byId = new Map(own.map((ingredient) => [ingredient.id, ingredient]));
  const now = Date.now();
  labels = new Map(read.map((label) => [label.ingredient, packLabel(label, now)]));
  return { own: views, labels: read };
}

/** Labels of the packs in this house, by ingredient: they outrank the generic tables. */
export const packLabels = (): ReadonlyMap<string, PackLabel> => labels;

export const findIngredient = (id: string): Ingredient | undefined => ingredientById(id) ?? byId.get(id);

/** The household's own first, then what ships with the app. */
export const wholeLarder = (): readonly Ingredient[] => whole;

export const ownIngredients = (): readonly Ingredient[] => own;

/** g in the house by ingredient, as far as the cook said. */
export const stockInHouse = (): ReadonlyMap<string, number> => stock;
