import { readNumber, type ReadNumber } from './read-number.js';
import { mostCounted, MOST_COUNTED_G } from './unit.params.js';
import { gramsPerUnit, type Measures } from './measures.js';
import { type Grams, grams } from './quantity.js';
import { type Kitchen, sizedUnit, unitIn, usualKitchen, writtenIn } from './kitchen.js';
import { readUnit, type UnitId, unitOf } from './unit.js';

/** From the least to the most that may be meant. */
export interface AmountRange {
  readonly low: number;
  readonly high: number;
}

/** An amount as the cook wrote it; grams are worked out from it. */
export interface Amount {
  readonly value: number;
  readonly unit: UnitId;
  /** Where it was said loosely ("2-3", "a handful"): the value lies between, all in the same unit. */
  readonly range?: AmountRange;
}

export type AmountOutcome =
  | {
      readonly kind: 'amount';
      readonly amount: Amount;
      readonly grams: Grams;
      /** The unit was not written, or the marks in the number can be read in two ways: this is the other reading, and a text that means it. */
      readonly other?: { readonly amount: Amount; readonly grams: Grams; readonly text: string };
    }
  | { readonly kind: 'unreadable'; readonly message: string };

/** The largest batch a household formula holds; more is a slip of the finger. */
export const LARGEST_LINE_G = 20_000;

/** g of an amount, or undefined when there is none or the ingredient has no weight for that unit. */
export function gramsOf(amount: Amount | undefined, measures: Measures): Grams | undefined {
  if (!amount) return undefined;
  const per = gramsPerUnit(measures, amount.unit);
  return per === undefined ? undefined : grams(amount.value * per);
}

/** What is meant where an amount leaves it open. */
export interface AmountHabits {
  /** The unit the line is written in at present: pieces of that kind are meant again. */
  readonly now?: UnitId | undefined;
  /** Whose spoons and cups. */
  readonly kitchen?: Kitchen;
}

const unreadable = (message: string): AmountOutcome => ({ kind: 'unreadable', message });

function unknownUnit(word: string, measures: Measures): string {
  const counted = Object.keys(measures.pieces ?? {});
  const known = ['g', 'ml', 'tsp', 'tbsp', 'cup', ...counted].join(', ');
  return `“${word}” is not a unit known here. Try one of: ${known}.`;
}

/** Units in the order in which a bare count is meant. */
export const COUNTED: readonly UnitId[] = [
  'medium',
  'piece',
  'clove',
  'stick',
  'block',
  'can',
  'slice',
  'sprig',
  'large',
  'small',
];

/** What a bare number counts: the unit the line is counted in already, else the ingredient's usual piece; undefined where nobody counts it. */
const countedUnit = ({ pieces }: Measures, now?: UnitId): UnitId | undefined =>
  now !== undefined && pieces?.[now] !== undefined
    ? now
    : COUNTED.find((unit) => pieces?.[unit] !== undefined);

/** Whether so many pieces are what a cook may mean by a bare number. */
function countIsLikely(count: number, unit: UnitId, pieceG: number): boolean {
  return count > 0 && count <= (mostCounted[unit] ?? 0) && count * pieceG <= MOST_COUNTED_G;
}

const short = (value: number): string => String(Number(value.toPrecision(6)));

/** Digits of the ends of a range: more would say that they are known. */
const RANGE_DIGITS = 2;
const roughly = (value: number): string => String(Number(value.toPrecision(RANGE_DIGITS)));

/** "3 medium", "250 g", "2–3 cloves": reads back as what it says. */
export const amountText = ({ value, unit, range }: Amount, kitchen: Kitchen = usualKitchen): string => {
  const [one, many] = writtenIn(kitchen, unit);
  if (range) return `${roughly(range.low)}–${roughly(range.high)} ${many}`;
  return `${short(value)} ${value === 1 ? one : many}`;
};

/** An amount in place of another, as loosely said as that one was. */
export const asLooseAs = ({ value, range }: Amount, { value: to, unit }: Amount): Amount => ({
  value: to,
  unit,
  ...(range && value > 0
    ? // The last digit of a product must not put the amount outside of its own range.
      {
        range: { low: Math.min(to, (to * range.low) / value), high: Math.max(to, (to * range.high) / value) },
      }
    : {}),
});

