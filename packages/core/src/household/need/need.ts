import type { AllergenId } from '../../allergen/allergen.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Compound } from './compound.params.js';
import type { Rule } from './rule.params.js';

/** How strictly a need binds. For an allergy "often contains" and shared lines matter too. */
export const strictnesses = ['allergy', 'intolerance', 'diet', 'dislike'] as const;
export type Strictness = (typeof strictnesses)[number];

export const strictnessNames: Readonly<Record<Strictness, string>> = {
  allergy: 'allergy',
  intolerance: 'intolerance',
  diet: 'diet or belief',
  dislike: 'dislike',
};

/** As much of a thing as is asked of whatever else may hold it. */
export interface Avoided extends Pick<Ingredient, 'name'> {
  /** Absent once it is put away: what it holds nobody can say any more. */
  readonly contains?: Ingredient['contains'];
}

/** One thing a person must or would rather avoid. */
export type Need =
  | {
      readonly kind: 'allergen';
      readonly allergen: AllergenId;
      readonly strictness: Strictness;
      /** Traces matter: shared lines are a question too. */ readonly traces: boolean;
    }
  | {
      readonly kind: 'ingredient';
      readonly ingredient: string;
      readonly strictness: Strictness;
      /** What it is, where it is of this house and stands in no table of the larder. */ readonly what?: Avoided;
    }
  | { readonly kind: 'salt-limit'; /** g of salt a portion. */ readonly gramsPerPortion: number }
  | {
      readonly kind: 'compound';
      readonly compound: Compound;
      /** g a portion that are tolerated. */ readonly gramsPerPortion: number;
    }
  | { readonly kind: 'rule'; readonly rule: Rule };
