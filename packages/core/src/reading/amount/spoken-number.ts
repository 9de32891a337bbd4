import { hasGlyph, spelledOut } from '../../quantity/fraction-glyphs.js';
import { compoundNumber } from './number-compound.js';
import { fractionWords, numberWords } from './number-words.params.js';

/** A number as somebody says it: the least, the middle and the most that may be meant. */
export interface SpokenNumber {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
  /** What follows it. */
  readonly rest: string;
}

/** One spelling of fractions, dashes and spaces, so that patterns need to know only one. */
export const plainSpelling = (text: string): string =>
  spelledOut(text)
    .replace(/[\u00a0\u2007\u2009\u202f\t]/g, ' ')
    .replace(/⁄/g, '/')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[’‘]/g, "'")
    .replace(/[“”]/g, '"')
    .replace(/×/g, 'x')
    .replace(/ {2,}/g, ' ')
    .trim();

interface Token {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
  readonly length: number;
}

const exact = (mid: number, length: number): Token => ({ low: mid, mid, high: mid, length });

const DIGITS: readonly [RegExp, (match: RegExpExecArray) => number][] = [
  [
    /^(\d+)(?:\s+|-|\s*and\s+)(\d+)\s*\/\s*(\d+)/,
    ([, whole, over, under]) => Number(whole) + Number(over) / Number(under),
  ],
  [/^(\d+)\s*\/\s*(\d+)/, ([, over, under]) => Number(over) / Number(under)],
  [/^(\d+)\s+and\s+a\s+half\b/i, ([, whole]) => Number(whole) + 0.5],
  [/^(\d+)\s+and\s+a\s+quarter\b/i, ([, whole]) => Number(whole) + 0.25],
  [/^(\d{1,3})[,' ](\d{3})(?![\d/])/, ([, thousands, rest]) => Number(`${thousands}${rest}`)],
  [/^(\d*[.,]\d+|\d+)/, ([, digits]) => Number((digits ?? '').replace(',', '.'))],
];

function digitsToken(text: string): Token | undefined {
  for (const [pattern, value] of DIGITS) {
    const match = pattern.exec(text);
    if (match) {
      const number = value(match);
      return Number.isFinite(number) ? exact(number, match[0].length) : undefined;
    }
  }
  return undefined;
}

const WORD_LIST = Object.keys(numberWords)
  .sort((a, b) => b.length - a.length)
  .join('|');
const WORDED = new RegExp(`^(${WORD_LIST})\\b(?!')`, 'i');
const AND_A_HALF = /^\s*and\s+a\s+(half|quarter|third)\b/i;
const OF_PARTS = new RegExp(
  `^[\\s-]+(?:of\\s+an?\\s+)?(${Object.keys(fractionWords).join('|')})\\b(?:\\s+of)?(?:\\s+an?\\b)?`,
  'i',
);

function wordsToken(text: string): Token | undefined {
  const compound = compoundNumber(text);
  if (compound) return exact(compound.value, compound.length);
  const match = WORDED.exec(text);
  if (!match) return undefined;
  const word = match[1]!.toLowerCase();
  const [value, low, high] = numberWords[word]!;
  let mid = value,
    { length } = match[0];
  if (word === 'half' || word === 'quarter' || word === 'third') {
    // "half a lemon", "half an onion", "half of one", "half a dozen".
    const article = /^(?:\s+of)?\s+an?\b(?:\s+dozen\b)?/i.exec(text.slice(length));
    if (article) {
      if (/dozen/i.test(article[0])) mid *= 12;
      length += article[0].length;
    }
    return { low: mid, mid, high: mid, length };
  }
  const parts = OF_PARTS.exec(text.slice(length));
  if (parts) {
    const part = fractionWords[parts[1]!.toLowerCase()]!;
    return exact(value * part, length + parts[0].length);
  }
  const more = AND_A_HALF.exec(text.slice(length));
  if (more) {
    mid += fractionWords[more[1]!.toLowerCase()]!;
    length += more[0].length;
  }
  const dozen = /^\s+dozen\b/i.exec(text.slice(length));
  if (dozen) {
    mid *= 12;
    length += dozen[0].length;
  }
  return { low: mid * low, mid, high: mid * high, length };
}

const token = (text: string): Token | undefined => digitsToken(text) ?? wordsToken(text);

/** Words before a number that make it a guess, and by how much. */
const ABOUT =
  /^(?:about|around|approx(?:imately|\.)?|roughly|circa|ca\.?|some|nearly|almost|up to|at least)\s+(?=[\d\w])/i;
const ABOUT_SPREAD = 0.1;
const RANGE = /^\s*(?:-|to|or|bis)\s*(?=[\d.]|[a-z])/i;
const BETWEEN = /^between\s+/i;
const AND = /^\s*and\s+/i;

/**
 * The number that starts a text, as it is spoken: "2-3", "four to five", "1 1/2", "half a", "about 200", "a couple of".
 * @returns undefined where no number starts it
 */
export function spokenNumber(text: string): SpokenNumber | undefined {
  let left = hasGlyph(text) ? plainSpelling(text) : text.trimStart();
  const about = ABOUT.exec(left);
  if (about) left = left.slice(about[0].length);
  const between = BETWEEN.exec(left);
  if (between) left = left.slice(between[0].length);
  const first = token(left);
  if (!first) return undefined;
  left = left.slice(first.length);
  let { low, mid, high } = first;
  const link = (between ? AND : RANGE).exec(left);
  const second = link && token(left.slice(link[0].length));
  if (
    link &&
    second &&
    second.mid > mid &&
    !/^an?$/i.test(left.slice(link[0].length).slice(0, second.length))
  ) {
    high = second.high;
    mid = (low + high) / 2;
    left = left.slice(link[0].length + second.length);
  }
  if (about) {
    low *= 1 - ABOUT_SPREAD;
    high *= 1 + ABOUT_SPREAD;
  }
  return { low, mid, high, rest: left.trimStart() };
}
