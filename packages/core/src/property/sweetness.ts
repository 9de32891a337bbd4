import { tasteOf } from '../predict/taste/taste.js';
import { sugarSweetnessParameters } from '../predict/taste/sugar.params.js';
import { always, shown } from './shown-parameter.js';
import type { Property } from './property.js';

export const sweetness = {
  id: 'sweetness',
  name: 'Sweetness',
  term: 'sucrose equivalents, g per 100 g',
  unit: '%',
  digits: 1,
  place: 'usual',
  scale: { kind: 'root', low: 0, high: 15 },
  words: [
    { from: 0, word: 'dry' },
    { from: 0.8, word: 'soft' },
    { from: 3, word: 'sweetish' },
    { from: 6, word: 'sweet' },
  ],
  tasted: true,
  value: ({ prediction }) => prediction.sweetness,
  lines: {
    by: 'tenth-more',
    unit: 'g sucrose-eq/100 g',
    as: 'difference',
    figure: ({ mix }) => tasteOf(mix).sweet,
  },
  why: {
    law: 'What a tenth more of each line changes.',
    parameters: always(
      shown('sweetness of the sugars of vegetables, nuts and pulses', sugarSweetnessParameters.mixed),
      shown('sweetness of maltose', sugarSweetnessParameters.maltose),
    ),
    sources: ['E-10'],
  },
} as const satisfies Property;
