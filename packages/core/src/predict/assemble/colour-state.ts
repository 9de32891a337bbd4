import type { Mixture } from '../mixture/mixture.js';
import { comminution } from '../particle/comminution.params.js';
import type { Weighed } from './weighed.js';

/** Absorption and scattering of the batch so far. */
export interface ColourState {
  scattering: number;
  readonly absorbed: [number, number, number];
}

/** @param diameter of its pieces, µm: large ones show less */
export function addColour(into: ColourState, { c, g }: Weighed, diameter: number): void {
  const { scattering, tint } = c.ingredient.behaviour;
  const weight = scattering * g * (diameter > comminution.pieceSize ? comminution.pieceColour : 1);
  into.scattering += weight;
  c.absorption.forEach((ratio, channel) => (into.absorbed[channel as 0 | 1 | 2] += weight * tint * ratio));
}

export const noColour = (): ColourState => ({ scattering: 0, absorbed: [0, 0, 0] });

/** Mean absorption over scattering per colour channel (Kubelka–Munk). */
export function absorptionOf({ scattering, absorbed }: ColourState): Mixture['absorption'] {
  const all = Math.max(scattering, 1e-9);
  return [absorbed[0] / all, absorbed[1] / all, absorbed[2] / all];
}
