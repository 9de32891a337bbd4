import type { AllergenId, NutritionLabel, Role } from '@alterum/core';

/** An own ingredient as it was written down. */
export interface OwnIngredientView {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly like: string | null;
  readonly role: Role | null;
  readonly label: NutritionLabel;
  readonly contains: readonly AllergenId[];
  readonly askFor: readonly AllergenId[];
  readonly density: number | null;
  readonly pricePerKg: number | null;
}
