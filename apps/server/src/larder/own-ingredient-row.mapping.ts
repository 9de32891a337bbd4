import type { OwnIngredientView } from '@alterum/contract';
import { type Ingredient, ingredientFromLabel, larderTable } from '@alterum/core';
import type { OwnIngredientRow } from './own-ingredient.row.js';

export function viewOfOwn(row: OwnIngredientRow): OwnIngredientView {
  const { id, version, name, like, role, label, contains, askFor, density, pricePerKg } = row;
  return {
    id, version, name, label, contains, askFor,
    like: like ?? null, role: role ?? null, density: density ?? null, pricePerKg: pricePerKg ?? null,
  }; // prettier-ignore
}

/** The ingredient that the model computes with. */
export const ingredientOfOwn = ({ density, pricePerKg, like, role, ...own }: OwnIngredientView): Ingredient =>
  ingredientFromLabel(
    {
      ...own,
      like: like ?? undefined,
      role: role ?? undefined,
      pricePerKg: pricePerKg ?? undefined,
      measures: density === null ? undefined : { density },
    },
    larderTable,
  );
