import { potAt } from '../../predict/pot-at.js';
import { spreadOfPot } from '../../predict/spread.js';
import { type Aim, askedOf, met, missesOf } from './aim.js';
import type { BalanceOptions } from './balance-request.js';
import { leastSquares } from './bounded-least-squares.js';
import { feasibilityProblem } from './objective.js';
import { assess } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import { massesAt, massOutOfReach, type SearchSpace, variablesOf } from './search-space.js';
import { type SearchProgress, startsOf, withinLimits } from './solve.js';

/**
 * Amounts that meet every aim the cook asked for and every limit of a space, whatever they change or cost; ends as soon as some are found.
 * @returns undefined when none of the searches found any
 */
export function* feasiblePoint(
  space: SearchSpace,
  all: readonly Aim[],
  options: BalanceOptions,
  hint?: Float64Array,
): Generator<SearchProgress, Float64Array | undefined> {
  const aims = askedOf(all);
  if (massOutOfReach(space)) return undefined;
  const { recipe, portions } = space.request,
    // How wide the bands are does not matter here, only that it need not be worked out again and again.
    spread = spreadOfPot(potAt(recipe));
  const good = (masses: Float64Array): boolean =>
    withinLimits(space, masses) && met(missesOf(aims, assess(withMasses(recipe, masses), portions, spread)));
  if (space.free.length === 0) {
    const only = massesAt(space, new Float64Array(0));
    return good(only) ? only : undefined;
  }
  const problem = feasibilityProblem(space, aims, spread);
  const starts = [
    ...(hint ? [variablesOf(space, hint)] : []),
    ...startsOf(space, { seed: options.seed, starts: options.starts * MORE_STARTS }, WIDER),
  ];
  for (const start of starts) {
    const asItIs = massesAt(space, start);
    if (good(asItIs)) return asItIs;
    for (const found of leastSquares(problem, start, Math.min(options.iterations, STEPS))) {
      if (options.stop()) return undefined;
      const masses = massesAt(space, found.at);
      if (good(masses)) return masses;
      yield { done: 0, objective: found.objective, evaluations: found.evaluations };
    }
  }
  return undefined;
}

/** Most steps of one search: what can be met is met soon. @source assumed */
const STEPS = 14;
/** Starts against a plain search, and how much wider each is scattered than the one before: to say that nothing can be found, look further. @source assumed */
const MORE_STARTS = 1.5,
  WIDER = 0.35;
