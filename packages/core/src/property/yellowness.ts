import type { Lab } from '../predict/colour/pigment.js';
import type { Band } from '../predict/uncertainty/band.js';
import type { Property } from './property.js';

/** Half-width of the 80 % interval of yellowness. @source estimated, engine notes E-12 */
const YELLOW_DOUBT = 3;

const bandAround = ([, , b]: Lab): Band => ({ low: b - YELLOW_DOUBT, mid: b, high: b + YELLOW_DOUBT });

export const yellowness = {
  id: 'yellowness',
  name: 'Yellowness',
  term: 'yellowness, CIELAB b*',
  unit: 'b*',
  digits: 0,
  place: 'on-demand',
  scale: { kind: 'linear', low: 0, high: 70 },
  words: [
    { from: 0, word: 'white' },
    { from: 12, word: 'ivory' },
    { from: 26, word: 'yellow' },
    { from: 46, word: 'amber' },
  ],
  tasted: true,
  value: ({ prediction }) => bandAround(prediction.colour.lab),
} as const satisfies Property;
