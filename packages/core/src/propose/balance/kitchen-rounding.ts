import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Amount } from '../../quantity/amount.js';
import { kitchens, unitIn, usualKitchen } from '../../quantity/kitchen.js';
import { gramsPerUnit } from '../../quantity/measures.js';
import { type UnitId, unitOf } from '../../quantity/unit.js';

/** How the amounts of a proposal are to be measured. */
export const roundings = ['as-written', 'grams'] as const;
export type Rounding = (typeof roundings)[number];

/** An amount a kitchen can measure. */
export interface Measurable {
  readonly amount: Amount;
  readonly grams: number;
}

/** Fractions of a unit that a kitchen has spoons, cups or knives for. @source S-08 */
const partsOf: Readonly<Partial<Record<UnitId, readonly number[]>>> = {
  tsp: [8, 4, 3, 2],
  tbsp: [2, 1],
  cup: [8, 4, 3, 2],
  pinch: [1],
  dash: [1],
  clove: [2, 1],
  piece: [2, 1],
  small: [2, 1],
  medium: [4, 2, 1],
  large: [4, 2, 1],
  can: [4, 2, 1],
  block: [8, 4, 2],
  slice: [1],
  stick: [2, 1],
  sprig: [1],
};

/** Steps of a kitchen scale by how much lies on it: from g, step g. A fine scale weighs tenths below 10 g. @source assumed */
const scaleSteps: readonly (readonly [from: number, step: number])[] = [
  [0, 0.1],
  [2, 0.5],
  [10, 1],
  [100, 5],
  [1000, 10],
];
const stepAt = (g: number): number => [...scaleSteps].reverse().find(([from]) => g >= from)?.[1] ?? 1;

const byGrams = (g: number): readonly number[] => {
  const step = stepAt(g),
    down = Math.floor(g / step + 1e-9) * step;
  return [down, down + step].map((value) => Number(value.toFixed(3)));
};

/** Largest and smallest count of spoons and cups that somebody would measure in that unit. @source S-08, kitchen habit */
const ladder: readonly { readonly unit: UnitId; readonly least: number; readonly most: number }[] = [
  { unit: 'pinch', least: 0.5, most: 1.9 },
  { unit: 'tsp', least: 0.125, most: 2.75 },
  { unit: 'tbsp', least: 1, most: 5.5 },
  { unit: 'cup', least: 0.25, most: 40 },
];

function around(value: number, unit: UnitId): readonly number[] {
  return [
    ...new Set(
      (partsOf[unitIn(usualKitchen, unit)] ?? [1]).flatMap((parts) => [
        Math.floor(value * parts + 1e-9) / parts,
        Math.ceil(value * parts - 1e-9) / parts,
      ]),
    ),
  ];
}

/** Units in which this amount would be measured, given the one the cook wrote. */
function unitsFor(g: number, { measures }: Ingredient, written: UnitId): readonly UnitId[] {
  const kind = unitOf(written).kind;
  if (kind === 'mass' || gramsPerUnit(measures, written) === undefined) return [];
  const kitchen = kitchens.find((one) => unitIn(one, written) === written) ?? usualKitchen;
  const rungs = ladder.map((rung) => ({ ...rung, unit: unitIn(kitchen, rung.unit) }));
  if (kind === 'count' || !rungs.some(({ unit }) => unit === written))
    return kind === 'count' ? [written] : [];
  return rungs
    .filter(({ unit, least, most }) => {
      const count = g / (gramsPerUnit(measures, unit) ?? Infinity);
      return count >= least && count <= most;
    })
    .map(({ unit }) => unit);
}

/** Amounts near a mass that a kitchen can measure, nearest first; nothing at all stays nothing. */
export function measurableNear(
  g: number,
  ingredient: Ingredient,
  written: UnitId,
  rounding: Rounding,
): readonly Measurable[] {
  if (!(g > 0)) return [{ amount: { value: 0, unit: 'g' }, grams: 0 }];
  const units = rounding === 'grams' ? [] : unitsFor(g, ingredient, written);
  const near = units.flatMap((unit) => {
    const per = gramsPerUnit(ingredient.measures, unit) ?? 1;
    return around(g / per, unit).map((value): Measurable => ({
      amount: { value, unit },
      grams: value * per,
    }));
  });
  const all =
    near.length > 0
      ? near
      : byGrams(g).map((value): Measurable => ({ amount: { value, unit: 'g' }, grams: value }));
  const there = all.filter(({ grams }) => grams > 0);
  return (there.length > 0 ? there : all)
    .sort((a, b) => Math.abs(a.grams - g) - Math.abs(b.grams - g))
    .slice(0, 4);
}

/**
 * Amounts for all lines, each near its exact mass, chosen together so that the badness stays least.
 * @param choices by line, nearest first   @param badness of a list of masses
 * @returns the choice for each line; coordinate descent from the nearest ones, so never worse than plain rounding
 */
export function chooseTogether(
  choices: readonly (readonly Measurable[])[],
  badness: (masses: Float64Array) => number,
): readonly Measurable[] {
  const chosen = choices.map((list) => list[0] as Measurable);
  const masses = Float64Array.from(chosen, ({ grams }) => grams);
  let least = badness(masses);
  for (let round = 0; round < ROUNDS; round++) {
    let better = false;
    choices.forEach((list, line) => {
      for (const choice of list) {
        if (choice === chosen[line]) continue;
        const before = masses[line] ?? 0;
        masses[line] = choice.grams;
        const value = badness(masses);
        if (value < least - 1e-12) {
          least = value;
          chosen[line] = choice;
          better = true;
        } else masses[line] = before;
      }
    });
    if (!better) break;
  }
  return chosen;
}
const ROUNDS = 4;
