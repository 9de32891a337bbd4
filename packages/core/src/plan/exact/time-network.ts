/** min by which two times may miss each other through rounding. */
const ROUNDED = 1e-7;

/** One moment lies so many min after another, at least. */
export interface Bound {
  readonly earlier: number;
  readonly later: number;
  readonly min: number;
}

/**
 * Moments of which each lies at least so long after some others (a simple temporal network), closed under following one after the
 * other: `after(a, b)` is the longest way from a to b, min; -Infinity where b is not bound to a.
 * @source Dechter, Meiri and Pearl 1991, Temporal constraint networks
 */
export class TimeNetwork {
  /** How often something was bound closer. */
  changes = 0;

  private constructor(
    readonly size: number,
    private readonly far: Float64Array,
  ) {}

  /**
   * So many moments, bound all at once; undefined where that contradicts itself.
   * @source Floyd 1962, Algorithm 97: shortest path
   */
  static of(size: number, bounds: readonly Bound[] = []): TimeNetwork | undefined {
    const far = new Float64Array(size * size).fill(-Infinity);
    for (let i = 0; i < size; i++) far[i * size + i] = 0;
    for (const { earlier, later, min } of bounds)
      far[earlier * size + later] = Math.max(far[earlier * size + later]!, min);
    for (let k = 0; k < size; k++)
      for (let i = 0; i < size; i++) {
        const way = far[i * size + k]!;
        if (way === -Infinity) continue;
        for (let j = 0; j < size; j++) {
          const all = way + far[k * size + j]!;
          if (all > far[i * size + j]!) far[i * size + j] = all;
        }
      }
    for (let i = 0; i < size; i++) {
      if (far[i * size + i]! > ROUNDED) return undefined;
      far[i * size + i] = 0;
    }
    return new TimeNetwork(size, far);
  }

  copy(): TimeNetwork {
    return new TimeNetwork(this.size, this.far.slice());
  }

  /** min that b lies after a, at least. */
  after(a: number, b: number): number {
    return this.far[a * this.size + b]!;
  }

  /** Whether b could still lie so many min after a, at least. */
  canBind(a: number, b: number, min: number): boolean {
    return this.far[b * this.size + a]! <= -min + ROUNDED;
  }

  /** Binds b to lie at least so many min after a. False where that contradicts what is bound already; nothing is changed then. */
  bind(a: number, b: number, min: number): boolean {
    const { size, far } = this;
    if (!this.canBind(a, b, min)) return false;
    if (far[a * size + b]! >= min) return true;
    this.changes++;
    for (let i = 0; i < size; i++) {
      const way = far[i * size + a]! + min;
      if (way === -Infinity || way <= far[i * size + b]!) continue;
      for (let j = 0; j < size; j++) {
        const all = way + far[b * size + j]!;
        if (all > far[i * size + j]!) far[i * size + j] = all;
      }
    }
    // What was bound to the very minute stays at nothing after itself, however it was rounded.
    for (let i = 0; i < size; i++) far[i * size + i] = 0;
    return true;
  }
}
