import { readFileSync } from 'node:fs';
import { compileFunction } from 'node:vm';

type NelderMead = (
  objective: (at: number[]) => number,
  start: number[],
  options: {
    readonly maxIterations: number;
    readonly minErrorDelta?: number;
    readonly minTolerance?: number;
  },
) => { readonly x: number[]; readonly fx: number };

/**
 * The package calls itself an ES module but ships a file for CommonJS, which Node.js then does not read as such; it is read here as what it
 * is. Its one undeclared variable wants a function that is not strict.
 */
function nelderMead(): NelderMead {
  const made: { exports: { nelderMead?: NelderMead } } = { exports: {} };
  const source = readFileSync(require.resolve('fmin'), 'utf8').replace("'use strict';", '');
  compileFunction(source, ['module', 'exports'])(made, made.exports);
  const found = made.exports.nelderMead;
  if (!found) throw new Error('the package has no nelderMead');
  return found;
}

const minimise = nelderMead();

/** The lowest value that a derivative-free minimiser of a general package sees in so many evaluations, held between the bounds by clipping. */
export function packageMinimum(
  objective: (at: ArrayLike<number>) => number,
  start: Float64Array,
  low: Float64Array,
  high: Float64Array,
  evaluations: number,
): number {
  let least = Infinity,
    used = 0;
  const enough = new Error('that was the last evaluation it has');
  const counted = (at: number[]): number => {
    if (used++ >= evaluations) throw enough;
    const value = objective(at.map((v, k) => Math.min(high[k]!, Math.max(low[k]!, v))));
    least = Math.min(least, value);
    return value;
  };
  try {
    minimise(counted, [...start], { maxIterations: evaluations });
  } catch (error) {
    if (error !== enough) throw error;
  }
  return least;
}
