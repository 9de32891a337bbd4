import type { AllergenId } from '../../allergen/allergen.js';
import type { Rule } from './rule.params.js';

/** What a way of eating leaves out altogether, and what it asks about because it may be of either kind. */
export interface Diet {
  readonly never: readonly AllergenId[];
  readonly asks: readonly AllergenId[];
  /** Larder ids that are taken although they hold what is left out. */
  readonly fine?: readonly string[];
}

const ofLandAndSea = ['meat', 'gelatine', 'fish', 'crustacean', 'mollusc', 'insect'] as const;

/** @source what these ways of eating leave out, as households and their communities tell it (S-22); gelatine is of pigs, cattle or fish and packs rarely say which */
export const diets = {
  vegetarian: { never: ofLandAndSea, asks: ['animal-origin'] },
  vegan: { never: [...ofLandAndSea, 'milk', 'egg', 'honey'], asks: ['animal-origin'] },
  'no-meat': { never: ['meat'], asks: ['gelatine', 'animal-origin'] },
  'no-pork': { never: ['pork'], asks: ['gelatine', 'animal-origin'] },
  'no-alcohol': { never: ['alcohol'], asks: [] },
  'butter-is-fine': { never: ['milk'], asks: [], fine: ['butter', 'ghee'] },
} as const satisfies Partial<Record<Rule, Diet>>;
export type DietRule = keyof typeof diets;

export const isDiet = (rule: Rule): rule is DietRule => Object.hasOwn(diets, rule);

/** What else may be in things of the larder that matters to a way of eating alone, by larder id. @source usual recipes and makes of generic types, S-16, S-22 */
export const askedByDiets: Readonly<Partial<Record<AllergenId, readonly string[]>>> = {
  // Cheese is set with rennet of calves or of moulds.
  'animal-origin': [
    'hard-cheese-cow', 'goat-cheese', 'sheep-cheese', 'cream-cheese-cow',
    // Bakers’ fats and emulsifiers are of plants or of animals.
    'bread-wheat', 'bread-wholemeal', 'dumpling-bread', 'tortilla-wheat', 'pastry-puff', 'breadcrumbs-wheat', 'breadcrumbs-gluten-free', 'gnocchi',
  ],
  pork: ['tortilla-wheat', 'pastry-puff'],
  // Brewed, or kept with it.
  alcohol: ['soy-sauce', 'soy-sauce-reduced-salt', 'tamari', 'soya-sauce', 'rice-miso', 'barley-miso', 'chickpea-miso', 'miso', 'mustard-coarse', 'mustard', 'worcester-sauce-vegan'],
};
