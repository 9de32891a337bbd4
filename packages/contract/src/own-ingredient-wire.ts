import { type Ingredient, ingredientFromLabel, larderTable } from '@alterum/core';
import type { OwnIngredientView } from './own-ingredient.js';

/** The ingredient that the model computes with, from what the cook wrote down. The same on both ends. */
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
