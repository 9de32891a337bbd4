import type { Mixture } from '../mixture/mixture.js';
import type { Storage } from '../mixture/recipe.js';
import { pullLength } from '../stretch/pull-length.js';
import { type Band, bandOf, spreadAt } from '../uncertainty/band.js';
import { type KitchenOffsets, noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { consistencyAt } from './consistency.js';

/** The curve runs from the fridge to the boil, °C. */
export const CURVE_RANGE = { from: 5, to: 95, step: 5 } as const;
/** Temperatures at which the band is worked out; between them its width is interpolated, °C. */
const BAND_KNOTS = [5, 35, 65, 95] as const;

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

/** Log spread at a temperature, linear between the knots. */
function spreadBetween(knots: readonly number[], tC: number): number {
  const last = BAND_KNOTS.length - 2;
  const i = Math.min(last, Math.max(0, BAND_KNOTS.filter((knot) => knot <= tC).length - 1));
  const from = BAND_KNOTS[i] ?? 0,
    to = BAND_KNOTS[i + 1] ?? from + 1,
    low = knots[i] ?? 0,
    high = knots[i + 1] ?? low;
  return low + ((high - low) * (tC - from)) / (to - from);
}

/** Thickness over temperature on one branch: cooling from the pan, cold from the fridge, or reheated. */
export function temperatureCurve(
  mix: Mixture,
  storage: Storage,
  days: number,
  offsets: KitchenOffsets = noOffsets,
): readonly CurvePoint[] {
  const knots = BAND_KNOTS.map((temperature) => {
    const at = { temperature, storage, days };
    const flow = consistencyAt(mix, at, offsets);
    return spreadAt(mix, at, flow, pullLength(mix, flow, at, offsets), offsets).viscosity;
  });
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
  return curveTemperatures.map((temperatureC) => {
    const { viscosity, yieldStress } = consistencyAt(
      mix,
      { temperature: temperatureC, storage, days },
      offsets,
    );
    return { temperatureC, viscosity: { low: viscosity, mid: viscosity, high: viscosity }, yieldStress };
  });
}
