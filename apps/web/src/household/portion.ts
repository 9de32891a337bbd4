import { formulaInLine } from '@alterum/contract/convert';
import { type ComputedFormula, type Formula, type Portion, portionOfFormula } from '@alterum/core';
import { findIngredient, packLabels } from './house-larder';

/** A formula as the people at the table meet it, with what this house knows. */
export const portionOf = (formula: Pick<Formula, 'lines' | 'portions'>, computed: ComputedFormula): Portion =>
  portionOfFormula(formula, computed, {
    find: findIngredient,
    nameOf: (id) => (formulaInLine(id) === undefined ? id : 'A formula that is put away'),
    labels: packLabels(),
  });
