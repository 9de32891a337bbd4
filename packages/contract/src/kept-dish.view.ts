import type { DishEater, NamedVessel, OvenStage } from '@alterum/core';
import type { OperationInput } from './operation.body.js';

/** What is written of a dish, without what the server adds. */
export interface DishContent {
  readonly name: string;
  readonly note: string;
  readonly portions: number;
  readonly eaters: readonly DishEater[];
  /** Null until one is chosen. */
  readonly vessel: NamedVessel | null;
  readonly parts: readonly {
    readonly id: string;
    readonly name?: string;
    readonly formula?: string;
    /** A version of it, by the name that it has at the Table. */
    readonly version?: string;
    readonly ingredient?: string;
    /** g; null is all that a formula makes, and not said yet of a thing. */
    readonly grams: number | null;
    readonly ready: readonly OperationInput[];
    /** Ids of those who alone eat of it; absent is everybody. */
    readonly onlyFor?: readonly string[];
  }[];
  /** From the bottom up. */
  readonly layers: readonly {
    readonly id: string;
    readonly component: string;
    readonly grams?: number;
    readonly mm?: number;
    readonly share?: number;
  }[];
  readonly oven: readonly OvenStage[];
  readonly restMin: number;
  readonly fromC: number;
  /** Versions of it, oldest first. */
  readonly kept: readonly {
    readonly id: string;
    readonly name: string;
    readonly keptAt: string;
    readonly content: Omit<DishContent, 'kept'>;
  }[];
}

/** A dish as the API answers it. */
export interface KeptDishView extends DishContent {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
}

/** A dish in the list. */
export interface DishSummary {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly parts: number;
  readonly layers: number;
}
