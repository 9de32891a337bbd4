import type { AddedInput, EaterView, FormulaView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/convert';
import {
  asOneLine,
  type EaterVerdict,
  mealOf,
  type Portion,
  portionOfLines,
  type Recipe,
  timesAsMuch,
  whoCanEat,
} from '@alterum/core';
import { findIngredient, packLabels } from './house-larder';
import { outcomeOf } from './outcome';
import { portionOf } from './portion';
import { formulaInLine } from '@alterum/contract/convert';

/** A formula as the table meets it, with everybody’s verdict. */
export interface JudgedFormula {
  readonly view: FormulaView;
  readonly portion: Portion;
  /** In the order of the eaters. */
  readonly people: readonly EaterVerdict[];
}

export function portionOfView(view: FormulaView): Portion {
  const formula = formulaOfContent(view);
  return portionOf(formula, outcomeOf(formula));
}

export function judged(view: FormulaView, eaters: readonly EaterView[]): JudgedFormula {
  const portion = portionOfView(view);
  return { view, portion, people: eaters.map((eater) => whoCanEat(eater, portion)) };
}

/** The recipe a formula computes to. */
export const recipeOf = (view: FormulaView): Recipe => outcomeOf(formulaOfContent(view)).recipe;

/** What is stirred into a base or a version: a portion of each thing with the grams that were said, formulas too. */
export function portionOfAdded(
  added: readonly AddedInput[],
  named: ReadonlyMap<string, FormulaView>,
): Portion {
  const parts = added.map(({ ingredient: id, grams }): Portion => {
    const formula = formulaInLine(id),
      view = formula === undefined ? undefined : named.get(formula);
    if (view) {
      const portion = portionOfView(view),
        massG = portion.massG ?? 0;
      return timesAsMuch(
        asOneLine(id, view.name, portion),
        grams === null || !(massG > 0) ? undefined : grams / massG,
      );
    }
    const label = packLabels().get(id),
      ingredient = findIngredient(id);
    return portionOfLines([
      {
        id,
        ingredient,
        named: nameOfAdded(id, named),
        preparationUnknown: true,
        ...(grams === null ? {} : { gramsPerPortion: grams }),
        ...(label ? { label } : {}),
      },
    ]);
  });
  return mealOf(parts, 'mixed');
}

/** What is added, by its name. */
export const nameOfAdded = (id: string, named: ReadonlyMap<string, FormulaView>): string =>
  findIngredient(id)?.name ??
  named.get(formulaInLine(id) ?? '')?.name ??
  (formulaInLine(id) === undefined ? 'An ingredient that was taken away' : 'A formula that was put away');
