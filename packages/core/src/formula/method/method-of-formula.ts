import { entriesOf } from '../../predict/course/entry.js';
import { operationsFor } from '../../predict/ready/made-ready.js';
import { methodOfProcess, processOfMethod } from '../../recipe/method/flat-process.js';
import type { Method, Operation } from '../../recipe/method/operation.js';
import type { Process } from '../../recipe/recipe.js';
import { entering } from './edit-method.js';
import type { Formula, Line } from '../formula.js';
import type { LarderLookup } from '../recipe-of-formula.js';
import { writeMethod } from './write-method.js';

/** Where a formula's method comes from: the cook's own, the app's, or the flat process it was once written with. */
export type MethodSource = 'own' | 'written' | 'flat';

export interface MethodOfFormula {
  readonly source: MethodSource;
  readonly method: Method;
  /** What is done to a line before it meets the pot. */
  readonly readyOf: (line: Line) => Method;
  /** The same where more is said than its preparation; undefined elsewhere. */
  readonly readySaid: (line: Line) => Method | undefined;
  readonly process: Process;
}

/** The flat words that a formula answers with, whatever its method. */
export const flatProcessOf = ({ method, process }: Pick<Formula, 'method' | 'process'>): Process =>
  method ? processOfMethod(method) : process;

/** The method of a formula, and what is done to each of its lines. */
export function methodOfFormula(
  formula: Pick<Formula, 'lines' | 'family' | 'serve' | 'process' | 'method' | 'writesItself'>,
  larder: LarderLookup,
): MethodOfFormula {
  const written = !formula.method && formula.writesItself ? writeMethod(formula, larder) : undefined;
  const readySaid = (line: Line): Method | undefined => line.ready ?? written?.ready.get(line.id);
  const ready = {
    readySaid,
    readyOf: (line: Line) => readySaid(line) ?? operationsFor(line.preparation, larder(line.ingredient)),
  };
  if (formula.method)
    return { ...ready, source: 'own', method: formula.method, process: flatProcessOf(formula) };
  if (written)
    return { ...ready, source: 'written', method: written.method, process: processOfMethod(written.method) };
  return { ...ready, source: 'flat', method: methodOfProcess(formula.process), process: formula.process };
}

/**
 * A method that names every line: what goes in at the start opens it, and what goes in after the heat has its own operation.
 * The pot comes out the same.
 */
export function withEveryLine(method: Method, lines: readonly Pick<Line, 'id' | 'stage'>[]): Method {
  const named = new Set(method.flatMap((operation) => operation.lines ?? []));
  const unnamed = lines.filter((line) => !named.has(line.id));
  const there = new Set(lines.map(({ id }) => id));
  const kept = method.map((operation): Operation =>
    operation.lines ? { ...operation, lines: operation.lines.filter((id) => there.has(id)) } : operation,
  );
  if (unnamed.length === 0) return kept;
  const entries = entriesOf(unnamed, kept);
  const places = new Map<number, string[]>();
  unnamed.forEach((line, i) => {
    const at = Math.max(0, Math.ceil(entries[i]!.at));
    places.set(at, [...(places.get(at) ?? []), line.id]);
  });
  // The last place first, so that the others stay where they are.
  return [...places]
    .sort(([a], [b]) => b - a)
    .reduce<Method>((now, [at, ids]) => entering(now, ids, at), kept);
}
