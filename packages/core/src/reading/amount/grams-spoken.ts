import type { Ingredient } from '../../ingredient/ingredient.js';
import { COUNTED } from '../../quantity/amount.js';
import { type Kitchen, kitchenOf, unitIn, usualKitchen } from '../../quantity/kitchen.js';
import { gramsPerUnit } from '../../quantity/measures.js';
import type { UnitId } from '../../quantity/unit.js';
import { wordsOf } from '../../larder/search-words.js';
import type { PieceSize, SaidQuantity, SpokenAmount } from './spoken-amount.js';
import type { SpokenUnitRow } from './spoken-unit.params.js';

/** g from the least to the most that may be meant, and the unit of formulas that says it, where there is one. */
export interface SpokenGrams {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
  readonly unit: UnitId | undefined;
  /** What of the amount was weighed: the one that was said first, or what was told beside it. */
  readonly said: SaidQuantity;
}

/** How far one piece lies from another, as a factor; more where its size is not said. */
const PIECE_SPREAD = 1.2,
  SAID_SPREAD = 1.12;

/** g of one of a unit that nobody has exact: by the thing, by a word of its name, by its shelf. */
function vagueG(unit: SpokenUnitRow, { id, shelf, name, otherNames }: Ingredient): number | undefined {
  const { of = {} } = unit;
  if (of[id] !== undefined) return of[id];
  const words = new Set([name, ...otherNames].flatMap(wordsOf));
  const named = Object.entries(of).find(([key]) => wordsOf(key).every((word) => words.has(word)));
  return named?.[1] ?? of[shelf] ?? unit.g;
}

/** g of one, and the unit that says so. */
function perOne(
  unit: SpokenUnitRow | undefined,
  size: PieceSize | undefined,
  ingredient: Ingredient,
  kitchen: Kitchen | undefined,
): { readonly g: number; readonly unit: UnitId | undefined; readonly spread: number } | undefined {
  const { measures } = ingredient;
  if (!unit) {
    const asked = size && measures.pieces?.[size] !== undefined ? size : undefined;
    const piece = asked ?? COUNTED.find((id) => measures.pieces?.[id] !== undefined);
    const g = piece && measures.pieces?.[piece];
    return piece && g !== undefined
      ? { g, unit: piece, spread: asked ? SAID_SPREAD : PIECE_SPREAD }
      : undefined;
  }
  if (unit.unit) {
    const meant = unitIn(kitchen ?? usualKitchen, unit.unit),
      g = gramsPerUnit(measures, meant);
    if (g !== undefined) return { g, unit: meant, spread: 1 };
  }
  // A volume of what has no density is reckoned as water, doubtfully.
  const ml = kitchen && unit.kitchen ? kitchenOf(kitchen)[unit.kitchen] : unit.ml;
  if (ml !== undefined) {
    const own = vagueG({ ...unit, g: ml * (measures.density ?? 1) }, ingredient);
    return own === undefined
      ? undefined
      : { g: own, unit: undefined, spread: measures.density === undefined ? 1.3 : 1 };
  }
  const g = vagueG(unit, ingredient);
  return g === undefined ? undefined : { g, unit: undefined, spread: 1 };
}

const weighed = (
  said: SaidQuantity,
  size: PieceSize | undefined,
  ingredient: Ingredient,
  kitchen: Kitchen | undefined,
): SpokenGrams | undefined => {
  const { low, mid, high, unit, by, spread: own } = said;
  const one = perOne(unit, size, ingredient, kitchen);
  if (!one) return undefined;
  // Whose pint is meant was said.
  const spread = one.spread * (kitchen && unit?.kitchen ? 1 : own),
    g = one.g * by;
  // A heaped spoon is no spoon of formulas: it is kept by its weight.
  return {
    low: (low * g) / spread,
    mid: mid * g,
    high: high * g * spread,
    unit: by === 1 ? one.unit : undefined,
    said,
  };
};

const isMass = (unit: UnitId | undefined): boolean =>
  unit === 'g' || unit === 'kg' || unit === 'oz' || unit === 'lb' || unit === 'mg';

/**
 * What a spoken amount of a thing weighs; a weight that is told beside a volume wins, and a size beside a pack. Undefined where nobody knows.
 * @param kitchen whose spoons, cups and pints; where nobody has said, a pint is one of either
 */
export function gramsSpoken(
  amount: SpokenAmount,
  ingredient: Ingredient,
  kitchen?: Kitchen,
): SpokenGrams | undefined {
  const first = weighed(amount, amount.size, ingredient, kitchen),
    again = amount.also && weighed(amount.also, undefined, ingredient, kitchen);
  const isPack = amount.unit?.piece === true && amount.also?.unit?.piece !== true;
  if (again && (!first || isPack || (isMass(again.unit) && !isMass(first.unit)))) return again;
  return first ?? again;
}
