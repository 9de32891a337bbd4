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

/** The same where an open figure is nothing. */
export const amountOf = (operation: Operation, name: FigureName): number => figureOf(operation, name) ?? 0;

/** A choice of an operation, or what is usual for its kind. */
export const choiceOf = <N extends ChoiceName>(operation: Operation, name: N): ChoiceOf<N> | undefined =>
  (operation[name] ?? kindOf(operation.kind).usual[name]) as ChoiceOf<N> | undefined;
