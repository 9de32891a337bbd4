import {
  type AmountRange,
  blankFormula,
  type Formula,
  type Ingredient,
  type Line,
  type Process,
  flatProcessOf,
} from '@alterum/core';
import { briefOfWishes, wishesOfBrief } from './brief.convert.js';
import type { FormulaBody } from './formula.body.js';
import type { FormulaView } from './formula.view.js';
import type { LineInput } from './line.body.js';
import { amountOfInput, holdOfInput, inputOfLine, readyOfInput } from './line.convert.js';
import { inputOfMethod, methodOfInput } from './operation.convert.js';
import { completed } from './process.convert.js';

/** What a line is completed with: an id where it has none, and what its ingredient is. */
export type LineCompletion = (line: LineInput) => {
  readonly id: string;
  readonly ingredient: Ingredient | undefined;
};

/** Who knows nothing of ranges, and leaves the amount, leaves its range as well. */
const rangeSent = ({ amountRange, amount, unit }: LineInput, before: Line | undefined): AmountRange | null =>
  amountRange === undefined && before?.amount?.value === amount && before.amount.unit === unit
    ? (before.amount.range ?? null)
    : (amountRange ?? null);

function lineFromInput(line: LineInput, complete: LineCompletion, standing: readonly Line[]): Line {
  const { id, ingredient } = complete(line);
  const before = standing.find((other) => other.id === id);
  // Who knows nothing of what is done to a line, and leaves its preparation, leaves that as well.
  const kept =
    line.ready === undefined && before && before.preparation === (line.preparation ?? 'as-is')
      ? {
          ...(before.ready ? { ready: before.ready } : {}),
          ...(before.weighed ? { weighed: before.weighed } : {}),
        }
      : {};
  return {
    ...kept,
    ...readyOfInput(line),
    id,
    ingredient: ingredient?.id ?? line.ingredient,
    amount: amountOfInput(line.amount, line.unit, rangeSent(line, before)),
    role: line.role ?? ingredient?.role ?? 'body',
    preparation: line.preparation ?? 'as-is',
    stage: line.stage ?? 'start',
    ...holdOfInput(line.hold),
  };
}

/** The core's formula from what was sent, completed from a base; ids and ingredients come from `complete`. */
export function formulaFromBody(body: FormulaBody, complete: LineCompletion, standing?: Formula): Formula {
  const base = standing ?? blankFormula;
  const brief =
    body.brief === undefined ? base.brief : body.brief === null ? undefined : briefOfWishes(body.brief);
  return {
    name: body.name.trim(),
    family: body.family ?? base.family,
    portions: body.portions ?? base.portions,
    note: body.note ?? base.note,
    lines: body.lines?.map((line) => lineFromInput(line, complete, base.lines)) ?? base.lines,
    ...methodFromBody(body, base, standing !== undefined),
    serve: completed(base.serve, body.serve as Partial<Formula['serve']> | undefined),
    ...(brief ? { brief } : {}),
  };
}

const sameProcess = (a: Process, b: Process): boolean =>
  (Object.keys(a) as (keyof Process)[]).every((key) => a[key] === b[key]);

/**
 * Where the method comes from: what was sent; or flat words, which replace a method unless they only repeat what it comes to, as
 * a page from before there were methods does.
 */
function methodFromBody(
  { method, writesItself, process }: FormulaBody,
  base: Formula,
  stands: boolean,
): Pick<Formula, 'process' | 'method' | 'writesItself'> {
  const flat = completed(flatProcessOf(base), process);
  if (method) return { process: flat, method: methodOfInput(method) };
  if (writesItself) return { process: flat, writesItself: true };
  const silent = method === undefined && writesItself === undefined;
  if (silent && (!process || (stands && sameProcess(flat, flatProcessOf(base)))))
    return {
      process: base.process,
      ...(base.method ? { method: base.method } : {}),
      ...(base.writesItself ? { writesItself: true } : {}),
    };
  return { process: flat };
}

/** What is sent of a formula, without what the server adds. */
export type FormulaContent = Omit<FormulaView, 'id' | 'version' | 'updatedAt' | 'favourite'>;

/** What is sent for a formula of the core. No validation is loaded with this, so that the Bench starts light. */
export function formulaBodyOf(formula: Formula): FormulaContent {
  const { name, family, portions, note, serve, brief } = formula;
  const lines = formula.lines.map(inputOfLine);
  return {
    name,
    family,
    portions,
    note,
    lines,
    process: flatProcessOf(formula),
    method: formula.method ? inputOfMethod(formula.method) : null,
    writesItself: formula.writesItself === true,
    serve: { ...serve },
    brief: brief ? wishesOfBrief(brief) : null,
  };
}

/** The core's formula from what the server answered or what a draft kept, older drafts included. */
export function formulaOfContent(content: FormulaContent): Formula {
  const { name, family, portions, note, process, serve, brief } = content;
  const lines = content.lines.map(({ amount, unit, amountRange, hold, ready, weighed, ...line }) => ({
    ...line,
    ...readyOfInput({ ready, weighed }),
    amount: amountOfInput(amount, unit, amountRange),
    ...holdOfInput(hold),
  }));
  return {
    name,
    family,
    portions,
    note,
    lines,
    process,
    ...(content.method ? { method: methodOfInput(content.method) } : {}),
    ...(content.writesItself ? { writesItself: true as const } : {}),
    serve,
    ...(brief ? { brief: briefOfWishes(brief) } : {}),
  };
}
