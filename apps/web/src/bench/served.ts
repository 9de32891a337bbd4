import { type ComputedFormula, type Formula, type Served, servedOfFormula } from '@alterum/core';
import { findIngredient, packLabels } from '../app/house-larder';

/** A formula as the people at the table meet it, with what this house knows. */
export const servedOf = (formula: Pick<Formula, 'lines' | 'portions'>, computed: ComputedFormula): Served =>
  servedOfFormula(formula, computed, { find: findIngredient, labels: packLabels() });
