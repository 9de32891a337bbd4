import type { AllergenId, Composition, Measures, Role, Shelf } from '@alterum/core';

/** A larder ingredient as the API answers it; composition in g per 100 g. */
export interface IngredientView {
  readonly id: string;
  readonly name: string;
  readonly otherNames: readonly string[];
  readonly shelf: Shelf;
  readonly role: Role;
  readonly composition: Composition;
  /** g per 100 g that the tables leave unnamed; with the composition it sums to 100. */
  readonly unnamed: number;
  readonly measures: Measures;
  readonly contains: readonly AllergenId[];
  readonly askFor: readonly AllergenId[];
  readonly source: string;
}
