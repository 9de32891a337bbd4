import { dishOfContent, lineOfFormula, versionsOfBase } from '@alterum/contract/convert';
import { type KnownToDish, versionNamed, type WrittenDish } from '@alterum/core';
import { findIngredient } from './house-larder';
import { useHousehold } from './household-store';
import { knowInside } from './sauces-inside';

/** What this house knows that a dish may name. */
export const knownToDish = (): KnownToDish => {
  const { sauces, versions } = useHousehold.getState();
  const formulaOf = (id: string) => sauces.get(id)?.formula;
  return {
    larder: findIngredient,
    formulaOf,
    versionOf: (id, name) => {
      const base = id === versions.base ? formulaOf(id) : undefined;
      return base && versionNamed(base, findIngredient, versionsOfBase(versions), name);
    },
  };
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
