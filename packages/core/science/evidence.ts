import { type Anchor, anchorPrediction, insideReference, recipeOfAnchor } from './anchor.js';
import type { Band } from '../src/predict/uncertainty/band.js';
import { predict } from '../src/predict/predict.js';
import { isHeldBack } from './anchor-table.js';

export interface AnchorResult {
  readonly anchor: Anchor;
  readonly predicted: number;
  readonly inside: boolean;
  readonly heldBack: boolean;
  /** Folds between prediction and the middle of the reference, 1 or more; absent where a ratio means nothing. */
  readonly fold?: number;
  /** Folds from the low end of the 80 % band to its high end; absent without a band. */
  readonly width?: number;
  /** Whether the 80 % band holds the middle of the reference, and whether it meets its range at all; absent without a band, and for a range from nothing, which has no middle. */
  readonly bandHolds?: boolean;
  readonly bandMeets?: boolean;
}

/** Geometric middle of a reference range, or its plain middle where it begins at zero. */
const middleOf = ([low, high]: Anchor['reference']): number =>
  low > 0 ? Math.sqrt(low * high) : (low + high) / 2;

function bandOfAnchor(anchor: Anchor): Band | undefined {
  if (!anchor.recipe) return undefined;
  const p = predict(recipeOfAnchor(anchor.recipe));
  switch (anchor.quantity) {
    case 'viscosity':
      return p.viscosity;
    case 'yield-stress':
      return p.yieldStress;
    case 'pull':
      return p.stretch;
    case 'pH':
      return p.pH;
    case 'umami':
      return p.savoriness;
    default:
      return undefined;
  }
}

/** One anchor held against the model. */
export function resultOf(anchor: Anchor): AnchorResult {
  const predicted = anchorPrediction(anchor),
    band = bandOfAnchor(anchor),
    middle = middleOf(anchor.reference),
    [low, high] = anchor.reference;
  return {
    anchor,
    predicted,
    inside: insideReference(predicted, anchor.reference),
    heldBack: isHeldBack(anchor),
    ...(low > 0 && predicted > 0 ? { fold: Math.max(predicted / middle, middle / predicted) } : {}),
    ...(band && band.low > 0 ? { width: band.high / band.low } : {}),
    ...(band && low > 0
      ? {
          bandHolds: band.low <= middle && middle <= band.high,
          bandMeets: band.low <= high && low <= band.high,
        }
      : {}),
  };
}

const median = (values: readonly number[]): number | undefined => {
  const sorted = [...values].sort((a, b) => a - b),
    half = Math.floor(sorted.length / 2);
  if (sorted.length === 0) return undefined;
  return sorted.length % 2 === 1 ? sorted[half] : (sorted[half - 1]! + sorted[half]!) / 2;
};

/** How well the model does on some anchors. */
export interface Standing {
  readonly inside: number;
  readonly of: number;
  /** The same of those whose reference is certain. */
  readonly certainInside: number;
  readonly certainOf: number;
  /** Median folds between prediction and the middle of the reference. */
  readonly fold: number | undefined;
  /** How often the 80 % band holds the middle of the reference, and how wide it is (median folds). */
  readonly holds: number;
  readonly banded: number;
  readonly width: number | undefined;
}

export function standingOf(results: readonly AnchorResult[]): Standing {
  const certain = results.filter(({ anchor }) => anchor.confidence === 'high'),
    banded = results.filter(({ bandHolds }) => bandHolds !== undefined);
  const known = <T>(values: readonly (T | undefined)[]): readonly T[] =>
    values.filter((value): value is T => value !== undefined);
  return {
    inside: results.filter(({ inside }) => inside).length,
    of: results.length,
    certainInside: certain.filter(({ inside }) => inside).length,
    certainOf: certain.length,
    fold: median(known(results.map(({ fold }) => fold))),
    holds: banded.filter(({ bandHolds }) => bandHolds).length,
    banded: banded.length,
    width: median(known(banded.map(({ width }) => width))),
  };
}

export interface Total {
  readonly name: string;
  readonly value: number;
  readonly of: number;
}

/** Totals of a list of results: inside, and how often the band holds the middle of the reference. */
export function totalsOf(name: string, results: readonly AnchorResult[]): readonly Total[] {
  const banded = results.filter((result) => result.bandHolds !== undefined),
    thick = banded.filter((result) => result.anchor.quantity === 'viscosity');
  return [
    {
      name: `${name}: inside the reference range`,
      value: results.filter((r) => r.inside).length,
      of: results.length,
    },
    {
      name: `${name}: 80 % band holds the middle of the reference`,
      value: banded.filter((r) => r.bandHolds).length,
      of: banded.length,
    },
    {
      name: `${name}: the same for viscosity alone`,
      value: thick.filter((r) => r.bandHolds).length,
      of: thick.length,
    },
    {
      name: `${name}: 80 % band meets the reference range`,
      value: banded.filter((r) => r.bandMeets).length,
      of: banded.length,
    },
  ];
}
