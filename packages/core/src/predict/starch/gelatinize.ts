import { logistic } from '../../numeric/smooth-step.js';
import { gelatinization as g } from './gelatinization.params.js';
import { starchIds } from '../../ingredient/substance.js';
import { starches } from './starch.params.js';

/** Heat a pot has seen. */
export interface HeatHistory {
  /** °C in the core of the pot. */
  readonly maxTemperature: number;
  /** min at that temperature. */
  readonly hold: number;
}

/** What the starch swells in. */
export interface CookingWater {
  /** g, mean of before and after boiling off. */
  readonly water: number;
  readonly sugars: number;
  readonly salt: number;
  /** Dry starch of all kinds, g. */
  readonly starch: number;
}

/**
 * Gelatinized share of each starch, 0..1, in the order of `starchIds`.
 * Sugar and salt delay, scarce water limits, and time near the peak is needed.
 * @source S-02, engine notes E-3
 */
export function gelatinizedShares(heat: HeatHistory, pot: CookingWater): Float64Array {
  const waterLimit = pot.water / (pot.water + g.waterDemand * pot.starch + 1e-9);
  const delay =
    (g.sugarDelay * pot.sugars) / (pot.sugars + pot.water) +
    (g.saltDelay * pot.salt) / (pot.salt + pot.water);
  const shares = new Float64Array(starchIds.length);
  starchIds.forEach((id, i) => {
    const starch = starches[id];
    const x = (heat.maxTemperature - starch.Tp - delay) / starch.wT;
    const time = g.fastTime + g.slowTime * Math.exp(-Math.max(x, -4) / g.timeWidth);
    shares[i] = logistic(x) * (1 - Math.exp(-(heat.hold + g.fastTime) / time)) * waterLimit;
  });
  return shares;
}

/** Factor on starch viscosity left by acid while the pot was hot, 0..1. */
export function hydrolysisFactor(heat: HeatHistory, pH: number): number {
  const minutesAt95 =
    heat.hold * Math.exp(-Math.min(60, (95 - Math.min(heat.maxTemperature, 100)) * g.hydrolysisPerDegree));
  return Math.exp(-g.hydrolysisRate * minutesAt95 * 10 ** (-g.hydrolysisPerPh * (pH - 3.5)));
}

/** Progress of granule breakdown on long boiling, 0..1. */
export function breakdownProgress(heat: HeatHistory): number {
  return (
    (1 - Math.exp(-heat.hold / g.breakdownTime)) *
    logistic((heat.maxTemperature - g.breakdownMidpoint) / g.breakdownWidth)
  );
}
