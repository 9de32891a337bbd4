/** Viscosity between the dilute and the entangled regime of a single thickener, mPa·s; @source engine notes E-4. */
export const CROSSOVER_VISCOSITY = 10;

/** One thickener at one temperature: its concentration in units of c*, its scale and its two exponents. */
export interface ThickenerState {
  /** c/c*. */
  readonly reduced: number;
  /** mPa·s. */
  readonly scale: number;
  readonly n1: number;
  readonly n2: number;
}

/**
 * Characteristic concentration c* that makes a curve pass its reference point.
 * @param cRef g/100 g   @param etaRef viscosity increment there, mPa·s   @returns g/100 g
 */
export function characteristicConcentration(cRef: number, etaRef: number, n1: number, n2: number): number {
  const x = etaRef / CROSSOVER_VISCOSITY;
  return cRef * (x ** (-1 / n1) + x ** (-1 / n2));
}

const NEWTON_CAP = 12;
const NEWTON_TOLERANCE = 1e-6;

/**
 * Viscosity increment of a mixture of thickeners by Loewe additivity: each thickener contributes the share of the
 * amount that it would need alone to reach the same increment, and the shares sum to one.
 * @returns mPa·s above water; 0 for no thickeners
 * @source Loewe additivity applied to viscosity, engine notes E-4
 */
export function viscosityIncrement(parts: readonly ThickenerState[]): number {
  if (parts.length === 0) return 0;
  let u = -Infinity;
  for (const p of parts)
    u = Math.max(u, Math.log(p.scale) + (p.reduced > 1 ? p.n2 : p.n1) * Math.log(p.reduced));
  u = Math.max(u, -9);
  for (let step = 0; step < NEWTON_CAP; step++) {
    let sum = 0,
      slope = 0;
    for (const p of parts) {
      const lnx = u - Math.log(p.scale);
      const a = p.reduced * Math.exp(-lnx / p.n1),
        b = p.reduced * Math.exp(-lnx / p.n2);
      sum += a + b;
      slope -= a / p.n1 + b / p.n2;
    }
    const move = (Math.log(sum) * sum) / slope;
    u -= move;
    if (Math.abs(move) < NEWTON_TOLERANCE) break;
  }
  return Math.exp(u);
}
