import type { DishVessel } from '@alterum/core';

/** A vessel of the household’s own. */
export type VesselView = DishVessel & {
  readonly id: string;
  readonly name: string;
  readonly version: number;
};
