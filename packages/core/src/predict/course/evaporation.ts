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

export interface Boil {
  readonly panCm: number;
  readonly vigour: ChoiceOf<'vigour'>;
  readonly lid: ChoiceOf<'lid'>;
}

/**
 * Water that leaves a boiling pan, g/min: its area and how hard it boils, never more than the plate can turn to vapour.
 * @source kitchen physics 3
 */
export function evaporationRate({ panCm, vigour, lid }: Boil): number {
  const area = areaOfPan(panCm);
  const open = boiling[vigour] * area * lidShare(lid, vigour);
  const most = (60 * Math.max(p.hobShare * p.hobKw - p.lossBase - p.lossPerArea * area, 1e-3)) / p.latentHeat;
  return (open ** -p.smoothing + most ** -p.smoothing) ** (-1 / p.smoothing);
}
