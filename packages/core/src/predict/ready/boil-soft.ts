import type { Boiling } from '../../ingredient/handling.js';
import { ready as p } from './ready.params.js';

/** What boiling did to a thing; per g as weighed dry. */
export interface Boiled {
  /** g of water taken up beyond what the soak brought. */
  readonly water: number;
  /** 0..1: how far it is soft. */
  readonly softened: number;
  /** g of its dry mass that the boiling water took. */
  readonly letOut: number;
}

/** Time to be soft, min; a soak shortens it in the measure of how far it came. */
export const minutesToSoft = ({ doneMinutes: [after, without] }: Boiling, soakedShare: number): number =>
  without * (after / without) ** soakedShare;

/**
 * @param minutes at the boil; until it is soft where nothing is said   @param before g of water per g drunk in a soak
 * @param soakedShare how far that soak came, 0..1   @source kitchen physics 2
 */
export function boiledSoftened(
  row: Boiling,
  minutes: number | undefined,
  before: number,
  soakedShare: number,
  dryShare: number,
): Boiled {
  const done = minutesToSoft(row, soakedShare),
    time = minutes ?? done;
  const [fast, slow] = row.rates;
  const rate = slow * (fast / slow) ** soakedShare;
  const reached = 1 - Math.exp(-rate * time);
  return {
    water: Math.max(row.most - 1 - before, 0) * reached,
    softened: 1 - Math.exp((-p.doneSharpness * time) / done),
    letOut: (row.letOut / 100) * dryShare * (1 - Math.exp(-time / row.letOutMinutes)),
  };
}
