/**
 * Figures that are to lie within stretches; what lies outside is squared and added up, and the sum is made small between bounds of the
 * variables. A figure with `least === most` is an ordinary residual.
 */
export interface LeastSquares {
  readonly figures: (at: Float64Array) => Float64Array;
  /** Stretch of each figure. */
  readonly least: Float64Array;
  readonly most: Float64Array;
  /** Bounds of each variable. */
  readonly low: Float64Array;
  readonly high: Float64Array;
}

export interface Found {
  readonly at: Float64Array;
  /** Sum of the squares of what lies outside. */
  readonly objective: number;
  readonly evaluations: number;
}

/** Step of the forward differences; first, least and largest damping and its factors; least relative gain that goes on; inner steps. */
const DIFFERENCE = 1e-3,
  FIRST_DAMPING = 1e-2,
  LEAST_DAMPING = 1e-5,
  MOST_DAMPING = 1e5,
  DAMP_MORE = 6,
  DAMP_LESS = 5,
  LEAST_GAIN = 1e-5,
  FLOOR = 1e-9,
  INNER_STEPS = 14,
  HALVINGS = 8;

/** How far a figure lies outside its stretch; negative is below it. */
export const outside = (u: number, least: number, most: number): number =>
  u < least ? u - least : u > most ? u - most : 0;

/** Sum of the squares of what lies outside. */
export function objectiveAt({ least, most }: Pick<LeastSquares, 'least' | 'most'>, u: Float64Array): number {
  let sum = 0;
  for (let k = 0; k < u.length; k++) sum += outside(u[k]!, least[k]!, most[k]!) ** 2;
  return sum;
}

