import {
  assemble,
  celsius,
  grams,
  ingredientById,
  type Method,
  predict,
  processOfMethod,
  potAt,
  predictPot,
  type Recipe,
  reportOn,
  uncooked,
} from '@alterum/core';
import { randomRecipes } from '../packages/core/science/random-pots';
import { percentile, type Result } from './result';

const RECIPES = 300;
const ROUNDS = 8;

/** The barest thing a table could do with the same lines: add up mass, water, fat and salt. */
function bareMassBalance(recipe: Recipe): number {
  let mass = 0,
    water = 0,
    fat = 0,
    salt = 0;
  for (const line of recipe.lines) {
    const c = line.ingredient.per100;
    mass += line.mass;
    water += ((c.water ?? 0) * line.mass) / 100;
    fat += ((c.fat ?? 0) * line.mass) / 100;
    salt += ((c.salt ?? 0) * line.mass) / 100;
  }
  return mass + water + fat + salt;
}

/** ms per call of the quietest of several rounds. */
function timePerCall(recipes: readonly Recipe[], work: (recipe: Recipe) => unknown, repeat = 1): number {
  let best = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    for (let k = 0; k < repeat; k++) for (const recipe of recipes) work(recipe);
    best = Math.min(best, (performance.now() - start) / recipes.length / repeat);
  }
  return best;
}

/** A formula of fourteen lines that uses every part of the model. */
const fourteen: Recipe = {
  lines: [
    ['white-bean-boiled', 120],
    ['potato', 110],
    ['cashew', 40],
    ['oat-drink', 250],
    ['tapioca-starch', 30],
    ['xanthan', 0.5],
    ['rapeseed-oil', 25],
    ['lemon-juice', 12],
    ['barley-miso', 20],
    ['shiitake-dried', 4],
    ['tomato-paste', 12],
    ['garlic-powder', 2],
    ['salt', 3],
    ['paprika-sweet', 1],
  ].map(([id, g]) => {
    const ingredient = ingredientById(String(id));
    if (!ingredient) throw new Error(`the larder has no ${id}`);
    return { ingredient, mass: grams(Number(g)), preparation: 'as-is', stage: 'start' };
  }),
  process: {
    ...uncooked,
    maxTemperatureC: 90,
    holdMin: 4,
    evaporatedG: 20,
    blenderPower: 0.6,
    blendSeconds: 60,
  },
  serving: { temperatureC: celsius(68), storage: 'cool', days: 0 },
};

/** The same pot with ten operations and what is made ready ahead. */
const method: Method = [
  { kind: 'put-in', lines: ['2', '3'] },
  { kind: 'boil-down', minutes: 2, panCm: 20 },
  { kind: 'put-in', lines: ['0', '1', '4', '5', '6', '8', '9', '10', '12'] },
  { kind: 'blend', seconds: 60, tool: 'jug' },
  { kind: 'heat', temperatureC: 90, minutes: 4, lossG: 20 },
  { kind: 'put-in', lines: ['7', '11'] },
  { kind: 'blend', seconds: 10, tool: 'stick' },
  { kind: 'stir-in', lines: ['13'] },
  { kind: 'cool', temperatureC: 70, minutes: 5 },
  { kind: 'hold', minutes: 10 },
];
const fourteenByMethod: Recipe = {
  ...fourteen,
  lines: fourteen.lines.map((line, i) => ({
    ...line,
    id: String(i),
    ...(i === 2 ? { ready: [{ kind: 'soak', minutes: 480 } as const] } : {}),
  })),
  process: processOfMethod(method),
  method,
};

const CALLS = 4000,
  WARM_UP = 600,
  MEMORY_CALLS = 1_000_000,
  MEMORY_WARM_UP = 100_000;

/** Median ms of one call after another. */
function medianOf(work: () => unknown): number {
  const times: number[] = [];
  for (let i = 0; i < CALLS + WARM_UP; i++) {
    const start = performance.now();
    work();
    if (i >= WARM_UP) times.push(performance.now() - start);
  }
  return percentile(times, 0.5);
}

const figuresWithBands = (recipe: Recipe) => predictPot(potAt(recipe));

/** MB by which the heap has grown after a million predictions. */
function heapGrowthMb(): number {
  const heap = () => {
    globalThis.gc?.();
    return process.memoryUsage().heapUsed / 1e6;
  };
  for (let i = 0; i < MEMORY_WARM_UP; i++) figuresWithBands(fourteen);
  const before = heap();
  for (let i = 0; i < MEMORY_CALLS; i++) figuresWithBands(fourteen);
  return heap() - before;
}

function benchFourteen(): readonly Result[] {
  const banded = medianOf(() => figuresWithBands(fourteen)),
    all = medianOf(() => predict(fourteen)),
    report = medianOf(() => reportOn(fourteen)),
    mix = medianOf(() => assemble(fourteen)),
    byMethod = medianOf(() => figuresWithBands(fourteenByMethod));
  return [
    {
      name: 'every figure with its band, 14 lines, median',
      value: banded,
      unit: 'ms',
      goal: 0.25,
      sense: 'most',
    },
    {
      name: 'the same against adding up the pot (the floor of the physics)',
      value: banded / mix,
      unit: 'times',
      goal: 8,
      sense: 'most',
    },
    {
      name: 'the same pot with ten operations against the flat process',
      value: byMethod / banded,
      unit: 'times',
      goal: 1.5,
      sense: 'most',
    },
    { name: 'with the curve from 5 to 95 °C and its band', value: all, unit: 'ms', goal: 0.6, sense: 'most' },
    {
      name: 'nutrition, cost, climate, home tests, spreading',
      value: report,
      unit: 'ms',
      goal: 0.6,
      sense: 'most',
    },
    {
      name: 'heap grown after a million predictions',
      value: heapGrowthMb(),
      unit: 'MB',
      goal: 8,
      sense: 'most',
    },
  ];
}

export function benchPredictions(): readonly Result[] {
  const recipes = randomRecipes(RECIPES, 42);
  const doubled = recipes.map((recipe) => ({
    ...recipe,
    lines: [...recipe.lines, ...recipe.lines.map((line) => ({ ...line, mass: grams(line.mass / 2) }))],
  }));
  const full = timePerCall(recipes, predict),
    twice = timePerCall(doubled, predict),
    mix = timePerCall(recipes, assemble),
    bare = timePerCall(recipes, bareMassBalance, 200);
  return [
    {
      name: 'predictions per second (all figures, bands and curve)',
      value: 1000 / full,
      unit: '1/s',
      goal: 1000,
      sense: 'least',
    },
    {
      name: 'one prediction against the bare mass balance',
      value: full / bare,
      unit: 'times',
      goal: 20_000,
      sense: 'most',
    },
    {
      name: 'one prediction against assembling the pot alone',
      value: full / mix,
      unit: 'times',
      goal: 60,
      sense: 'most',
    },
    { name: 'twice the lines against once', value: twice / full, unit: 'times', goal: 1.6, sense: 'most' },
    ...benchFourteen(),
  ];
}
