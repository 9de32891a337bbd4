import { spelledOut } from './fraction-glyphs.js';

/** A number at the start of a text. */
export interface ReadNumber {
  readonly value: number;
  /** What follows the number. */
  readonly rest: string;
  /** "1.250" and "1,250" may be a thousand and more, or one and a quarter: the value is the thousand, this the quarter. */
  readonly asDecimal?: number;
}

const ODD_SPACES = /[\u00a0\u2007\u2009\u202f]/g;

const WORDS: readonly [RegExp, string][] = [
  [/^(?:an?|one|1)\s+and\s+a\s+half\b/i, '1 1/2'],
  [/^(\d+)\s+and\s+a\s+half\b/i, '$1 1/2'],
  [/^(?:a|one)\s+half\b/i, '1/2'],
  [/^half(?:\s+an?)?\b/i, '1/2'],
  [/^(?:a|one)\s+quarter\b/i, '1/4'],
  [/^an?\b(?=\s)/i, '1'],
];

/** How a number is written, for patterns that look for one inside a text: "1,234.5", "1 234", "0,5", ".5". */
export const NUMBER_WRITTEN = String.raw`\d{1,3}(?:[.,'’ ]\d{3})+(?![\d])(?:[.,]\d+)?|\d{1,15}(?:[.,]\d{1,15})?|[.,]\d{1,15}`;

const FRACTION = /^(?:(\d+(?:[.,]\d+)?)(?:\s+|-|\s+and\s+))?(\d+)\s*\/\s*(\d+)/;
const GROUPED = /^(\d{1,3})([.,'’ ])\d{3}(?:\2\d{3})*(?!\d)(?:(?!\2)[.,]\d+)?/;
const DECIMAL = /^(?:\d+(?:[.,]\d+)?|[.,]\d+)/;
/** Further marks and digits after a number: "1,2,3" is no number. */
const MALFORMED = /^[.,'’]\d/;

interface Token {
  readonly value: number;
  readonly length: number;
  readonly asDecimal?: number;
}

const decimal = (text: string): number => Number(text.replace(',', '.'));

function groupedToken(text: string): Token | undefined {
  const match = GROUPED.exec(text);
  if (!match || match[1] === '0') return undefined;
  const [written, , mark = ''] = match;
  const groups = written.split(mark).length - 1;
  // The decimal mark is another one than parts the thousands: "1.234,5".
  const tail = /[.,](\d+)$/.exec(written);
  const hasDecimals = tail !== null && mark !== tail[0].charAt(0);
  const whole = hasDecimals ? written.slice(0, tail.index) : written;
  const value = Number(whole.replace(/[^\d]/g, '')) + (hasDecimals ? Number(`0.${tail[1]}`) : 0);
  const ambiguous = (mark === '.' || mark === ',') && groups === 1 && !hasDecimals;
  return { value, length: written.length, ...(ambiguous ? { asDecimal: decimal(written) } : {}) };
}

function token(text: string): Token | undefined {
  const fraction = FRACTION.exec(text);
  if (fraction) {
    const [written, whole, over, under] = fraction;
    return { value: (whole ? decimal(whole) : 0) + Number(over) / Number(under), length: written.length };
  }
  const grouped = groupedToken(text);
  if (grouped) return grouped;
  const plain = DECIMAL.exec(text);
  return plain ? { value: decimal(plain[0]), length: plain[0].length } : undefined;
}

/**
 * Reads the number that starts a text as cooks write it: "1 1/2", "1½", "¾", "0.25", "0,25", "one half", "a", "1,000", "1.000", "1 000",
 * "−5". Three digits after one mark are thousands unless a nought stands before it; `asDecimal` is the other reading.
 * @returns undefined when no number starts the text, it is not finite, or marks stand where no number has them
 */
export function readNumber(text: string): ReadNumber | undefined {
  let plain = spelledOut(text.replace(ODD_SPACES, ' ')).trim().replace(/⁄/g, '/');
  const sign = /^[-−](?=[\d.,])/.test(plain) ? -1 : 1;
  if (sign < 0) plain = plain.slice(1);
  for (const [word, number] of WORDS) plain = plain.replace(word, number);
  const found = token(plain);
  if (!found || !Number.isFinite(found.value)) return undefined;
  const rest = plain.slice(found.length);
  if (MALFORMED.test(rest)) return undefined;
  return {
    value: sign * found.value,
    ...(found.asDecimal === undefined ? {} : { asDecimal: sign * found.asDecimal }),
    rest: rest.replace(/^\s*and\s+(?=\d)/, '').trim(),
  };
}
