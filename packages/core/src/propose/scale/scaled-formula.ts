import type { Formula, Line } from '../../formula/formula.js';
import { methodOfFormula } from '../../formula/method/method-of-formula.js';
import { type LarderLookup, recipeOfFormula } from '../../formula/recipe-of-formula.js';
import { applyStep, type FormulaStep } from '../../formula/step.js';
import { assess, type Assessed, isEmpty } from '../../property/assess.js';
import { noticed, rails } from '../../property/rail.js';
import { type Amount, asLooseAs, gramsOf, LARGEST_LINE_G } from '../../quantity/amount.js';
import type { Method } from '../../recipe/method/operation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { withMasses } from '../../recipe/with-masses.js';
import { chooseTogether, type Measurable, measurableNear } from '../balance/kitchen-rounding.js';
import { type ScaleAsk, scaleFactor } from './scale-ask.js';
import { rounded, scaledMethod, type Vessel } from './scale-method.js';
import { scaling as p } from './scale.params.js';

/** Amounts as a kitchen measures them, in steps of a scale, or to the digit. */
export type ScaleRounding = 'as-written' | 'grams' | 'exact';

export interface ScaleRequest {
  readonly formula: Formula;
  readonly larder: LarderLookup;
  readonly ask: ScaleAsk;
  /** What it is cooked in; absent is the same as before. */
  readonly vessel?: Vessel;
  readonly rounding?: ScaleRounding;
}

/** One line before and after. */
export interface ScaledLine {
  readonly line: string;
  readonly from: Amount;
  readonly to: Amount;
  readonly grams: number;
  /** No spoon or piece came near enough: it is to be weighed. */
  readonly toWeigh: boolean;
}

export interface ScaledFormula {
  readonly factor: number;
  readonly portions: number;
  readonly lines: readonly ScaledLine[];
  /** g of water that goes in less than in proportion, since a larger pot loses less of its water; below 0: more. */
  readonly waterLessG: number;
  /** The method where any of it changes. */
  readonly method: Method | undefined;
  /** Furthest that a rail moves, in differences that a cook would just notice. */
  readonly drift: number;
  /** The edits that make it come true. */
  readonly steps: readonly FormulaStep[];
}

/** Portions that a formula may have. */
const LEAST_PORTIONS = 0.25,
  MOST_PORTIONS = 200,
  QUARTERS = 4;

function portionsFor(ask: ScaleAsk, portions: number, factor: number): number {
  const exact = ask.by === 'portions' ? ask.portions : Math.round(portions * factor * QUARTERS) / QUARTERS;
  if (exact > MOST_PORTIONS)
    throw new RangeError(
      `That is food for ${Math.round(exact)}; a formula holds at most ${MOST_PORTIONS} portions.`,
    );
  return Math.max(exact, LEAST_PORTIONS);
}

/** How far the rails of one pot lie from those of another, squared and summed, and at most. */
function driftOf(before: Assessed, after: Assessed): { readonly squares: number; readonly most: number } {
  let squares = 0,
    most = 0;
  for (const { scale, value } of rails) {
    const by = Math.abs(noticed(scale, value(before).mid, value(after).mid));
    squares += by * by;
    most = Math.max(most, by);
  }
  return { squares, most };
}

/** A line whose weight is known, as it is written. */
interface Weighed {
  readonly line: Line;
  readonly amount: Amount;
  readonly grams: number;
}

function weighedLines({ lines }: Formula, larder: LarderLookup): readonly Weighed[] {
  return lines.flatMap((line) => {
    const ingredient = larder(line.ingredient);
    const grams = ingredient && gramsOf(line.amount, ingredient.measures);
    return line.amount && grams !== undefined ? [{ line, amount: line.amount, grams }] : [];
  });
}

/** Nothing is said of a method that stays as it is. */
const changedOf = (before: Method, after: Method): Method | undefined =>
  JSON.stringify(before) === JSON.stringify(after) ? undefined : after;

/** Edits of how it is cooked: the method, what is done to single lines, or the flat words. */
function cookingSteps(
  formula: Formula,
  larder: LarderLookup,
  factor: number,
  vessel: Vessel,
): { readonly method: Method | undefined; readonly steps: readonly FormulaStep[] } {
  const { source, method: made, readySaid } = methodOfFormula(formula, larder);
  const scaled = scaledMethod(made, factor, vessel);
  const method = source === 'flat' ? undefined : changedOf(made, scaled);
  // A method that is written down takes with it what the app would do to each line.
  const writtenDown = source === 'written' && method !== undefined;
  const ready = formula.lines.flatMap((line): FormulaStep[] => {
    const now = readySaid(line),
      then = now && scaledMethod(now, factor, vessel);
    const changes = now && then && (writtenDown || changedOf(now, then) !== undefined);
    return changes ? [{ step: 'set-ready', line: line.id, ready: then }] : [];
  });
  if (method) return { method, steps: [...ready, { step: 'set-method', method }] };
  const evaporatedG = scaled.reduce((all, { kind, lossG = 0 }) => (kind === 'heat' ? all + lossG : all), 0);
  const flat: readonly FormulaStep[] =
    source === 'flat' && evaporatedG !== formula.process.evaporatedG
      ? [{ step: 'set-process', process: { evaporatedG } }]
      : [];
  return { method, steps: [...ready, ...flat] };
}

