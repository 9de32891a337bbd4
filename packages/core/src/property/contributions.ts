import type { LineFate } from '../predict/mixture/mixture.js';
import { potAt } from '../predict/pot-at.js';
import { grams } from '../quantity/quantity.js';
import type { Recipe, RecipeLine } from '../recipe/recipe.js';
import { type LinedId, properties, propertyOf } from './properties.js';
import type { SharedOut, TriedOut } from './property.js';

/** How much more of a line is tried, as a share of it. */
export const TRIED_MORE = 0.1;

/** Properties whose cause can be told by line. */
export const linedIds: readonly LinedId[] = properties.flatMap(({ id, lines }) =>
  lines ? [id as LinedId] : [],
);

function linesOf(id: LinedId): SharedOut | TriedOut {
  const { lines } = propertyOf(id);
  if (!lines) throw new RangeError(`no line holds ${id}`);
  return lines;
}

const withMore = (recipe: Recipe, more: number): Recipe => ({
  ...recipe,
  lines: recipe.lines.map((line, i) =>
    i === more ? { ...line, mass: grams(line.mass * (1 + TRIED_MORE)) } : line,
  ),
});

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
  readonly property: LinedId;
  readonly law: 'share' | 'tenth-more';
  readonly unit: string;
  /** In the order of the lines. */
  readonly lines: readonly Contribution[];
}

/** A line that weighs nothing meets nothing. */
const untouchedFate: LineFate = {
  weighedG: 0,
  arrivedG: 0,
  entered: -1,
  heat: { maxTemperature: 20, hold: 0 },
  ground: { diameter: 0, hardness: 0 },
  work: 0,
  pieces: 0,
  aromaMinutes: 0,
  arrived: 1,
  sugarsLeft: 0,
  alcoholLeft: 1,
};

/** What a line brings, of all that is in it; undefined where the tables do not know a part of it. */
function broughtBy(part: SharedOut, line: RecipeLine, fates: readonly LineFate[]): number | undefined {
  let sum = 0;
  for (const fate of fates) {
    const value = part.perGram(fate.ingredient ?? line.ingredient, fate);
    if (value === undefined) return undefined;
    sum += value * fate.weighedG;
  }
  return sum;
}

/**
 * Which lines hold the figures where they are.
 * @param asked the properties wanted, all by default
 * @returns one entry a property; for those that do not add up, each line is tried with a tenth more of it
 */
export function contributionsOf(
  recipe: Recipe,
  asked: readonly LinedId[] = linedIds,
): readonly PropertyContributions[] {
  const base = potAt(recipe),
    mass = Math.max(base.mix.mass, 1e-9);
  const fates = new Map<number, LineFate[]>();
  base.mix.fates.forEach((fate, k) => {
    const place = base.mix.linePlaces[k]!;
    fates.set(place, [...(fates.get(place) ?? []), fate]);
  });
  const parts = asked.map((property) => ({ property, part: linesOf(property) }));
  const more = parts.some(({ part }) => part.by === 'tenth-more')
    ? recipe.lines.map((_, i) => potAt(withMore(recipe, i)))
    : [];
  return parts.map(({ property, part }) => {
    const lines = recipe.lines.map((line, i): Contribution => {
      const named = { line: i, ingredient: line.ingredient.id };
      if (part.by === 'share') {
        const value = broughtBy(part, line, fates.get(i) ?? [untouchedFate]);
        if (value === undefined) return { ...named, amount: 0, unknown: true };
        return { ...named, amount: (value * (part.of === 'batch' ? mass : 100)) / mass };
      }
      const there = more[i];
      if (!there) return { ...named, amount: 0 };
      const before = part.figure(base),
        after = part.figure(there);
      return { ...named, amount: part.as === 'factor' ? after / before - 1 : after - before };
    });
    return { property, law: part.by, unit: part.unit, lines };
  });
}
