import { bladeOf } from '../../recipe/method/blade.js';
import { heatOf } from '../../recipe/method/flat-process.js';
import type { Method, Operation } from '../../recipe/method/operation.js';

const lastOf = (method: Method, is: (operation: Operation) => boolean): number =>
  method.reduce((found, operation, k) => (is(operation) ? k : found), -1);

/** The method without a line in any of its operations; what only put that line in goes. */
export const withoutLine = (method: Method, line: string): Method =>
  method.flatMap((operation): Method => {
    if (!operation.lines?.includes(line)) return [operation];
    const lines = operation.lines.filter((id) => id !== line);
    const empty = lines.length === 0 && (operation.kind === 'put-in' || operation.kind === 'stir-in');
    return empty ? [] : [{ ...operation, lines }];
  });

function enter(method: Method, line: string, at: number, kind: 'put-in' | 'stir-in'): Method {
  const there = method[at];
  if (there?.kind === kind)
    return method.map((operation, k) =>
      k === at ? { ...operation, lines: [...(operation.lines ?? []), line] } : operation,
    );
  return [...method.slice(0, at), { kind, lines: [line] }, ...method.slice(at)];
}

/** The line goes in with an operation of the method. @throws RangeError where there is none at that place */
export function goesInWith(method: Method, line: string, at: number): Method {
  const operation = method[at];
  if (!operation) throw new RangeError(`the method has no operation ${at + 1}`);
  return method.flatMap((other): Method => {
    if (other === operation)
      return [{ ...other, lines: [...(other.lines ?? []).filter((id) => id !== line), line] }];
    return withoutLine([other], line);
  });
}

/** The line goes in once the last heat is over. */
export function afterTheHeat(method: Method, line: string): Method {
  const rest = withoutLine(method, line);
  return enter(rest, line, lastOf(rest, (operation) => heatOf(operation) !== undefined) + 1, 'put-in');
}

/** The line goes in at the very start. */
export const atTheStart = (method: Method, line: string): Method =>
  enter(withoutLine(method, line), line, 0, 'put-in');

/** The line stays in pieces: it goes in behind the last blade and the last heat. */
export function inPieces(method: Method, line: string): Method {
  const rest = withoutLine(method, line);
  const behind =
    lastOf(rest, (operation) => heatOf(operation) !== undefined || bladeOf(operation) !== undefined) + 1;
  const after = rest[behind]?.kind === 'put-in' ? behind + 1 : behind;
  return enter(rest, line, after, 'stir-in');
}

/** One operation to another place. */
export function moved(method: Method, from: number, to: number): Method {
  const operation = method[from];
  if (!operation) return method;
  const rest = method.filter((_, k) => k !== from);
  const place = Math.max(0, Math.min(to, rest.length));
  return [...rest.slice(0, place), operation, ...rest.slice(place)];
}

/** What is said anew of an operation; a field set to undefined is as usual again. */
export type OperationChange = { readonly [K in keyof Operation]?: Operation[K] | undefined };

/** An operation with some of it said anew. */
export const changedOperation = (operation: Operation, change: OperationChange): Operation =>
  Object.fromEntries(
    Object.entries({ ...operation, ...change }).filter(([, value]) => value !== undefined),
  ) as unknown as Operation;

/** A method with one operation changed. */
export const changed = (method: Method, at: number, change: OperationChange): Method =>
  method.map((operation, k) => (k === at ? changedOperation(operation, change) : operation));

/** One operation left out; its lines go in where they would by themselves. */
export const withoutOperation = (method: Method, at: number): Method => method.filter((_, k) => k !== at);

/** One operation more. */
export const withOperation = (method: Method, operation: Operation, at: number): Method => [
  ...method.slice(0, at),
  operation,
  ...method.slice(at),
];
