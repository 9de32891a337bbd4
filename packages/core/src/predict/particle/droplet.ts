import type { Mixture } from '../mixture/mixture.js';
import { droplets as p } from './droplet.params.js';

/** Diameter of the fat droplets, µm: small where the fat came enclosed, larger where oil was stirred or blended in. */
export function dropletDiameter(mix: Mixture): number {
  const { blenderPower, blendSeconds } = mix.process;
  const left = 1 / (1 + (blenderPower * blendSeconds) / p.blendEnergy);
  const loose = p.blendedDroplet * (p.whiskedDroplet / p.blendedDroplet) ** left;
  const enclosed = Math.min(mix.emulsifiedFat * 3, 1);
  return loose ** (1 - enclosed) * p.nativeDroplet ** enclosed;
}

/** How stiff packed droplets are against the finest: the larger they are, the softer. */
export const dropletStiffness = (mix: Mixture): number =>
  mix.fat > 0 ? (p.nativeDroplet / dropletDiameter(mix)) ** p.stiffness : 1;

/** How well the fat is covered by what keeps water outside, 0 (bare) .. 1. */
export function dropletCover(mix: Mixture): number {
  if (!(mix.fat > 0)) return 1;
  const cover =
    (mix.emulsifyingProtein + p.surfactantOutside * mix.surfactant + p.gumOutside * mix.gums) / mix.fat;
  return cover / (cover + p.coverHalf);
}
