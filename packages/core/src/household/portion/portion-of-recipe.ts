import { isLikenedByNumbers } from '../../ingredient/ingredient.js';
import { courseOf } from '../../predict/course/course.js';
import { type LeftOut, madeBefore, weighedOut } from '../../recipe/made-before.js';
import type { Recipe, RecipeLine } from '../../recipe/recipe.js';
import type { PointPrediction } from '../../predict/prediction.js';
import { bitingStrength } from '../../predict/taste/pungency.js';
import { mealOf } from './meal.js';
import type { PackLabel } from './pack-label.js';
import { portionOfLines } from './portion-of-lines.js';
import type { Portion, PortionLine } from './portion.js';

/** What a prediction says of a batch, as far as people are concerned. */
export type PredictedForPeople = Pick<PointPrediction, 'salt' | 'massG' | 'pungent'>;

/** What a recipe's lines are to whoever eats; a sauce of one's own shows what is in it. @param by portions that a g of it is for */
function linesOf(
  recipe: Recipe,
  by: number,
  labels: ReadonlyMap<string, PackLabel>,
  ids: readonly string[],
  allUntouched: boolean,
): readonly PortionLine[] {
  const { blades, entries } = courseOf(recipe);
  return recipe.lines.map(({ ingredient, mass, blended }, i): PortionLine => {
    const { at, inPieces } = entries[i]!;
    const untouched = inPieces || !blades.some((blade) => blade.at > at);
    const whole = allUntouched && (blended === undefined ? untouched : !blended);
    const said = { id: ids[i] ?? String(i), named: ingredient.name, gramsPerPortion: mass * by };
    const made = madeBefore(ingredient);
    if (made)
      return {
        ...said,
        ingredient: undefined,
        inside: [
          ...linesOf(made.recipe, (by * mass) / made.massG, labels, [], whole),
          ...made.leftOut.map((out) => asked(out, labels)),
        ],
      };
    const label = labels.get(ingredient.id);
    return { ...said, ingredient, whole, ...(label ? { label } : {}) };
  });
}

/** A line of which nothing but its name may be known. */
function asked({ id, ingredient, named }: LeftOut, labels: ReadonlyMap<string, PackLabel>): PortionLine {
  const label = ingredient && labels.get(ingredient.id);
  return { id, ingredient, named, ...(label ? { label } : {}) };
}

/** Lines that were left out of the figures of what was made before, however deep inside. */
const leftOutOf = (lines: readonly RecipeLine[]): readonly LeftOut[] =>
  lines.flatMap(({ ingredient, mass }) => {
    const made = madeBefore(ingredient);
    return made && mass > 0 ? [...made.leftOut, ...leftOutOf(made.recipe.lines)] : [];
  });

/** A predicted recipe as the people at the table meet it. The id of a line is its place, or what `ids` says. */
export function portionOfRecipe(
  { recipe, prediction }: { readonly recipe: Recipe; readonly prediction: PredictedForPeople },
  portions: number,
  labels: ReadonlyMap<string, PackLabel> = new Map(),
  ids: readonly string[] = [],
): Portion {
  const massG = prediction.massG / portions;
  // A neighbour in the larder found by its numbers says nothing of how it bites.
  const biteUnknown = weighedOut(recipe.lines).some(
    ({ ingredient, mass }) => mass > 0 && isLikenedByNumbers(ingredient),
  );
  const bite = bitingStrength(prediction.pungent);
  const whole: Portion = {
    lines: linesOf(recipe, 1 / portions, labels, ids, true),
    massG,
    salt: { mid: (prediction.salt.mid * massG) / 100, high: (prediction.salt.high * massG) / 100 },
    pungency: { bite, burn: bite * massG, ...(biteUnknown ? { partly: true } : {}) },
  };
  const leftOut = leftOutOf(recipe.lines);
  if (leftOut.length === 0) return whole;
  // What they would bring is not known, so neither is the whole; they stand among the lines already.
  const unknown = portionOfLines(leftOut.map((out) => asked(out, labels)));
  return { ...mealOf([whole, unknown], 'mixed'), lines: whole.lines };
}