function taken(formula: Formula, steps: readonly FormulaStep[]): Formula {
  const outcome = applyStep(formula, { step: 'several', steps });
  return outcome.kind === 'applied' ? outcome.formula : formula;
}

/** A liquid of which a batch takes less where less boils off: water, or what is hardly more; % of water. */
const WATERY = 95;
/** Share of a liquid that stays in any case. */
const LEAST_LEFT = 0.4;

/**
 * g that go in of each line of the recipe, so that as much comes out as is wanted: the water that a larger pot no longer loses
 * does not go in.
 */
function massesFor(
  recipe: Recipe,
  goal: number,
): { readonly masses: readonly number[]; readonly liquid: number; readonly less: number } {
  const masses = recipe.lines.map(({ mass }): number => mass);
  const liquid = recipe.lines.reduce(
    (most, { ingredient: { role, per100 }, mass }, i) =>
      role === 'liquid' && (per100.water ?? 0) > WATERY && mass > (masses[most] ?? 0) ? i : most,
    -1,
  );
  const wanted = masses[liquid];
  if (wanted === undefined) return { masses, liquid, less: 0 };
  const over = assess(recipe, 1).prediction.massG - goal;
  const left = Math.max(wanted - over, LEAST_LEFT * wanted);
  masses[liquid] = left;
  return { masses, liquid, less: wanted - left };
}

/** How far an amount lies off its proportion, in noticeable differences squared: one thing never makes up for another. */
function offProportion(wanted: number, grams: number): number {
  if (!(wanted > 0)) return 0;
  const allowed = p.proportion + p.pinchProportion * Math.exp(-wanted / p.pinch);
  return (Math.log(Math.max(grams, 1e-6) / wanted) / allowed) ** 2;
}

/** Amounts that are chosen: what there is to choose from, and the g that were wanted. */
interface Choices {
  readonly exact: readonly Measurable[];
  readonly near: readonly (readonly Measurable[])[];
  /** No spoon or piece is that amount. */
  readonly toTheDigit: readonly boolean[];
}

function choicesFor(
  weighed: readonly Weighed[],
  wantedG: readonly number[],
  { larder, rounding = 'as-written' }: ScaleRequest,
): Choices {
  const exact = weighed.map(({ amount, grams }, i): Measurable => {
    const value = grams > 0 ? rounded((amount.value * wantedG[i]!) / grams) : amount.value;
    return {
      amount: { value, unit: amount.unit },
      grams: amount.value > 0 ? (value * grams) / amount.value : 0,
    };
  });
  const near = weighed.map(({ line, amount }, i): readonly Measurable[] => {
    const ingredient = larder(line.ingredient);
    return rounding === 'exact' || !ingredient || !(wantedG[i]! > 0)
      ? []
      : measurableNear(wantedG[i]!, ingredient, amount.unit, rounding);
  });
  const toTheDigit = exact.map(
    ({ grams }, i) =>
      near[i]!.length > 0 && near[i]!.every((one) => Math.abs(one.grams - grams) > SAME * grams),
  );
  return { exact, near, toTheDigit };
}

/** Share of an amount below which another one is the same. */
const SAME = 1e-3;

/** A line's place in the recipe (below 0: it is not in it), and the g that go in there for one that is weighed. */
interface Placed {
  readonly place: number;
  readonly perGram: number;
}

/** The batch in plain proportion, less the water that a larger pot no longer loses. */
interface InProportion {
  readonly recipe: Recipe;
  readonly masses: readonly number[];
  readonly placed: readonly Placed[];
  /** Place of the liquid that gives way; below 0: none. */
  readonly liquid: number;
  readonly less: number;
  /** g of each weighed line that are wanted. */
  readonly wantedG: readonly number[];
}

function inProportion(
  { formula, larder }: ScaleRequest,
  weighed: readonly Weighed[],
  cooking: readonly FormulaStep[],
  factor: number,
  goalG: number,
): InProportion {
  const plain = taken(formula, [
    ...weighed.map(({ line, amount }): FormulaStep => ({
      step: 'set-amount',
      line: line.id,
      amount: asLooseAs(amount, { value: amount.value * factor, unit: amount.unit }),
    })),
    ...cooking,
  ]);
  const { recipe, lineIds } = recipeOfFormula(plain, larder);
  const { masses, liquid, less } = massesFor(recipe, goalG);
  const placed = weighed.map(({ line, grams }): Placed => {
    const place = lineIds.indexOf(line.id),
      mass = recipe.lines[place]?.mass ?? 0;
    // What was weighed as made ready goes into the recipe as it was before.
    return { place, perGram: grams > 0 ? mass / (grams * factor) : 0 };
  });
  const wantedG = weighed.map(({ grams }, i) => {
    const { place, perGram } = placed[i]!;
    return place >= 0 && place === liquid && perGram > 0 ? masses[place]! / perGram : grams * factor;
  });
  return { recipe, masses, placed, liquid, less, wantedG };
}

