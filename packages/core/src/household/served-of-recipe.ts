import type { Recipe } from '../predict/mixture/recipe.js';
import type { PointPrediction } from '../predict/prediction.js';
import type { PackLabel, Served, ServedLine } from './who-can-eat.js';

/** A predicted recipe as the people at the table meet it. The id of a line is its place, or what `ids` says. */
export function servedOfRecipe(
  {
    recipe,
    prediction,
  }: { readonly recipe: Recipe; readonly prediction: Pick<PointPrediction, 'salt' | 'massG' | 'pungent'> },
  portions: number,
  labels: ReadonlyMap<string, PackLabel> = new Map(),
  ids: readonly string[] = [],
): Served {
  const { blenderPower, blendSeconds } = recipe.process;
  const unblended = blenderPower * blendSeconds === 0;
  const lines = recipe.lines.map(({ ingredient, mass, blended }, i): ServedLine => {
    const label = labels.get(ingredient.id);
    return {
      id: ids[i] ?? String(i),
      ingredient,
      named: ingredient.name,
      gramsPerPortion: mass / portions,
      whole: blended === undefined ? unblended : !blended,
      ...(label ? { label } : {}),
    };
  });
  const perPortion = prediction.massG / 100 / portions;
  return {
    lines,
    saltPerPortion: { mid: prediction.salt.mid * perPortion, high: prediction.salt.high * perPortion },
    pungent: prediction.pungent,
  };
}
