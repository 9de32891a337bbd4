import { logistic } from '../../numeric/smooth-step.js';
import { absorptionRatio } from '../colour/pigment.js';
import { course } from '../course/course.params.js';
import type { Mixture } from '../mixture/mixture.js';
import { comminution } from '../particle/comminution.params.js';
import { ready } from '../ready/ready.params.js';
import type { Weighed } from './weighed.js';

/** Absorption and scattering of the batch so far. */
export interface ColourState {
  scattering: number;
  readonly absorbed: [number, number, number];
}

/** CIELAB of a crust of fried onions. @source assumed */
const crust = absorptionRatio([42, 14, 32]);

/** @param diameter of its pieces, µm: large ones show less   @param share of it that is paint; the rest shows as flecks */
export function addColour(into: ColourState, { c, g, made }: Weighed, diameter: number, share: number): void {
  const { scattering, tint } = c.ingredient.behaviour;
  const large =
    diameter > 0 ? logistic(Math.log(diameter / comminution.pieceSize) / comminution.pieceColourWidth) : 0;
  const shows = share * (1 - (1 - comminution.pieceColour) * large) + (1 - share) * course.fleck;
  const weight = scattering * g * shows;
  into.scattering += weight;
  const brown = made.browned * ready.brownCovers;
  c.absorption.forEach((own, channel) => {
    // Absorptions of several decades are between each other in their logarithm.
    const ratio = brown > 0 ? own ** (1 - brown) * (crust[channel] ?? own) ** brown : own;
    into.absorbed[channel as 0 | 1 | 2] += weight * tint * ratio;
  });
}

export const noColour = (): ColourState => ({ scattering: 0, absorbed: [0, 0, 0] });

/** What a bowl throws back through clear liquid, per g of it; and its colour, CIELAB. @source assumed: a trace does not paint it */
const BOWL = 0.003,
  bowl = absorptionRatio([95, 0, 0]);

/** Mean absorption over scattering per colour channel (Kubelka–Munk). @param mass g of the pot */
export function absorptionOf({ scattering, absorbed }: ColourState, mass: number): Mixture['absorption'] {
  const white = BOWL * Math.max(mass, 0),
    all = Math.max(scattering + white, 1e-9);
  const of = (channel: 0 | 1 | 2): number => (absorbed[channel] + white * (bowl[channel] ?? 0)) / all;
  return [of(0), of(1), of(2)];
}
