import { assess, type Assessed } from '../../property/assess.js';
import type { RailId } from '../../property/properties.js';
import type { UnitId } from '../../quantity/unit.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import { withMasses } from '../../recipe/with-masses.js';
import { type Aim, askedMet, askedOf, met, type Miss, missedRails, missesOf, penaltiesOf } from './aim.js';
import { balanceWeights, edges } from './balance.params.js';
import { chooseTogether, type Measurable, measurableNear, type Rounding } from './kitchen-rounding.js';
import { portionOf } from './limits-of-people.js';
import { changesOf, type LineChange } from './reasons.js';
import type { SearchSpace } from './search-space.js';
import { type Solution, withinLimits } from './solve.js';

/** Amounts offered instead of the present ones. */
export interface Proposal {
  /** By line of the recipe, as a kitchen measures them. */
  readonly amounts: readonly Measurable[];
  readonly before: Assessed;
  readonly after: Assessed;
  /** What changes and why, largest first. */
  readonly changes: readonly LineChange[];
  /** Rails whose middle still lies outside, and those where only the end of the band does. */
  readonly outside: readonly RailId[];
  readonly doubtful: readonly RailId[];
  readonly evaluations: number;
  /** One thing that was not in the pot; it stands behind the lines of the recipe. */
  readonly helper?: RecipeLine;
}

/** How the cook measures: by line the unit written, and whether to keep to it. */
export interface Measuring {
  readonly units: readonly UnitId[];
  readonly rounding: Rounding;
  /** By line, whether the present amount is one that the cook measured; all are by default. */
  readonly asWritten?: readonly boolean[];
}

/** Share of a line within which it may stay as it is; share of the batch that counts as one step of mass. @source assumed */
const MAY_STAY = 0.4,
  MASS_STEP = 0.01;
/** What rounding weighs: moving away from the exact amounts, a batch that weighs otherwise, one line more to change. @source assumed */
const roundingWeights = { moved: 0.003, mass: 0.1, changed: 0.004 } as const;

/** A mass in hundredths of a gram that does not leave its bounds; as it is where no hundredth lies between them. */
function hundredthWithin(g: number, low: number, high: number): number {
  const near = Number(g.toFixed(2));
  const inside = near > high ? Math.floor(high * 100) / 100 : near < low ? Math.ceil(low * 100) / 100 : near;
  return inside >= low && inside <= high ? inside : g;
}

/** Amounts near one mass that a kitchen can measure and that keep to the line’s bounds; as it is written where that will do. */
function choicesFor(
  space: SearchSpace,
  line: number,
  g: number,
  measuring: Measuring,
): readonly Measurable[] {
  const { ingredient } = space.request.recipe.lines[line]!;
  const low = space.low[line] ?? 0,
    high = space.high[line] ?? Infinity,
    present = space.present[line] ?? 0,
    written = measuring.asWritten?.[line] ?? true;
  const asItIs: Measurable = { amount: { value: present, unit: 'g' }, grams: present };
  if (written && Math.abs(g - present) <= 1e-6 * Math.max(g, 1)) return [asItIs];
  const within = measurableNear(g, ingredient, measuring.units[line] ?? 'g', measuring.rounding).filter(
    ({ grams }) => grams >= low - 1e-6 && grams <= high + 1e-6,
  );
  if (within.length === 0) {
    const grams = hundredthWithin(g, low, high);
    within.push({ amount: { value: grams, unit: 'g' }, grams });
  }
  // What hardly changes may as well stay as the cook wrote it.
  const mayStay = Math.abs(g - present) < MAY_STAY * present && present >= low && present <= high;
  return written && mayStay ? [...within, asItIs] : within;
}

/** What is wrong with rounded amounts: outside the brief, over somebody’s limit, away from the solution, lighter or heavier, more to change. */
function roundedBadness(
  space: SearchSpace,
  aims: readonly Aim[],
  masses: ArrayLike<number>,
  rounded: Float64Array,
): number {
  const { recipe, portions } = space.request;
  const assessed = assess(withMasses(recipe, rounded), portions);
  const outside = penaltiesOf(aims, assessed, edges.inside / 2).reduce((all, penalty) => all + penalty, 0);
  const over = space.people.portions.reduce((all, limit) => {
    const eaten = portionOf(limit, rounded);
    return (
      all +
      (eaten > limit.most ? 1e6 : 0) +
      balanceWeights.personDoubt * Math.max(0, eaten / Math.min(limit.doubtful, limit.most) - 1) ** 2 * 100
    );
  }, 0);
  const moved = rounded.reduce(
    (all, g, i) => all + Math.abs(Math.log((g + 0.05) / ((masses[i] ?? 0) + 0.05))),
    0,
  );
  const sum = rounded.reduce((all, g) => all + g, 0);
  const heavier = (Math.max(space.batch[0] / sum - 1, sum / space.batch[1] - 1, 0) / MASS_STEP) ** 2;
  const changed = rounded.reduce(
    (all, g, i) => all + (Math.abs(g - (space.present[i] ?? 0)) > 1e-6 ? 1 : 0),
    0,
  );
  return (
    outside +
    over +
    roundingWeights.moved * moved +
    roundingWeights.mass * heavier +
    roundingWeights.changed * changed
  );
}

