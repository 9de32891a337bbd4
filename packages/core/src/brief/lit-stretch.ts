import type { RailId } from './rail.js';

/** A lit stretch of a rail: where the value should lie, in the property's unit. */
export interface Stretch {
  readonly low: number;
  readonly high: number;
}

export type Brief = Readonly<Partial<Record<RailId, Stretch>>>;
