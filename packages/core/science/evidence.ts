import { type Anchor, anchorPrediction, insideReference, recipeOfAnchor } from './anchor.js';
import type { Band } from '../src/predict/uncertainty/band.js';
import { predict } from '../src/predict/predict.js';
import { isHeldBack } from './anchor-table.js';

export interface AnchorResult {
  readonly anchor: Anchor;
  readonly predicted: number;
  readonly inside: boolean;
  readonly heldBack: boolean;
  /** Whether the 80 % band holds the middle of the reference, and whether it meets its range at all; absent without a band. */
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
    ...(band
      ? {
          bandHolds: band.low <= middle && middle <= band.high,
          bandMeets: band.low <= high && low <= band.high,
        }
      : {}),
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
