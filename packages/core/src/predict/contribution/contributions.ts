import { assemble } from '../mixture/assemble.js';
import { compiledIngredient } from '../mixture/compiled-ingredient.js';
import type { Mixture } from '../mixture/mixture.js';
import type { Recipe } from '../mixture/recipe.js';
import { momentOf } from '../predict.js';
import { pullLength } from '../stretch/pull-length.js';
import { tasteOf } from '../taste/taste.js';
import { consistencyAt } from '../thickness/consistency.js';

/** Properties whose cause can be shared out over the lines. */
export const contributionProperties = ['fat', 'thickness', 'stretch', 'savoriness', 'salt', 'sourness', 'sweetness'] as const;
export type ContributionProperty = (typeof contributionProperties)[number];

/**
 * `share`: the parts add up to the whole (fat, salt). `without`: how much the figure would change if the line were left
 * out and nothing else changed; such effects need not add up.
 */
export type ContributionLaw = 'share' | 'without';

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
  fat: 'share', salt: 'share', thickness: 'without', stretch: 'without', savoriness: 'without', sourness: 'without', sweetness: 'without',
}; // prettier-ignore

function figures(mix: Mixture, recipe: Recipe): Readonly<Record<Exclude<ContributionProperty, 'fat' | 'salt'>, number>> {
  const at = momentOf(recipe), flow = consistencyAt(mix, at), taste = tasteOf(mix);
  return { thickness: flow.viscosity, stretch: pullLength(mix, flow, at), savoriness: taste.umami, sourness: taste.sour, sweetness: taste.sweet };
}

/**
 * Which lines hold the figures where they are.
 * @param recipe the whole recipe; each line is left out once for the properties that do not add up
 */
export function contributionsOf(recipe: Recipe): readonly PropertyContributions[] {
  const whole = assemble(recipe), base = figures(whole, recipe), mass = Math.max(whole.mass, 1e-9);
  const without = recipe.lines.map((_, i) => {
    const rest = recipe.lines.filter((_line, j) => j !== i);
    return figures(assemble({ ...recipe, lines: rest }), recipe);
  });
  const amount = (property: ContributionProperty, i: number): number => {
    const line = recipe.lines[i], there = without[i];
    if (!line || !there) return 0;
    const c = compiledIngredient(line.ingredient);
    switch (property) {
      case 'fat':
        return (100 * c.fat * line.mass) / mass;
      case 'salt':
        return (100 * c.salt * line.mass) / mass;
      case 'thickness':
        return base.thickness / there.thickness - 1;
      default:
        return base[property] - there[property];
    }
  };
  return contributionProperties.map((property) => ({
    property,
    law: laws[property],
    unit: units[property],
    lines: recipe.lines.map((line, i) => ({ line: i, ingredient: line.ingredient.id, amount: amount(property, i) })),
  }));
}
