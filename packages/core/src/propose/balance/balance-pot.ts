import { briefOfFamily } from '../../brief/brief.js';
import type { Family } from '../../brief/family.js';
import type { Recipe } from '../../recipe/recipe.js';
import { balance, type BalanceOutcome } from './balance.js';
import type { BalanceOptions, BalanceRequest } from './balance-request.js';
import { finish } from '../../numeric/finish.js';

/** What a household usually divides a batch into. @source assumed */
const USUAL_PORTIONS = 4;

/**
 * Balances a recipe to the end against what its kind usually is, in whole grams of a kitchen scale.
 * @param more portions (4 where nothing is said), a brief of its own, holds, people, stock; and how long to look, from which seed
 */
export const balancePot = (
  recipe: Recipe,
  family: Family,
  more: Partial<Omit<BalanceRequest, 'recipe' | 'family'>> & Partial<BalanceOptions> = {},
): BalanceOutcome =>
  finish(
    balance(
      { portions: USUAL_PORTIONS, brief: briefOfFamily(family), ...more, recipe, family },
      { units: recipe.lines.map(() => 'g' as const), rounding: 'grams' },
      more,
    ),
  );
