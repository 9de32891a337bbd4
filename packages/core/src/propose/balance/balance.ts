import { assess, type Assessed } from '../../property/assess.js';
import type { RailId } from '../../property/properties.js';
import type { UnitId } from '../../quantity/unit.js';
import {
  type Aim,
  aimsOf,
  askedMet,
  askedOf,
  met,
  type Miss,
  missedRails,
  missesOf,
  penaltiesOf,
} from './aim.js';
import { helperLine, helpersFor, type Lacks } from '../arrival/helper.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import { fewestChanges } from './few-changes.js';
import type { Forbidden } from './limits-of-people.js';
import { balanceWeights, edges } from './balance.params.js';
import { type BalanceOptions, type BalanceRequest, completeBalanceOptions } from './balance-request.js';
import { type Conflict, conflictIn } from './conflict.js';
import { feasiblePoint } from './feasibility.js';
import { chooseTogether, type Measurable, measurableNear, type Rounding } from './kitchen-rounding.js';
import { portionOf } from './objective.js';
import { withMasses } from '../../recipe/with-masses.js';
import { changesOf, type LineChange } from './reasons.js';
import { searchSpace, type SearchSpace } from './search-space.js';
import { asPart, type SearchProgress, solve, type Solution, withinLimits } from './solve.js';

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

export type BalanceOutcome =
  | { readonly kind: 'balanced'; readonly proposal: Proposal }
  /** Somebody cannot have a line: it is to be swapped first, nothing is solved around it. */
  | { readonly kind: 'swap-first'; readonly proposal: Proposal; readonly forbidden: readonly Forbidden[] }
  /** The demands exclude each other; the proposal comes as near as it can. */
  | { readonly kind: 'infeasible'; readonly proposal: Proposal; readonly conflict: Conflict }
  | { readonly kind: 'closest'; readonly why: 'stopped' | 'not-found'; readonly proposal: Proposal };

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

