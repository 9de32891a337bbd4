import type { FormulaView } from '@alterum/contract';
import { formulaBodyOf } from '@alterum/contract/convert';
import {
  advance,
  historyFrom,
  type Formula,
  type FormulaStep,
  type History,
  type PointPrediction,
  redo,
  undo,
} from '@alterum/core';
import { create } from 'zustand';
import { type Outcome, outcomeOf } from '../household/outcome';
import { keepSteps, stepsOf } from '../undo/kept-steps';
import { useNotices } from '../notices/notices';

interface BenchState {
  readonly id: string;
  /** Version on the server that the work is based on. */
  readonly version: number;
  readonly history: History;
  readonly outcome: Outcome;
  /** What it was before the last change; its beads and curve are drawn as ghosts. */
  readonly ghost: Outcome | undefined;
  /** Gesture of the last step, so that one drag keeps one ghost. */
  readonly gesture: string | undefined;
}

/** Undefined until a formula is open. */
export const useBench = create<{ readonly bench: BenchState | undefined }>()(() => ({ bench: undefined }));

const current = (): BenchState | undefined => useBench.getState().bench;
const put = (bench: BenchState): void => useBench.setState({ bench });

/** A formula as text, by which its kept steps know it. */
const textOf = (formula: Formula): string => JSON.stringify(formulaBodyOf(formula));

/** Opens a formula, with what can still be undone of it from before a reload or a change of place. */
export function openOnBench(view: Pick<FormulaView, 'id' | 'version'>, formula: Formula): void {
  put({
    id: view.id,
    version: view.version,
    history: historyFrom(formula, stepsOf(view.id, textOf(formula))),
    outcome: outcomeOf(formula),
    ghost: undefined,
    gesture: undefined,
  });
}

function turn(bench: BenchState, history: History, gesture?: string): void {
  if (history === bench.history) return;
  useNotices.getState().moveOn();
  keepSteps(bench.id, () => textOf(history.formula), history.done, history.undone);
  const sameGesture = gesture !== undefined && gesture === bench.gesture;
  put({
    ...bench,
    history,
    outcome: outcomeOf(history.formula),
    ghost: sameGesture ? bench.ghost : bench.outcome,
    gesture,
  });
}

/** Takes an edit; everything that is shown follows in the same frame. */
export function take(step: FormulaStep, gesture?: string): void {
  const bench = current();
  if (bench) turn(bench, advance(bench.history, step, gesture), gesture);
}

export function undoOnBench(): void {
  const bench = current();
  if (bench) turn(bench, undo(bench.history));
}

export function redoOnBench(): void {
  const bench = current();
  if (bench) turn(bench, redo(bench.history));
}

/** The server holds the work now at this version. */
export function rebase(id: string, version: number): void {
  const bench = current();
  if (bench?.id === id) put({ ...bench, version });
}

/** A part of the open bench. @throws Error when nothing is open: the Bench page shows its parts only with a formula */
export function useBenchPart<T>(part: (bench: BenchState) => T): T {
  return useBench(({ bench }) => {
    if (!bench) throw new Error('no formula is open on the Bench');
    return part(bench);
  });
}

export const useFormula = (): Formula => useBenchPart((bench) => bench.history.formula);
export const usePrediction = (): PointPrediction => useBenchPart((bench) => bench.outcome.prediction);
export const useOutcome = (): Outcome => useBenchPart((bench) => bench.outcome);
