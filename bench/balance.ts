import {
  briefOf,
  finish,
  larderTable,
  openToAll,
  recipeOfFormula,
  ingredientById,
  swap,
  type SwapAsk,
  type SwapRequest,
  withTheRestAsItIs,
} from '@alterum/core';
import { type EaterBody, formulaFromBody, needFromInput } from '@alterum/contract';
import { demoFormulas } from '../apps/server/src/demo/demo-formulas';
import { demoHousehold } from '../apps/server/src/demo/demo-household';
import { aimsOf } from '../packages/core/src/propose/balance/aim';
import { completeBalanceOptions } from '../packages/core/src/propose/balance/balance-request';
import { type LeastSquares, objectiveAt } from '../packages/core/src/propose/balance/bounded-least-squares';
import { balanceProblem } from '../packages/core/src/propose/balance/objective';
import { potAt } from '../packages/core/src/predict/pot-at';
import { spreadOfPot } from '../packages/core/src/predict/spread';
import { assess } from '../packages/core/src/property/assess';
import { withMasses } from '../packages/core/src/recipe/with-masses';
import { randomProblems } from '../packages/core/science/random-problems';
import { searchSpace, variablesOf } from '../packages/core/src/propose/balance/search-space';
import { solve } from '../packages/core/src/propose/balance/solve';
import { substitutesFor } from '../packages/core/src/propose/swap/substitutes';
import { replaceLine } from '../packages/core/src/propose/swap/replace-line';
import { benchConflicts } from './conflicts';
import { differentialEvolution } from './differential-evolution';
import { packageMinimum } from './package-minimiser';
import { percentile, type Result } from './result';

/** Problems; how many times as many evaluations the global search has; how near counts as reached. */
const PROBLEMS = Number(process.env['BENCH_PROBLEMS'] ?? 200),
  MORE_EVALUATIONS = 100,
  NEAR = 1.02,
  NOISE = 1e-4,
  PACKAGE_EVALUATIONS = 10;
const SEED = 2026;

const objectiveOf =
  (problem: LeastSquares) =>
  (at: ArrayLike<number>): number =>
    objectiveAt(problem, problem.figures(Float64Array.from(at)));

interface Measured {
  readonly ms: number;
  readonly evaluations: number;
  readonly ours: number;
  readonly global: number;
  readonly packaged: number;
}

/** One problem: the solver as the Bench runs it, the global search, and a general minimiser from a package, all on the same objective. */
function measure(request: ReturnType<typeof randomProblems>[number], i: number): Measured {
  const space = searchSpace(request),
    aims = aimsOf(request.brief);
  const start = performance.now();
  const solution = finish(solve(space, aims, completeBalanceOptions({ explain: false })));
  const ms = performance.now() - start;
  const problem = balanceProblem(
    space,
    aims,
    spreadOfPot(potAt(withMasses(request.recipe, solution.masses))),
  );
  const objective = objectiveOf(problem);
  const budget = MORE_EVALUATIONS * solution.evaluations;
  const global = differentialEvolution(objective, problem.low, problem.high, budget, SEED + i);
  const packaged = packageMinimum(
    objective,
    problem.low,
    problem.high,
    PACKAGE_EVALUATIONS * solution.evaluations,
  );
  return {
    ms,
    evaluations: solution.evaluations,
    ours: objective(variablesOf(space, solution.masses)),
    global,
    packaged,
  };
}

function solverResults(): readonly Result[] {
  const problems = randomProblems(PROBLEMS, SEED).filter((request) => searchSpace(request).free.length > 0);
  const measured = problems.map(measure);
  const share = (test: (m: Measured) => boolean) => (100 * measured.filter(test).length) / measured.length;
  const reached = (value: number, best: number) => value <= best * NEAR + NOISE;
  const half = (of: (m: Measured) => number) => percentile(measured.map(of), 0.5);
  return [
    {
      name: `balance within 2 % of a global search (${measured.length} problems, 100 times the evaluations)`,
      value: share((m) => reached(m.ours, m.global)),
      unit: '%',
      goal: 95,
      sense: 'least',
    },
    {
      name: 'global search within 2 % of the balance, so that it can serve as a reference',
      value: share((m) => reached(m.global, m.ours)),
      unit: '%',
      goal: 95,
      sense: 'least',
    },
    {
      name: `a package’s global search within 2 % of the best, ${PACKAGE_EVALUATIONS} times the evaluations`,
      value: share((m) => reached(m.packaged, Math.min(m.ours, m.global))),
      unit: '%',
      goal: 95,
      sense: 'most',
    },
    {
      name: 'evaluations of one balance, median',
      value: half((m) => m.evaluations),
      unit: '',
      goal: 1500,
      sense: 'most',
    },
    { name: 'one balance, median', value: half((m) => m.ms), unit: 'ms', goal: 250, sense: 'most' },
  ];
}

