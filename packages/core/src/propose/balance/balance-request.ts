import type { Family } from '../../brief/family.js';
import type { Brief } from '../../brief/wish.js';
import type { Hold } from '../../formula/formula.js';
import type { Eater } from '../../household/eater.js';
import type { PackLabel } from '../../household/portion/pack-label.js';
import type { Recipe } from '../../recipe/recipe.js';
import { balanceDefaults } from './balance.params.js';

/** What is to be balanced, for whom, and what may move. */
export interface BalanceRequest {
  readonly recipe: Recipe;
  readonly family: Family;
  /** As the cook calls it: what it names, the dish is known by. */
  readonly name?: string;
  readonly portions: number;
  readonly brief: Brief;
  /** By line of the recipe; absent or undefined is free. */
  readonly holds?: readonly (Hold | undefined)[];
  /** Nobody by default: then only the brief counts. */
  readonly eaters?: readonly Eater[];
  readonly labels?: ReadonlyMap<string, PackLabel>;
  /** g in the house by ingredient, where the balance may use no more than there is; what is not listed is not limited. */
  readonly stock?: ReadonlyMap<string, number>;
  /** What is weighed in stays the same in sum; true by default. */
  readonly holdMass?: boolean;
  /** Ids of what is in the house; absent when nothing was said of it. */
  readonly inHouse?: ReadonlySet<string>;
  /** g of everything weighed in, where that is not the sum of the lines as they stand. */
  readonly batchG?: number;
  /** g of water by which new lines bring more (or less) than what they stand for: the dish’s liquid makes up for it. */
  readonly waterArriving?: number;
  /** Places of lines that are new in the pot, whose amount nothing ties yet. */
  readonly arrivals?: ReadonlySet<number>;
  /** Places of lines that somebody cannot have and that stay as they are all the same: their swap is told beside. */
  readonly asTheyStand?: ReadonlySet<number>;
  /** Whether the dish has to stay what it is, which it has by default; lifted only to find out what stands in the way. */
  readonly sameDish?: 'kept' | 'lifted';
}

export interface BalanceOptions {
  readonly seed: number;
  /** Points from which it searches; the first is the present formula. */
  readonly starts: number;
  /** Most steps from each. */
  readonly iterations: number;
  /** Times the width of the bands is worked out anew. */
  readonly passes: number;
  /** Look for the demands that exclude each other when not all can be met. */
  readonly explain: boolean;
  /** Asked between steps; true ends the search with the best found so far. */
  readonly stop: () => boolean;
}

export const completeBalanceOptions = (given: Partial<BalanceOptions> = {}): BalanceOptions => ({
  ...balanceDefaults,
  explain: true,
  stop: () => false,
  ...given,
});
