import type { ChoiceName, ChoiceOf, FigureName } from './operation-field.js';
import { kindOf, type OperationKindId } from './operation-kinds.js';

/** One thing that is done, with what is said of it; what is left out is as usual for its kind. */
export type Operation = {
  readonly kind: OperationKindId;
  /** Ids of the lines that go in with it. */
  readonly lines?: readonly string[];
} & { readonly [F in FigureName]?: number } & { readonly [C in ChoiceName]?: ChoiceOf<C> };

/** What is done to the pot, first to last. */
export type Method = readonly Operation[];

/** Place of the last operation that is so; -1 where none is. */
export const lastPlace = (method: Method, is: (operation: Operation) => boolean): number =>
  method.reduce((found, operation, k) => (is(operation) ? k : found), -1);

/** A figure of an operation, or what is usual for its kind; undefined where both leave it open. */
export const figureOf = (operation: Operation, name: FigureName): number | undefined =>
  operation[name] ?? kindOf(operation.kind).usual[name];

/** min from low to high: the least, the middle that is reckoned with, and the most; undefined where none is said. */
export function minutesOf(
  operation: Operation,
): { readonly least: number; readonly middle: number; readonly most: number } | undefined {
  const least = figureOf(operation, 'minutes');
  if (least === undefined) return undefined;
  const most = Math.max(operation.mostMinutes ?? least, least);
  return { least, middle: (least + most) / 2, most };
}

/** What is reckoned with: an open figure is nothing, and minutes from low to high are their middle. */
export const amountOf = (operation: Operation, name: FigureName): number =>
  (name === 'minutes' ? minutesOf(operation)?.middle : figureOf(operation, name)) ?? 0;

/** A choice of an operation, or what is usual for its kind. */
export const choiceOf = <N extends ChoiceName>(operation: Operation, name: N): ChoiceOf<N> | undefined =>
  (operation[name] ?? kindOf(operation.kind).usual[name]) as ChoiceOf<N> | undefined;
