import type { Lab } from './pigment.js';

/** Hue angles (degrees in CIELAB) from which a word holds. @source assumed, from how cooks name sauces */
const hues: readonly (readonly [from: number, word: string])[] = [
  [0, 'pink'],
  [28, 'red'],
  [48, 'orange'],
  [74, 'golden'],
  [90, 'yellow'],
  [104, 'green-yellow'],
  [118, 'green'],
  [200, 'blue-grey'],
  [320, 'pink'],
];
const WHITE = { lightness: 88, chroma: 7 },
  IVORY = { lightness: 84, chroma: 16 },
  CREAM = { lightness: 78, chroma: 24 },
  GREY_CHROMA = 7,
  BROWN_LIGHTNESS = 52,
  TAN = { lightness: 76, chroma: 38 };

/** A colour as a cook would call it: white, ivory, cream, tan, or by its hue, pale or deep. */
export function colourWord([lightness, a, b]: Lab): string {
  const chroma = Math.hypot(a, b);
  if (lightness > WHITE.lightness && chroma < WHITE.chroma) return 'white';
  if (lightness > IVORY.lightness && chroma < IVORY.chroma) return 'ivory';
  if (lightness > CREAM.lightness && chroma < CREAM.chroma && b > 0) return 'cream';
  if (chroma < GREY_CHROMA) return lightness < 40 ? 'dark grey' : 'grey';
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const word = [...hues].reverse().find(([from]) => hue >= from)?.[1] ?? 'pink';
  const warm = word === 'orange' || word === 'golden' || word === 'red';
  if (warm && lightness < BROWN_LIGHTNESS && chroma < TAN.chroma) return 'brown';
  if (warm && word !== 'red' && lightness < TAN.lightness && chroma < TAN.chroma) return 'tan';
  return lightness > 75 ? `pale ${word}` : lightness < 45 ? `deep ${word}` : word;
}
