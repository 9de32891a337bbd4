import type { BalanceRequest } from '../balance/balance-request.js';
import type { Measuring } from '../balance/proposal.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { MadeIngredient } from '../../recipe/made-before.js';
import type { Schools } from './school.js';

/** What a cook may want to do without. */
export type DoneWithout = 'oil' | 'nuts';

/** What is to be replaced. */
export type SwapAsk =
  | { readonly kind: 'line'; readonly line: number }
  | { readonly kind: 'person'; readonly eater: string }
  | { readonly kind: 'everybody' }
  | { readonly kind: 'without'; readonly what: DoneWithout }
  /** What is not in the house, by what is. */
  | { readonly kind: 'in-house' };

/** A sauce of the household that can stand in for something bought. */
export interface HouseSauce {
  /** As an ingredient; g of it are of the sauce as it is made. */
  readonly ingredient: MadeIngredient;
}

export interface SwapRequest extends BalanceRequest {
  readonly ask: SwapAsk;
  readonly larder: readonly Ingredient[];
  readonly schools: Schools;
  readonly measuring: Measuring;
  readonly sauces?: readonly HouseSauce[];
}
