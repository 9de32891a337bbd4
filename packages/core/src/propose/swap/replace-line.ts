import { assess, type Assessed } from '../../property/assess.js';
import { sameKind } from '../../larder/facts/culinary-kind.js';
import { dishLiquid } from '../identity/dish-liquid.js';
import { sensibleShare } from '../identity/sensible-share.params.js';
import { railOf } from '../../property/rail.js';
import { type RailId } from '../../property/properties.js';
import { compiledIngredient } from '../../predict/assemble/compiled-ingredient.js';
import { arrivingOf, readyOperations } from '../../predict/assemble/weighed.js';
import { madeReady } from '../../predict/ready/made-ready.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import type { Recipe, RecipeLine } from '../../recipe/recipe.js';
import { grams } from '../../quantity/quantity.js';
import type { Substitute } from './substitutes.js';
import { swapSearch, workOfRole } from './swap.params.js';

/** A line of a pot in which something was replaced. */
export interface PotLine extends RecipeLine {
  /** Place of the line in the original recipe; absent for a substitute. */
  readonly origin?: number;
  /** The original line whose place a substitute takes; absent for a helper. */
  readonly replaces?: number;
  /** The household’s sauce that the line comes from. */
  readonly sauce?: string;
}

const NO_SPREAD = { viscosity: 0, yieldStress: 0, stretch: 0 } as const;
export const sumOf = (lines: readonly RecipeLine[], per: (line: RecipeLine) => number): number =>
  lines.reduce((all, line) => all + per(line) * line.mass, 0);
/** g of water per g that a line brings, what it drank or lost before the pot included. */
export const waterOf = (line: RecipeLine): number =>
  compiledIngredient(line.ingredient).water +
  madeReady(line.ingredient, readyOperations(line), line.mass).water;
/** g of dry matter per g as weighed. */
const dryOf = ({ ingredient }: RecipeLine): number => 1 - compiledIngredient(ingredient).water;
const saltOf = ({ ingredient }: RecipeLine): number => compiledIngredient(ingredient).salt;

/** Share of salt from which something is a salting, and of water from which it is the dish’s liquid. */
const IS_SALT = 0.8,
  IS_LIQUID = 0.75;

/** Whether something is added as salt. */
export const isSalting = ({ ingredient }: Pick<RecipeLine, 'ingredient'>): boolean =>
  compiledIngredient(ingredient).salt > IS_SALT;

/** What the line is there for, where its role says so; a salting is there for its salt, a sweetener for its sweetness. */
function workOf(ingredient: RecipeLine['ingredient']): RailId | undefined {
  const { role, per100 } = ingredient;
  if (role !== 'seasoning') return workOfRole[role];
  if (isSalting({ ingredient })) return 'salt';
  return (per100.sugars ?? 0) > 50 ? 'sweetness' : undefined;
}

