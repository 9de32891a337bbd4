import { type BalanceRequest, briefOf, type Formula, type Measuring, type Rounding } from '@alterum/core';
import { packLabels, stockInHouse } from '../household/house-larder';
import type { Outcome } from '../household/outcome';
import { useHousehold } from '../household/household-store';

export interface RequestOptions {
  /** Use no more than is in the house. */
  readonly withinStock?: boolean;
  /** The batch may grow or shrink. */
  readonly massFree?: boolean;
}

/** The open formula as a request: what it is, what it has to be, for whom, and what may move. */
export function requestOf(
  formula: Formula,
  outcome: Outcome,
  { withinStock = false, massFree = false }: RequestOptions = {},
): BalanceRequest {
  const holds = outcome.lineIds.map((id) => formula.lines.find((line) => line.id === id)?.hold);
  return {
    recipe: outcome.recipe,
    portions: formula.portions,
    brief: briefOf(formula),
    holds,
    eaters: useHousehold.getState().tonight,
    labels: packLabels(),
    holdMass: !massFree,
    ...(withinStock ? { stock: stockInHouse() } : {}),
  };
}

export const measuringOf = (formula: Formula, outcome: Outcome, rounding: Rounding): Measuring => ({
  units: outcome.lineIds.map((id) => formula.lines.find((line) => line.id === id)?.amount?.unit ?? 'g'),
  rounding,
});
