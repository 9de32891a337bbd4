/** How long a search may go on, and who may end it. */
export interface SearchLimits {
  /** How many times as much as usual it may cost; 1 when left out. */
  readonly times?: number;
  /** Asked between two tries: true ends it with the best that it has. */
  readonly stop?: () => boolean;
}

/** A search that tells how much of what it may cost is spent, 0 to 1. */
export type PlanSearch<T> = Generator<number, T>;
