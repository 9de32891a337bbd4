import { knownContent } from '../../household/need/compound-content.js';
import { COMPOUND_CV } from '../../household/need/compound.params.js';
import type { Eater } from '../../household/eater.js';
import { ruleLimits } from '../../household/need/rule.params.js';
import type { PackLabel } from '../../household/portion/pack-label.js';
import { portionOfRecipe } from '../../household/portion/portion-of-recipe.js';
import { whoCanEat } from '../../household/who-can-eat.js';
import type { Need } from '../../household/need/need.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Recipe } from '../../recipe/recipe.js';
import { K80 } from '../../numeric/normal.js';
import { compositionCv } from '../../predict/uncertainty/kitchen-offsets.params.js';
import { compiledIngredient } from '../../predict/assemble/compiled-ingredient.js';

/** A line that somebody must not have at all. */
export interface Forbidden {
  /** Place of the line in the recipe. */
  readonly line: number;
  readonly eater: string;
  readonly reason: string;
}

/** Something a person may have only so much of in a portion; what the lines bring adds up. */
export interface PortionLimit {
  readonly eater: string;
  readonly what: string;
  /** g in a portion for each g of the line. */
  readonly perGram: readonly number[];
  /** g a portion; `doubtful` is where the upper end of the band reaches it. */
  readonly most: number;
  readonly doubtful: number;
}

/** g a portion of what a person is limited in. */
export const portionOf = ({ perGram }: PortionLimit, masses: ArrayLike<number>): number =>
  perGram.reduce((all, per, i) => all + per * (masses[i] ?? 0), 0);

/** Whether there is more of it than the person may have, or may have it seems by the upper end of the band. */
export const mayBeTooMuch = (limit: PortionLimit, masses: ArrayLike<number>): boolean =>
  portionOf(limit, masses) > Math.min(limit.most, limit.doubtful);

export interface PeopleLimits {
  readonly forbidden: readonly Forbidden[];
  readonly portions: readonly PortionLimit[];
}

const nobody: PeopleLimits = { forbidden: [], portions: [] };

/** g of it in each g of a line. */
type PerGram = (ingredient: Ingredient) => number;
const saltIn: PerGram = (ingredient) => compiledIngredient(ingredient).salt;

/** What a need limits in a portion: what, g a portion, where the upper end of the band reaches that, and how much a line brings. */
function limitedBy(
  need: Need,
):
  | { readonly what: string; readonly most: number; readonly doubtful: number; readonly per: PerGram }
  | undefined {
  const upTo = (most: number, cv: number) => ({ most, doubtful: most * Math.exp(-K80 * cv) });
  if (need.kind === 'salt-limit')
    return { what: 'salt', ...upTo(need.gramsPerPortion, compositionCv.salt), per: saltIn };
  if (need.kind === 'rule' && need.rule === 'small-child')
    return { what: 'salt', most: Infinity, doubtful: ruleLimits.childSalt, per: saltIn };
  if (need.kind !== 'compound') return undefined;
  return {
    what: need.compound,
    ...upTo(need.gramsPerPortion, COMPOUND_CV),
    per: (ingredient) => (knownContent(need.compound, ingredient) ?? 0) / 100,
  };
}

/** What these people must not have of these lines; the same judgement as everywhere (`whoCanEat`), line by line. */
export function limitsOfPeople(
  recipe: Recipe,
  portions: number,
  eaters: readonly Eater[],
  labels: ReadonlyMap<string, PackLabel> = new Map(),
): PeopleLimits {
  if (eaters.length === 0) return nobody;
  const nothingPredicted = { salt: { low: 0, mid: 0, high: 0 }, massG: 0, pungent: 0 };
  const portion = portionOfRecipe({ recipe, prediction: nothingPredicted }, portions, labels);
  const forbidden = eaters.flatMap((eater) =>
    whoCanEat(eater, portion).findings.flatMap(({ verdict, line, reason }) =>
      verdict === 'does-not' && line !== undefined ? [{ line: Number(line), eater: eater.name, reason }] : [],
    ),
  );
  const limits = eaters.flatMap((eater) =>
    eater.needs.flatMap((need): PortionLimit[] => {
      const limit = limitedBy(need);
      if (!limit) return [];
      const { per, ...rest } = limit;
      return [
        {
          eater: eater.name,
          ...rest,
          perGram: recipe.lines.map(({ ingredient }) => per(ingredient) / portions),
        },
      ];
    }),
  );
  return { forbidden, portions: limits };
}
