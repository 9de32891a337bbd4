import direct from 'ml-direct';

/** Divisions after which it no longer looks: on a flat floor it goes on dividing without asking for a value. */
const MOST_DIVISIONS = 30;

/**
 * The lowest value that the global search of a general package (dividing rectangles, without derivatives) sees between the bounds in so many
 * evaluations.
 */
export function packageMinimum(
  objective: (at: ArrayLike<number>) => number,
  low: Float64Array,
  high: Float64Array,
  evaluations: number,
): number {
  let least = Infinity,
    used = 0;
  const enough = new Error('that was the last evaluation it has');
  const counted = (at: ArrayLike<number>): number => {
    if (used++ >= evaluations) throw enough;
    const value = objective(at);
    least = Math.min(least, value);
    return value;
  };
  try {
    direct(counted, [...low], [...high], { iterations: MOST_DIVISIONS });
  } catch (error) {
    if (error !== enough) throw error;
  }
  return least;
}
