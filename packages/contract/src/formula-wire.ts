import type { Formula } from '@alterum/core';
import type { FormulaView } from './formula.js';

/** What is sent of a formula, without what the server adds. */
export type FormulaContent = Omit<FormulaView, 'id' | 'version' | 'updatedAt'>;

/** What is sent for a formula of the core. No validation is loaded with this, so that the Bench starts light. */
export function formulaBodyOf(formula: Formula): FormulaContent {
  const { name, family, portions, note, process, serve } = formula;
  const lines = formula.lines.map(({ amount, ...line }) => ({
    ...line,
    amount: amount.value,
    unit: amount.unit,
  }));
  return { name, family, portions, note, lines, process: { ...process }, serve: { ...serve } };
}

/** The core's formula from what the server answered or what a draft kept. */
export function formulaOfContent(content: FormulaContent): Formula {
  const { name, family, portions, note, process, serve } = content;
  const lines = content.lines.map(({ amount, unit, ...line }) => ({
    ...line,
    amount: { value: amount, unit },
  }));
  return { name, family, portions, note, lines, process, serve };
}