const eaters = demoHousehold.map((body: EaterBody, i) => ({
  id: String(i),
  name: body.name,
  eatsTonight: true,
  needs: (body.needs ?? []).map(needFromInput),
}));

function demoRequest(name: string, ask: SwapAsk | string, larder = larderTable): SwapRequest {
  const body = demoFormulas.find((formula) => formula.name === name);
  if (!body) throw new Error(`no demo formula is called ${name}`);
  const formula = formulaFromBody(body, (line) => ({
    id: line.id ?? line.ingredient,
    ingredient: ingredientById(line.ingredient),
  }));
  const { recipe } = recipeOfFormula(formula, ingredientById);
  return {
    recipe,
    portions: formula.portions,
    family: formula.family,
    name: formula.name,
    brief: withTheRestAsItIs(briefOf(formula), assess(recipe, formula.portions)),
    eaters,
    larder,
    schools: openToAll,
    ask:
      typeof ask === 'string'
        ? { kind: 'line', line: formula.lines.findIndex(({ ingredient }) => ingredient === ask) }
        : ask,
    measuring: { units: formula.lines.map(({ amount }) => amount.unit), rounding: 'as-written' },
  };
}

const ROUNDS = 5;
function quietest(work: () => unknown): number {
  let best = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    work();
    best = Math.min(best, performance.now() - start);
  }
  return best;
}

/** Substitutes put in place and judged once, a second. */
function candidatesPerSecond(): number {
  const request = demoRequest('Dumpling cream', 'oat-drink');
  const { recipe, portions } = request,
    spread = spreadOfPot(potAt(recipe)),
    original = assess(recipe, portions);
  const lines = recipe.lines.map((line, origin) => ({ ...line, origin }));
  const line = lines.findIndex(({ ingredient }) => ingredient.id === 'oat-drink');
  const substitutes = substitutesFor(request, line, () => true);
  const ms = quietest(() => {
    for (let k = 0; k < 20; k++)
      for (const substitute of substitutes)
        assess(
          { ...recipe, lines: replaceLine(original, { ...recipe, lines }, line, substitute, () => false) },
          portions,
          spread,
        );
  });
  return (1000 * 20 * substitutes.length) / ms;
}

function swapResults(): readonly Result[] {
  const line = demoRequest('Smoked pumpkin-seed dip', 'pumpkin-seed'),
    house = demoRequest('Dumpling cream', { kind: 'everybody' });
  const role = line.recipe.lines[0]?.ingredient.role;
  const pool = larderTable.filter((ingredient) => ingredient.role === role),
    others = larderTable.filter((ingredient) => ingredient.role !== role);
  const withPool = (count: number) =>
    quietest(() => finish(swap({ ...line, larder: [...others, ...pool.slice(0, count)] })));
  const quarter = withPool(Math.floor(pool.length / 4)),
    all = withPool(pool.length);
  return [
    {
      name: 'swap candidates judged a second',
      value: candidatesPerSecond(),
      unit: '/s',
      goal: 10_000,
      sense: 'least',
    },
    { name: 'swap of one line', value: all, unit: 'ms', goal: 1000, sense: 'most' },
    {
      name: 'swap for a whole household',
      value: quietest(() => finish(swap(house))),
      unit: 'ms',
      goal: 5000,
      sense: 'most',
    },
    {
      name: 'swap with four times the candidates',
      value: all / quarter,
      unit: 'times',
      goal: 4,
      sense: 'most',
    },
  ];
}

export const benchBalance = (): readonly Result[] => [
  ...swapResults(),
  ...solverResults(),
  ...benchConflicts(),
];
