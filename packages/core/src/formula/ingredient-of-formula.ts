import type { AllergenId } from '../allergen/allergen.js';
import { type Composition, plainBehaviour } from '../ingredient/composition.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { fatTypes } from '../ingredient/substance.js';
import { climateOf } from '../predict/climate/climate.js';
import { costOf } from '../predict/cost/cost.js';
import type { Mixture } from '../predict/mixture/mixture.js';
import { nutritionOf } from '../predict/nutrition/nutrition.js';
import { potAt } from '../predict/pot-at.js';
import { modelDomain } from '../predict/prediction.params.js';
import type { LeftOut, MadeIngredient } from '../recipe/made-before.js';
import { formulaInLine, lineOfFormula } from './formula-line.js';
import type { Formula } from './formula.js';
import { type LarderLookup, recipeOfFormula, type ResolvedFormula } from './recipe-of-formula.js';

type Amounts = { -readonly [K in keyof Composition]: Composition[K] };

/** Adds a composition, g per 100 g, so many g of it; water and alcohol are those of the pot. */
function addComposition(into: Amounts, per100: Composition, g: number): void {
  for (const [key, value] of Object.entries(per100) as [keyof Composition, unknown][]) {
    if (key === 'water' || key === 'alcohol') continue;
    if (typeof value === 'number') {
      into[key] = ((into[key] as number | undefined) ?? 0) + (value * g) / 100;
      continue;
    }
    const sums = { ...(into[key] as Record<string, number> | undefined) };
    for (const [id, part] of Object.entries(value as Record<string, number>))
      sums[id] = (sums[id] ?? 0) + (part * g) / 100;
    into[key] = sums as never;
  }
}

/** What 100 g of a pot hold. */
function compositionOf(mix: Mixture): Composition {
  const sums: Amounts = {};
  let lostSugars = 0;
  for (const { ingredient, arrived, sugarsLeft, weighedG } of mix.fates) {
    if (ingredient) addComposition(sums, ingredient.per100, arrived * weighedG);
    lostSugars += sugarsLeft * weighedG;
  }
  const whole: Composition = {
    ...sums,
    sugars: Math.max((sums.sugars ?? 0) - lostSugars, 0),
    water: mix.water + mix.inPieces.water,
    alcohol: mix.alcohol,
  };
  const per100 = (value: unknown): unknown =>
    typeof value === 'number'
      ? (100 * value) / mix.mass
      : Object.fromEntries(Object.entries(value as object).map(([id, g]) => [id, per100(g)]));
  return Object.fromEntries(Object.entries(whole).map(([key, value]) => [key, per100(value)]));
}

/** Lines that the figures leave out, by what is known of them. */
const leftOutOf = (
  formula: Formula,
  { problems }: ResolvedFormula,
  larder: LarderLookup,
): readonly LeftOut[] =>
  formula.lines
    .filter(({ id }) => problems.some(({ line }) => line === id))
    .map(({ id, ingredient: wanted }) => {
      const ingredient = larder(wanted);
      return { id, ingredient, named: ingredient?.name ?? wanted };
    });

const union = (lists: readonly (readonly AllergenId[])[]): readonly AllergenId[] => [
  ...new Set(lists.flat()),
];

/**
 * A formula as an ingredient of another one: what it holds and costs, and how it was made. Undefined where nothing of it can be
 * weighed: then nothing is known of a line of it.
 */
export function ingredientOfFormula(
  id: string,
  formula: Formula,
  larder: LarderLookup,
): MadeIngredient | undefined {
  const resolved = recipeOfFormula(formula, larder),
    { recipe } = resolved;
  const { mix } = potAt(recipe);
  if (!(mix.mass > modelDomain.leastBatchG)) return undefined;
  const leftOut = leftOutOf(formula, resolved, larder);
  const all: readonly Ingredient[] = [
    ...recipe.lines.map(({ ingredient }) => ingredient),
    ...leftOut.flatMap(({ ingredient }) => ingredient ?? []),
  ];
  const per100g = 100 / mix.mass,
    perKg = 1000 / mix.mass;
  const nutrition = nutritionOf(mix),
    cost = costOf(recipe.lines),
    climate = climateOf(recipe.lines);
  const known = <T>({ covered }: { readonly covered: number }, value: T): T | undefined =>
    covered > WHOLE ? value : undefined;
  const fat = mix.fatByType.indexOf(Math.max(...mix.fatByType));
  return {
    id: lineOfFormula(id),
    name: formula.name,
    otherNames: [],
    shelf: 'own sauces',
    role: 'body',
    per100: compositionOf(mix),
    behaviour: { ...plainBehaviour, pH: mix.pH, fatType: fatTypes[fat] ?? plainBehaviour.fatType },
    measures: mix.volume > 0 ? { density: mix.mass / mix.volume } : {},
    contains: union(all.map(({ contains }) => contains)),
    askFor: union(all.map(({ askFor }) => askFor)),
    facts: {
      kcal: nutrition.energyKcal * per100g,
      saturatedFat: known(nutrition.saturatedFat, nutrition.saturatedFat.amount * per100g),
      calciumMg: known(nutrition.calciumMg, nutrition.calciumMg.amount * per100g),
      pricePerKg: known(cost, cost.coins.mid * perKg),
      climate: known(climate, [climate.kgCO2e.low * perKg, climate.kgCO2e.high * perKg] as const),
    },
    source: 'own formula',
    ...(all.some(({ guessed }) => guessed) ? { guessed: ['parts of it'] } : {}),
    made: {
      recipe,
      massG: mix.mass,
      leftOut,
      days: formula.serve.storage === 'cool' ? 0 : formula.serve.days,
    },
  };
}
/** Share of the mass from which a figure is known of all of it: the rest is rounding. */
const WHOLE = 1 - 1e-9;

/**
 * A larder in which kept formulas stand as ingredients too. One that holds itself, through whatever other, is none.
 * Remembers what it made: make a new one when a formula changes.
 */
export function larderWithFormulas(
  larder: LarderLookup,
  formulaOf: (id: string) => Formula | undefined,
): LarderLookup {
  const made = new Map<string, Ingredient | undefined>(),
    making = new Set<string>();
  /** Something was left out of what is being made, since it holds itself. */
  let cut = false;
  const find: LarderLookup = (ingredient) => {
    const id = formulaInLine(ingredient);
    if (id === undefined) return larder(ingredient);
    if (made.has(id)) return made.get(id);
    const formula = formulaOf(id);
    if (making.has(id)) cut = true;
    if (!formula || making.has(id)) return undefined;
    making.add(id);
    const one = ingredientOfFormula(id, formula, find);
    making.delete(id);
    // Only as a whole: what was made while another one was being made may lack that one.
    if (!cut || making.size === 0) made.set(id, one);
    if (making.size === 0) cut = false;
    return one;
  };
  return find;
}

/** Ids of the formulas that stand in these lines. */
export const formulasIn = (lines: readonly { readonly ingredient: string }[]): readonly string[] => [
  ...new Set(lines.flatMap(({ ingredient }) => formulaInLine(ingredient) ?? [])),
];

/** Whether a formula would hold itself with these lines, straight or through others. */
export function holdsItself(
  id: string,
  lines: readonly { readonly ingredient: string }[],
  formulaOf: (id: string) => Pick<Formula, 'lines'> | undefined,
): boolean {
  const seen = new Set<string>(),
    open = [...formulasIn(lines)];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    if (next === id) return true;
    if (seen.has(next)) continue;
    seen.add(next);
    open.push(...formulasIn(formulaOf(next)?.lines ?? []));
  }
  return false;
}
