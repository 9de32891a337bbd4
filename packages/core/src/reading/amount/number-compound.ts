import { hundredsWords, tensWords, unitWords } from './number-words.params.js';

const among = (words: Readonly<Record<string, number>>): string =>
  Object.keys(words)
    .sort((a, b) => b.length - a.length)
    .join('|');
const UNITS = among(unitWords),
  TENS = among(tensWords),
  HUNDREDS = among(hundredsWords);
/** "twenty", "twenty-five", "thirteen". */
const BELOW_HUNDRED = `(?:(?<tens>${TENS})(?:[\\s-]+(?<unit>${UNITS}))?|(?<small>${UNITS}))`;
const HUNDRED = new RegExp(
  `^(?:(?<count>an?|${UNITS})\\s+)?(?<size>${HUNDREDS})(?:\\s+(?:and\\s+)?${BELOW_HUNDRED})?\\b`,
  'i',
);
const TEENS_UP = new RegExp(`^(?<tens>${TENS})(?:[\\s-]+(?<unit>${UNITS}))?\\b`, 'i');

const valueOf = (words: Readonly<Record<string, number>>, word: string | undefined): number =>
  word === undefined ? 0 : (words[word.toLowerCase()] ?? 0);

/** A number of several words at the start of a text: "two hundred and fifty", "thirty-five"; undefined where there is none. */
export function compoundNumber(
  text: string,
): { readonly value: number; readonly length: number } | undefined {
  const match = HUNDRED.exec(text) ?? TEENS_UP.exec(text);
  if (!match?.groups) return undefined;
  const { count, size, tens, unit, small } = match.groups;
  const hundreds = size === undefined ? 0 : (valueOf(unitWords, count) || 1) * valueOf(hundredsWords, size);
  const value = hundreds + valueOf(tensWords, tens) + valueOf(unitWords, unit) + valueOf(unitWords, small);
  return { value, length: match[0].length };
}
