import { readNumber } from './fraction.js';
import { gramsPerUnit, type Measures } from './measures.js';
import { type Grams, grams } from './quantity.js';
import { readUnit, type UnitId, unitOf } from './unit.js';

/** An amount as the cook wrote it; grams are worked out from it. */
export interface Amount {
  readonly value: number;
  readonly unit: UnitId;
}

export type AmountOutcome =
  | { readonly kind: 'amount'; readonly amount: Amount; readonly grams: Grams }
  | { readonly kind: 'unreadable'; readonly message: string };

/** The largest batch a household formula holds; more is a slip of the finger. */
export const LARGEST_LINE_G = 20_000;

/** g of an amount, or undefined when the ingredient has no weight for that unit. */
export function gramsOf(amount: Amount, measures: Measures): Grams | undefined {
  const per = gramsPerUnit(measures, amount.unit);
  return per === undefined ? undefined : grams(amount.value * per);
}

const unreadable = (message: string): AmountOutcome => ({ kind: 'unreadable', message });

function unknownUnit(word: string, measures: Measures): string {
  const counted = Object.keys(measures.pieces ?? {});
  const known = ['g', 'ml', 'tsp', 'tbsp', 'cup', ...counted].join(', ');
  return `“${word}” is not a unit known here. Try one of: ${known}.`;
}

/**
 * Reads an amount typed freely: "24", "1 1/2 cup", "3 tbsp + 1 tsp", "2 medium". A bare number is grams.
 * A sum is kept in the unit of its first part when all parts convert.
 */
export function readAmount(text: string, measures: Measures, bareUnit: UnitId = 'g'): AmountOutcome {
  const parts = text.split('+').map((part) => part.trim());
  if (parts.some((part) => part === ''))
    return unreadable('Type an amount, such as 120 g, 1 1/2 cup or 2 medium.');
  let total = 0;
  let first: UnitId | undefined;
  for (const part of parts) {
    const number = readNumber(part);
    if (!number)
      return unreadable(`No number was found in “${part}”. Type an amount, such as 120 g or 1 1/2 cup.`);
    const unit = number.rest === '' ? bareUnit : readUnit(number.rest);
    if (!unit) return unreadable(unknownUnit(number.rest, measures));
    const mass = gramsOf({ value: number.value, unit }, measures);
    if (mass === undefined)
      return unreadable(
        `The weight of one ${unitOf(unit).written[0]} of this is not known. Type grams instead.`,
      );
    first ??= unit;
    total += mass;
  }
  if (total > LARGEST_LINE_G)
    return unreadable(
      `That is ${Math.round(total / 1000)} kg. One line holds at most ${LARGEST_LINE_G / 1000} kg.`,
    );
  const unit = first ?? 'g';
  const per = gramsPerUnit(measures, unit) ?? grams(1);
  return { kind: 'amount', amount: { value: total / per, unit }, grams: grams(total) };
}
