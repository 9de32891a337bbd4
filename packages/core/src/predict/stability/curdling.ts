import type { Mixture } from '../mixture/mixture.js';
import { logistic } from '../../numeric/smooth-step.js';
import { curdling as p } from './curdling.params.js';

/** Probability that the pot splits or curdles, 0..1. @source engine notes E-9 */
export function curdlingProbability(mix: Mixture): number {
  const water = Math.max(mix.water, 1e-9),
    per100 = (g: number) => (100 * g) / water;
  const protein = per100(mix.coagulatingProtein);
  if (protein <= p.leastProtein) return 0;
  const near = Math.exp(-0.5 * ((mix.pH - mix.isoelectricPh) / p.nearWidth) ** 2);
  const low = logistic((p.lowPh - mix.pH) / p.lowWidth);
  const hot = logistic((mix.maxTemperature - p.hotMidpoint) / p.hotWidth);
  const fast = logistic((mix.process.heatingRateCPerMin - p.fastMidpoint) / p.fastWidth);
  const starch = per100(mix.dispersedStarch.reduce((all, g) => all + g, 0));
  return logistic(
    p.base +
      p.acid * Math.max(near, low * p.lowColdWeight) +
      p.hotAcid * hot * Math.max(near, p.lowHotWeight * low) +
      p.fastHeat * hot * fast +
      p.calcium * per100(mix.calciumMg) * hot +
      p.protein * Math.log(protein + p.proteinFloor) +
      p.starch * Math.min(starch, p.starchMost) +
      p.heat * hot,
  );
}
