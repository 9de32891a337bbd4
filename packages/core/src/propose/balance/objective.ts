import { assess, type Assessed } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import type { Recipe } from '../../recipe/recipe.js';
import type { Spread } from '../../predict/spread.js';
import { railOf } from '../../property/rail.js';
import { type Aim, figuresOf, keptInside } from './aim.js';
import type { LeastSquares } from './bounded-least-squares.js';
import { balanceWeights, edges } from './balance.params.js';
import { portionOf } from './limits-of-people.js';
import { batchScale, massesAt, type SearchSpace, variableOf, variablesOf } from './search-space.js';

/** Share of a limit at which the search already turns back, so that rounding does not cross it. @source assumed */
const TURN_BACK = 0.985;
const TENTH = 0.1;

/** What the batch costs, as far as prices are known. */
const coinsOf = ({ lines }: Recipe, masses: ArrayLike<number>): number =>
  lines.reduce(
    (all, { ingredient: { facts } }, i) => all + ((facts.pricePerKg ?? 0) * (masses[i] ?? 0)) / 1000,
    0,
  );

/** Figures, each with the stretch it is to lie in. */
type Figures = readonly { readonly value: number; readonly least: number; readonly most: number }[];

const weighed = (weight: number, value: number, least: number, most: number): Figures[number] => {
  const by = Math.sqrt(weight);
  return { value: by * value, least: by * least, most: by * most };
};

/** @param insist factor on the middles, for when being inside comes before everything else; the ends of the bands count `band` */
const aimFigures = (aims: readonly Aim[], assessed: Assessed, insist: number, band: number): Figures =>
  aims.flatMap((aim) => {
    const [middle, low, high] = figuresOf(aim, railOf(aim.rail).value(assessed));
    const middles = weighed(aim.weight * insist, middle, ...keptInside(aim, edges.inside));
    if (band === 0) return [middles];
    return [
      middles,
      weighed(aim.weight * band, low, aim.low, Infinity),
      weighed(aim.weight * band, high, -Infinity, aim.high),
    ];
  });

const limitFigures = (
  { people }: SearchSpace,
  masses: Float64Array,
  person: number,
  doubt: number,
): Figures =>
  people.portions.flatMap((limit) => {
    const eaten = portionOf(limit, masses);
    const over = (weight: number, most: number): Figures =>
      weight > 0 && most < Infinity
        ? [weighed(weight, eaten / most / TENTH, -Infinity, TURN_BACK / TENTH)]
        : [];
    return [...over(person, limit.most), ...over(doubt, limit.doubtful)];
  });

const changeFigures = (space: SearchSpace, masses: Float64Array, weight: number): Figures => {
  const scale = batchScale(space, masses);
  return space.free.map((line) => {
    const by =
      variableOf(space, line, (masses[line] ?? 0) / scale) -
      variableOf(space, line, space.present[line] ?? 0);
    return weighed(weight * (space.stiffness[line] ?? 1), by, 0, 0);
  });
};

function problemOf(
  space: SearchSpace,
  spread: Spread,
  figuresAt: (assessed: Assessed, masses: Float64Array) => Figures,
): LeastSquares {
  const { recipe, portions } = space.request;
  const at = (masses: Float64Array): Figures =>
    figuresAt(assess(withMasses(recipe, masses), portions, spread), masses);
  const there = at(space.present);
  return {
    figures: (point) => Float64Array.from(at(massesAt(space, point)), ({ value }) => value),
    least: Float64Array.from(there, ({ least }) => least),
    most: Float64Array.from(there, ({ most }) => most),
    low: variablesOf(space, space.low),
    high: variablesOf(space, space.high),
  };
}

/**
 * What the balance makes small: misses of the brief and of people’s limits, then change, then cost.
 * @param insist factor on the middles, for when being inside comes before everything else
 */
export function balanceProblem(
  space: SearchSpace,
  aims: readonly Aim[],
  spread: Spread,
  insist = 1,
): LeastSquares {
  const { recipe } = space.request,
    presentCoins = Math.max(coinsOf(recipe, space.present), 1e-6);
  return problemOf(space, spread, (assessed, masses) => [
    ...aimFigures(aims, assessed, insist, balanceWeights.band),
    ...limitFigures(space, masses, balanceWeights.person, balanceWeights.personDoubt),
    ...changeFigures(space, masses, balanceWeights.change),
    { value: Math.sqrt((balanceWeights.cost * coinsOf(recipe, masses)) / presentCoins), least: 0, most: 0 },
  ]);
}

/** Pull back to the present amounts where nothing else matters: just enough to keep the arithmetic well posed. */
const TETHER = 1e-8;

/** What has to be met, whatever it changes or costs. */
export const feasibilityProblem = (space: SearchSpace, aims: readonly Aim[], spread: Spread): LeastSquares =>
  problemOf(space, spread, (assessed, masses) => [
    ...aimFigures(
      aims.map((aim) => ({ ...aim, weight: 1 })),
      assessed,
      1,
      0,
    ),
    ...limitFigures(space, masses, balanceWeights.person, 0),
    ...changeFigures(space, masses, TETHER),
  ]);
