import type { Mixture } from '../mixture/mixture.js';
import { graininess } from './comminute.js';

/** Graininess of a pot, 0..10. */
export const graininessOf = ({ grains, mass }: Mixture): number =>
  graininess((100 * grains) / Math.max(mass, 1e-9));
