/** Fractions printed on spoons and cups; @source S-08. */
const KITCHEN_DENOMINATORS = [2, 3, 4, 8] as const;

const GLYPHS: Readonly<Record<string, string>> = {
  '½': '1/2', '⅓': '1/3', '⅔': '2/3', '¼': '1/4', '¾': '3/4', '⅕': '1/5', '⅙': '1/6',
  '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
}; // prettier-ignore

const NUMBER = /^(?:(\d+(?:[.,]\d+)?)(?:\s+|-|\s+and\s+))?(\d+)\s*\/\s*(\d+)|^(\d+(?:[.,]\d+)?|[.,]\d+)/;
const WORDS: readonly [RegExp, string][] = [
  [/^(?:an?|one|1)\s+and\s+a\s+half\b/i, '1 1/2'],
  [/^(\d+)\s+and\s+a\s+half\b/i, '$1 1/2'],
  [/^(?:a|one)\s+half\b/i, '1/2'],
  [/^half(?:\s+an?)?\b/i, '1/2'],
  [/^(?:a|one)\s+quarter\b/i, '1/4'],
  [/^an?\b(?=\s)/i, '1'],
];

/**
 * Reads the number that starts a text as cooks write it: "1 1/2", "1½", "¾", "0.25", "0,25", "one half", "a".
 * @returns the value and the text left over, or undefined when no number starts the text or a fraction divides by zero
 */
export function readNumber(text: string): { readonly value: number; readonly rest: string } | undefined {
  let plain = text
    .trim()
    .replace(/[½⅓⅔¼¾⅕⅙⅛⅜⅝⅞]/g, (glyph) => ` ${GLYPHS[glyph]} `)
    .trim()
    .replace(/⁄/g, '/');
  for (const [word, number] of WORDS) plain = plain.replace(word, number);
  const match = NUMBER.exec(plain);
  if (!match) return undefined;
  const [whole, over, under, decimal] = [match[1], match[2], match[3], match[4]];
  const value =
    decimal !== undefined
      ? Number(decimal.replace(',', '.'))
      : (whole ? Number(whole.replace(',', '.')) : 0) + Number(over) / Number(under);
  if (!Number.isFinite(value)) return undefined;
  return {
    value,
    rest: plain
      .slice(match[0].length)
      .replace(/^\s*and\s+(?=\d)/, '')
      .trim(),
  };
}

/** The kitchen fraction (halves, thirds, quarters, eighths) nearest to a value, with what rounding does to it. */
export function nearestKitchenFraction(value: number): {
  readonly whole: number;
  readonly over: number;
  readonly under: number;
  readonly relativeError: number;
} {
  let best = {
    whole: Math.round(value),
    over: 0,
    under: 1,
    relativeError: Math.abs(Math.round(value) - value) / value,
  };
  for (const under of KITCHEN_DENOMINATORS) {
    const parts = Math.round(value * under);
    const whole = Math.floor(parts / under),
      over = parts - whole * under;
    const relativeError = Math.abs(parts / under - value) / value;
    if (over > 0 && relativeError < best.relativeError - 1e-9) best = { whole, over, under, relativeError };
  }
  return best;
}

/** Writes a value as a cook would: 1.5 → "1 1/2", 0.333 → "1/3"; never "0" for something present. */
export function writeKitchenNumber(value: number): string {
  if (!(value > 0)) return '0';
  if (value >= 10) return String(Math.round(value));
  const { whole, over, under } = nearestKitchenFraction(value);
  if (over === 0) return whole === 0 ? '1/8' : String(whole);
  return whole > 0 ? `${whole} ${over}/${under}` : `${over}/${under}`;
}
