/** One word of a label with its place in the text. */
export interface Word {
  /** Lower case, without accents and plural s. */
  readonly stem: string;
  readonly start: number;
  readonly end: number;
  /** What stands between this word and the one before it. */
  readonly gap: Gap;
}

/** How far what separates two words keeps them apart: not at all, by a bracket, as two phrases, as two statements, as two sentences. */
export type Gap = 'none' | 'bracket' | 'phrase' | 'statement' | 'sentence';

/** A sentence ends a statement; a line that begins anew with a capital does too. */
const SENTENCE = /[.!?](?:\s|$)|\n\s*\n|\n(?=\p{Lu})|;\s/u,
  STATEMENT = /[.;!?\n]/,
  PHRASE = /[,:•·|<>\p{Cc}]/u,
  BRACKET = /[()[\]{}]/;

function gapBetween(text: string, from: number, to: number): Gap {
  if (to - from === 1) {
    const only = text.charCodeAt(from);
    if (only === 32 || only === 45) return 'none';
  } else if (to - from === 2 && text.charCodeAt(from) === 44 && text.charCodeAt(from + 1) === 32)
    return 'phrase';
  const gap = text.slice(from, to + 1);
  if (SENTENCE.test(gap)) return 'sentence';
  const apart = gap.slice(0, -1);
  if (STATEMENT.test(apart)) return 'statement';
  if (PHRASE.test(apart)) return 'phrase';
  return BRACKET.test(gap) ? 'bracket' : 'none';
}

const LETTER = /[\p{L}\p{N}\p{M}]/u;
/** ASCII letters and digits by their code; the rest is asked of Unicode. */
const plainLetter = Uint8Array.from({ length: 128 }, (_, code) =>
  /[a-z0-9]/i.test(String.fromCharCode(code)) ? 1 : 0,
);
const isLetter = (text: string, at: number): boolean => {
  const code = text.charCodeAt(at);
  return code < 128 ? plainLetter[code] === 1 : LETTER.test(text[at] ?? '');
};

const LEAST_PLURAL = 4;

/** Lower case, without accents. */
const plain = (word: string, ascii: boolean): string =>
  ascii
    ? word.toLowerCase()
    : word
        .toLowerCase()
        .normalize('NFD')
        .replace(/\p{Diacritic}/gu, '');

/** "almonds" and "almond" are one word; "gas" and "glass" keep their s. */
function stemOf(word: string, ascii: boolean): string {
  const lower = plain(word, ascii),
    last = lower.length - 1;
  const plural = lower.length >= LEAST_PLURAL && lower[last] === 's' && lower[last - 1] !== 's';
  return plural ? lower.slice(0, -1) : lower;
}

/** The words of a text in order; everything else separates them. "E 322" and "E-322" are one word. */
export function wordsOf(text: string): readonly Word[] {
  const words: Word[] = [];
  let before: Word | undefined;
  for (let at = 0; at < text.length; at++) {
    if (!isLetter(text, at)) continue;
    const start = at;
    let ascii = true;
    for (; at < text.length && isLetter(text, at); at++) if (text.charCodeAt(at) > LAST_ASCII) ascii = false;
    const stem = stemOf(text.slice(start, at), ascii);
    if (before?.stem === 'e' && start - before.end <= 1 && ADDITIVE_NUMBER.test(stem)) {
      before = { ...before, stem: `e${stem}`, end: at };
      words[words.length - 1] = before;
    } else {
      before = { stem, start, end: at, gap: gapBetween(text, before?.end ?? 0, start) };
      words.push(before);
    }
  }
  return words;
}

const LAST_ASCII = 127;
const ADDITIVE_NUMBER = /^\d{3,4}/;

/** The stems of a phrase of a table. */
export const stemsOf = (phrase: string): readonly string[] => wordsOf(phrase).map(({ stem }) => stem);
