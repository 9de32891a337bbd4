import type { Family } from '@alterum/core';
import type { WishInput } from './brief.body.js';
import type { FormulaBody, ServeInput } from './formula.body.js';
import type { FormulaContent } from './formula.convert.js';
import type { LineInput } from './line.body.js';
import type { OperationInput } from './operation.body.js';
import type { ProcessInput } from './process.body.js';

/** A formula as the API answers it. */
export interface FormulaView extends Required<
  Omit<FormulaBody, 'lines' | 'process' | 'method' | 'serve' | 'brief'>
> {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly lines: readonly Required<LineInput>[];
  /** In the flat words of old readers, whatever the method. */
  readonly process: Required<ProcessInput>;
  /** The cook's own; null where the app writes it, or where the flat process stands for it. */
  readonly method: readonly OperationInput[] | null;
  readonly serve: Required<ServeInput>;
  readonly brief: readonly WishInput[] | null;
  /** The household’s own mark; no part of what is versioned. */
  readonly favourite: boolean;
}

/** How formulas of a list suit people: nothing found against anybody, no certain conflict, or somebody cannot. */
export const suitings = ['fits', 'possible', 'conflict'] as const;
export type Suiting = (typeof suitings)[number];

/** Those who eat tonight, in place of one person whom formulas of a list have to suit. */
export const TONIGHT = 'tonight';

/** A formula in the list. */
export interface FormulaSummary {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  readonly portions: number;
  readonly lineCount: number;
  readonly version: number;
  readonly updatedAt: string;
  readonly favourite: boolean;
}

/** A kept version of a formula, with what stood in it. */
export interface VersionView {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly keptAt: string;
  readonly content: FormulaContent;
}
