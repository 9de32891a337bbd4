import type { RailId } from '../property/properties.js';

/** A wish that one press says: a property moved from where it stands. */
export interface OnePressRow {
  readonly id: string;
  /** As a cook says it. */
  readonly words: string;
  readonly rail: RailId;
  /** Just noticeable differences from where it stands, between which it is to lie then; negative is less. */
  readonly by: readonly [nearer: number, further: number];
  /** The least it has to come to, in the property’s unit, where less would not be noticed at all. */
  readonly atLeast?: number;
  /** Only from this on is there anything to take away. */
  readonly from?: number;
}

/** @source assumed: as much as somebody means who says it at the stove, about one and a half noticeable differences */
export const onePressRows = [
  { id: 'thicker', words: 'Thicker', rail: 'thickness', by: [0.9, 2.2] },
  { id: 'thinner', words: 'Thinner', rail: 'thickness', by: [-0.9, -2.2], from: 8 },
  { id: 'stretchier', words: 'More stretch', rail: 'stretch', by: [0.8, 3], atLeast: 3 },
  { id: 'less-salty', words: 'Less salty', rail: 'salt', by: [-1, -2.2], from: 0.35 },
  { id: 'saltier', words: 'Saltier', rail: 'salt', by: [1, 2] },
  { id: 'more-savory', words: 'More savory', rail: 'savoriness', by: [0.8, 2.2], atLeast: 0.08 },
  { id: 'sharper', words: 'Sharper', rail: 'sourness', by: [1, 2.5], atLeast: 3 },
  { id: 'milder', words: 'Less sour', rail: 'sourness', by: [-1, -2.5], from: 4 },
  { id: 'leaner', words: 'Leaner', rail: 'fat', by: [-0.7, -2.2], from: 2 },
  { id: 'richer', words: 'Richer', rail: 'fat', by: [1, 2.5] },
  { id: 'cheaper', words: 'Cheaper', rail: 'cost', by: [-0.3, -20], from: 0.05 },
] as const satisfies readonly OnePressRow[];
