import { cuts } from '../../recipe/method/blade.js';
import { heatsThePot } from '../../recipe/method/flat-process.js';
import { lastPlace, type Method, type Operation } from '../../recipe/method/operation.js';

/** The method without a line in any of its operations; what only put that line in goes. */
export const withoutLine = (method: Method, line: string): Method =>
  method.flatMap((operation): Method => {
    if (!operation.lines?.includes(line)) return [operation];
    const lines = operation.lines.filter((id) => id !== line);
    const empty = lines.length === 0 && (operation.kind === 'put-in' || operation.kind === 'stir-in');
    return empty ? [] : [{ ...operation, lines }];
  });

/** Lines go in at a place: with the operation that stands there where it only puts in, or with one of their own. */
export function entering(
  method: Method,
  lines: readonly string[],
  at: number,
  kind: 'put-in' | 'stir-in' = 'put-in',
): Method {
  const there = method[at];
  return there?.kind === kind
    ? changed(method, at, { lines: [...(there.lines ?? []), ...lines] })
    : withOperation(method, { kind, lines }, at);
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
  return entering(rest, [line], lastPlace(rest, heatsThePot) + 1);
}

/** The line goes in at the very start. */
export const atTheStart = (method: Method, line: string): Method =>
  entering(withoutLine(method, line), [line], 0);

/** The line stays in pieces: it goes in behind the last blade and the last heat. */
export function inPieces(method: Method, line: string): Method {
  const rest = withoutLine(method, line);
  const behind = lastPlace(rest, (operation) => heatsThePot(operation) || cuts(operation)) + 1;
  const after = rest[behind]?.kind === 'put-in' ? behind + 1 : behind;
  return entering(rest, [line], after, 'stir-in');
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
