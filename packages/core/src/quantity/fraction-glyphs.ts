/** Fractions that stand as one sign. */
const fractionGlyphs: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** Any of them. */
const FRACTION_GLYPH = new RegExp(`[${Object.keys(fractionGlyphs).join('')}]`, 'g');

/** "1½" as "1 1/2 ". */
export const spelledOut = (text: string): string =>
  text.replace(FRACTION_GLYPH, (glyph) => ` ${fractionGlyphs[glyph]} `);

export const hasGlyph = (text: string): boolean => text.search(FRACTION_GLYPH) >= 0;
