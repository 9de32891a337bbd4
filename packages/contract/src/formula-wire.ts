import type { Formula } from '@alterum/core';
import { briefOfWishes, wishesOfBrief } from './brief-wire.js';
import type { FormulaView } from './formula.js';
import { amountOfWire, holdOfInput, inputOfLine } from './line-wire.js';

/** What is sent of a formula, without what the server adds. */
export type FormulaContent = Omit<FormulaView, 'id' | 'version' | 'updatedAt'>;

/** What is sent for a formula of the core. No validation is loaded with this, so that the Bench starts light. */
export function formulaBodyOf(formula: Formula): FormulaContent {
  const { name, family, portions, note, process, serve, brief } = formula;
  const lines = formula.lines.map(inputOfLine);
  return {
    name,
    family,
    portions,
    note,
    lines,
    process: { ...process },
    serve: { ...serve },
    brief: brief ? wishesOfBrief(brief) : null,
  };
}

/** The core's formula from what the server answered or what a draft kept, older drafts included. */
export function formulaOfContent(content: FormulaContent): Formula {
  const { name, family, portions, note, process, serve, brief } = content;
  const lines = content.lines.map(({ amount, unit, hold, ...line }) => ({
    ...line,
    amount: amountOfWire(amount, unit),
    ...holdOfInput(hold),
  }));
  return {
    name,
    family,
    portions,
    note,
    lines,
    process,
    serve,
    ...(brief ? { brief: briefOfWishes(brief) } : {}),
  };
}
