import type { UsedIngredients } from '../larder/used.js';
import type { Kitchen } from '../quantity/kitchen.js';

/** What a household means where its words leave it open. */
export interface Habits {
  /** Whose spoons, cups and pints; absent as long as nobody has said. */
  readonly kitchen?: Kitchen | undefined;
  /** What it has cooked with: of two things of a name the one that it uses is meant. */
  readonly used?: UsedIngredients | undefined;
}
