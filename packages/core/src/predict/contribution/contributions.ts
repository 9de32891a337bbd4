import { grams } from '../../quantity/quantity.js';
import { assemble } from '../mixture/assemble.js';
import { compiledIngredient } from '../mixture/compiled-ingredient.js';
import type { Mixture } from '../mixture/mixture.js';
import type { Recipe } from '../mixture/recipe.js';
import { momentOf } from '../predict.js';
import { pullLength } from '../stretch/pull-length.js';
import { tasteOf } from '../taste/taste.js';
import { consistencyAt } from '../thickness/consistency.js';

/** Properties whose cause can be shared out over the lines. */
export const contributionProperties = [
  'fat',
  'thickness',
  'stretch',
  'savoriness',
  'salt',
  'sourness',
  'sweetness',
] as const;
export type ContributionProperty = (typeof contributionProperties)[number];

/**
 * `share`: the parts add up to the whole (fat, salt). `tenth-more`: how much the figure would move with a tenth more of
 * the line and nothing else changed. Leaving a line out whole would say less: without its liquid a pot is no sauce.
 */
export type ContributionLaw = 'share' | 'tenth-more';
/** How much more of a line is tried, as a share of it. */
export const TRIED_MORE = 0.1;

export interface Contribution {
  /** Place of the line in the recipe. */
  readonly line: number;
  readonly ingredient: string;
  /** In the property's own unit; thickness as the factor on viscosity minus one, so +0.5 is half as thick again. */
  readonly amount: number;
}

export interface PropertyContributions {
  readonly property: ContributionProperty;
  readonly law: ContributionLaw;
  readonly unit: string;
  /** In the order of the lines. */
  readonly lines: readonly Contribution[];
}

const units: Readonly<Record<ContributionProperty, string>> = {
  fat: 'g/100 g', thickness: 'factor on viscosity − 1', stretch: 'cm', savoriness: 'g MSG-eq/100 g', salt: 'g/100 g', sourness: 'mEq/kg', sweetness: 'g sucrose-eq/100 g',
}; // prettier-ignore
const laws: Readonly<Record<ContributionProperty, ContributionLaw>> = {
  fat: 'share', salt: 'share', thickness: 'tenth-more', stretch: 'tenth-more', savoriness: 'tenth-more', sourness: 'tenth-more', sweetness: 'tenth-more',
}; // prettier-ignore

function figures(
  mix: Mixture,
  recipe: Recipe,
): Readonly<Record<Exclude<ContributionProperty, 'fat' | 'salt'>, number>> {
  const at = momentOf(recipe),
    flow = consistencyAt(mix, at),
    taste = tasteOf(mix);
  return {
    thickness: flow.viscosity,
    stretch: pullLength(mix, flow, at),
    savoriness: taste.umami,
    sourness: taste.sour,
    sweetness: taste.sweet,
  };
}

/**
 * Which lines hold the figures where they are.
 * @returns one entry a property; for those that do not add up, each line is tried with a tenth more of it
 */
export function contributionsOf(recipe: Recipe): readonly PropertyContributions[] {
  const whole = assemble(recipe),
    base = figures(whole, recipe),
    mass = Math.max(whole.mass, 1e-9);
  const more = recipe.lines.map((line, i) => {
    const lines = recipe.lines.map((other, j) =>
      j === i ? { ...line, mass: grams(line.mass * (1 + TRIED_MORE)) } : other,
    );
    return figures(assemble({ ...recipe, lines }), recipe);
  });
  const amount = (property: ContributionProperty, i: number): number => {
    const line = recipe.lines[i],
      there = more[i];
    if (!line || !there) return 0;
    const c = compiledIngredient(line.ingredient);
    switch (property) {
      case 'fat':
        return (100 * c.fat * line.mass) / mass;
      case 'salt':
        return (100 * c.salt * line.mass) / mass;
      case 'thickness':
        return there.thickness / base.thickness - 1;
      default:
        return there[property] - base[property];
    }
  };
  return contributionProperties.map((property) => ({
    property,
    law: laws[property],
    unit: units[property],
    lines: recipe.lines.map((line, i) => ({
      line: i,
      ingredient: line.ingredient.id,
      amount: amount(property, i),
    })),
  }));
}
