import { balance, type BalanceRequest, finish } from '@alterum/core';
import { askedMet, aimsOf, missesOf } from '../packages/core/src/propose/balance/aim';
import { objectiveAt } from '../packages/core/src/propose/balance/bounded-least-squares';
import { feasibilityProblem } from '../packages/core/src/propose/balance/objective';
import { massesAt, massOutOfReach, searchSpace } from '../packages/core/src/propose/balance/search-space';
import { withinLimits } from '../packages/core/src/propose/balance/solve';
import { potAt } from '../packages/core/src/predict/pot-at';
import { spreadOfPot } from '../packages/core/src/predict/spread';
import { assess } from '../packages/core/src/property/assess';
import { withMasses } from '../packages/core/src/recipe/with-masses';
import { randomProblems } from '../packages/core/science/random-problems';
import { bestFound } from './differential-evolution';
import { percentile, type Result } from './result';

/** Problems looked through, the smallest infeasible ones that are proved, and how hard each is searched. */
const PROBLEMS = Number(process.env['BENCH_PROBLEMS'] ?? 200),
  PROVED = 50,
  EVALUATIONS = 8000,
  SEED = 1913;

/** Whether a global search over the whole space finds amounts that meet everything asked. */
function foundAnyway(request: BalanceRequest, seed: number): boolean {
  const space = searchSpace(request),
    aims = aimsOf(request.brief);
  if (massOutOfReach(space) || space.free.length === 0) return false;
  const spread = spreadOfPot(potAt(request.recipe));
  const problem = feasibilityProblem(space, aims, spread);
  const at = bestFound(
    (point) => objectiveAt(problem, problem.figures(Float64Array.from(point))),
    problem.low,
    problem.high,
    EVALUATIONS,
    seed,
  );
  const masses = massesAt(space, Float64Array.from(at));
  return (
    withinLimits(space, masses) &&
    askedMet(aims, missesOf(aims, assess(withMasses(request.recipe, masses), request.portions, spread)))
  );
}

/** What is called infeasible is looked for by a search that knows nothing of how it was judged. */
export function benchConflicts(): readonly Result[] {
  const explained = randomProblems(PROBLEMS, SEED).map((random) => {
    // Nothing else is in the house, so that no helper makes it feasible after all.
    const request = { ...random, inHouse: new Set<string>() };
    const start = performance.now();
    const outcome = finish(
      balance(request, { units: request.recipe.lines.map(() => 'g'), rounding: 'grams' }),
    );
    return { request, kind: outcome.kind, ms: performance.now() - start };
  });
  const infeasible = explained
    .filter(({ kind }) => kind === 'infeasible')
    .sort((a, b) => searchSpace(a.request).free.length - searchSpace(b.request).free.length);
  const smallest = infeasible.slice(0, PROVED);
  const wrong = smallest.filter(({ request }, i) => foundAnyway(request, SEED + i)).length;
  return [
    {
      name: `the ${smallest.length} smallest infeasible problems in which a global search finds amounts after all`,
      value: wrong,
      unit: '',
      goal: 0,
      sense: 'most',
    },
    {
      name: `a conflict explained, slowest twentieth of ${infeasible.length}`,
      value: percentile(
        infeasible.map(({ ms }) => ms),
        0.95,
      ),
      unit: 'ms',
      goal: 1000,
      sense: 'most',
    },
  ];
}
