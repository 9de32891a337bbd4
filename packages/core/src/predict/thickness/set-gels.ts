import { softplus, logistic } from '../../numeric/smooth-step.js';
import { bakedSet } from '../heat/bake.js';
import type { Mixture } from '../mixture/mixture.js';
import { suspension as s } from '../particle/suspension.params.js';
import { starchRows } from '../starch/starch.params.js';
import { dissolved, soluteWeights } from '../thickener/dissolved.js';
import { consistency as p } from './consistency.params.js';

const concentrating = soluteWeights((row) => (row.concentratesProtein ? 1 : 0)),
  binding = soluteWeights((row) => (row.bindsBaked ? 1 : 0));

/** Yield stress of each starch gel once fully set, Pa. */
export const starchGels = (mix: Mixture, c: readonly number[]): readonly number[] =>
  c.map((conc, i) => {
    const t = starchRows[i]!;
    if (conc === 0) return 0;
    return lasting(mix, i) * t.gelK * softplus(conc - t.gelC0, p.starchGelCorner) ** p.starchGelPower;
  });

/** Share of a starch's strength that acid and long boiling have left. */
export const lasting = (mix: Mixture, i: number): number =>
  mix.hydrolysis * (1 - starchRows[i]!.breakdown * mix.breakdown);

/** Yield stress of heat-set pulse protein while warm, Pa; gums that do not mix with it concentrate it. */
export function heatSetStress(mix: Mixture, free: number): number {
  if (!(mix.heatSetProtein > 0)) return 0;
  const heated =
    logistic((mix.maxTemperature - s.heatGelMidpoint) / s.heatGelWidth) *
    (1 - Math.exp(-mix.hold / s.heatGelTime));
  const swelling = dissolved(mix, concentrating) / free;
  const c =
    ((100 * mix.heatSetProtein) / free) *
    (1 + s.gumConcentrates * Math.min(100 * swelling, s.gumConcentratesMost));
  return s.heatGelK * softplus(c - s.heatGelC0, p.heatGelCorner) ** 2 * heated;
}

/** Yield stress that baking knits together, Pa. */
export function bakedStress(mix: Mixture, water: number): number {
  if (!(mix.process.bakeMin > 0) || !(mix.bakedProtein > 0)) return 0;
  const per100 = (g: number) => (100 * g) / Math.max(water, 1e-6);
  return bakedSet(mix.process, per100(mix.bakedProtein), per100(dissolved(mix, binding)));
}
