import type { BalanceRequest } from '../balance/balance-request.js';
import type { Measuring } from '../balance/balance.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import type { Schools } from './school.js';

/** What is to be replaced. */
export type SwapAsk =
  | { readonly kind: 'line'; readonly line: number }
  | { readonly kind: 'person'; readonly eater: string }
  | { readonly kind: 'everybody' };

/** A sauce of the household that can stand in for something bought. */
export interface HouseSauce {
  readonly name: string;
  readonly lines: readonly RecipeLine[];
}

export interface SwapRequest extends BalanceRequest {
  readonly ask: SwapAsk;
  readonly larder: readonly Ingredient[];
  readonly schools: Schools;
  readonly measuring: Measuring;
  readonly sauces?: readonly HouseSauce[];
  /** Ids of what is in the house; absent when nothing was said of it. */
  readonly inHouse?: ReadonlySet<string>;
}
