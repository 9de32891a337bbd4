import type { Kitchen } from '@alterum/core';
import { type DishTonight, EveningBody, type Law, type PotTonight, VersionsBody } from './household.body.js';

/** What the household has chosen for its table. */
export interface HouseholdView {
  readonly law: Law;
  /** False as long as nobody has chosen a list. */
  readonly lawChosen: boolean;
  /** Whose spoons and cups; null as long as nobody has said. */
  readonly kitchen: Kitchen | null;
  /** When it is eaten and what the kitchen has; null as long as nobody has said. */
  readonly evening: EveningBody | null;
  readonly pots: readonly PotTonight[];
  readonly dishes: readonly DishTonight[];
  readonly versions: VersionsBody | null;
}

/** What the household cooks with. */
export interface UsedIngredientView {
  readonly ingredient: string;
  /** Formulas that hold it, those that are put away left out. */
  readonly formulas: number;
}
