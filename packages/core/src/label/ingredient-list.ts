import { NUMBER_WRITTEN, readNumber } from '../quantity/read-number.js';

/** One ingredient as a pack lists it, with its share and what stands in its brackets. */
export interface ListedIngredient {
  readonly name: string;
  /** %, where the pack says it. */
  readonly percent?: number;
  /** Place in the text, brackets included, end not. */
  readonly start: number;
  readonly end: number;
  readonly parts: readonly ListedIngredient[];
}

const HEADING = /ingredients?\s*:/i;
/** A list ends where a sentence about something else begins. */
const LIST_END =
  /\.(?:\s|$)|\n\s*\n|\n(?=(?:may contain|contains|allerg|nutrition|made in|produced|store|keep|best before)\b)/i;
const PERCENT = new RegExp(`(${NUMBER_WRITTEN})\\s*%`);
const OPENING = /[([{]/;
const OPENS = 1,
  CLOSES = 2,
  PARTS = 3;
const COMMA = 44,
  LAST_MARK = 127;
/** What an ASCII character does in a list: it opens, closes, parts, or nothing. */
const isMark = Uint8Array.from({ length: LAST_MARK + 1 }, (_, code) => {
  const char = String.fromCharCode(code);
  return '([{'.includes(char) ? OPENS : ')]}'.includes(char) ? CLOSES : ',;'.includes(char) ? PARTS : 0;
});
const isDigit = (text: string, at: number): boolean => {
  const code = text.charCodeAt(at);
  return code >= 48 && code <= 57;
};
/** Brackets deeper than this are not looked into: no pack nests so far. */
const DEEPEST = 6;

interface Piece {
  readonly start: number;
  readonly end: number;
}

/** Splits at commas and semicolons that are in no bracket; brackets that are never closed end with the text. */
function pieces(text: string, from: number, to: number): readonly Piece[] {
  const found: Piece[] = [];
  let depth = 0,
    start = from;
  for (let i = from; i < to; i++) {
    const code = text.charCodeAt(i);
    if (code > LAST_MARK || isMark[code] === 0) continue;
    if (isMark[code] === OPENS) depth++;
    else if (isMark[code] === CLOSES) depth = Math.max(0, depth - 1);
    // A comma between digits is a decimal comma.
    else if (depth === 0 && !(code === COMMA && isDigit(text, i - 1) && isDigit(text, i + 1))) {
      found.push({ start, end: i });
      start = i + 1;
    }
  }
  found.push({ start, end: to });
  return found;
}

/** "97 %", "12,5 %"; three digits after a mark are decimals here: nothing is a thousand percent. */
function percentOf(text: string): number {
  const read = readNumber(text);
  return read?.asDecimal ?? read?.value ?? NaN;
}

function listed(text: string, { start, end }: Piece, depth: number): ListedIngredient | undefined {
  const whole = text.slice(start, end);
  const lead = whole.length - whole.trimStart().length,
    trimmed = whole.trim();
  if (trimmed === '') return undefined;
  const open = trimmed.search(OPENING);
  const name = (open < 0 ? trimmed : trimmed.slice(0, open))
    .replace(PERCENT, '')
    .replace(/[*_<>/]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const inner =
    open < 0
      ? undefined
      : {
          start: start + lead + open + 1,
          end: start + lead + trimmed.replace(/[)\]}]\s*\d{0,4}\s*%?\s*$/, '').length,
        };
  const outside =
    open < 0 ? trimmed : trimmed.slice(0, open) + (/[)\]}]([^)\]}]*)$/.exec(trimmed)?.[1] ?? '');
  const innerText = inner ? text.slice(inner.start, inner.end) : '';
  const bare = /^\s*\d+(?:[.,]\d+)?\s*%\s*$/.test(innerText);
  const percent = PERCENT.exec(outside)?.[1] ?? (bare ? PERCENT.exec(innerText)?.[1] : undefined);
  const parts = inner && !bare && depth < DEEPEST ? listPieces(text, inner.start, inner.end, depth + 1) : [];
  if (name === '' && parts.length === 0) return undefined;
  return {
    name,
    ...(percent === undefined ? {} : { percent: percentOf(percent) }),
    start: start + lead,
    end: start + lead + trimmed.length,
    parts,
  };
}

const listPieces = (text: string, from: number, to: number, depth: number): readonly ListedIngredient[] =>
  pieces(text, from, to).flatMap((piece) => listed(text, piece, depth) ?? []);

/**
 * The list of ingredients with shares and nested brackets.
 * @returns an empty list where the text has no heading "Ingredients:" and no comma
 */
export function ingredientList(text: string): readonly ListedIngredient[] {
  const heading = HEADING.exec(text);
  if (!heading && !text.includes(',')) return [];
  const from = heading ? heading.index + heading[0].length : 0;
  const ends = text.slice(from).search(LIST_END);
  return listPieces(text, from, ends < 0 ? text.length : from + ends, 0);
}
