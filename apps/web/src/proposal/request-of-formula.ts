import {
  type BalanceRequest,
  type Brief,
  briefOf,
  type Formula,
  type Measuring,
  type Rounding,
  withTheRestAsItIs,
} from '@alterum/core';
import { packLabels, stockInHouse } from '../household/house-larder';
import type { Outcome } from '../household/outcome';
import { useHousehold } from '../household/household-store';

export interface RequestOptions {
  /** Use no more than is in the house. */
  readonly withinStock?: boolean;
  /** The batch may grow or shrink. */
  readonly massFree?: boolean;
  /** What is asked this once, besides what the formula asks. */
  readonly wishes?: Brief;
}

/** The open formula as a request: what it is, what it has to be, for whom, and what may move. */
export function requestOf(
  formula: Formula,
  outcome: Outcome,
  { withinStock = false, massFree = false, wishes = {} }: RequestOptions = {},
): BalanceRequest {
  const holds = outcome.lineIds.map((id) => formula.lines.find((line) => line.id === id)?.hold);
  const stock = stockInHouse();
  const inHouse = new Set([...stock].flatMap(([ingredient, grams]) => (grams > 0 ? [ingredient] : [])));
  return {
    recipe: outcome.recipe,
    family: formula.family,
    name: formula.name,
    portions: formula.portions,
    brief: withTheRestAsItIs({ ...briefOf(formula), ...wishes }, outcome),
    holds,
    eaters: useHousehold.getState().tonight,
    labels: packLabels(),
    holdMass: !massFree,
    ...(withinStock ? { stock } : {}),
    ...(stock.size > 0 ? { inHouse } : {}),
  };
}

export const measuringOf = (formula: Formula, outcome: Outcome, rounding: Rounding): Measuring => ({
  units: outcome.lineIds.map((id) => formula.lines.find((line) => line.id === id)?.amount?.unit ?? 'g'),
  rounding,
});
