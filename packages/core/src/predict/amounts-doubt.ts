import { grams } from '../quantity/quantity.js';
import type { Recipe } from '../recipe/recipe.js';
import { type PotAt, potAt } from './pot-at.js';
import { type BandedFigure, bandedFigures, type FigureSd, predictPot } from './predict-pot.js';
import type { PointPrediction } from './prediction.js';
import { PULL_FLOOR, type Spread, YIELD_FLOOR } from './spread.js';
import type { KitchenOffsets } from './uncertainty/kitchen-offsets.params.js';

/** Bands are not asked for: only the middles are compared. */
const noSpread: Spread = { viscosity: 0, yieldStress: 0, stretch: 0 };

/**
 * Added before logarithms are compared, so that nothing counts as a ratio to zero: g or kcal in 100 g, points of taste, Pa, cm.
 * @source assumed: about a third of what a cook notices
 */
const floors: Readonly<Record<BandedFigure, number>> = {
  fat: 0.1,
  salt: 0.02,
  protein: 0.1,
  sweetness: 0.1,
  savoriness: 0.1,
  sourness: 0.1,
  pH: 0,
  energyKcal: 1,
  viscosity: 0,
  yieldStress: YIELD_FLOOR,
  stretch: PULL_FLOOR,
};

function moved(figure: BandedFigure, from: PointPrediction, to: PointPrediction): number {
  const a = from[figure].mid,
    b = to[figure].mid;
  if (figure === 'pH') return b - a;
  return Math.log((b + floors[figure]) / (a + floors[figure]));
}

/**
 * How unsure the figures of a pot are because amounts were said loosely or counted in pieces: each such line is taken one standard
 * deviation larger, alone, and what that moves is added up in squares.
 * @returns undefined where every line was weighed
 * @source engine notes E-13 (first-order error propagation), as for what differs between kitchens
 */
export function sdOfAmounts(recipe: Recipe, pot: PotAt, offsets: KitchenOffsets): FigureSd | undefined {
  const loose = recipe.lines.flatMap(({ massSd = 0 }, i) => (massSd > 0 ? [{ place: i, massSd }] : []));
  if (loose.length === 0) return undefined;
  const now = predictPot(pot, offsets, noSpread);
  const squares = Object.fromEntries(bandedFigures.map((figure) => [figure, 0])) as Record<
    BandedFigure,
    number
  >;
  for (const { place, massSd } of loose) {
    const lines = recipe.lines.map((line, i) =>
      i === place ? { ...line, mass: grams(line.mass + massSd) } : line,
    );
    const there = predictPot(potAt({ ...recipe, lines }, pot.at, offsets), offsets, noSpread);
    for (const figure of bandedFigures) squares[figure] += moved(figure, now, there) ** 2;
  }
  return Object.fromEntries(
    bandedFigures.map((figure) => [figure, Math.sqrt(squares[figure])]),
  ) as unknown as FigureSd;
}
