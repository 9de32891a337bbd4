/** A text with at least this share of capitals is set in capitals: they emphasise nothing. */
const ALL_CAPITALS = 0.6;
const LEAST_EMPHASIS = 3;
/** Bold as it is typed or pasted. */
const BOLD = /(?:\*\*|<b>|<strong>|__)$/i,
  LONGEST_BOLD = 9,
  STAR = 42,
  TAG_END = 62,
  UNDERLINE = 95;
const CAPITAL_A = 65,
  CAPITAL_Z = 90,
  SMALL_A = 97,
  SMALL_Z = 122;

/** Characters looked at to see how a label is set. */
const SAMPLE = 200;

function isMostlyCapitals(text: string): boolean {
  let capitals = 0,
    small = 0;
  for (let i = 0; i < text.length && i < SAMPLE; i++) {
    const code = text.charCodeAt(i);
    if (code >= CAPITAL_A && code <= CAPITAL_Z) capitals++;
    else if (code >= SMALL_A && code <= SMALL_Z) small++;
  }
  return capitals > ALL_CAPITALS * (capitals + small) && capitals > 0;
}

/** A stretch in quotes, from its first mark to its last. */
type Quote = readonly [from: number, to: number];
const QUOTED = /["“„«][^"“”„«»\n]{1,40}["”“»]/g;
/** More quotes than any pack has are not looked at. */
const MOST_QUOTES = 20;

function quotedIn(text: string): readonly Quote[] {
  const found: Quote[] = [];
  for (const match of text.matchAll(QUOTED)) {
    found.push([match.index, match.index + match[0].length]);
    if (found.length >= MOST_QUOTES) break;
  }
  return found;
}

/** How a label is set: what is emphasised as packs emphasise allergens, and what stands in quotes. */
export class Typesetting {
  private readonly capitalsMean: boolean;
  private readonly quotes: readonly Quote[];

  constructor(private readonly text: string) {
    this.capitalsMean = !isMostlyCapitals(text);
    this.quotes = quotedIn(text);
  }

  isQuoted(start: number, end: number): boolean {
    return this.quotes.some(([from, to]) => start > from && end <= to);
  }

  /** In bold, or in capitals where not everything is. */
  isEmphasised(start: number, end: number): boolean {
    const mark = this.text.charCodeAt(start - 1);
    const marked = mark === STAR || mark === TAG_END || mark === UNDERLINE;
    if (marked && BOLD.test(this.text.slice(Math.max(0, start - LONGEST_BOLD), start))) return true;
    if (!this.capitalsMean || end - start < LEAST_EMPHASIS) return false;
    // Most words begin with a small letter, and are no emphasis.
    const first = this.text.charCodeAt(start);
    if (first >= SMALL_A && first <= SMALL_Z) return false;
    const text = this.text.slice(start, end);
    return /\p{Lu}/u.test(text) && !/\p{Ll}/u.test(text);
  }
}
