import type { OwnIngredientView, PackLabelView } from '@alterum/contract';
import { ingredientOfOwn } from '@alterum/contract/convert';
import {
  type Ingredient,
  ingredientById,
  larderTable,
  type LarderLookup,
  larderWithFormulas,
  type PackLabel,
  packLabel,
} from '@alterum/core';
import { queries, read } from '../server/queries';
import { useHousehold } from './household-store';
import { followFormulas } from './sauces-inside';

followFormulas();

/** What the household adds to the larder that ships with the app. */
export interface HouseLarder {
  readonly own: readonly OwnIngredientView[];
  readonly labels: readonly PackLabelView[];
}

/** Fetches the household's own ingredients and labels; until then the larder's rows are all there is. */
export async function loadHouseLarder(): Promise<HouseLarder> {
  const [views, labels, said, used] = await Promise.all([
    read(queries.ownIngredients),
    read(queries.packLabels),
    read(queries.stock),
    read(queries.used),
  ]);
  const own = views.map(ingredientOfOwn),
    now = Date.now();
  useHousehold.setState({
    used: new Map(used.map(({ ingredient, formulas }) => [ingredient, formulas])),
    larder: {
      own,
      // One list as long as nothing changes, so that its search index is made once.
      whole: own.length === 0 ? larderTable : [...own, ...larderTable],
      byId: new Map(own.map((ingredient) => [ingredient.id, ingredient])),
      labels: new Map(labels.map((label) => [label.ingredient, packLabel(label, now)])),
      stock: new Map(said.map(({ ingredient, grams }) => [ingredient, grams])),
    },
  });
  return { own: views, labels };
}

const larder = () => useHousehold.getState().larder;

/** Labels of the packs in this house, by ingredient: they outrank the generic tables. */
export const packLabels = (): ReadonlyMap<string, PackLabel> => larder().labels;

/** The larder with the house's own sauces in it, made anew when either changes. */
let known: { readonly byId: unknown; readonly sauces: unknown; readonly find: LarderLookup } | undefined;

export function findIngredient(id: string): Ingredient | undefined {
  const {
    larder: { byId },
    sauces,
  } = useHousehold.getState();
  if (known?.byId !== byId || known.sauces !== sauces)
    known = {
      byId,
      sauces,
      find: larderWithFormulas(
        (plain) => ingredientById(plain) ?? byId.get(plain),
        (sauce) => sauces.get(sauce)?.formula,
      ),
    };
  return known.find(id);
}

/** The household's own first, then what ships with the app. */
export const wholeLarder = (): readonly Ingredient[] => larder().whole;

export const ownIngredients = (): readonly Ingredient[] => larder().own;

/** g in the house by ingredient, as far as the cook said. */
export const stockInHouse = (): ReadonlyMap<string, number> => larder().stock;
