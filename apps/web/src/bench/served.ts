import { type Formula, type PointPrediction, type Served } from '@alterum/core';
import { findIngredient } from '../app/house-larder';

/** A formula as the people at the table meet it: its lines, and the salt in one portion. */
export function servedOf(
  { lines, portions }: Pick<Formula, 'lines' | 'portions'>,
  { salt, massG }: Pick<PointPrediction, 'salt' | 'massG'>,
): Served {
  const perPortion = massG / 100 / portions;
  return {
    lines: lines.map((line) => ({
      id: line.id,
      ingredient: findIngredient(line.ingredient),
      named: line.ingredient,
    })),
    saltPerPortion: { mid: salt.mid * perPortion, high: salt.high * perPortion },
  };
}
