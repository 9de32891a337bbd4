import { type MeasuredUnitRow, measuredUnitRows } from './measured-unit.params.js';
import { readNumber, type ReadNumber } from './read-number.js';

/** What a field of one number asks for. */
export interface Measured {
  /** Unit that a bare number has, and that the value comes back in; any text, such as "%" or "portions". */
  readonly unit: string;
  readonly min?: number;
  readonly max?: number;
}

export type MeasuredOutcome =
  | { readonly kind: 'value'; readonly value: number }
  | { readonly kind: 'unreadable'; readonly message: string };

const rows: readonly MeasuredUnitRow[] = measuredUnitRows;

const plain = (word: string): string => word.trim().toLowerCase().replace(/\.$/, '').replace(/\s+/g, ' ');
const rowOf = (word: string): MeasuredUnitRow | undefined =>
  rows.find(({ unit, read }) => unit.toLowerCase() === plain(word) || read.includes(plain(word)));

const toBase = (value: number, row: MeasuredUnitRow): number => value * row.size + (row.offset ?? 0);
const fromBase = (value: number, row: MeasuredUnitRow): number => (value - (row.offset ?? 0)) / row.size;

/** An example of what may be typed, for a message. */
function example({ unit }: Measured): string {
  const row = rowOf(unit);
  switch (row?.kind) {
    case 'temperature':
      return '90 °C or 194 °F';
    case 'time':
      return row.unit === 's' ? '90 s or 1 1/2 min' : '20 min or 1 1/2 h';
    case 'length':
      return '25 mm or 2.5 cm';
    case 'mass':
      return '250 g or 1.2 kg';
    default:
      return unit === '' ? 'such as 2 or 2.5' : `such as 2.5 ${unit}`;
  }
}

/** One "number unit" at the start of a text, in the field's own unit. */
function readOne(text: string, asked: Measured): { readonly value: number; readonly rest: string } | string {
  const number = readNumber(text);
  if (!number) return `No number was found in “${text.trim()}”. Type ${example(asked)}.`;
  if (plain(number.rest) === plain(asked.unit)) return { value: chosen(number, rowOf(asked.unit)), rest: '' };
  // "1 h 30 min": the unit ends where the next number begins.
  const [, word = '', rest = ''] = /^(\D*)([\s\S]*)$/.exec(number.rest) ?? [];
  if (word.trim() === '') return { value: chosen(number, rowOf(asked.unit)), rest };
  const own = rowOf(asked.unit),
    written = rowOf(word);
  if (!own || !written || own.kind !== written.kind)
    return `“${word.trim()}” is not a unit that fits here. Type ${example(asked)}.`;
  return { value: fromBase(toBase(chosen(number, written), written), own), rest };
}

/** Thousands where the unit is counted in thousands or none is written; one and a quarter hours otherwise. */
const chosen = ({ value, asDecimal }: ReadNumber, row: MeasuredUnitRow | undefined): number =>
  asDecimal === undefined || !row || row.thousands ? value : asDecimal;

const said = (value: number): string => String(Number(value.toPrecision(6)));

/**
 * Reads a measured number typed freely: "90", "90 °C", "194 F", "2 h", "1 h 30 min", "1,5", "1,000 g".
 * @returns the value in the asked unit, within its ends; or what is wrong with it and what to type
 */
export function readMeasured(text: string, asked: Measured): MeasuredOutcome {
  if (text.trim() === '') return { kind: 'unreadable', message: `Type a number, ${example(asked)}.` };
  let value = 0,
    rest = text;
  do {
    const part = readOne(rest, asked);
    if (typeof part === 'string') return { kind: 'unreadable', message: part };
    value += part.value;
    rest = part.rest;
  } while (rest.trim() !== '' && rowOf(asked.unit)?.kind === 'time');
  if (rest.trim() !== '')
    return { kind: 'unreadable', message: `“${rest.trim()}” was not understood. Type ${example(asked)}.` };
  const rounded = Number(value.toPrecision(12));
  const { min = -Infinity, max = Infinity, unit } = asked;
  const of = unit === '' ? '' : ` ${unit}`;
  if (rounded < min || rounded > max) {
    const ends =
      max === Infinity ? `${said(min)}${of} or more` : `between ${said(min)} and ${said(max)}${of}`;
    return { kind: 'unreadable', message: `That is ${said(rounded)}${of}. It must be ${ends}.` };
  }
  return { kind: 'value', value: rounded };
}
