import { blankFormula, type Formula, type Ingredient, type Line } from '@alterum/core';
import { briefOfWishes, wishesOfBrief } from './brief.convert.js';
import type { FormulaBody } from './formula.body.js';
import type { FormulaView } from './formula.view.js';
import type { LineInput } from './line.body.js';
import { amountOfInput, holdOfInput, inputOfLine } from './line.convert.js';
import { completed } from './process.convert.js';

/** What a line is completed with: an id where it has none, and what its ingredient is. */
export type LineCompletion = (line: LineInput) => {
  readonly id: string;
  readonly ingredient: Ingredient | undefined;
};

function lineFromInput(line: LineInput, complete: LineCompletion): Line {
  const { id, ingredient } = complete(line);
  return {
    id,
    ingredient: ingredient?.id ?? line.ingredient,
    amount: amountOfInput(line.amount, line.unit),
    role: line.role ?? ingredient?.role ?? 'body',
    preparation: line.preparation ?? 'as-is',
    stage: line.stage ?? 'start',
    ...holdOfInput(line.hold),
  };
}

/** The core's formula from what was sent, completed from a base; ids and ingredients come from `complete`. */
export function formulaFromBody(
  body: FormulaBody,
  complete: LineCompletion,
  base: Formula = blankFormula,
): Formula {
  const brief =
    body.brief === undefined ? base.brief : body.brief === null ? undefined : briefOfWishes(body.brief);
  return {
    name: body.name.trim(),
    family: body.family ?? base.family,
    portions: body.portions ?? base.portions,
    note: body.note ?? base.note,
    lines: body.lines?.map((line) => lineFromInput(line, complete)) ?? base.lines,
    process: completed(base.process, body.process),
    serve: completed(base.serve, body.serve as Partial<Formula['serve']> | undefined),
    ...(brief ? { brief } : {}),
  };
}

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
    amount: amountOfInput(amount, unit),
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
