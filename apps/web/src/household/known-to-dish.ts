import { dishOfContent, lineOfFormula } from '@alterum/contract/convert';
import type { KnownToDish, WrittenDish } from '@alterum/core';
import { findIngredient } from './house-larder';
import { useHousehold } from './household-store';
import { knowInside } from './sauces-inside';

/** What this house knows that a dish may name. */
export const knownToDish = (): KnownToDish => {
  const { sauces } = useHousehold.getState();
  return { larder: findIngredient, formulaOf: (id) => sauces.get(id)?.formula };
};

/** Fetches the formulas that are parts of dishes, and what stands in them. */
export const knowParts = (dishes: readonly Pick<WrittenDish, 'parts'>[]): Promise<void> =>
  knowInside(
    dishes.map(({ parts }) => ({
      lines: parts.flatMap(({ formula }) =>
        formula === undefined ? [] : [{ ingredient: lineOfFormula(formula) }],
      ),
    })),
  );

/** The same of the dishes that are cooked tonight. */
export const knowPartsTonight = (): Promise<void> =>
  knowParts([...useHousehold.getState().keptDishes.values()].map(dishOfContent));
