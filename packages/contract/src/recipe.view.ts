import type { OperationInput } from './operation.body.js';

/** From the least to the most that may be meant. */
export interface RangeView {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** One line of a recipe, as far as it was understood. */
export interface ReadLineView {
  readonly id: string;
  readonly text: string;
  readonly section: string | null;
  /** As it was said, in `unit`; null where none is said. */
  readonly amount: RangeView | null;
  /** The unit as it was said; null where pieces are counted. */
  readonly unit: string | null;
  /** What it weighs: the middle, and the range with what is unsure of spoons, pieces and handfuls; null where nobody can weigh it. */
  readonly grams: number | null;
  readonly gramsRange: RangeView | null;
  /** Id in the larder; null where nothing was found. */
  readonly ingredient: string | null;
  /** 0..1: below 0.7 the cook is asked. */
  readonly confidence: number;
  /** Ids of what else the name may mean, likeliest first. */
  readonly candidates: readonly string[];
  readonly preparation: string;
  /** What is done to it, where more is said than the preparation. */
  readonly ready: readonly OperationInput[] | null;
  /** The same in the words of the line. */
  readonly made: string;
  readonly alternatives: readonly { readonly text: string; readonly ingredient: string | null }[];
  readonly optional: boolean;
  readonly toTaste: boolean;
}

/** A sentence of the method; `operations` is empty where it stays a note. */
export interface ReadStepView {
  readonly text: string;
  readonly operations: readonly OperationInput[];
}

export interface RecipeReadResponse {
  readonly name: string | null;
  readonly portions: RangeView | null;
  readonly lines: readonly ReadLineView[];
  readonly method: readonly ReadStepView[];
  readonly unread: readonly { readonly text: string; readonly why: string }[];
}