/** g of a substitute that do the same work in this pot, by halving; what grows without end stops at what is sensible. */
function matchedMass(
  recipe: Recipe,
  at: number,
  substitute: RecipeLine,
  rail: RailId,
  wanted: number,
  batchG: number,
): number {
  const lines = [...recipe.lines];
  const replacedG = recipe.lines[at]?.mass ?? 0;
  const { value } = railOf(rail);
  const valueAt = (mass: number): number => {
    lines[at] = { ...substitute, mass: grams(mass) };
    return value(assess({ ...recipe, lines }, 1, NO_SPREAD)).mid;
  };
  let low = Math.log(swapSearch.leastFactor * replacedG + 1e-6),
    high = Math.log(
      Math.min(swapSearch.mostFactor * replacedG, sensibleShare(substitute.ingredient) * batchG) + 1e-6,
    );
  if (high <= low) return Math.exp(high);
  if (valueAt(Math.exp(high)) <= wanted) return Math.exp(high);
  for (let step = 0; step < swapSearch.matchSteps; step++) {
    const middle = (low + high) / 2;
    if (valueAt(Math.exp(middle)) < wanted) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/** g that bring as much dry matter, as far as that is sensible: so a dried herb is an eighth of a fresh one, as the equivalents have it. */
const drySame = (replaced: RecipeLine, substitute: RecipeLine, batchG: number): number =>
  Math.min(
    (replaced.mass * dryOf(replaced)) / Math.max(dryOf(substitute), LEAST_DRY),
    sensibleShare(substitute.ingredient) * batchG,
  );
/** Least share of dry matter that counts. */
const LEAST_DRY = 0.02;

/** Share of the batch that a dry base must leave open before water comes in beside it. @source assumed */
const DRY_GAP = 0.08;

/** Where a dry base takes the place of a wet one and the pot has no liquid to make up for it, the water comes along. */
function waterBeside(
  { lines }: Recipe,
  replaced: RecipeLine,
  massG: number,
  batchG: number,
): readonly RecipeLine[] {
  const gap = replaced.mass - massG,
    water = ingredientById('water');
  const liquidG = lines.reduce(
    (all, { ingredient, mass }) => (ingredient.role === 'liquid' ? all + mass : all),
    0,
  );
  if (!water || gap < DRY_GAP * batchG || liquidG > gap) return [];
  return [{ ingredient: water, mass: grams(gap), preparation: 'as-is', stage: replaced.stage }];
}

/** First amounts of a substitute: by the table of equivalents, by dry matter, or by the work its role does. */
function firstAmounts(
  original: Assessed,
  at: number,
  replaced: RecipeLine,
  { lines, factor, sauce }: Substitute,
  recipe: Recipe,
): readonly RecipeLine[] {
  const [first, ...rest] = lines;
  if (!first || sauce !== undefined) return lines;
  const batchG = sumOf(original.recipe.lines, () => 1);
  if (factor !== undefined) return [{ ...first, mass: grams(factor * replaced.mass) }, ...rest];
  // A wine for a wine, a lime for a lemon, a yogurt for a yogurt: as much of it, as far as it is wet.
  const isAlike =
    sameKind(replaced.ingredient, first.ingredient) &&
    [replaced, first].every((line) => waterOf(line) > IS_LIQUID);
  if (isAlike || first.ingredient.role === 'liquid') return [{ ...first, mass: replaced.mass }, ...rest];
  if (first.ingredient.role === 'body') {
    // As far as it stays a base and not the whole pot.
    const mass = Math.min(drySame(replaced, first, batchG), swapSearch.wettestGrowth * replaced.mass);
    return [{ ...first, mass: grams(mass) }, ...waterBeside(recipe, replaced, mass, batchG), ...rest];
  }
  const rail = workOf(replaced.ingredient);
  // A seasoning that no figure sees.
  if (!rail) return [{ ...first, mass: grams(drySame(replaced, first, batchG)) }, ...rest];
  const mass = matchedMass(recipe, at, first, rail, railOf(rail).value(original).mid, batchG);
  return [{ ...first, mass: grams(mass) }, ...rest];
}

/** Water that came in is taken from the dish’s liquid, salt from its salt; then the liquid fills up to the mass of before. */
export function evenOut(
  lines: readonly PotLine[],
  moreWater: number,
  moreSalt: number,
  batchG: number,
  held: (line: PotLine) => boolean,
): readonly PotLine[] {
  const out = [...lines];
  const largest = (test: (line: PotLine) => boolean): number =>
    out.reduce(
      (most, line, i) =>
        test(line) && !held(line) && line.origin !== undefined && line.mass > (out[most]?.mass ?? 0)
          ? i
          : most,
      -1,
    );
  const change = (i: number, by: number, least: number): void => {
    const line = out[i];
    if (line) out[i] = { ...line, mass: grams(Math.max(least, line.mass + by)) };
  };
  const liquid = dishLiquid(
    out,
    (line: PotLine) => !held(line) && line.origin !== undefined && waterOf(line) > IS_LIQUID,
  );
  const wet = out[liquid];
  if (wet) change(liquid, -moreWater / waterOf(wet), swapSearch.liquidKept * wet.mass);
  const salting = largest(isSalting);
  const salt = out[salting];
  if (salt) change(salting, -moreSalt / saltOf(salt), 0.05 * salt.mass);
  const now = out[liquid];
  if (now) change(liquid, batchG - sumOf(out, arrivingOf), swapSearch.liquidKept * now.mass);
  const scale = batchG / Math.max(sumOf(out, arrivingOf), 1e-9);
  const movable = out
    .filter((line) => !held(line))
    .reduce((all, line) => all + line.mass * arrivingOf(line), 0);
  const by = movable > 0 ? 1 + ((scale - 1) * sumOf(out, arrivingOf)) / movable : 1;
  return by > 0 ? out.map((line) => (held(line) ? line : { ...line, mass: grams(line.mass * by) })) : out;
}

/** The pot with a substitute where a line stood: in an amount that does the same work, its water and salt taken out elsewhere. */
export function replaceLine(
  original: Assessed,
  pot: Recipe & { readonly lines: readonly PotLine[] },
  at: number,
  substitute: Substitute,
  held: (line: PotLine) => boolean,
): readonly PotLine[] {
  const replaced = pot.lines[at];
  if (!replaced) throw new RangeError(`the pot has no line ${at}`);
  const arrived = firstAmounts(original, at, replaced, substitute, pot);
  const { origin, id } = replaced;
  const placed = arrived.map((line, k): PotLine => ({
    ...line,
    // What stands in goes in where the other did.
    ...(k === 0 && id !== undefined ? { id } : {}),
    ...(origin === undefined ? {} : { replaces: origin }),
    ...(substitute.sauce === undefined ? {} : { sauce: substitute.sauce }),
  }));
  const lines = [...pot.lines.slice(0, at), ...placed, ...pot.lines.slice(at + 1)];
  const more = (per: (line: RecipeLine) => number) => sumOf(arrived, per) - per(replaced) * replaced.mass;
  return evenOut(lines, more(waterOf), more(saltOf), sumOf(pot.lines, arrivingOf), held);
}
