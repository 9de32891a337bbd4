import { isLikenedByNumbers } from '../../ingredient/ingredient.js';
import { courseOf } from '../../predict/course/course.js';
import type { Recipe } from '../../recipe/recipe.js';
import type { PointPrediction } from '../../predict/prediction.js';
import { bitingStrength } from '../../predict/taste/pungency.js';
import type { PackLabel } from './pack-label.js';
import type { Portion, PortionLine } from './portion.js';

/** What a prediction says of a batch, as far as people are concerned. */
export type PredictedForPeople = Pick<PointPrediction, 'salt' | 'massG' | 'pungent'>;

/** A predicted recipe as the people at the table meet it. The id of a line is its place, or what `ids` says. */
export function portionOfRecipe(
  { recipe, prediction }: { readonly recipe: Recipe; readonly prediction: PredictedForPeople },
  portions: number,
  labels: ReadonlyMap<string, PackLabel> = new Map(),
  ids: readonly string[] = [],
): Portion {
  const { blades, entries } = courseOf(recipe);
  const lines = recipe.lines.map(({ ingredient, mass, blended }, i): PortionLine => {
    const { at, inPieces } = entries[i]!;
    const untouched = inPieces || !blades.some((blade) => blade.at > at);
    const label = labels.get(ingredient.id);
    return {
      id: ids[i] ?? String(i),
      ingredient,
      named: ingredient.name,
      gramsPerPortion: mass / portions,
      whole: blended === undefined ? untouched : !blended,
      ...(label ? { label } : {}),
    };
  });
  const massG = prediction.massG / portions;
  // A neighbour in the larder found by its numbers says nothing of how it bites.
  const biteUnknown = recipe.lines.some(({ ingredient, mass }) => mass > 0 && isLikenedByNumbers(ingredient));
  const bite = bitingStrength(prediction.pungent);
  return {
    lines,
    massG,
    salt: { mid: (prediction.salt.mid * massG) / 100, high: (prediction.salt.high * massG) / 100 },
    pungency: { bite, burn: bite * massG, ...(biteUnknown ? { partly: true } : {}) },
  };
}
