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
const LAST_ASCII = 127;
/** How a letter is written, so that most words need no work: none at all, a small one or a digit, a capital, one beyond ASCII. */
const NONE = 0,
  SMALL = 1,
  CAPITAL = 2,
  OTHER = 3;
/** ASCII letters and digits by their code; the rest is asked of Unicode. */
const asciiLetter = Uint8Array.from({ length: LAST_ASCII + 1 }, (_, code) => {
  const char = String.fromCharCode(code);
  return /[a-z0-9]/.test(char) ? SMALL : /[A-Z]/.test(char) ? CAPITAL : NONE;
});
const letterAt = (text: string, at: number): number => {
  const code = text.charCodeAt(at);
  if (code <= LAST_ASCII) return asciiLetter[code] ?? NONE;
  return LETTER.test(text[at] ?? '') ? OTHER : NONE;
};

const LEAST_PLURAL = 4,
  SMALL_S = 115;

/** Lower case, without accents. */
function plain(word: string, letters: number): string {
  const lower = word.toLowerCase();
  return letters === CAPITAL ? lower : lower.normalize('NFD').replace(/\p{Diacritic}/gu, '');
}

/** "almonds" and "almond" are one word; "gas" and "glass" keep their s. */
function stemOf(text: string, start: number, end: number, letters: number): string {
  if (letters > SMALL) {
    const lower = plain(text.slice(start, end), letters);
    return stemOf(lower, 0, lower.length, SMALL);
  }
  const isPlural =
    end - start >= LEAST_PLURAL &&
    text.charCodeAt(end - 1) === SMALL_S &&
    text.charCodeAt(end - 2) !== SMALL_S;
  return text.slice(start, isPlural ? end - 1 : end);
}

/** The words of a text in order; everything else separates them. "E 322", "E-322" and "INS 322" are one word. */
export function wordsOf(text: string): readonly Word[] {
  const words: Word[] = [];
  let before: Word | undefined;
  for (let at = 0; at < text.length; at++) {
    let letters = letterAt(text, at);
    if (letters === NONE) continue;
    const start = at;
    for (at += 1; at < text.length; at++) {
      const letter = letterAt(text, at);
      if (letter === NONE) break;
      if (letter > letters) letters = letter;
    }
    const written = stemOf(text, start, at, letters);
    const stem = CLOSED_INS.test(written) ? `e${written.slice(INS.length)}` : written;
    if (
      before &&
      (before.stem === 'e' || before.stem === 'ins') &&
      start - before.end <= 1 &&
      ADDITIVE_NUMBER.test(stem)
    ) {
      before = { ...before, stem: `e${stem}`, end: at };
      words[words.length - 1] = before;
    } else {
      before = { stem, start, end: at, gap: gapBetween(text, before?.end ?? 0, start) };
      words.push(before);
    }
  }
  return words;
}

const ADDITIVE_NUMBER = /^\d{3,4}/;
const INS = 'ins',
  CLOSED_INS = /^ins\d/;

/** The stems of a phrase of a table. */
export const stemsOf = (phrase: string): readonly string[] => wordsOf(phrase).map(({ stem }) => stem);
