import { type Ingredient, ingredientFromLabel, larderTable, type NutritionLabel } from '@alterum/core';
import type { NutritionLabelInput } from './own-ingredient.body.js';
import type { OwnIngredientView } from './own-ingredient.view.js';

/** The core's label from a validated input, without what was left out. */
export const labelFromInput = (input: NutritionLabelInput): NutritionLabel =>
  Object.fromEntries(
    Object.entries(input).filter(([, value]) => value !== undefined),
  ) as unknown as NutritionLabel;

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
