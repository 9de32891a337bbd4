import type { Ingredient } from '../ingredient/ingredient.js';
import { grams } from '../quantity/quantity.js';
import { assemble } from '../predict/assemble/assemble.js';
import { compiledIngredient } from '../predict/assemble/compiled-ingredient.js';
import type { Mixture } from '../predict/mixture/mixture.js';
import type { Recipe } from '../recipe/recipe.js';
import { energyOfIngredient } from '../predict/nutrition/energy.js';
import { graininess } from '../predict/particle/comminute.js';
import { momentOf } from '../predict/predict.js';
import { creamingIndex, oilingOffRisk } from '../predict/stability/creaming.js';
import { curdlingProbability } from '../predict/stability/curdling.js';
import { weepingPercent } from '../predict/stability/weeping.js';
import { pullLength } from '../predict/stretch/pull-length.js';
import { tasteOf } from '../predict/taste/taste.js';
import { consistencyAt } from '../predict/thickness/consistency.js';
import { type Consistency, type Moment } from '../predict/thickness/flow.js';

/**
 * `share`: the parts add up to the whole (fat, salt). `tenth-more`: how much the figure would move with a tenth more of
 * the line and nothing else changed. Leaving a line out whole would say less: without its liquid a pot is no sauce.
 */
export type ContributionLaw = 'share' | 'tenth-more';
/** How much more of a line is tried, as a share of it. */
export const TRIED_MORE = 0.1;

interface SharedProperty {
  readonly law: 'share';
  readonly unit: string;
  /** Whether the parts are given for 100 g of the batch, or for the whole of it. */
  readonly of: 'batch' | '100 g';
  /** Per gram of the ingredient; undefined where the tables do not know it. */
  readonly perGram: (ingredient: Ingredient, mix: Mixture) => number | undefined;
}

interface TriedProperty {
  readonly law: 'tenth-more';
  readonly unit: string;
  readonly figure: (mix: Mixture, flow: Consistency, at: Moment) => number;
  /** Thickness is told as a factor, everything else as a difference. */
  readonly as: 'difference' | 'factor';
}

const per100 = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : value / 100;
const perKg = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : value / 1000;

/** Properties whose cause can be shared out over the lines. */
const properties = {
  fat: { law: 'share', unit: 'g/100 g', of: '100 g', perGram: (i) => compiledIngredient(i).fat },
  thickness: {
    law: 'tenth-more',
    unit: 'factor on viscosity − 1',
    as: 'factor',
    figure: (_mix, flow) => flow.viscosity,
  },
  stretch: {
    law: 'tenth-more',
    unit: 'cm',
    as: 'difference',
    figure: (mix, flow, at) => pullLength(mix, flow, at),
  },
  savoriness: {
    law: 'tenth-more',
    unit: 'g MSG-eq/100 g',
    as: 'difference',
    figure: (mix) => tasteOf(mix).umami,
  },
  salt: { law: 'share', unit: 'g/100 g', of: '100 g', perGram: (i) => compiledIngredient(i).salt },
  sourness: { law: 'tenth-more', unit: 'mEq/kg', as: 'difference', figure: (mix) => tasteOf(mix).sour },
  sweetness: {
    law: 'tenth-more',
    unit: 'g sucrose-eq/100 g',
    as: 'difference',
    figure: (mix) => tasteOf(mix).sweet,
  },
  smoothness: {
    law: 'tenth-more',
    unit: 'grain 0–10',
    as: 'difference',
    figure: (mix) => graininess((100 * mix.grains) / Math.max(mix.mass, 1e-9)),
  },
  splitting: {
    law: 'tenth-more',
    unit: 'probability',
    as: 'difference',
    figure: (mix) => curdlingProbability(mix),
  },
  weeping: {
    law: 'tenth-more',
    unit: '% of mass',
    as: 'difference',
    figure: (mix, flow, at) => weepingPercent(mix, flow, at.days),
  },
  creaming: {
    law: 'tenth-more',
    unit: '0–10',
    as: 'difference',
    figure: (mix, flow) => creamingIndex(mix, flow),
  },
  'oiling-off': {
    law: 'tenth-more',
    unit: 'probability',
    as: 'difference',
    figure: (mix, flow) => oilingOffRisk(mix, flow),
  },
  pH: { law: 'tenth-more', unit: 'pH', as: 'difference', figure: (mix) => mix.pH },
  energy: {
    law: 'share',
    unit: 'kcal',
    of: 'batch',
    perGram: (i, mix) => energyOfIngredient(compiledIngredient(i), mix.alcoholLeft),
  },
  protein: { law: 'share', unit: 'g', of: 'batch', perGram: (i) => compiledIngredient(i).protein },
  'saturated-fat': { law: 'share', unit: 'g', of: 'batch', perGram: (i) => per100(i.facts.saturatedFat) },
  cost: { law: 'share', unit: 'coins', of: 'batch', perGram: (i) => perKg(i.facts.pricePerKg) },
  climate: {
    law: 'share',
    unit: 'kg CO2e',
    of: 'batch',
    perGram: (i) => i.facts.climate && perKg(Math.sqrt(i.facts.climate[0] * i.facts.climate[1])),
  },
} as const satisfies Record<string, SharedProperty | TriedProperty>;

