import {
  applyStep,
  assess,
  type Formula,
  ingredientById,
  noticed,
  rails,
  recipeOfFormula,
} from '@alterum/core';
import { findIngredient } from '../../household/house-larder';
import { effectOf } from '../people/effect-on-people';

/** Rails that are told of at most, and differences below which a cook would not notice any. */
const TOLD = 2,
  JUST_NOTICED = 1;

const assessed = (formula: Formula) =>
  assess(recipeOfFormula(formula, findIngredient).recipe, formula.portions);

/** Rails that another kind in place of a line would move so that a cook notices, the furthest first: "more salty, less sweet". */
export function railsMovedBy(formula: Formula, line: string, ingredient: string): string {
  const outcome = applyStep(formula, { step: 'set-kind', line, ingredient });
  if (outcome.kind !== 'applied') return '';
  const before = assessed(formula),
    after = assessed(outcome.formula);
  return rails
    .map(({ name, scale, value }) => ({ name, by: noticed(scale, value(before).mid, value(after).mid) }))
    .filter(({ by }) => Math.abs(by) >= JUST_NOTICED)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
    .slice(0, TOLD)
    .map(({ name, by }) => `${by > 0 ? 'more' : 'less'} ${name.toLowerCase()}`)
    .join(', ');
}

/** What another kind would do to tonight’s people and to the sauce, before it is taken. */
export function effectOfKind(formula: Formula, line: string, ingredient: string): string {
  const kind = ingredientById(ingredient);
  const people = kind ? effectOf(kind) : '';
  return (
    [people, railsMovedBy(formula, line, ingredient)].filter(Boolean).join(' · ') ||
    'changes nothing you would notice'
  );
}