type Found = Extract<AmountOutcome, { kind: 'amount' }>;

function weighed(value: number, unit: UnitId, measures: Measures): Found | undefined {
  const mass = gramsOf({ value, unit }, measures);
  return mass === undefined ? undefined : { kind: 'amount', amount: { value, unit }, grams: mass };
}

const withOther = (taken: Found, other: Found | undefined, kitchen?: Kitchen): Found =>
  other && other.grams !== taken.grams && other.grams <= LARGEST_LINE_G
    ? {
        ...taken,
        other: { amount: other.amount, grams: other.grams, text: amountText(other.amount, kitchen) },
      }
    : taken;

/** A number without a unit: pieces of what is counted, as far as so many are likely, else grams. */
function readBare({ value, asDecimal }: ReadNumber, measures: Measures, now: UnitId | undefined): Found {
  const asGrams: Found = { kind: 'amount', amount: { value, unit: 'g' }, grams: grams(value) };
  const unit = countedUnit(measures, now);
  const pieceG = unit === undefined ? undefined : measures.pieces?.[unit];
  if (unit === undefined || pieceG === undefined || value === 0)
    return withOther(asGrams, asDecimal === undefined ? undefined : weighed(asDecimal, 'g', measures));
  const pieces: Found = { kind: 'amount', amount: { value, unit }, grams: grams(value * pieceG) };
  return countIsLikely(value, unit, pieceG) ? withOther(pieces, asGrams) : withOther(asGrams, pieces);
}

/** The unit that a word means in a kitchen; one that is written with its size is that everywhere. */
function unitSaid(text: string, kitchen: Kitchen): UnitId | undefined {
  const plain = readUnit(text);
  return plain ? unitIn(kitchen, plain) : sizedUnit(text, readUnit);
}

function readPart(
  part: string,
  measures: Measures,
  { now, kitchen = usualKitchen }: AmountHabits,
): AmountOutcome {
  const number = readNumber(part);
  if (!number)
    return unreadable(`No number was found in “${part}”. Type an amount, such as 120 g or 1 1/2 cup.`);
  if (number.value < 0) return unreadable('An amount cannot be below nothing. Type 0 or more.');
  if (number.rest === '') return readBare(number, measures, now);
  const unit = unitSaid(number.rest, kitchen);
  if (!unit) return unreadable(unknownUnit(number.rest, measures));
  const { value, asDecimal } = number;
  const thousands = weighed(value, unit, measures);
  if (!thousands)
    return unreadable(
      `The weight of one ${unitOf(unit).written[0]} of this is not known. Type grams instead.`,
    );
  if (asDecimal === undefined) return thousands;
  const decimal = weighed(asDecimal, unit, measures);
  return decimal && !unitOf(unit).thousands
    ? withOther(decimal, thousands, kitchen)
    : withOther(thousands, decimal, kitchen);
}

/**
 * Reads an amount typed freely: "24", "1 1/2 cup", "3 tbsp + 1 tsp", "2 medium", "1,000 g". A bare number counts pieces of what is
 * counted, as far as so many are likely, and is grams otherwise. A sum is kept in the unit of its first part.
 */
export function readAmount(text: string, measures: Measures, habits: AmountHabits = {}): AmountOutcome {
  const parts = text.split('+').map((part) => part.trim());
  if (parts.some((part) => part === ''))
    return unreadable('Type an amount, such as 120 g, 1 1/2 cup or 2 medium.');
  const read: Found[] = [];
  for (const part of parts) {
    const outcome = readPart(part, measures, habits);
    if (outcome.kind === 'unreadable') return outcome;
    read.push(outcome);
  }
  const [first] = read;
  if (!first) return unreadable('Type an amount, such as 120 g, 1 1/2 cup or 2 medium.');
  const total = read.reduce((all, { grams: g }) => all + g, 0);
  if (total > LARGEST_LINE_G)
    return unreadable(
      `That is ${Math.round(total / 1000)} kg. One line holds at most ${LARGEST_LINE_G / 1000} kg.`,
    );
  if (read.length === 1) return first;
  const per = gramsPerUnit(measures, first.amount.unit) ?? grams(1);
  return { kind: 'amount', amount: { value: total / per, unit: first.amount.unit }, grams: grams(total) };
}
