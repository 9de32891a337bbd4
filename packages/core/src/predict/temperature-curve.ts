import type { Mixture } from './mixture/mixture.js';
import type { Storage } from '../recipe/recipe.js';
import { type Band, bandOf } from './uncertainty/band.js';
import { viscositySpreads } from './spread.js';
import { type KitchenOffsets, noOffsets } from './uncertainty/kitchen-offsets.params.js';
import { flowAt } from './thickness/consistency.js';
import { settle } from './thickness/settle.js';

/** The curve runs from the fridge to the boil, °C. */
export const CURVE_RANGE = { from: 5, to: 95, step: 5 } as const;
/** Temperatures at which the band is worked out when none between them is known; its width is interpolated, °C. */
const BAND_KNOTS = { coldest: 5, middle: 50, hottest: 95, apart: 10 } as const;

const curveTemperatures: readonly number[] = Array.from(
  { length: (CURVE_RANGE.to - CURVE_RANGE.from) / CURVE_RANGE.step + 1 },
  (_, i) => CURVE_RANGE.from + i * CURVE_RANGE.step,
);

export interface CurvePoint {
  readonly temperatureC: number;
  /** mPa·s at 50 s⁻¹, with its 80 % band. */
  readonly viscosity: Band;
  readonly yieldStress: number;
}

/** The width of the band at one temperature: log standard deviation of viscosity. */
export interface KnownSpread {
  readonly temperature: number;
  readonly viscosity: number;
}

/** Log spread at a temperature, linear between the knots. */
function spreadBetween(knots: readonly KnownSpread[], tC: number): number {
  const after = knots.findIndex((knot) => knot.temperature >= tC);
  const from = knots[Math.max(0, after - 1)],
    to = knots[after];
  if (!from || !to || from === to) return (to ?? from)?.viscosity ?? 0;
  const share = (tC - from.temperature) / (to.temperature - from.temperature);
  return from.viscosity + (to.viscosity - from.viscosity) * share;
}

/**
 * Thickness over temperature on one branch: cooling from the pan, cold from the fridge, or reheated.
 * @param known the spread at a temperature where it has been worked out already, which saves a knot
 * @param amounts log standard deviation of viscosity by amounts said loosely: nearly the same at every temperature
 */
export function temperatureCurve(
  mix: Mixture,
  storage: Storage,
  days: number,
  offsets: KitchenOffsets = noOffsets,
  known?: KnownSpread,
  amounts = 0,
): readonly CurvePoint[] {
  const { coldest, middle, hottest, apart } = BAND_KNOTS;
  const inside = known && known.temperature > coldest + apart && known.temperature < hottest - apart;
  const asked = inside ? [coldest, hottest] : [coldest, middle, hottest];
  const worked = viscositySpreads(settle(mix, storage, days, offsets), asked, offsets);
  const knots = asked.map((temperature, i): KnownSpread => ({
    temperature,
    viscosity: Math.hypot(worked[i] ?? 0, amounts),
  }));
  if (inside) knots.splice(1, 0, known);
  return plainCurve(mix, storage, days, offsets).map((point) => ({
    ...point,
    viscosity: bandOf(point.viscosity.mid, spreadBetween(knots, point.temperatureC)),
  }));
}

/** The same curve without its doubt (each band closed to a line), for comparing one day with another. */
export function plainCurve(
  mix: Mixture,
  storage: Storage,
  days: number,
  offsets: KitchenOffsets = noOffsets,
): readonly CurvePoint[] {
  const settled = settle(mix, storage, days, offsets);
  return curveTemperatures.map((temperatureC) => {
    const { viscosity, yieldStress } = flowAt(settled, temperatureC, offsets);
    return { temperatureC, viscosity: { low: viscosity, mid: viscosity, high: viscosity }, yieldStress };
  });
}
