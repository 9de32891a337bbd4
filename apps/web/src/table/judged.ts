import type { EaterView, FormulaView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/wire';
import { type EaterVerdict, type Recipe, type Portion, whoCanEat } from '@alterum/core';
import { outcomeOf } from '../bench/bench-store';
import { portionOf } from '../bench/portion';

/** A formula as the table meets it, with everybody’s verdict. */
export interface Judged {
  readonly view: FormulaView;
  readonly portion: Portion;
  /** In the order of the eaters. */
  readonly people: readonly EaterVerdict[];
}

export function portionOfView(view: FormulaView): Portion {
  const formula = formulaOfContent(view);
  return portionOf(formula, outcomeOf(formula));
}

export function judged(view: FormulaView, eaters: readonly EaterView[]): Judged {
  const portion = portionOfView(view);
  return { view, portion, people: eaters.map((eater) => whoCanEat(eater, portion)) };
}

/** The recipe a formula computes to. */
export const recipeOf = (view: FormulaView): Recipe => outcomeOf(formulaOfContent(view)).recipe;
