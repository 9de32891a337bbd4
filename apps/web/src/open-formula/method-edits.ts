import {
  type Formula,
  type FormulaStep,
  type Line,
  type Method,
  type MethodOfFormula,
  methodOfFormula,
  withEveryLine,
} from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import { take, useBench } from './bench-store';

/** The method of what is open now, with every line named: what an edit starts from. */
export function wholeMethod(formula: Formula): Method {
  return withEveryLine(methodOfFormula(formula, findIngredient).method, formula.lines);
}

/** Lines whose make-ready the app wrote: an edit of the method makes it the cook's own. */
function writtenReady(formula: Formula): readonly FormulaStep[] {
  const made: MethodOfFormula = methodOfFormula(formula, findIngredient);
  if (made.source !== 'written') return [];
  return formula.lines.flatMap((line): FormulaStep[] => {
    const ready = line.ready ?? made.readySaid(line);
    return ready && !line.ready ? [{ step: 'set-ready', line: line.id, ready }] : [];
  });
}

/** The edit that puts a changed method in place of the one that stands. */
export const stepsOfMethod = (formula: Formula, change: (method: Method) => Method): FormulaStep => ({
  step: 'several',
  steps: [...writtenReady(formula), { step: 'set-method', method: change(wholeMethod(formula)) }],
});

/** Takes a change of the method as one edit. */
export function changeMethod(change: (method: Method) => Method, gesture?: string): void {
  const formula = useBench.getState().bench?.history.formula;
  if (formula) take(stepsOfMethod(formula, change), gesture);
}

/** Takes a change of what is done to one line. */
export function changeReady(line: Line, ready: Method | undefined, gesture?: string): void {
  take({ step: 'set-ready', line: line.id, ready }, gesture);
}
