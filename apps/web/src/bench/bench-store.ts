import type { FormulaView } from '@alterum/contract';
import {
  advance,
  assess,
  type Formula,
  type FormulaStep,
  type History,
  type Assessed,
  type LineProblem,
  type PointPrediction,
  recipeOfFormula,
  redo,
  startHistory,
  undo,
} from '@alterum/core';
import { create } from 'zustand';
import { findIngredient } from '../app/house-larder';
import { useNotices } from '../app/notices';

/** What the core says of the formula as it stands; the pot after cooking is in it, for whoever draws a curve. */
export interface Outcome extends Assessed {
  /** Lines of the recipe, in its order. */
  readonly lineIds: readonly string[];
  readonly problems: readonly LineProblem[];
}

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

export function outcomeOf(formula: Formula): Outcome {
  const { recipe, lineIds, problems } = recipeOfFormula(formula, findIngredient);
  return {
    ...assess(recipe, formula.portions),
    lineIds,
    problems,
  };
}

/** Undefined until a formula is open. */
export const useBench = create<{ readonly bench: BenchState | undefined }>()(() => ({ bench: undefined }));

const current = (): BenchState | undefined => useBench.getState().bench;
const put = (bench: BenchState): void => useBench.setState({ bench });

export function openOnBench(view: Pick<FormulaView, 'id' | 'version'>, formula: Formula): void {
  put({
    id: view.id,
    version: view.version,
    history: startHistory(formula),
    outcome: outcomeOf(formula),
    ghost: undefined,
    gesture: undefined,
  });
}

function turn(bench: BenchState, history: History, gesture?: string): void {
  if (history === bench.history) return;
  useNotices.getState().moveOn();
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
