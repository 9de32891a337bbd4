/** min by which two times may miss each other through rounding. */
const ROUNDED = 1e-7;

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

  /** Moments that nothing binds yet. */
  static of(size: number): TimeNetwork {
    const far = new Float64Array(size * size).fill(-Infinity);
    for (let i = 0; i < size; i++) far[i * size + i] = 0;
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
