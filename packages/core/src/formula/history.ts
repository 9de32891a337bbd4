import type { Formula } from './formula.js';
import { applyStep, type FormulaStep } from './step.js';

export interface Turn {
  readonly inverse: FormulaStep;
  readonly step: FormulaStep;
  /** Steps of one gesture (one drag, one run of arrow keys) are undone together. */
  readonly gesture: string | undefined;
}

/** A formula with what was done to it and what was undone. */
export interface History {
  readonly formula: Formula;
  readonly done: readonly Turn[];
  readonly undone: readonly Turn[];
}

/** Turns kept; older ones can no longer be undone. */
const LONGEST = 400;

export const startHistory = (formula: Formula): History => ({ formula, done: [], undone: [] });

/** A formula with what was done to it before, as it was kept: turns that say no step are left out. */
export const historyFrom = (
  formula: Formula,
  { past, future }: { readonly past: readonly Turn[]; readonly future: readonly Turn[] },
): History => {
  const isTurn = (turn: Turn | null) =>
    typeof turn?.step?.step === 'string' && typeof turn.inverse?.step === 'string';
  return { formula, done: past.filter(isTurn), undone: future.filter(isTurn) };
};

/** Takes a step; a step on a line that is gone changes nothing. The steps of one gesture are kept apart but undone as one. */
export function advance(history: History, step: FormulaStep, gesture?: string): History {
  const outcome = applyStep(history.formula, step);
  if (outcome.kind !== 'applied') return history;
  const last = history.done[history.done.length - 1];
  const sameGesture = gesture !== undefined && last?.gesture === gesture && last.step.step === step.step;
  const turn: Turn = sameGesture ? { ...last, step } : { inverse: outcome.inverse, step, gesture };
  const done = sameGesture
    ? [...history.done.slice(0, -1), turn]
    : [...history.done.slice(-LONGEST + 1), turn];
  return { formula: outcome.formula, done, undone: [] };
}

export const canUndo = (history: History): boolean => history.done.length > 0;
export const canRedo = (history: History): boolean => history.undone.length > 0;

export function undo(history: History): History {
  const turn = history.done[history.done.length - 1];
  if (!turn) return history;
  const outcome = applyStep(history.formula, turn.inverse);
  if (outcome.kind !== 'applied') return { ...history, done: history.done.slice(0, -1) };
  return { formula: outcome.formula, done: history.done.slice(0, -1), undone: [...history.undone, turn] };
}

export function redo(history: History): History {
  const turn = history.undone[history.undone.length - 1];
  if (!turn) return history;
  const outcome = applyStep(history.formula, turn.step);
  if (outcome.kind !== 'applied') return { ...history, undone: history.undone.slice(0, -1) };
  const again: Turn = { ...turn, inverse: outcome.inverse };
  return { formula: outcome.formula, done: [...history.done, again], undone: history.undone.slice(0, -1) };
}
