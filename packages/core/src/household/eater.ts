import type { Need } from './need/need.js';

/** Somebody at the table. */
export interface Eater {
  readonly id: string;
  readonly name: string;
  /** Tonight at the table. */
  readonly eatsTonight: boolean;
  /** For one evening; absent is one of the household. */
  readonly guest?: boolean;
  readonly needs: readonly Need[];
}
