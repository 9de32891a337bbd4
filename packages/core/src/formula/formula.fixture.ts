import { ingredientById } from '../larder/catalog/larder-table.js';
import type { MadeIngredient } from '../recipe/made-before.js';
import { blankFormula, type Formula, type Line } from './formula.js';
import { ingredientOfFormula, larderWithFormulas } from './ingredient-of-formula.js';

/** A line of so many g, whose id is that of its ingredient. */
export const lineOf = (ingredient: string, g: number, more: Partial<Line> = {}): Line => ({
  id: ingredient,
  ingredient,
  amount: { value: g, unit: 'g' },
  role: ingredientById(ingredient)?.role ?? 'body',
  preparation: 'as-is',
  stage: 'start',
  ...more,
});

/** A formula of g by ingredient whose method writes itself, unless said otherwise. */
export const formulaWith = (
  lines: readonly (readonly [ingredient: string, grams: number])[],
  more: Partial<Formula> = {},
): Formula => ({ ...blankFormula, lines: lines.map(([id, g]) => lineOf(id, g)), ...more });

/** A sauce of the house as an ingredient. */
export function sauceNamed(name: string, lines: readonly (readonly [string, number])[]): MadeIngredient {
  const made = ingredientOfFormula('house', formulaWith(lines, { name }), ingredientById);
  if (!made) throw new Error('a sauce of nothing');
  return made;
}

/** The larder of the table and of these formulas, by their ids. */
export const larderOf = (formulas: Readonly<Record<string, Formula>>) =>
  larderWithFormulas(ingredientById, (id) => formulas[id]);
