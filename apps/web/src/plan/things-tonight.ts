import {
  type Formula,
  formulaInLine,
  formulaOfPart,
  type KnownToDish,
  type LarderLookup,
  recipeOfFormula,
  type WrittenDish,
} from '@alterum/core';
import type { PotTonightPlanned } from './evening-plan';

/** Something that tonight needs. */
export interface ThingTonight {
  readonly id: string;
  readonly name: string;
  /** g that are needed; undefined where an amount is missing. */
  readonly grams: number | undefined;
  /** g that are in the house; undefined where nobody has said. */
  readonly inHouse: number | undefined;
}

/** It is known that there is too little. */
export const isShort = ({ grams, inHouse }: ThingTonight): boolean =>
  inHouse !== undefined && (grams === undefined ? inHouse <= 0 : inHouse < grams);

interface Known extends KnownToDish {
  readonly stock: ReadonlyMap<string, number>;
}

/** Everything that tonight’s pots and dishes are made of, what is short first, water left out: it comes from the tap. */
export function thingsTonight(
  pots: readonly Pick<PotTonightPlanned, 'formula' | 'dish'>[],
  known: Known,
): readonly ThingTonight[] {
  const { larder, formulaOf, stock } = known;
  const needed = new Map<string, number | undefined>();
  const need = (id: string, grams: number | undefined): void => {
    const before = needed.get(id);
    if (id === 'water' || (needed.has(id) && before === undefined)) return;
    needed.set(id, grams === undefined ? undefined : (before ?? 0) + grams);
  };
  const ofFormula = (formula: Formula, share: number | undefined, within: ReadonlySet<string>): void => {
    const { recipe } = recipeOfFormula(formula, larder);
    const weighed = new Map<string, number>();
    for (const { ingredient, mass } of recipe.lines)
      weighed.set(ingredient.id, (weighed.get(ingredient.id) ?? 0) + mass);
    for (const id of new Set(formula.lines.map(({ ingredient }) => ingredient))) {
      const inside = formulaInLine(id),
        grams = weighed.get(id);
      const g = share === undefined || grams === undefined ? undefined : grams * share;
      const sauce = inside === undefined || within.has(inside) ? undefined : formulaOf(inside);
      if (inside === undefined) need(id, g);
      else if (sauce) ofFormula(sauce, shareOf(sauce, g, larder), new Set([...within, inside]));
    }
  };
  const ofDish = ({ parts }: WrittenDish): void => {
    for (const part of parts) {
      const { ingredient, formula: id, grams } = part;
      if (ingredient !== undefined) need(ingredient, grams);
      const formula = formulaOfPart(part, known);
      if (formula && id !== undefined)
        ofFormula(formula, grams === undefined ? 1 : shareOf(formula, grams, larder), new Set([id]));
    }
  };
  for (const { formula, dish } of pots) {
    if (formula) ofFormula(formula, 1, new Set());
    if (dish) ofDish(dish);
  }
  const things = [...needed].map(([id, grams]): ThingTonight => ({
    id,
    name: larder(id)?.name ?? id,
    grams,
    inHouse: stock.get(id),
  }));
  return things.sort((a, b) => Number(isShort(b)) - Number(isShort(a)) || a.name.localeCompare(b.name));
}

/** How much of all that a formula makes so many g are, as weighed; undefined where that is not known. */
function shareOf(formula: Formula, grams: number | undefined, larder: LarderLookup): number | undefined {
  const all = recipeOfFormula(formula, larder).recipe.lines.reduce((sum, { mass }) => sum + mass, 0);
  return grams === undefined || !(all > 0) ? undefined : grams / all;
}
