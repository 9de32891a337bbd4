import type { AllergenId, Composition, Measures, Role, Shelf, Ways } from '@alterum/core';

/** g per 100 g unless the name says otherwise; null is not known, never zero. */
export interface Per100View {
  readonly water: number | null;
  readonly fat: number | null;
  readonly saturatedFat: number | null;
  readonly protein: number | null;
  readonly carbohydrate: number | null;
  readonly sugars: number | null;
  readonly starch: number | null;
  readonly fibre: number | null;
  readonly salt: number | null;
  readonly alcohol: number | null;
  readonly organicAcids: number | null;
  readonly freeGlutamate: number | null;
  readonly energyKJ: number | null;
  readonly energyKcal: number | null;
  readonly calciumMg: number | null;
}

/** A larder ingredient as the API answers it. */
export interface IngredientView {
  readonly id: string;
  /** The same as the id: the word that stands for it in requests. */
  readonly slug: string;
  readonly name: string;
  readonly otherNames: readonly string[];
  readonly shelf: Shelf;
  readonly role: Role;
  readonly per100g: Per100View;
  /** Every component the model uses, g per 100 g. */
  readonly composition: Composition;
  /** g per 100 g that the tables leave unnamed; with the composition it sums to 100. */
  readonly unnamed: number;
  readonly measures: Measures;
  readonly contains: readonly AllergenId[];
  readonly askFor: readonly AllergenId[];
  /** The two above together. */
  readonly allergens: {
    readonly contains: readonly AllergenId[];
    readonly readTheLabelFor: readonly AllergenId[];
  };
  readonly preparation: Ways;
  readonly pricePerKg: number | null;
  readonly climateKgCO2ePerKg: readonly [low: number, high: number] | null;
  readonly source: string;
  /** Parts that were guessed from the nearest kind; empty for the larder's own rows. */
  readonly guessed: readonly string[];
  /** The kind an own ingredient was likened to. */
  readonly like: string | null;
}