/** Amounts a kitchen can measure near a solution, chosen together so that brief, limits and mass still hold. */
const measured = (
  space: SearchSpace,
  aims: readonly Aim[],
  { masses }: Pick<Solution, 'masses'>,
  measuring: Measuring,
): readonly Measurable[] =>
  chooseTogether(
    space.request.recipe.lines.map((_line, i) => choicesFor(space, i, masses[i] ?? 0, measuring)),
    (rounded) => roundedBadness(space, aims, masses, rounded),
  );

/** A solution as a kitchen would measure it, and what that makes. */
export interface MeasuredPot {
  readonly amounts: readonly Measurable[];
  readonly masses: Float64Array;
  readonly after: Assessed;
  readonly misses: readonly Miss[];
}

export function measuredPot(
  space: SearchSpace,
  aims: readonly Aim[],
  solution: Pick<Solution, 'masses'>,
  measuring: Measuring,
): MeasuredPot {
  return potOfAmounts(space, aims, measured(space, aims, solution, measuring));
}

function potOfAmounts(space: SearchSpace, aims: readonly Aim[], amounts: readonly Measurable[]): MeasuredPot {
  const { recipe, portions } = space.request;
  const masses = Float64Array.from(amounts, ({ grams }) => grams);
  const after = assess(withMasses(recipe, masses), portions);
  return { amounts, masses, after, misses: missesOf(aims, after) };
}

/** Amounts to the hundredth of a gram, within the bounds of their lines. */
function toTheHundredth(space: SearchSpace, masses: ArrayLike<number>): readonly Measurable[] {
  return space.request.recipe.lines.map((_line, i) => {
    const g = hundredthWithin(masses[i] ?? 0, space.low[i] ?? 0, space.high[i] ?? Infinity);
    return { amount: { value: g, unit: 'g' }, grams: g };
  });
}

/** As the cook measures; where that spoils what was met, on a scale, and where even that does, to the hundredth of a gram. */
function measuredAsMet(
  space: SearchSpace,
  aims: readonly Aim[],
  solution: Solution,
  measuring: Measuring,
): MeasuredPot {
  const asMeasured = measuredPot(space, aims, solution, measuring);
  const isMet = ({ misses, masses }: MeasuredPot) => askedMet(aims, misses) && withinLimits(space, masses);
  if (!askedMet(aims, solution.misses) || isMet(asMeasured)) return asMeasured;
  const onScale =
    measuring.rounding === 'grams'
      ? asMeasured
      : measuredPot(space, aims, solution, { ...measuring, rounding: 'grams' });
  if (isMet(onScale)) return onScale;
  const exact = potOfAmounts(space, aims, toTheHundredth(space, solution.masses));
  return isMet(exact) ? exact : onScale;
}

/** Asked rails whose middle still lies outside, and those where only the end of the band does. */
function standing(aims: readonly Aim[], misses: readonly Miss[]): Pick<Proposal, 'outside' | 'doubtful'> {
  return {
    outside: missedRails(aims, misses).filter((rail) => askedOf(aims).some((aim) => aim.rail === rail)),
    doubtful: aims.flatMap(({ rail, wish }, i) => {
      const miss = misses[i];
      return miss && !wish.kept && met([miss]) && miss.band > edges.met ? [rail] : [];
    }),
  };
}

/** A solution as it would be measured, with its figures and reasons. */
export function proposalOf(
  space: SearchSpace,
  aims: readonly Aim[],
  solution: Solution,
  measuring: Measuring,
): Proposal {
  // Rather nothing than more than somebody may have.
  if (!withinLimits(space, solution.masses)) return leftAlone(space, aims);
  const { amounts, masses, after, misses } = measuredAsMet(space, aims, solution, measuring);
  const helper = after.recipe.lines.find(
    (line, i) => space.request.arrivals?.has(i) && (space.present[i] ?? 0) === 0 && line.mass > 0,
  );
  return {
    amounts,
    after,
    before: assess(space.request.recipe, space.request.portions),
    changes: changesOf(space, aims, masses),
    ...standing(aims, misses),
    evaluations: solution.evaluations,
    ...(helper ? { helper } : {}),
  };
}

/** The pot as it is, when nothing is to be changed. */
export function leftAlone(
  { request: { recipe, portions }, present }: SearchSpace,
  aims: readonly Aim[],
): Proposal {
  const before = assess(recipe, portions);
  return {
    amounts: Array.from(present, (grams) => ({ amount: { value: grams, unit: 'g' }, grams })),
    before,
    after: before,
    changes: [],
    ...standing(aims, missesOf(aims, before)),
    evaluations: 1,
  };
}
