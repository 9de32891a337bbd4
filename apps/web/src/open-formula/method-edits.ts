import {
  type Formula,
  type FormulaStep,
  type Line,
  type Method,
  methodOfFormula,
  withEveryLine,
} from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import { take, useBench } from './bench-store';

/** The edit that puts a changed method in place of the one that stands; what the app wrote to be made ready becomes the cook's own with it. */
export function stepsOfMethod(formula: Formula, change: (method: Method) => Method): FormulaStep {
  const { source, method, readySaid } = methodOfFormula(formula, findIngredient);
  const written = formula.lines.flatMap((line): FormulaStep[] => {
    const ready = source === 'written' && !line.ready ? readySaid(line) : undefined;
    return ready ? [{ step: 'set-ready', line: line.id, ready }] : [];
  });
  const changed = change(withEveryLine(method, formula.lines));
  return { step: 'several', steps: [...written, { step: 'set-method', method: changed }] };
}

/** Takes a change of the method as one edit. */
export function changeMethod(change: (method: Method) => Method, gesture?: string): void {
  const formula = useBench.getState().bench?.history.formula;
  if (formula) take(stepsOfMethod(formula, change), gesture);
}

/** Takes a change of what is done to one line. */
export function changeReady(line: Line, ready: Method | undefined, gesture?: string): void {
  take({ step: 'set-ready', line: line.id, ready }, gesture);
}
