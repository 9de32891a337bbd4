import type { DishTonight, EveningBody, PotTonight } from './household.body.js';

/** What is kept of an evening: when it is eaten and what the kitchen has for it, and what is cooked. */
export interface EveningContent {
  readonly evening: Readonly<EveningBody>;
  readonly tonight: { readonly pots: readonly PotTonight[]; readonly dishes: readonly DishTonight[] };
}

/** An evening as it is kept. */
export interface KeptEveningView extends EveningContent {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly updatedAt: string;
}