export type ContributionProperty = keyof typeof properties;
export const contributionProperties = Object.keys(properties) as ContributionProperty[];

export interface Contribution {
  /** Place of the line in the recipe. */
  readonly line: number;
  readonly ingredient: string;
  /** In the property's own unit; thickness as the factor on viscosity minus one, so +0.5 is half as thick again. */
  readonly amount: number;
  /** The tables do not know this line's part; its amount is 0. */
  readonly unknown?: true;
}

export interface PropertyContributions {
  readonly property: ContributionProperty;
  readonly law: ContributionLaw;
  readonly unit: string;
  /** In the order of the lines. */
  readonly lines: readonly Contribution[];
}

interface Looked {
  readonly mix: Mixture;
  readonly flow: Consistency;
}

/**
 * Which lines hold the figures where they are.
 * @param asked the properties wanted, all by default
 * @returns one entry a property; for those that do not add up, each line is tried with a tenth more of it
 */
export function contributionsOf(
  recipe: Recipe,
  asked: readonly ContributionProperty[] = contributionProperties,
): readonly PropertyContributions[] {
  const at = momentOf(recipe);
  const look = (of: Recipe): Looked => {
    const mix = assemble(of);
    return { mix, flow: consistencyAt(mix, at) };
  };
  const base = look(recipe),
    mass = Math.max(base.mix.mass, 1e-9);
  const tried = asked.some((property) => properties[property].law === 'tenth-more');
  const more = tried
    ? recipe.lines.map((line, i) => {
        const lines = recipe.lines.map((other, j) =>
          j === i ? { ...line, mass: grams(line.mass * (1 + TRIED_MORE)) } : other,
        );
        return look({ ...recipe, lines });
      })
    : [];
  return asked.map((property) => {
    const entry: SharedProperty | TriedProperty = properties[property];
    const lines = recipe.lines.map((line, i): Contribution => {
      const named = { line: i, ingredient: line.ingredient.id };
      if (entry.law === 'share') {
        const value = entry.perGram(line.ingredient, base.mix);
        if (value === undefined) return { ...named, amount: 0, unknown: true };
        return { ...named, amount: (value * line.mass * (entry.of === 'batch' ? mass : 100)) / mass };
      }
      const there = more[i];
      if (!there) return { ...named, amount: 0 };
      const before = entry.figure(base.mix, base.flow, at),
        after = entry.figure(there.mix, there.flow, at);
      return { ...named, amount: entry.as === 'factor' ? after / before - 1 : after - before };
    });
    return { property, law: entry.law, unit: entry.unit, lines };
  });
}
