import {
  type ChangeReason,
  type Demand,
  type LineAtLimit,
  railOf,
  type Recipe,
  type Relaxation,
} from '@alterum/core';
import { figure, gramsText } from './number-text';

const digitsOf = (value: number): number => (Math.abs(value) >= 100 ? 0 : Math.abs(value) >= 10 ? 1 : 2);
const said = (rail: Parameters<typeof railOf>[0], value: number): string => {
  const { unit, digits } = railOf(rail);
  return `${figure(Math.abs(value), Math.max(digits, Math.abs(value) < 1 ? digitsOf(value) : digits))} ${unit}`;
};

/** Why a line changes, as a cook would say it: "stretch was too low by 4 cm"; where something was swapped, it would be. */
export function reasonWords(reason: ChangeReason, was: 'was' | 'would be' = 'was'): string {
  switch (reason.kind) {
    case 'was-off': {
      const name = railOf(reason.rail).name.toLowerCase();
      return `${name} ${was} too ${reason.by < 0 ? 'low' : 'high'} by ${said(reason.rail, reason.by)}`;
    }
    case 'keeps':
      return `keeps ${railOf(reason.rail).name.toLowerCase()} where it is`;
    case 'limit':
      return `${reason.eater} may have only so much ${reason.what} a portion`;
    case 'forbidden':
      return `${reason.eater} cannot have it: ${reason.why}`;
    case 'fills':
      return 'so that the batch weighs the same';
  }
}

const nameOf = (recipe: Recipe, line: number): string => recipe.lines[line]?.ingredient.name ?? 'a line';

/** One thing that was asked, in words. */
export function demandWords(demand: Demand, recipe: Recipe): string {
  switch (demand.kind) {
    case 'wish':
      return `${railOf(demand.rail).name.toLowerCase()} as asked`;
    case 'hold':
      return `${nameOf(recipe, demand.line)} as you hold it`;
    case 'person':
      return `what ${demand.eater} can eat`;
    case 'mass':
      return 'the batch weighing what it weighs';
    case 'stock':
      return 'no more than is in the house';
    case 'same-dish':
      return `the dish staying what it is${limitsWords(demand.lines ?? [], recipe)}`;
  }
}

/** How many lines that stand in the way are named. */
const NAMED = 3;

/** " (tapioca starch no more than 55 g)". */
function limitsWords(lines: readonly LineAtLimit[], recipe: Recipe): string {
  const named = lines
    .slice(0, NAMED)
    .map(
      ({ line, side, atG }) =>
        `${nameOf(recipe, line).toLowerCase()} no ${side === 'most' ? 'more' : 'less'} than ${gramsText(atG)} g`,
    );
  return named.length > 0 ? ` (${named.join(', ')})` : '';
}

/** What would help, as something to press. */
export function relaxationWords(
  relaxation: Relaxation,
  recipe: Recipe,
  wished: { readonly low: number; readonly high: number } | undefined,
): string {
  switch (relaxation.kind) {
    case 'widen': {
      const { name, unit, digits } = railOf(relaxation.rail);
      const low = relaxation.to.low !== wished?.low;
      return `Ask for ${name.toLowerCase()} ${low ? `from ${figure(relaxation.to.low, digits)}` : `up to ${figure(relaxation.to.high, digits)}`} ${unit}`;
    }
    case 'free-line':
      return `Let ${nameOf(recipe, relaxation.line)} move`;
    case 'free-mass':
      return `Let the batch become ${figure(relaxation.massG, 0)} g`;
    case 'swap-line':
      return `Swap ${nameOf(recipe, relaxation.line)}`;
  }
}