/** Solves a symmetric positive definite system by Cholesky factors, which replace the matrix. @returns undefined when it is not positive definite */
export function solvePositive(a: Float64Array[], b: Float64Array): Float64Array | undefined {
  const n = b.length,
    x = Float64Array.from(b);
  for (let j = 0; j < n; j++) {
    const row = a[j]!;
    let d = row[j]!;
    for (let k = 0; k < j; k++) d -= row[k]! ** 2;
    if (!(d > 0)) return undefined;
    const root = Math.sqrt(d);
    row[j] = root;
    for (let i = j + 1; i < n; i++) {
      const other = a[i]!;
      let s = other[j]!;
      for (let k = 0; k < j; k++) s -= other[k]! * row[k]!;
      other[j] = s / root;
    }
  }
  for (let i = 0; i < n; i++) {
    const row = a[i]!;
    let s = x[i]!;
    for (let k = 0; k < i; k++) s -= row[k]! * x[k]!;
    x[i] = s / row[i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    let s = x[i]!;
    for (let k = i + 1; k < n; k++) s -= a[k]![i]! * x[k]!;
    x[i] = s / a[i]![i]!;
  }
  return x;
}

/** Columns of the Jacobian of the figures by differences, stepping inwards at an upper bound. */
function jacobianAt(
  { figures, high }: LeastSquares,
  at: Float64Array,
  u: Float64Array,
): readonly Float64Array[] {
  const moved = Float64Array.from(at);
  return Array.from(at, (value, i) => {
    const h = value + DIFFERENCE > high[i]! ? -DIFFERENCE : DIFFERENCE;
    moved[i] = value + h;
    const column = figures(moved).map((v, k) => (v - u[k]!) / h);
    moved[i] = value;
    return column;
  });
}

/** The figures near a point, taken as straight lines, with a pull back to the point. */
interface Model {
  readonly problem: LeastSquares;
  readonly at: Float64Array;
  readonly u: Float64Array;
  readonly columns: readonly Float64Array[];
  /** Of each variable’s move, squared. */
  readonly pull: Float64Array;
}

/** Where the model’s figures stand after a move. */
function modelFigures({ u, columns }: Model, step: Float64Array): Float64Array {
  const there = Float64Array.from(u);
  step.forEach((s, i) => {
    if (s === 0) return;
    const column = columns[i]!;
    for (let k = 0; k < there.length; k++) there[k] = there[k]! + column[k]! * s;
  });
  return there;
}

function modelObjective({ problem, pull }: Model, u: Float64Array, step: Float64Array): number {
  let sum = objectiveAt(problem, u);
  for (let i = 0; i < step.length; i++) sum += pull[i]! * step[i]! ** 2;
  return sum;
}

/**
 * The move that makes the model least. What lies inside its stretch has no slope there, but walls: each inner step works with the figures
 * that are outside after the step before, so that a move does not run through a wall it has not met yet.
 * @source semismooth Newton method for piecewise quadratic functions, Qi & Sun 1993
 */
function bestMove(model: Model): { readonly step: Float64Array; readonly objective: number } {
  const { problem, at, columns, pull } = model,
    { least, most, low, high } = problem,
    n = at.length;
  let step = new Float64Array(n),
    u = model.u,
    objective = modelObjective(model, u, step);
  for (let inner = 0; inner < INNER_STEPS; inner++) {
    const rows: number[] = [];
    for (let k = 0; k < u.length; k++)
      if (outside(u[k]!, least[k]!, most[k]!) !== 0 || least[k] === most[k]) rows.push(k);
    const gradient = Float64Array.from(columns, (column, i) => {
      let g = pull[i]! * step[i]!;
      for (const k of rows) g += column[k]! * outside(u[k]!, least[k]!, most[k]!);
      return g;
    });
    const free: number[] = [];
    for (let i = 0; i < n; i++) {
      const value = at[i]! + step[i]!;
      if (!(value <= low[i]! && gradient[i]! > 0) && !(value >= high[i]! && gradient[i]! < 0)) free.push(i);
    }
    const normal = free.map((i, a) =>
      Float64Array.from(free, (j, b) => {
        if (b > a) return 0;
        let s = a === b ? pull[i]! + FLOOR : 0;
        for (const k of rows) s += columns[i]![k]! * columns[j]![k]!;
        return s;
      }),
    );
    const move = solvePositive(
      normal,
      Float64Array.from(free, (i) => -gradient[i]!),
    );
    if (!move) break;
    let gained = false;
    for (let halving = 0, length = 1; halving < HALVINGS && !gained; halving++, length /= 2) {
      const next = Float64Array.from(step);
      free.forEach(
        (i, a) =>
          (next[i] = Math.min(high[i]!, Math.max(low[i]!, at[i]! + step[i]! + length * move[a]!)) - at[i]!),
      );
      const there = modelFigures(model, next),
        value = modelObjective(model, there, next);
      if (value < objective * (1 - 1e-9)) [step, u, objective, gained] = [next, there, value, true];
    }
    if (!gained) break;
  }
  return { step, objective };
}

/**
 * Levenberg–Marquardt for figures within stretches, with bounds: each move makes a damped model of straight lines least.
 * Yields the objective after every step, so that whoever runs it can show progress or stop.
 * @returns the lowest point seen; never higher than the start
 * @source Marquardt 1963; damping by the gain ratio, Nielsen 1999
 */
export function* leastSquares(
  problem: LeastSquares,
  start: Float64Array,
  iterations: number,
): Generator<Found, Found> {
  const { figures, low, high } = problem;
  let at = start.map((value, i) => Math.min(high[i]!, Math.max(low[i]!, value))),
    u = figures(at),
    objective = objectiveAt(problem, u),
    evaluations = 1,
    damping = FIRST_DAMPING;
  for (let iteration = 0; iteration < iterations && objective > 0; iteration++) {
    const columns = jacobianAt(problem, at, u);
    evaluations += at.length;
    const steepness = Float64Array.from(columns, (column) => column.reduce((all, v) => all + v * v, FLOOR));
    let gained = 0;
    while (damping <= MOST_DAMPING) {
      const move = bestMove({ problem, at, u, columns, pull: steepness.map((d) => d * damping) });
      const promised = objective - move.objective;
      if (!(promised > LEAST_GAIN * objective)) break;
      const next = at.map((value, i) => value + move.step[i]!);
      const there = figures(next),
        value = objectiveAt(problem, there);
      evaluations++;
      const ratio = (objective - value) / promised;
      if (ratio > 0.6) damping = Math.max(damping / DAMP_LESS, LEAST_DAMPING);
      else if (ratio < 0.2) damping *= DAMP_MORE;
      if (value < objective) {
        gained = objective - value;
        [at, u, objective] = [next, there, value];
        break;
      }
    }
    yield { at, objective, evaluations };
    if (gained <= LEAST_GAIN * objective) break;
    damping = Math.min(damping, MOST_DAMPING / DAMP_MORE);
  }
  return { at, objective, evaluations };
}
