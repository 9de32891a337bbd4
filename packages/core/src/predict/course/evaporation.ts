import type { ChoiceOf } from '../../recipe/method/operation-field.js';
import { areaOfPan } from '../ready/dry-heat.js';
import { evaporation as p } from './evaporation.params.js';

const boiling: Readonly<Record<ChoiceOf<'vigour'>, number>> = {
  bare: p.bare,
  simmer: p.simmer,
  brisk: p.brisk,
  rolling: p.rolling,
};

const lidShare = (lid: ChoiceOf<'lid'>, vigour: ChoiceOf<'vigour'>): number => {
  if (lid === 'on') return vigour === 'rolling' ? p.lidRolling : p.lidOn;
  return lid === 'ajar' ? p.lidAjar : lid === 'guard' ? p.lidGuard : 1;
};

const kiloWatts: Readonly<Record<ChoiceOf<'plate'>, number>> = {
  small: p.smallKw,
  medium: p.hobKw,
  large: p.largeKw,
};

export interface Boil {
  readonly panCm: number;
  readonly vigour: ChoiceOf<'vigour'>;
  readonly lid: ChoiceOf<'lid'>;
  readonly plate?: ChoiceOf<'plate'>;
  /** g of water that this pan loses at the cook’s own simmer in ten minutes, open; it stands for all that is not known of it. */
  readonly testLossG?: number | undefined;
}

/** min of the test with water. */
const TEST_MINUTES = 10;

/**
 * Water that leaves a boiling pan, g/min: its area and how hard it boils, never more than the plate can turn to vapour.
 * @source kitchen physics 3
 */
export function evaporationRate({ panCm, vigour, lid, plate = 'medium', testLossG }: Boil): number {
  const area = areaOfPan(panCm);
  const perArea = testLossG === undefined ? p.simmer : testLossG / TEST_MINUTES / area;
  const open = perArea * (boiling[vigour] / p.simmer) * area * lidShare(lid, vigour);
  const most =
    (60 * Math.max(p.hobShare * kiloWatts[plate] - p.lossBase - p.lossPerArea * area, 1e-3)) / p.latentHeat;
  return (open ** -p.smoothing + most ** -p.smoothing) ** (-1 / p.smoothing);
}

/** What makes a boiling pot thick, g. */
export interface Thickening {
  readonly water: number;
  readonly starch: number;
  readonly gums: number;
  /** Protein and fibre. */
  readonly solids: number;
}

/**
 * Share of the loss of water that so thick a pot has: skin, sputter and weak mixing hold it back. By what is in it, since the
 * flow of a pot is only known once its water is.
 * @source kitchen physics 3
 */
export function thickShare({ water, starch, gums, solids }: Thickening): number {
  const per100 = 100 / Math.max(water, 1e-9);
  const thick = per100 * (starch / p.thickStarch + gums / p.thickGum + solids / p.thickSolids);
  const share = Math.min(1, Math.max(0, (thick - p.thickFrom) / (1 - p.thickFrom)));
  // Smooth at both ends, so that no thickness is a corner.
  return p.thickFactor ** (share * share * (3 - 2 * share));
}
