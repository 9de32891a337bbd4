import type { Mixture } from '../mixture/mixture.js';
import { colourWord } from './colour-word.js';
import { flecks as p } from './flecks.params.js';
import type { Lab } from './pigment.js';

const apart = (a: Lab, b: Lab): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** A colour of something small: whether it is deep or pale is not seen. */
const plainWord = (lab: Lab): string =>
  lab[0] < DARK ? 'dark' : colourWord(lab).replace(/^(pale|deep|dark) /, '');
/** CIELAB lightness below which a speck is dark, whatever its hue. @source assumed */
const DARK = 30;

/**
 * Colours of what is seen as flecks in a sauce: in pieces, or ground no finer than the eye can see, and unlike the sauce. The most first.
 * @param sauce colour of the sauce between them
 */
export function fleckColours({ fates, mass }: Mixture, sauce: Lab): readonly string[] {
  const seen = new Map<string, number>();
  for (const { ingredient, arrivedG, pieces, ground } of fates) {
    if (!ingredient) continue;
    const { lab, particleSizeUm } = ingredient.behaviour;
    const visible = ground.diameter >= p.size && particleSizeUm > 0 ? 1 : pieces;
    if (apart(lab, sauce) < p.apart) continue;
    const word = plainWord(lab);
    seen.set(word, (seen.get(word) ?? 0) + (visible * arrivedG) / Math.max(mass, 1e-9));
  }
  return [...seen]
    .filter(([, share]) => share >= p.share && share <= p.most)
    .sort((a, b) => b[1] - a[1])
    .map(([word]) => word);
}
