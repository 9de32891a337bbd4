import type { EaterView, FormulaView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/wire';
import { type EaterVerdict, type Recipe, type Served, whoCanEat } from '@alterum/core';
import { outcomeOf } from '../bench/bench-store';
import { servedOf } from '../bench/served';

/** A formula as the table meets it, with everybody’s verdict. */
export interface Judged {
  readonly view: FormulaView;
  readonly served: Served;
  /** In the order of the eaters. */
  readonly people: readonly EaterVerdict[];
}

export function servedOfView(view: FormulaView): Served {
  const formula = formulaOfContent(view);
  return servedOf(formula, outcomeOf(formula));
}

export function judged(view: FormulaView, eaters: readonly EaterView[]): Judged {
  const served = servedOfView(view);
  return { view, served, people: eaters.map((eater) => whoCanEat(eater, served)) };
}

/** The recipe a formula computes to. */
export const recipeOf = (view: FormulaView): Recipe => outcomeOf(formulaOfContent(view)).recipe;
