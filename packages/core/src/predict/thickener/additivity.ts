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
/** Newton squares its error: after a last move this small in ln mPa·s, what is left is far below any figure shown. */
const NEWTON_TOLERANCE = 1e-4;
/** ln mPa·s below which nothing is thickened. */
const LEAST = -9;
/** Most distinct exponents that the tables of thickeners may hold. */
const MOST_POWERS = 48;

/**
 * The thickeners of one pot at one temperature. Terms with the same exponent are added up before anything is solved, so
 * that the work grows with the number of distinct exponents and not of thickeners. Refilled for every moment.
 */
export class ThickenerSum {
  private readonly exponents: number[] = [];
  private readonly places = new Map<number, number>();
  private readonly amounts = new Float64Array(MOST_POWERS);

  /** Place of the exponent 1/n; looked up once for each row of a table. */
  placeOf(n: number): number {
    const known = this.places.get(n);
    if (known !== undefined) return known;
    const place = this.exponents.push(1 / n) - 1;
    if (place >= MOST_POWERS)
      throw new RangeError('the tables hold more distinct exponents than were planned for');
    this.places.set(n, place);
    return place;
  }

  clear(): void {
    this.amounts.fill(0);
  }

  /** @param lnScale ln mPa·s   @param dilute, packed places of its two exponents */
  add(reduced: number, lnScale: number, dilute: number, packed: number): void {
    this.amounts[dilute]! += reduced * Math.exp(lnScale * this.exponents[dilute]!);
    this.amounts[packed]! += reduced * Math.exp(lnScale * this.exponents[packed]!);
  }

  /**
   * Viscosity increment of the mixture by Loewe additivity: each thickener contributes the share of the amount that it
   * would need alone to reach the same increment, and the shares sum to one. The logarithm of that sum falls convexly
   * with the logarithm of the increment, so Newton climbs to the root from any single term alone.
   * @returns mPa·s above water; 0 for no thickeners
   * @source Loewe additivity applied to viscosity, engine notes E-4
   */
  increment(): number {
    const { exponents, amounts } = this;
    let u = LEAST,
      any = false;
    for (let i = 0; i < exponents.length; i++) {
      if (amounts[i] === 0) continue;
      any = true;
      u = Math.max(u, Math.log(amounts[i]!) / exponents[i]!);
    }
    if (!any) return 0;
    for (let step = 0; step < NEWTON_CAP; step++) {
      let sum = 0,
        slope = 0;
      for (let i = 0; i < exponents.length; i++) {
        if (amounts[i] === 0) continue;
        const term = amounts[i]! * Math.exp(-u * exponents[i]!);
        sum += term;
        slope -= term * exponents[i]!;
      }
      const move = (Math.log(sum) * sum) / slope;
      u -= move;
      if (Math.abs(move) < NEWTON_TOLERANCE) break;
    }
    return Math.exp(u);
  }
}

/** The same for a list of thickeners. @returns mPa·s above water */
export function viscosityIncrement(parts: readonly ThickenerState[]): number {
  const all = new ThickenerSum();
  for (const part of parts)
    all.add(part.reduced, Math.log(part.scale), all.placeOf(part.n1), all.placeOf(part.n2));
  return all.increment();
}