/** Amounts a kitchen can measure near a solution, chosen together so that brief, limits and mass still hold. */
function measured(
  space: SearchSpace,
  aims: readonly Aim[],
  { masses }: Pick<Solution, 'masses'>,
  measuring: Measuring,
): readonly Measurable[] {
  const { recipe, portions } = space.request;
  const choices = recipe.lines.map(({ ingredient }, i): readonly Measurable[] => {
    const g = masses[i] ?? 0;
    const unit = measuring.units[i] ?? 'g';
    const present = space.present[i] ?? 0,
      asItIs: Measurable = { amount: { value: present, unit: 'g' }, grams: present };
    const written = measuring.asWritten?.[i] ?? true;
    if (written && Math.abs(g - present) <= 1e-6 * Math.max(g, 1)) return [asItIs];
    const within = measurableNear(g, ingredient, unit, measuring.rounding).filter(
      ({ grams }) => grams >= (space.low[i] ?? 0) - 1e-6 && grams <= (space.high[i] ?? Infinity) + 1e-6,
    );
    if (within.length === 0)
      within.push({ amount: { value: Number(g.toFixed(2)), unit: 'g' }, grams: Number(g.toFixed(2)) });
    // What hardly changes may as well stay as the cook wrote it.
    return written && Math.abs(g - present) < MAY_STAY * present && present <= (space.high[i] ?? 0)
      ? [...within, asItIs]
      : within;
  });
  return chooseTogether(choices, (rounded) => {
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
  });
}

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
  const { recipe, portions } = space.request;
  const amounts = measured(space, aims, solution, measuring);
  const masses = Float64Array.from(amounts, ({ grams }) => grams);
  const after = assess(withMasses(recipe, masses), portions);
  return { amounts, masses, after, misses: missesOf(aims, after) };
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
function proposalOf(
  space: SearchSpace,
  aims: readonly Aim[],
  solution: Solution,
  measuring: Measuring,
): Proposal {
  // Rather nothing than more than somebody may have.
  if (!withinLimits(space, solution.masses)) return leftAlone(space, aims);
  const { amounts, masses, after, misses } = measuredPot(space, aims, solution, measuring);
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
function leftAlone({ request: { recipe, portions }, present }: SearchSpace, aims: readonly Aim[]): Proposal {
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

/** Whether everything asked for is met as it is, for everybody, with room for doubt. */
function isGoodAsItIs(space: SearchSpace, aims: readonly Aim[]): boolean {
  const { present, low, high, request, people } = space;
  return (
    present.every((g, i) => g >= (low[i] ?? 0) - WEIGHED && g <= (high[i] ?? Infinity) + WEIGHED) &&
    withinLimits(space, present) &&
    people.portions.every((limit) => portionOf(limit, present) <= Math.min(limit.doubtful, limit.most)) &&
    askedMet(aims, missesOf(aims, assess(request.recipe, request.portions)))
  );
}
/** g that no scale tells apart. */
const WEIGHED = 1e-6;

/** What a pot has too little or too much of for what is asked. */
const lacksOf = (aims: readonly Aim[], misses: readonly Miss[]): Lacks => {
  const off = (sign: 1 | -1) =>
    aims.flatMap(({ rail, wish }, i) =>
      !wish.kept && sign * (misses[i]?.middle ?? 0) > edges.met ? [rail] : [],
    );
  return { short: off(-1), over: off(1) };
};

/** The same pot with one thing more that brings what it lacks; the one that helps with least. */
function* helped(
  { request }: SearchSpace,
  aims: readonly Aim[],
  lacks: Lacks,
  options: BalanceOptions,
): Generator<SearchProgress, { readonly space: SearchSpace; readonly solution: Solution } | undefined> {
  const at = request.recipe.lines.length;
  let best: { readonly space: SearchSpace; readonly solution: Solution } | undefined;
  for (const ingredient of helpersFor(lacks, request)) {
    if (options.stop()) break;
    const space = searchSpace({
      ...request,
      recipe: { ...request.recipe, lines: [...request.recipe.lines, helperLine(ingredient)] },
      arrivals: new Set([at]),
    });
    const solution = yield* solve(space, aims, { ...options, passes: 1, starts: 1 });
    if (solution.met && (!best || solution.objective < best.solution.objective)) best = { space, solution };
  }
  return best;
}

/** How far a balance is when it has searched, when it has looked whether all can be met at all, and when it has tried what could help. */
const SHARES = { solve: 0.3, feasible: 0.4, helped: 0.5 } as const;

/**
 * The amounts that meet the brief for these people, as near to the present ones and as cheap as that allows; or which demands exclude
 * each other. Yields while it works, so that whoever runs it can show how far it is and stop it.
 * @throws RangeError for a negative mass or a hold that is upside down (callers validate first)
 */
export function* balance(
  request: BalanceRequest,
  measuring: Measuring,
  given: Partial<BalanceOptions> = {},
): Generator<SearchProgress, BalanceOutcome> {
  const options = completeBalanceOptions(given);
  const space = searchSpace(request),
    aims = aimsOf(request.brief);
  const forbidden = space.people.forbidden.filter(
    ({ line }) => (space.present[line] ?? 0) > 0 && request.holds?.[line] === undefined,
  );
  if (forbidden.length > 0) return { kind: 'swap-first', proposal: leftAlone(space, aims), forbidden };
  if (isGoodAsItIs(space, aims)) return { kind: 'balanced', proposal: leftAlone(space, aims) };
  let solution = yield* asPart(solve(space, aims, options), 0, SHARES.solve);
  if (!solution.met && !solution.stopped) {
    const from = yield* asPart(
      feasiblePoint(space, aims, options, solution.masses),
      SHARES.solve,
      SHARES.feasible,
    );
    if (from) solution = yield* solve(space, aims, options, { from, by: balanceWeights.insist });
    else {
      const withHelper = yield* asPart(
        helped(space, aims, lacksOf(aims, solution.misses), options),
        SHARES.feasible,
        SHARES.helped,
      );
      if (withHelper) {
        const few = yield* fewestChanges(withHelper.space, aims, options, withHelper.solution);
        return { kind: 'balanced', proposal: proposalOf(withHelper.space, aims, few, measuring) };
      }
    }
    if (!solution.met && options.explain && !options.stop()) {
      const conflict = yield* asPart(
        conflictIn(request, new Set(missedRails(aims, solution.misses)), options),
        SHARES.helped,
        1,
      );
      if (conflict.conflicting.length > 0)
        return { kind: 'infeasible', proposal: proposalOf(space, aims, solution, measuring), conflict };
    }
  }
  if (solution.met && !solution.stopped) solution = yield* fewestChanges(space, aims, options, solution);
  const proposal = proposalOf(space, aims, solution, measuring);
  if (solution.met) return { kind: 'balanced', proposal };
  return { kind: 'closest', why: solution.stopped || options.stop() ? 'stopped' : 'not-found', proposal };
}