/** The pot for g of each weighed line. */
const potFor =
  ({ recipe, masses, placed }: InProportion, portions: number) =>
  (grams: ArrayLike<number>): Assessed => {
    const there = Float64Array.from(masses);
    placed.forEach(({ place, perGram }, i) => place >= 0 && (there[place] = (grams[i] ?? 0) * perGram));
    return assess(withMasses(recipe, there), portions);
  };

/** From what is in proportion to what can be measured: a spoon is taken where it costs nothing. */
function chosenFrom(
  { exact, near, toTheDigit }: Choices,
  before: Assessed,
  potOf: (grams: ArrayLike<number>) => Assessed,
): readonly Measurable[] {
  const badness = (grams: Float64Array): number => {
    const digits = exact.filter((one, i) => toTheDigit[i] && grams[i] === one.grams).length;
    const off = exact.reduce((all, one, i) => all + offProportion(one.grams, grams[i]!), 0);
    return driftOf(before, potOf(grams)).squares + p.exactCost * digits + off;
  };
  return chooseTogether(
    near.map((choices, i) => [exact[i]!, ...choices]),
    badness,
  );
}

/** g of water below which a batch takes what is in proportion. */
const NO_LESS = 0.5;

/** g by which the liquid that was chosen stays under its proportion. */
function waterLess(
  { placed, liquid, less }: InProportion,
  weighed: readonly Weighed[],
  chosen: readonly Measurable[],
  factor: number,
): number {
  const at = placed.findIndex(({ place }) => place === liquid);
  if (Math.abs(less) < NO_LESS || at < 0) return 0;
  return (weighed[at]!.grams * factor - chosen[at]!.grams) * placed[at]!.perGram;
}

const boundsTimes = (line: string, hold: Line['hold'], by: number): readonly FormulaStep[] =>
  hold?.kind === 'bounded'
    ? [
        {
          step: 'set-hold',
          line,
          hold: { kind: 'bounded', leastG: hold.leastG * by, mostG: hold.mostG * by },
        },
      ]
    : [];

function mustHold(weighed: readonly Weighed[], factor: number): void {
  if (weighed.some(({ grams }) => grams * factor > LARGEST_LINE_G))
    throw new RangeError(
      `One line would weigh more than ${LARGEST_LINE_G / 1000} kg, which is more than it can hold.`,
    );
}

/**
 * A formula for more or fewer: every amount by one factor, in spoons and pieces as far as no rail moves by it; what leaves the
 * pot follows its area and time, and the water that it no longer loses does not go in.
 * @throws RangeError where there is nothing to scale from or to, or more than a formula holds
 */
export function scaledFormula(request: ScaleRequest): ScaledFormula {
  const { formula, larder, ask, vessel = 'same' } = request;
  const before = assess(recipeOfFormula(formula, larder).recipe, formula.portions);
  const weighed = weighedLines(formula, larder);
  const factor = scaleFactor(ask, {
    portions: formula.portions,
    lines: new Map(weighed.map(({ line, grams }) => [line.id, grams])),
    massG: isEmpty(before.prediction) ? 0 : before.prediction.massG,
  });
  const portions = portionsFor(ask, formula.portions, factor);
  mustHold(weighed, factor);

  const cooking = cookingSteps(formula, larder, factor, vessel);
  const batch = inProportion(request, weighed, cooking.steps, factor, before.prediction.massG * factor);
  const choices = choicesFor(weighed, batch.wantedG, request),
    potOf = potFor(batch, portions),
    chosen = chosenFrom(choices, before, potOf);
  const lines = weighed.map(({ line, amount }, i): ScaledLine => {
    const { amount: to, grams } = chosen[i]!;
    return {
      line: line.id,
      from: amount,
      to: asLooseAs(amount, to),
      grams,
      toWeigh: choices.toTheDigit[i]! && chosen[i] === choices.exact[i],
    };
  });
  return {
    factor,
    portions,
    lines,
    waterLessG: waterLess(batch, weighed, chosen, factor),
    method: cooking.method,
    drift: driftOf(before, potOf(chosen.map(({ grams }) => grams))).most,
    steps: [
      ...lines.map(({ line, to }): FormulaStep => ({ step: 'set-amount', line, amount: to })),
      ...formula.lines.flatMap(({ id, hold }) => boundsTimes(id, hold, factor)),
      ...cooking.steps,
      { step: 'set-portions', portions },
    ],
  };
}
